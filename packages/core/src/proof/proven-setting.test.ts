import { machineDials } from '../dial-calibration/machine-dials.ts';
import type { Machine } from '../machine/machine.ts';
import { machineTerms } from '../machine-terms/machine-terms.ts';
import { planSetup } from '../setup/plan-setup.ts';
import type { ArcSound, BeadFace } from '../dial-in/bead-report.ts';
import { laddersOf, provenSetting, type WeldedBead } from './proven-setting.ts';
import { weldedWith, type WeldedWith } from './welded-with.ts';

const TOM: Machine = {
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  wireControl: { kind: 'letters', names: ['A', 'B', 'C'] },
  voltsControl: {
    kind: 'positions',
    positions: [
      { name: '1', openV: 17 },
      { name: '2', openV: 19.5 },
    ],
  },
};
const setup = planSetup(
  {
    metal: 'carbon-steel',
    thicknessMm: 2,
    joint: 'lap',
    position: 'flat',
    surface: 'clean',
    place: 'indoors',
    windy: false,
  },
  { machine: TOM },
);
if (setup.status !== 'planned') throw new Error(setup.code);
const PLAN = setup;
const READINGS = [
  { knob: 0, run: { lengthMm: 500, timeS: 10 } },
  { knob: 1, run: { lengthMm: 850, timeS: 10 } },
  { knob: 2, run: { lengthMm: 1500, timeS: 10 } },
];
const TERMS = machineTerms(TOM, machineDials(TOM, READINGS), PLAN, { wireFeedSpeedMPerMin: 5, volts: 17 });
const WITH = weldedWith(PLAN, { machineId: 'tom', terms: TERMS, bookVolts: 17.1 });

const bead = (
  volts: number,
  face: BeadFace,
  sound: ArcSound,
  over: Partial<WeldedWith> = {},
): WeldedBead => ({
  volts,
  face,
  sound,
  wireFeedSpeedMPerMin: 5,
  weldedWith: { ...WITH, ...over },
});
const LADDER = [
  bead(16, 'ropy', 'stubbing'),
  bead(16.5, 'crowned', 'sizzle'),
  bead(17, 'flat', 'sizzle'),
  bead(17.5, 'concave', 'crackle'),
];

describe('what a bead was welded with', () => {
  it('is the plan that it was welded by, with the machine and where its controls stood', () => {
    expect(WITH).toMatchObject({
      machineId: 'tom',
      way: 'solid-gas',
      mode: 'short-circuit',
      wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
      trueDiameterMm: PLAN.wire.trueDiameterMm,
      gas: 'ar-co2-18',
      polarity: 'DCEP',
      letter: 'B',
      tap: '2',
      bookVolts: 17.1,
      modelVersion: PLAN.modelVersion,
    });
    expect(
      weldedWith(PLAN, { machineId: undefined, terms: undefined, bookVolts: undefined }),
    ).not.toHaveProperty('machineId');
  });
});

describe('a proven setting', () => {
  it('is the middle of a good run with a colder and a hotter neighbour, and how far the book was off', () => {
    const proven = provenSetting(LADDER);
    expect(proven).toMatchObject({
      wireFeedSpeedMPerMin: 5,
      wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
      gas: 'ar-co2-18',
      mode: 'short-circuit',
      thicknessMm: 2,
      joint: 'lap',
      position: 'flat',
    });
    expect(proven?.volts).toBeCloseTo(16.7, 1);
    expect(proven?.offsetV).toBeCloseTo((proven?.volts ?? 0) - 17.1, 9);
  });

  it('is none while beads do not prove one, contradict one another, or the book says nothing there', () => {
    expect(provenSetting([])).toBeUndefined();
    expect(provenSetting(LADDER.slice(0, 3))).toBeUndefined();
    expect(provenSetting([bead(15.5, 'concave', 'crackle'), ...LADDER])).toBeUndefined();
    const silent = LADDER.map((one) => ({ ...one, weldedWith: { ...WITH, bookVolts: undefined } }));
    expect(provenSetting(silent)).toBeUndefined();
  });

  it.each<Partial<WeldedWith>>([
    { machineId: 'other' },
    { wire: { wireClass: 'ER70S-6', diameterMm: 1.0 } },
    { wire: { wireClass: 'ER70S-3', diameterMm: 0.8 } },
    { gas: 'co2' },
    { mode: 'spray' },
    { joint: 'tee' },
    { position: 'overhead' },
    { thicknessMm: 3 },
    { otherThicknessMm: 3 },
  ])('is not made of beads welded with something else: %o', (over) => {
    const changed = LADDER.map((one, i) => (i < 2 ? one : { ...one, weldedWith: { ...WITH, ...over } }));
    expect(laddersOf(changed).map((ladder) => ladder.length)).toEqual([2, 2]);
    expect(laddersOf(changed).map(provenSetting)).toEqual([undefined, undefined]);
    expect(laddersOf(LADDER)).toEqual([LADDER]);
  });
});
