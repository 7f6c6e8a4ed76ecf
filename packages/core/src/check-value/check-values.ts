import { STARTING_ROWS, type StartingRow } from '../family/starting-rows.ts';
import type { Work } from '../material/work.ts';
import { HANDBOOK, PRACTICE, type Source } from '../provenance/source.ts';
import { mPerMinFromInchesPerMin } from '../quantity/units.ts';
import { planSetup } from '../setup/plan-setup.ts';
import type { Resources } from '../setup/resources.ts';
import type { PlannedSetup, Setup } from '../setup/setup.ts';
import type { GasId } from '../gas/gas.ts';
import type { WireClass } from '../wire/wire-class.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';
import { startingRowSetup } from './starting-row-setup.ts';

export type CheckedQuantity = 'wireFeedSpeed' | 'volts' | 'current';

/** An outside figure beside what the planner gives. */
export interface CheckValue {
  readonly case: string;
  readonly quantity: CheckedQuantity;
  /** The outside figure: a point, or a span, in m/min, V or A. */
  readonly outside: readonly [low: number, high: number];
  readonly planner: number;
  /** Planner less the nearer end of the outside figure: 0 inside it. In % for speed and current, in V for volts. */
  readonly difference: number;
  /** How far it may differ: % or V. */
  readonly allowed: number;
  readonly confidence: 'H' | 'M' | 'L';
  readonly source: Source;
}

const QUANTITY: Readonly<Record<CheckedQuantity, (plan: PlannedSetup) => number>> = {
  wireFeedSpeed: (plan) => plan.wireFeedSpeedMPerMin.start,
  volts: (plan) => plan.volts.start,
  current: (plan) => plan.currentA.start,
};

function checked(
  name: string,
  setup: Setup,
  quantity: CheckedQuantity,
  outside: readonly [number, number],
  about: Pick<CheckValue, 'allowed' | 'confidence' | 'source'>,
): CheckValue {
  const planner = setup.status === 'planned' ? QUANTITY[quantity](setup) : Number.NaN;
  const nearer = planner < outside[0] ? outside[0] : planner > outside[1] ? outside[1] : planner;
  const difference = quantity === 'volts' ? planner - nearer : (planner / nearer - 1) * 100;
  return { case: name, quantity, outside, planner, difference, ...about };
}

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

const STEEL: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3.2,
  joint: 'butt',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
const inches = (low: number, high = low): readonly [number, number] => [
  mPerMinFromInchesPerMin(low),
  mPerMinFromInchesPerMin(high),
];

type Case = readonly [
  name: string,
  work: Partial<Work>,
  resources: Resources,
  figures: Readonly<Partial<Record<CheckedQuantity, readonly [number, number]>>>,
  source: Source,
];

/** Facts out of position and of unequal parts. Source: common practice, from memory. */
const POSITION_FACTS: readonly Case[] = [
  ...[5, 6, 8, 10, 12, 20, 25].map((thicknessMm): Case => [
    `${thicknessMm} mm steel tee, vertical up, 1.2 T-1`,
    { thicknessMm, joint: 'tee', position: 'vertical-up' },
    { wireClass: 'E71T-1M', wireDiameterMm: 1.2, gas: 'ar-co2-25' },
    { current: [170, 210], wireFeedSpeed: [6, 8], volts: [23, 25] },
    PRACTICE,
  ]),
  [
    '3 mm steel tee, vertical up, 0.8 wire',
    { thicknessMm: 3, joint: 'tee', position: 'vertical-up' },
    { wireDiameterMm: 0.8, gas: 'ar-co2-18' },
    { current: [95, 110], volts: [17, 17.5] },
    PRACTICE,
  ],
  ...(
    [
      [3.2, 200],
      [1.9, 175],
    ] as const
  ).map(([thicknessMm, inPerMin]): Case => [
    `${thicknessMm} mm steel outside corner, vertical down, pulse, 0.9 wire`,
    { thicknessMm, joint: 'outside-corner', position: 'vertical-down' },
    { wireDiameterMm: 0.9, gas: 'ar-co2-10', mode: 'pulse' },
    { wireFeedSpeed: inches(inPerMin) },
    PRACTICE,
  ]),
  [
    '3 mm steel tee, 0.8 wire',
    { thicknessMm: 3, joint: 'tee' },
    { wireDiameterMm: 0.8, gas: 'ar-co2-18' },
    { current: [130, 140], volts: [19, 19] },
    PRACTICE,
  ],
  [
    '4 mm steel tee, 1.0 wire',
    { thicknessMm: 4, joint: 'tee' },
    { wireDiameterMm: 1.0, gas: 'ar-co2-18', mode: 'short-circuit' },
    { current: [170, 180], volts: [19.5, 19.5] },
    PRACTICE,
  ],
  ...([0.8, 0.9] as const).map((wireDiameterMm): Case => [
    `3 on 6 mm steel tee, ${wireDiameterMm} wire`,
    { thicknessMm: 3, otherThicknessMm: 6, joint: 'tee' },
    { wireDiameterMm, mode: 'short-circuit' },
    { current: [150, 165] },
    PRACTICE,
  ]),
  ...(['solid-gas', 'gas-shielded-flux-core'] as const).map((way): Case => [
    `6 on 20 mm steel tee, ${way === 'solid-gas' ? 'spray' : 'flux core under gas'}`,
    { thicknessMm: 6, otherThicknessMm: 20, joint: 'tee' },
    way === 'solid-gas' ? { way, mode: 'spray' } : { way },
    { current: [240, 260] },
    PRACTICE,
  ]),
  [
    '3 mm 304 tee',
    { metal: 'stainless', alloy: '304', thicknessMm: 3, joint: 'tee' },
    { mode: 'short-circuit' },
    { current: [115, 130] },
    PRACTICE,
  ],
  [
    '4 mm 304 tee, 0.9 wire',
    { metal: 'stainless', alloy: '304', thicknessMm: 4, joint: 'tee' },
    { mode: 'short-circuit', wireDiameterMm: 0.9 },
    { current: [130, 145] },
    PRACTICE,
  ],
  ...[3.2, 4.8, 6.4, 9.5].map((thicknessMm): Case => [
    `${thicknessMm} mm steel tee, 1.2 T-11`,
    { thicknessMm, joint: 'tee' },
    { wireClass: 'E71T-11', wireDiameterMm: 1.2 },
    { current: [140, 180] },
    PRACTICE,
  ]),
];

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

