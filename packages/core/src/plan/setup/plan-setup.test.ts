import { inMetric } from '../../base/words/in-words.ts';
import { OutOfRangeError } from '../../base/quantity/out-of-range-error.ts';
import { inchesPerMinFromMPerMin } from '../../base/quantity/units.ts';
import { type Work } from '../../trade/material/work.ts';
import { type WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import { planSetup as planSetupInWords } from './plan-setup.ts';
import type { Resources } from '../work/resources.ts';
import type { OwnNumbers, PlannedSetup, RefusedSetup } from './setup.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const planSetup = toldInMetric(planSetupInWords);

const BASE: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3.2,
  joint: 'butt',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};

function planned(work: Partial<Work>, resources: Resources = {}, own: OwnNumbers = {}): PlannedSetup {
  const setup = planSetup({ ...BASE, ...work }, resources, own);
  if (setup.status !== 'planned') throw new Error(`${setup.code}: ${setup.reasons.join(' ')}`);
  return setup;
}

function refusal(work: Partial<Work>, resources: Resources = {}): RefusedSetup {
  const setup = planSetup({ ...BASE, ...work }, resources);
  if (setup.status !== 'refused') throw new Error('planned');
  return setup;
}

function holds(span: { low: number; high: number }, value: number): boolean {
  return span.low <= value && value <= span.high;
}

describe('check values (handbook, from memory)', () => {
  it('22 ga steel, 0.8 wire, Ar + 25 %: 2.3–2.6 m/min, 15–16 V, 40–55 A', () => {
    const plan = planned({ thicknessMm: 0.76 }, { wireDiameterMm: 0.8, gas: 'ar-co2-25' });
    expect(plan.wireFeedSpeedMPerMin.start).toBeGreaterThanOrEqual(2.3);
    expect(plan.wireFeedSpeedMPerMin.start).toBeLessThanOrEqual(2.6);
    expect(plan.volts.start).toBeGreaterThanOrEqual(15);
    expect(plan.volts.start).toBeLessThanOrEqual(16);
    expect(plan.currentA.start).toBeGreaterThanOrEqual(40);
    expect(plan.currentA.start).toBeLessThanOrEqual(55);
  });

  it('2 mm tee, 0.8 wire: 9 m/min at about 20 V on one machine, 130 A at 19.2 V on another', () => {
    const plan = planned({ thicknessMm: 2, joint: 'tee' }, { wireDiameterMm: 0.8 });
    expect(holds(plan.currentA, 130)).toBe(true);
    expect(holds(plan.wireFeedSpeedMPerMin, 9)).toBe(true);
    expect(holds(plan.volts, 19.2)).toBe(true);
    expect(holds(plan.volts, 20)).toBe(true);
    expect(Math.abs(plan.volts.start - 19.2)).toBeLessThan(1);
  });

  it('2 mm outside corner: 90 A, 16.8 V', () => {
    const plan = planned({ thicknessMm: 2, joint: 'outside-corner' }, { wireDiameterMm: 0.8 });
    expect(Math.abs(plan.currentA.start / 90 - 1)).toBeLessThan(0.1);
    expect(Math.abs(plan.volts.start - 16.8)).toBeLessThan(0.5);
  });

  it('3.2 mm butt, 0.8 wire: 7.6 m/min (300 in/min), between 18 and 19 V', () => {
    const plan = planned({}, { wireDiameterMm: 0.8, gas: 'ar-co2-18' });
    expect(Math.abs(plan.wireFeedSpeedMPerMin.start / 7.6 - 1)).toBeLessThan(0.05);
    expect(plan.volts.start).toBeGreaterThan(18);
    expect(plan.volts.start).toBeLessThan(19);
  });

  it('3.2 mm butt, 0.9 wire, Ar + 25 %: 215–240 in/min, 18–18.5 V', () => {
    const plan = planned({}, { wireDiameterMm: 0.9, gas: 'ar-co2-25' });
    const inches = inchesPerMinFromMPerMin(plan.wireFeedSpeedMPerMin.start);
    expect(inches).toBeGreaterThanOrEqual(215);
    expect(inches).toBeLessThanOrEqual(240);
    expect(plan.volts.start).toBeGreaterThan(18 - 0.2);
    expect(plan.volts.start).toBeLessThan(18.5 + 0.3);
  });

  it('fillet travel: 0.9 mm at 240 in/min for a 4 mm leg is about 400 mm/min', () => {
    const plan = planned({ thicknessMm: 5, joint: 'tee' }, { wireDiameterMm: 0.9 });
    const { bead, wireFeedSpeedMPerMin } = plan;
    const expected = 400 * (wireFeedSpeedMPerMin.start / 6.096) * (16 / (bead.legMm ?? 0) ** 2);
    expect(Math.abs(plan.travelMmPerMin.start / expected - 1)).toBeLessThan(0.03);
  });
});

