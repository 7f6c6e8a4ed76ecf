import { PLAIN_MACHINE, PLAIN_WORK } from '../../../test/context.ts';
import type { Machine } from '../../machine/machine.ts';
import type { Work } from '../../trade/material/work.ts';
import type { Span } from '../../base/numeric/span.ts';
import type { Resources } from '../work/resources.ts';
import { planSetup as planSetupInWords } from './plan-setup.ts';
import type { OwnNumbers, Setup } from './setup.ts';
import { transferRegions, windowCurve } from './window-curve.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const planSetup = toldInMetric(planSetupInWords);

const ALL: Machine = {
  ...PLAIN_MACHINE,
  name: 'All',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 1.0,
  loadedGas: 'ar-co2-18',
  currentRangeA: [30, 350],
  wireFeedSpeedRangeMPerMin: [1.5, 20],
  features: [
    'pulse',
    'double-pulse',
    'inductance',
    'run-in',
    'burnback',
    'hot-start',
    'crater-fill',
    'pinch',
    'pre-flow',
    'post-flow',
    'two-step',
    'four-step',
    'special-four-step',
    'spot-timer',
    'stitch-timer',
    'spool-gun-socket',
  ],
};
const SMALL: Machine = {
  ...PLAIN_MACHINE,
  name: 'Small',
  currentRangeA: [30, 140],
  features: ['inductance'],
};
const ALUMINIUM = { metal: 'aluminium', alloy: '5083' } as const;
const STAINLESS = { metal: 'stainless', alloy: '304' } as const;

/** Works that between them come past every turn of the planner. */
const CASES: readonly (readonly [string, Partial<Work>, Resources?, OwnNumbers?])[] = [
  ['0.8 mm sheet, lap', { thicknessMm: 0.8, joint: 'lap', product: 'sheet' }],
  ['1.2 mm, long seam, butt', { thicknessMm: 1.2, joint: 'butt', seamMm: 1500 }, { machine: ALL }],
  [
    '1.2 mm, short seam, vertical down',
    { thicknessMm: 1.2, joint: 'outside-corner', position: 'vertical-down', seamMm: 400 },
  ],
  ['2 mm on 6 mm, stitched', { thicknessMm: 2, otherThicknessMm: 6, stitchMm: 25, pitchMm: 75, seamMm: 600 }],
  [
    '3 mm tee, all at hand',
    {},
    { machine: ALL, shelf: { wires: [{ wireClass: 'ER70S-6', diameterMm: 0.8 }], gases: ['ar-co2-25'] } },
  ],
  [
    '3 mm tee, own numbers',
    {},
    { machine: ALL },
    { wireFeedSpeedMPerMin: 6, volts: 19, gasFlowLPerMin: 13, ctwdMm: 14 },
  ],
  [
    '5 mm closed butt, both sides',
    { thicknessMm: 5, joint: 'butt', sides: 2 },
    { mode: 'spray', machine: ALL },
  ],
  ['4 mm open butt, vertical up', { thicknessMm: 4, joint: 'open-butt', position: 'vertical-up' }],
  ['8 mm open butt', { thicknessMm: 8, joint: 'open-butt', product: 'plate' }, { machine: ALL }],
  ['10 mm open butt on a bar', { thicknessMm: 10, joint: 'open-butt', backing: true, gapMm: 3 }],
  ['8 mm tee, spray', { thicknessMm: 8 }, { machine: ALL, mode: 'spray' }],
  [
    '8 mm tee, pulse, vertical up',
    { thicknessMm: 8, position: 'vertical-up' },
    { machine: ALL, mode: 'pulse' },
  ],
  [
    '8 mm tee, a leg of 8 in three passes',
    { thicknessMm: 8, legMm: 8, passes: 3 },
    { way: 'gas-shielded-flux-core' },
  ],
  [
    '20 mm tee, flux core, vertical up',
    { thicknessMm: 20, position: 'vertical-up' },
    { way: 'gas-shielded-flux-core' },
  ],
  ['25 mm butt, metal-cored', { thicknessMm: 25, joint: 'butt' }, { way: 'metal-cored', gas: 'ar-co2-18' }],
  ['3 mm tee, self-shielded, in the wind', { windy: true, place: 'outdoors' }],
  ['12 mm tee, T-8', { thicknessMm: 12 }, { wireClass: 'E71T-8' }],
  ['6 mm lap on a small machine', { thicknessMm: 6, joint: 'lap' }, { machine: SMALL }],
  [
    '6 mm lap, scale, CO₂',
    { thicknessMm: 6, joint: 'lap', surface: 'mill-scale' },
    { gas: 'co2', mode: 'short-circuit' },
  ],
  ['0.9 mm zinc, brazed', { metal: 'coated-steel', thicknessMm: 0.9, joint: 'lap' }, { way: 'bronze-braze' }],
  ['1.5 mm zinc', { metal: 'coated-steel', thicknessMm: 1.5, joint: 'edge' }],
  ['2 mm 304 butt', { ...STAINLESS, thicknessMm: 2, joint: 'butt' }],
  ['6 mm 304 tee, spray', { ...STAINLESS, thicknessMm: 6 }, { mode: 'spray' }],
  [
    '4 mm 304 to steel, pulse',
    { ...STAINLESS, thicknessMm: 4, otherMetal: 'carbon-steel' },
    { machine: ALL, mode: 'pulse' },
  ],
  ['1.5 mm 5083, pulse', { ...ALUMINIUM, thicknessMm: 1.5 }, { machine: ALL, mode: 'pulse' }],
  [
    '4 mm 6061 tee, spool gun',
    { metal: 'aluminium', alloy: '6061', thicknessMm: 4 },
    { way: 'aluminium-spool-gun' },
  ],
  [
    '10 mm casting, helium',
    { metal: 'cast-aluminium', thicknessMm: 10, joint: 'open-butt', backing: true },
    { gas: 'ar-he-50' },
  ],
  ['3 mm tee, warm metal, 0.9 mm wire', { surface: 'warm' }, { wireDiameterMm: 0.9 }],
  ['3 mm tee, the other schools', {}, { schools: { leanMix: 'avoid' }, gas: 'ar-co2-8' }],
  ['spray on 2 mm', { thicknessMm: 2 }, { mode: 'spray', way: 'solid-gas' }],
  ['a wire far too thick', { thicknessMm: 1 }, { wireDiameterMm: 1.2, way: 'solid-gas' }],
  ['7075', { metal: 'unweldable-aluminium', alloy: '7075' }],
  ['without wire', { ...ALUMINIUM }, { withoutFiller: true }],
];