/** A row of a cored wire: wire speed, volts and current that belong together, whatever the work. */
interface CoredRow {
  readonly wireClass: WireClass;
  readonly wireDiameterMm: WireDiameterMm;
  readonly gas: GasId;
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number;
  readonly currentA: number;
  readonly confidence: 'M' | 'L';
}

function coredRow(
  wireClass: WireClass,
  wireDiameterMm: WireDiameterMm,
  gas: GasId,
  [wireFeedSpeedMPerMin, volts, currentA]: readonly [number, number, number],
  confidence: 'M' | 'L' = 'L',
): CoredRow {
  return { wireClass, wireDiameterMm, gas, wireFeedSpeedMPerMin, volts, currentA, confidence };
}

/** Rows of larger and other cored wires, recalled. Source: handbook, from memory. */
const CORED_ROWS: readonly CoredRow[] = [
  coredRow('E71T-1M', 1.4, 'ar-co2-25', [5.1, 24, 200]),
  coredRow('E71T-1M', 1.4, 'ar-co2-25', [7.6, 27, 260], 'M'),
  coredRow('E71T-1M', 1.6, 'ar-co2-25', [3.8, 23.5, 200]),
  coredRow('E71T-1M', 1.6, 'ar-co2-25', [5.1, 25, 250], 'M'),
  coredRow('E71T-1M', 1.6, 'ar-co2-25', [7.6, 28, 330]),
  coredRow('E71T-8', 1.7, 'none', [2.5, 18, 150]),
  coredRow('E71T-8', 1.7, 'none', [3.9, 21, 225]),
  coredRow('E71T-8', 2.0, 'none', [1.8, 17, 180]),
  coredRow('E71T-8', 2.0, 'none', [2.3, 18.5, 235]),
  coredRow('E71T-8', 2.0, 'none', [3.3, 20.5, 300]),
  coredRow('E70C-6M', 1.2, 'ar-co2-18', [7.6, 26.5, 235], 'M'),
  coredRow('E70C-6M', 1.2, 'ar-co2-18', [10.2, 29, 290], 'M'),
  coredRow('E70C-6M', 1.6, 'ar-co2-18', [5.1, 27, 290]),
];

/** What larger and other cored wires draw at a wire speed, beside their rows: current and volts. */
export function coredRowChecks(): readonly CheckValue[] {
  return CORED_ROWS.flatMap((row) => {
    const { wireClass, wireDiameterMm, gas, wireFeedSpeedMPerMin, confidence } = row;
    const name = `${wireClass} ${wireDiameterMm} mm at ${wireFeedSpeedMPerMin} m/min`;
    const setup = planSetup(
      { ...STEEL, thicknessMm: 12, joint: 'tee' },
      { wireClass, wireDiameterMm, gas },
      { wireFeedSpeedMPerMin },
    );
    const share = confidence === 'L' ? 30 : 15;
    const volts = confidence === 'L' ? 2 : 1;
    return [
      checked(name, setup, 'current', [row.currentA, row.currentA], {
        allowed: share,
        confidence,
        source: HANDBOOK,
      }),
      checked(name, setup, 'volts', [row.volts, row.volts], { allowed: volts, confidence, source: HANDBOOK }),
    ];
  });
}

/** Settings that others dialled in or wrote down, beside the planner's. */
export function dialledInChecks(): readonly CheckValue[] {
  return CASES.flatMap(([name, work, resources, figures, source]) => {
    const setup = planSetup({ ...STEEL, ...work }, resources);
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