describe('gas', () => {
  it('asks about 2 V more of CO₂ than of Ar + 25 %, and less of Ar + 10 %', () => {
    const volts = (gas: 'co2' | 'ar-co2-25' | 'ar-co2-10'): number =>
      planned({}, { wireDiameterMm: 0.8, gas }).volts.start;
    expect(volts('co2') - volts('ar-co2-25')).toBeCloseTo(2, 5);
    expect(volts('ar-co2-10')).toBeLessThan(volts('ar-co2-25'));
  });

  it('covers both ends of the mix when none is named', () => {
    const open = planned({}, { wireDiameterMm: 0.8 });
    const rich = planned({}, { wireDiameterMm: 0.8, gas: 'ar-co2-25' });
    const lean = planned({}, { wireDiameterMm: 0.8, gas: 'ar-co2-18' });
    expect(open.gas.origin).toBe('assumed');
    expect(open.volts.low).toBeCloseTo(lean.volts.low, 6);
    expect(open.volts.high).toBeCloseTo(rich.volts.high, 6);
  });

  it('says what to get when the connected gas does not suit', () => {
    const machine = {
      name: 'Bench',
      loadedWireClass: 'ER70S-6',
      loadedWireDiameterMm: 0.8,
      loadedGas: 'argon',
    } as const;
    const plan = planned({}, { machine });
    expect(plan.gas.origin).toBe('assumed');
    expect(plan.cautions.map((caution) => caution.code)).toContain('gas-to-get');
  });
});

describe('what to fit', () => {
  it('gives solid steel wire its polarity, rolls, liner, tip, nozzle and flow, each with reason and source', () => {
    const plan = planned({}, { wireDiameterMm: 0.8 });
    expect(plan.polarity).toMatchObject({ polarity: 'DCEP', gunLead: '+', workLead: '−' });
    expect(plan.feedPath.driveRolls).toMatchObject({ form: 'v-smooth', grooveMm: 0.8 });
    expect(plan.feedPath.liner.material).toBe('steel');
    expect(plan.gasFlowLPerMin).toEqual({ start: 12, low: 10, high: 14 });
    expect(plan.ctwdMm.start - plan.extensionMm.start).toBeCloseTo(1.5, 9);
    const items = new Set(plan.reasons.map((reason) => reason.item));
    for (const item of [
      'polarity',
      'driveRolls',
      'liner',
      'tip',
      'nozzle',
      'gas',
      'gasFlow',
      'transferMode',
      'amps',
      'wireFeedSpeed',
      'volts',
      'ctwd',
      'travelSpeed',
      'gunAngle',
    ] as const) {
      expect(items).toContain(item);
    }
    for (const reason of plan.reasons) expect(inMetric(reason.text).length).toBeGreaterThan(10);
  });

  it('keeps the loaded wire while the work is in its range, and changes it when it is not', () => {
    const machine = {
      name: 'Bench',
      loadedWireClass: 'ER70S-6',
      loadedWireDiameterMm: 1.0,
      loadedGas: 'ar-co2-18',
    } as const;
    expect(planned({ thicknessMm: 3 }, { machine }).wire).toMatchObject({
      diameterMm: 1.0,
      origin: 'loaded',
    });
    expect(planned({ thicknessMm: 0.8 }, { machine }).wire).toMatchObject({
      diameterMm: 0.8,
      origin: 'assumed',
    });
  });

  it('reckons with a machine that gives too little current: the clamp is a row of its own', () => {
    const machine = {
      name: 'Bench',
      loadedWireClass: 'ER70S-6',
      loadedWireDiameterMm: 0.8,
      loadedGas: 'ar-co2-18',
      currentRangeA: [30, 110],
    } as const;
    const plan = planned({ joint: 'tee' }, { machine, wireDiameterMm: 0.8 });
    expect(plan.currentA.start).toBe(110);
    expect(plan.demand.at(-1)).toMatchObject({ kind: 'limit', currentA: 110, label: 'Bench gives 110 A' });
    expect(plan.bead.passes).toBe(2);
    expect(plan.currentA.high).toBeLessThanOrEqual(110 + 1e-6);
  });
});

describe('numbers of your own', () => {
  it('keeps your wire speed, marks it, and lets current and volts follow', () => {
    const book = planned({}, { wireDiameterMm: 0.8 });
    const plan = planned({}, { wireDiameterMm: 0.8 }, { wireFeedSpeedMPerMin: 6 });
    expect(plan.wireFeedSpeedMPerMin.start).toBeCloseTo(6, 6);
    expect(plan.currentA.start).toBeLessThan(book.currentA.start);
    expect(plan.volts.start).toBeLessThan(book.volts.start);
    expect(plan.demand.at(-1)?.kind).toBe('yours');
  });

  it('keeps your volts beside the window it would have had', () => {
    const plan = planned({}, { wireDiameterMm: 0.8 }, { volts: 17.2 });
    expect(plan.volts.start).toBe(17.2);
    expect(plan.volts.high).toBeGreaterThan(18.4);
  });

  it.each([{ volts: 7 }, { volts: Number.NaN }, { wireFeedSpeedMPerMin: 26 }])('refuses %o', (own) => {
    expect(() => planned({}, {}, own)).toThrow(OutOfRangeError);
  });
});