const round = (value: number): number => Number(value.toPrecision(4));
const span = ({ low, start, high }: Span): string => `${round(low)} < ${round(start)} < ${round(high)}`;

/** What a welder would read of it, a line each. */
function lines(setup: Setup): readonly string[] {
  if (setup.status !== 'planned') {
    return [`${setup.status}: ${JSON.stringify(setup).slice(0, 900)}`];
  }
  const { wire, gas, bead, runs, technique, fitUp, secondary, reasons, cautions } = setup;
  const curve = windowCurve(setup, 4).map((point) =>
    Object.values(point)
      .map((one) => (typeof one === 'number' ? round(one) : JSON.stringify(one)))
      .join(' '),
  );
  return [
    `${setup.familyName}, ${wire.diameterMm} mm ${wire.wireClass} (${wire.origin}), ${gas.gas.name} (${gas.origin}), ${setup.polarity.polarity}`,
    `${span(setup.currentA)} A, ${span(setup.wireFeedSpeedMPerMin)} m/min, ${span(setup.volts)} V, ${span(setup.gasFlowLPerMin)} L/min`,
    `${span(setup.ctwdMm)} mm, extension ${span(setup.extensionMm)} mm, travel ${span(setup.travelMmPerMin)} mm/min`,
    `bead ${bead.passes} × ${round(bead.sectionMm2)} mm², ${bead.solvedBy}, oversize ${round(bead.oversize)}`,
    ...runs.map(
      (run) =>
        `run ${run.number} ${run.role} ${run.wireClass} ${round(run.currentA)} A ${round(run.wireFeedSpeedMPerMin)} m/min ${round(run.volts)} V ${round(run.travelMmPerMin)} mm/min ${round(run.heatInputKJPerMm)} kJ/mm. ${run.technique} ${run.clean}`,
    ),
    `technique ${JSON.stringify(technique, (_key, value: unknown) => (typeof value === 'number' ? round(value) : value))}`,
    `fit-up ${JSON.stringify(fitUp, (_key, value: unknown) => (typeof value === 'number' ? round(value) : value))}`,
    ...secondary.map((one) => `setting ${JSON.stringify(one)}`),
    ...reasons.map(({ item, text }) => `${item}: ${text}`),
    ...cautions.map(({ level, code }) => `${level} ${code}`),
    ...curve.map((point) => `window ${point}`),
    ...transferRegions(setup).map(
      (region) =>
        `region ${JSON.stringify(region, (_key, value: unknown) => (typeof value === 'number' ? round(value) : value))}`,
    ),
  ];
}

// Source: our model as it stands. What is right is said by the tests beside this one; this one says that nothing has moved
// unseen, neither a number nor a sentence. A change that is meant is read in the difference before it is kept.
describe('plans stand as they stood', () => {
  const cases = CASES.map(
    ([name, work, resources = {}, own = {}]) => [name, { work, resources, own }] as const,
  );
  it.each(cases)('%s', (_name, { work, resources, own }) => {
    expect(lines(planSetup({ ...PLAIN_WORK, ...work }, resources, own)).join('\n')).toMatchSnapshot();
  });
});
