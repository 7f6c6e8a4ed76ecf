import { machineDials } from '../../machine/dial/machine-dials.ts';
import type { Machine } from '../../machine/machine.ts';
import { machineTerms } from '../../terms/machine-terms.ts';
import { bookVoltsAt } from '../../plan/setup/window-curve.ts';
import { planSetup } from '../../plan/setup/plan-setup.ts';
import type { ArcSound, BeadFace } from '../../window/bead-report.ts';
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
const AT = { wireFeedSpeedMPerMin: 5, volts: 17 };
const WITH = { ...weldedWith(PLAN, { machineId: 'tom', at: AT, terms: TERMS }), bookVolts: 17.1 };

/** Without a tap: what a window can be looked for on. */
const WITH_VOLTS = { ...WITH, tap: undefined };

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
  weldedWith: { ...WITH_VOLTS, ...over },
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
    const bare = weldedWith(PLAN, { machineId: undefined, at: AT, terms: undefined });
    expect(bare).not.toHaveProperty('machineId');
    expect(bare.bookVolts).toBeCloseTo(bookVoltsAt(PLAN, 5), 9);
  });
});

const TAKEN = { wireFeedSpeedMPerMin: 5, volts: 16.7 };
/** A ladder on which its last bead was taken at some setting. */
const taking = (ladder: readonly WeldedBead[], taken = TAKEN): readonly WeldedBead[] =>
  ladder.map((one, i) => (i === ladder.length - 1 ? { ...one, taken } : one));
const PROVEN = taking(LADDER);

describe('a proven setting', () => {
  it('is what was taken and the beads bear out, how far the book was off, and what the beads alone say', () => {
    const proven = provenSetting(PROVEN);
    expect(proven).toMatchObject({
      ...TAKEN,
      wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
      gas: 'ar-co2-18',
      mode: 'short-circuit',
      thicknessMm: 2,
      joint: 'lap',
      position: 'flat',
    });
    expect(proven?.offsetV).toBeCloseTo(16.7 - 17.1, 9);
    expect(Math.abs((proven?.toldOffsetV ?? 0) - -0.35)).toBeLessThan(0.15);
    expect(Math.sqrt(proven?.toldVarianceV2 ?? 0)).toBeGreaterThan(0.2);
    expect(Math.sqrt(proven?.toldVarianceV2 ?? 0)).toBeLessThan(0.4);
  });

  it('says the same of the beads whatever was believed before them: the prior is not counted twice', () => {
    const prior = { offsetV: -0.4, sdV: 0.4 };
    const sure = taking(LADDER.map((one) => ({ ...one, weldedWith: { ...WITH, prior } })));
    expect(provenSetting(sure)?.toldOffsetV).toBe(provenSetting(PROVEN)?.toldOffsetV);
  });

  it('is none while nothing was taken, while beads speak against it, or the book says nothing there', () => {
    expect(provenSetting([])).toBeUndefined();
    expect(provenSetting(LADDER)).toBeUndefined();
    expect(provenSetting(taking(LADDER, { ...TAKEN, volts: 17.5 }))).toBeUndefined();
    expect(
      provenSetting([...PROVEN, bead(16.7, 'ropy', 'stubbing'), bead(16.8, 'ropy', 'stubbing')]),
    ).toBeUndefined();
    expect(provenSetting(taking(LADDER.slice(0, 1)))).toBeUndefined();
    const silent = PROVEN.map((one) => ({ ...one, weldedWith: { ...WITH, bookVolts: undefined } }));
    expect(provenSetting(silent)).toBeUndefined();
  });

  it('needs a bead that read right near it, at its own wire speed', () => {
    const away = [
      bead(16, 'ropy', 'stubbing'),
      ...[16.6, 16.7, 16.8].map((volts) => ({
        ...bead(volts + 0.5, 'crowned', 'sizzle'),
        wireFeedSpeedMPerMin: 6,
      })),
    ].map((one, i) => (i === 0 ? one : { ...one, weldedWith: { ...WITH_VOLTS, bookVolts: 17.6 } }));
    expect(provenSetting(taking(away))).toBeUndefined();
    expect(provenSetting(taking([...away, bead(16.7, 'crowned', 'sizzle')]))).toMatchObject(TAKEN);
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
    const changed = PROVEN.map((one, i) => (i < 2 ? one : { ...one, weldedWith: { ...WITH, ...over } }));
    expect(laddersOf(changed).map((ladder) => ladder.length)).toEqual([2, 2]);
    expect(laddersOf(changed).map(provenSetting)).not.toContainEqual(provenSetting(PROVEN));
    expect(laddersOf(LADDER)).toEqual([LADDER]);
  });
});