describe('cautions and edges', () => {
  const codes = (work: Partial<Work>, resources: Resources = { mode: 'short-circuit' }): string[] =>
    planned(work, resources).cautions.map((caution) => `${caution.level}:${caution.code}`);

  it.each([
    [{ thicknessMm: 5 }, 'warn:cold-lap'],
    [{ thicknessMm: 6 }, 'stop:short-circuit-thick'],
    [{ thicknessMm: 8 }, 'warn:beyond-the-tables'],

    [{ thicknessMm: 0.55 }, 'warn:beyond-the-tables'],
    [{ metal: 'coated-steel', thicknessMm: 1.5 }, 'stop:zinc-coating'],
    [{ position: 'vertical-down', thicknessMm: 3.5 }, 'warn:vertical-down-thick'],
    [{ position: 'vertical-down', thicknessMm: 5.5 }, 'stop:vertical-down-thick'],
    [{ windy: true }, 'warn:wind'],
    [{ thicknessMm: 1, otherThicknessMm: 4 }, 'warn:very-unequal'],
  ] as const)('%o raises %s', (work, code) => {
    expect(codes(work)).toContain(code);
  });

  it('puts the gravest first', () => {
    const levels = planned({ metal: 'coated-steel', thicknessMm: 5.2, windy: true }).cautions.map(
      (c) => c.level,
    );
    expect(levels).toEqual(
      levels.toSorted((a, b) => ['stop', 'warn', 'note'].indexOf(a) - ['stop', 'warn', 'note'].indexOf(b)),
    );
    expect(levels[0]).toBe('stop');
  });

  it('warns of little CO₂ as one of two schools, and notes nothing on the usual mix', () => {
    expect(codes({}, { gas: 'ar-co2-8' })).toContain('warn:little-co2');
    expect(codes({}, { gas: 'ar-co2-18', mode: 'short-circuit' })).toEqual(['note:arc']);
  });

  it.each([0.49, 25.41, 0, -3, Number.NaN, Infinity])('throws a typed error at %s mm', (thicknessMm) => {
    expect(() => planSetup({ ...BASE, thicknessMm })).toThrow(OutOfRangeError);
    expect(() => planSetup({ ...BASE, otherThicknessMm: thicknessMm })).toThrow(OutOfRangeError);
  });

  it.each([0.5, 25, 25.4])('plans at the very edge, %s mm', (thicknessMm) => {
    expect(planned({ thicknessMm }).wireFeedSpeedMPerMin.start).toBeGreaterThan(1);
  });
});

describe('refusals', () => {
  it.each([
    [{}, { gas: 'argon' }, 'gas-wrong-for-metal'],
    [{}, { gas: 'tri-mix' }, 'gas-wrong-for-metal'],
    [{}, { gas: 'ar-co2-2', mode: 'short-circuit' }, 'gas-too-little-co2'],
    [{}, { gas: 'ar-o2-2', mode: 'short-circuit' }, 'gas-too-little-co2'],
    [{}, { way: 'solid-gas', gas: 'none' }, 'gas-wrong-for-metal'],
    [{}, { wireClass: 'ER4043' }, 'filler-wrong-for-metal'],
    [{}, { wireClass: 'ER309LSi' }, 'filler-wrong-for-metal'],
    [{}, { mode: 'spray' }, 'too-thin-for-way'],
    [{ metal: 'aluminium', alloy: '5083' }, { wireClass: 'ER4043' }, 'filler-wrong-for-metal'],
    [{ metal: 'unweldable-aluminium', alloy: '7075' }, {}, 'metal-not-weldable'],
    [{ metal: 'other', alloy: 'titanium' }, {}, 'metal-not-weldable'],
    [{ thicknessMm: 0.6 }, { wireDiameterMm: 1.2 }, 'wire-too-large'],
    [{ thicknessMm: 12 }, { wireDiameterMm: 0.6 }, 'wire-too-small'],
    [{ thicknessMm: 3 }, { wireDiameterMm: 1.6, mode: 'short-circuit' }, 'wire-without-window'],
  ] as const)('%o with %o is refused as %s', (work, resources, code) => {
    const refused = refusal(work, resources);
    expect(refused.code).toBe(code);
    expect(inMetric(refused.reasons[0] ?? '').length).toBeGreaterThan(10);
  });

  it('offers a smaller wire instead of adding heat to suit a large one', () => {
    expect(refusal({ thicknessMm: 0.8 }, { wireDiameterMm: 1.0 as WireDiameterMm }).instead[0]).toMatch(
      /0\.[68] mm/,
    );
  });
});
