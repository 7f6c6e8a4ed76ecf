import { STARTING_ROWS, type StartingRow } from '../trade/family/starting-rows.ts';
import { HANDBOOK, PRACTICE } from '../base/source.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import {
  type Case,
  checked,
  type CheckedQuantity,
  type CheckValue,
  inches,
  STEEL_CASE,
} from './check-value.ts';
import { POSITION_FACTS } from './position-facts.ts';
import { startingRowSetup } from './starting-row-setup.ts';

function rowName(row: StartingRow): string {
  return `${row.process}, ${row.wireClass} ${row.wireMm.toFixed(1)} mm on ${row.thicknessMm} mm`;
}

/** Every starting row's wire speed and volts beside the planner's. */
export function startingRowChecks(): readonly CheckValue[] {
  return STARTING_ROWS.flatMap((row) => {
    const setup = startingRowSetup(row);
    const share = row.confidence === 'L' ? 30 : 15;
    const about = { confidence: row.confidence, source: row.source };
    const speed = row.wireFeedSpeedMPerMin;
    const list = [
      checked(rowName(row), setup, 'wireFeedSpeed', [speed, speed], { ...about, allowed: share }),
    ];
    if (row.volts !== undefined) {
      const allowed = row.confidence === 'L' ? 1.5 : 1;
      list.push(checked(rowName(row), setup, 'volts', [row.volts, row.volts], { ...about, allowed }));
    }
    return list;
  });
}

/** Settings dialled in or written down by others. Source: handbook and common practice, from memory. */
const CASES: readonly Case[] = [
  [
    '22 ga steel butt, 0.8 wire, Ar + 25 %',
    { thicknessMm: 0.76 },
    { wireDiameterMm: 0.8, gas: 'ar-co2-25', mode: 'short-circuit' },
    { wireFeedSpeed: [2.3, 2.6], volts: [15, 16], current: [40, 55] },
    HANDBOOK,
  ],
  [
    '2 mm steel tee, 0.8 wire',
    { thicknessMm: 2, joint: 'tee' },
    { wireDiameterMm: 0.8 },
    { volts: [19.2, 20], current: [130, 130] },
    PRACTICE,
  ],
  [
    '2 mm steel outside corner, 0.8 wire',
    { thicknessMm: 2, joint: 'outside-corner' },
    { wireDiameterMm: 0.8 },
    { volts: [16.8, 16.8], current: [90, 90] },
    PRACTICE,
  ],
  [
    '3.2 mm steel butt, 0.8 wire',
    {},
    { wireDiameterMm: 0.8, gas: 'ar-co2-18' },
    { wireFeedSpeed: inches(300), volts: [18, 19] },
    PRACTICE,
  ],
  [
    '3.2 mm steel butt, 0.9 wire, Ar + 25 %',
    {},
    { wireDiameterMm: 0.9, gas: 'ar-co2-25' },
    { wireFeedSpeed: inches(215, 240), volts: [18, 18.5] },
    PRACTICE,
  ],
  [
    '6.35 mm steel fillet, 0.9 wire, Ar + 10 %, spray',
    { thicknessMm: 6.35, joint: 'tee' },
    { wireDiameterMm: 0.9, gas: 'ar-co2-10', mode: 'spray' },
    { wireFeedSpeed: inches(425), volts: [27, 27] },
    PRACTICE,
  ],
  ...(
    [
      ['flat', 435],
      ['overhead', 280],
      ['vertical-up', 240],
    ] as const
  ).map(([position, inPerMin]): Case => [
    `6.35 mm steel tee, 0.9 wire, pulse, ${position}`,
    { thicknessMm: 6.35, joint: 'tee', position },
    { wireDiameterMm: 0.9, gas: 'ar-co2-10', mode: 'pulse' },
    { wireFeedSpeed: inches(inPerMin) },
    PRACTICE,
  ]),
  [
    '3.2 mm steel tee, 0.9 wire, pulse',
    { joint: 'tee' },
    { wireDiameterMm: 0.9, gas: 'ar-co2-10', mode: 'pulse' },
    { wireFeedSpeed: inches(270) },
    PRACTICE,
  ],
  [
    '3 mm aluminium, 1.2 mm 5356, pulse',
    { metal: 'aluminium', alloy: '6061', thicknessMm: 3 },
    { wireClass: 'ER5356', wireDiameterMm: 1.2, mode: 'pulse' },
    { wireFeedSpeed: [5.9, 5.9], volts: [17.5, 17.5] },
    PRACTICE,
  ],
  [
    '6.35 to 3.2 mm aluminium, 0.9 mm 4043, pulse',
    { metal: 'aluminium', alloy: '6061', thicknessMm: 6.35, otherThicknessMm: 3.2 },
    { wireClass: 'ER4043', wireDiameterMm: 0.9, mode: 'pulse' },
    { wireFeedSpeed: inches(425), current: [166, 166] },
    PRACTICE,
  ],
  [
    '1 mm coated sheet, 1.0 mm silicon bronze',
    { metal: 'coated-steel', thicknessMm: 1 },
    { way: 'bronze-braze', wireDiameterMm: 1.0 },
    { wireFeedSpeed: [3.5, 4.5], volts: [14, 16], current: [60, 80] },
    HANDBOOK,
  ],
  ...POSITION_FACTS,
];

/** Settings that others dialled in or wrote down, beside the planner's. */
export function dialledInChecks(): readonly CheckValue[] {
  return CASES.flatMap(([name, work, resources, figures, source]) => {
    const setup = planSetup({ ...STEEL_CASE, ...work }, resources);
    return (Object.keys(figures) as CheckedQuantity[]).flatMap((quantity) => {
      const outside = figures[quantity];
      const about = { allowed: quantity === 'volts' ? 1 : 15, confidence: 'M', source } as const;
      return outside ? [checked(name, setup, quantity, outside, about)] : [];
    });
  });
}

/** Residuals of a set of checks of one quantity: largest and root mean square, in its own unit of difference. */
export function residuals(checks: readonly CheckValue[]): { readonly largest: number; readonly rms: number } {
  if (checks.length === 0) return { largest: 0, rms: 0 };
  const squares = checks.reduce((sum, { difference }) => sum + difference ** 2, 0);
  return {
    largest: Math.max(...checks.map(({ difference }) => Math.abs(difference))),
    rms: Math.sqrt(squares / checks.length),
  };
}
