import { machineDials } from '../machine/dial/machine-dials.ts';
import type { TimedReading } from '../machine/dial/timed-run.ts';
import type { Machine } from '../machine/machine.ts';
import { machineTerms } from '../terms/machine-terms.ts';
import { weldedWith } from './proof/welded-with.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { bookVoltsAt } from '../plan/setup/window-curve.ts';
import { jobLadders } from './current-ladder.ts';
import { dialIn, type LadderBead } from './dial-in.ts';
import { reachFault } from './reach-fault.ts';
import { type DialledPlan, givenSpeed, isTapped, settable, voltsReach } from './settable.ts';

const BASE: Machine = {
  name: 'Tom',
  kind: 'inverter',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
};
function on(machine: Partial<Machine>, readings: readonly TimedReading[] = [], thicknessMm = 2): DialledPlan {
  const whole = { ...BASE, ...machine };
  const plan = planSetup(
    {
      metal: 'carbon-steel',
      thicknessMm,
      joint: 'lap',
      position: 'flat',
      surface: 'clean',
      place: 'indoors',
      windy: false,
    },
    { machine: whole },
  );
  if (plan.status !== 'planned') throw new Error(plan.code);
  return { plan, machine: whole, dials: machineDials(whole, readings) };
}
/** A reading of a wire speed at a mark: ten seconds of wire. */
const reading = (knob: number, speedMPerMin: number): TimedReading => ({
  knob,
  run: { lengthMm: (speedMPerMin / 0.06) * 10, timeS: 10 },
});
const held = ({ plan }: DialledPlan) => ({
  wireFeedSpeedMPerMin: plan.wireFeedSpeedMPerMin.start,
  volts: plan.volts.start,
});
const volts = (dialled: DialledPlan, way: 'wire-first' | 'trim' = 'wire-first') =>
  settable(dialled, way, held(dialled), []).map((one) => one.volts);

describe('volts that can be set', () => {
  it('are tenths on a display, to 4 V on both sides of the book, cold first, each over the line', () => {
    const shown = on({ voltsControl: { kind: 'displayed' } });
    const setting = settable(shown, 'wire-first', held(shown), []);
    const book = bookVoltsAt(shown.plan, held(shown).wireFeedSpeedMPerMin);
    expect(setting[0]?.volts).toBeCloseTo(Math.ceil((book - 4) * 10) / 10, 9);
    expect(setting.at(-1)?.volts).toBeCloseTo(Math.floor((book + 4) * 10) / 10, 9);
    setting.slice(1).forEach((one, i) => expect(one.volts - (setting[i]?.volts ?? 0)).toBeCloseTo(0.1, 9));
    for (const one of setting) expect(one.overLineV).toBeCloseTo(one.volts - book, 9);
  });

  it('are the halves of a knob that was read, between its readings', () => {
    const places = [0, 5, 10].map((knob) => ({ knob, openV: 14 + knob }));
    const knob = on({ kind: 'transformer', voltsControl: { kind: 'knob', min: 0, max: 10, places } });
    expect(isTapped(knob, 5)).toBe(false);
    // 14 V at 0, a volt a mark, by halves: half a volt apart
    const setting = volts(knob);
    setting.slice(1).forEach((one, i) => expect(one - (setting[i] ?? 0)).toBeCloseTo(0.5, 6));
    expect(setting.length).toBeGreaterThan(8);
    const [low, high] = voltsReach(knob, 5) ?? [0, 0];
    expect(high - low).toBeCloseTo(10, 6);
  });

  it('are all taps as far as they are read, else as on a display', () => {
    const positions = [14, 17, 20, 23].map((openV, i) => ({ name: String(i + 1), openV }));
    const tapped = on({ kind: 'transformer', voltsControl: { kind: 'positions', positions } });
    expect(volts(tapped)).toHaveLength(4);
    expect(isTapped(tapped, 5)).toBe(true);
    const unread = on({
      voltsControl: { kind: 'positions', positions: positions.map(({ name }) => ({ name })) },
    });
    expect(isTapped(unread, 5)).toBe(false);
    expect(volts(unread).length).toBeGreaterThan(50);
    expect(voltsReach(unread, 5)).toBeUndefined();
    // taps of another world are not searched through
    const far = on({ voltsControl: { kind: 'positions', positions: [{ name: '9', openV: 60 }] } });
    expect(volts(far).length).toBeGreaterThan(50);
  });
});

describe('wire speeds that can be set', () => {
  const speeds = (dialled: DialledPlan) =>
    settable(dialled, 'volts-first', held(dialled), []).map((one) => one.wireFeedSpeedMPerMin);

  it('are tenths, the fastest first, for it is the coldest; within what the machine reaches', () => {
    const setting = speeds(on({ wireFeedSpeedRangeMPerMin: [3, 8] }));
    expect(setting[0]).toBeLessThanOrEqual(8);
    expect(setting.at(-1)).toBeGreaterThanOrEqual(3);
    setting.slice(1).forEach((one, i) => expect((setting[i] ?? 0) - one).toBeCloseTo(0.1, 6));
    const open = speeds({ ...on({}), machine: undefined, dials: undefined });
    expect(open.length).toBeGreaterThan(setting.length);
  });

  it('are the marks of a dial that was timed', () => {
    const dial = on(
      { wireControl: { kind: 'knob', min: 0, max: 10 } },
      [0, 2, 4, 6, 8, 10].map((k) => reading(k, 2 + k)),
    );
    const setting = speeds(dial);
    // 2 m/min at 0, one a mark, by halves
    setting.slice(1).forEach((one, i) => expect((setting[i] ?? 0) - one).toBeCloseTo(0.5, 1));
    expect(setting.every((one) => one > 1.9 && one < 12.1)).toBe(true);
  });

  it('are the letters of a lettered one, and the nearest is given where another is wanted', () => {
    const lettered = on({ wireControl: { kind: 'letters', names: ['A', 'B', 'C'] } }, [
      reading(0, 3.5),
      reading(1, 5.5),
      reading(2, 7.5),
    ]);
    expect(speeds(lettered).map((one) => Number(one.toFixed(1)))).toEqual([7.5, 5.5, 3.5]);
    const at = (wireFeedSpeedMPerMin: number) =>
      givenSpeed(lettered, { ...held(lettered), wireFeedSpeedMPerMin });
    expect([at(3), at(4.4), at(4.6), at(9)].map((one) => Number(one.toFixed(1)))).toEqual([
      3.5, 3.5, 5.5, 7.5,
    ]);
    expect(givenSpeed(on({}), { ...held(on({})), wireFeedSpeedMPerMin: 5.437 })).toBe(5.4);
  });
});

describe('chart columns', () => {
  const points = [4, 5.5, 7, 8.5].map((speed, i) => ({
    entry: i + 1,
    wireFeedSpeedMPerMin: speed,
    volts: 15 + i,
  }));
  const line = { wireClass: 'ER70S-6' as const, diameterMm: 0.8 as const, gas: 'ar-co2-18' as const, points };
  const chart = on({ oneEntry: { unit: 'mm', lines: [line] } });
  const open = (...laid: readonly number[]) =>
    settable(
      chart,
      'columns',
      { wireFeedSpeedMPerMin: 5.4, volts: 17 },
      laid.map((speed) => ({ wireFeedSpeedMPerMin: speed, volts: 17 })),
    )
      .map((one) => one.wireFeedSpeedMPerMin)
      .toSorted((a, b) => a - b);

  it('begin at the one for the work, and open a column beyond those that were tried', () => {
    expect(open()).toEqual([5.5]);
    expect(open(5.5)).toEqual([4, 5.5, 7]);
    expect(open(4)).toEqual([4, 5.5]);
    expect(open(5.5, 7)).toEqual([4, 5.5, 7, 8.5]);
    expect(open(8.5)).toEqual([7, 8.5]);
  });
});

describe('a bead that the machine cannot have laid', () => {
  const positions = [17, 20, 23].map((openV, i) => ({ name: String(i + 1), openV }));
  const tapped = on({
    kind: 'transformer',
    voltsControl: { kind: 'positions', positions },
    wireFeedSpeedRangeMPerMin: [3, 9],
  });
  const at = (wireFeedSpeedMPerMin: number, v: number) =>
    reachFault(tapped, { wireFeedSpeedMPerMin, volts: v });

  it('is told by what it gives, 2 V and 15 % past its ends', () => {
    const [low, high] = voltsReach(tapped, 5) ?? [0, 0];
    expect(at(5, high + 1.9)).toBeUndefined();
    expect(at(5, high + 2.1)).toEqual({ field: 'volts', low, high });
    expect(at(5, low - 1.9)).toBeUndefined();
    expect(at(5, low - 2.1)).toMatchObject({ field: 'volts' });
    expect(at(10.3, 17)).toBeUndefined();
    expect(at(10.4, 17)).toEqual({ field: 'wireFeedSpeedMPerMin', low: 3, high: 9 });
    expect(at(2.5, 17)).toMatchObject({ field: 'wireFeedSpeedMPerMin' });
    expect(
      reachFault({ ...tapped, machine: undefined }, { wireFeedSpeedMPerMin: 99, volts: 99 }),
    ).toBeUndefined();
  });
});

describe('where no tap is surely right', () => {
  it('a wire speed is offered at which one would be', () => {
    const positions = [15.5, 20, 24.5].map((openV, i) => ({ name: String(i + 1), openV }));
    const tapped = on({ kind: 'transformer', voltsControl: { kind: 'positions', positions } }, [], 3);
    const speed = held(tapped).wireFeedSpeedMPerMin;
    const taps = volts(tapped);
    const book = bookVoltsAt(tapped.plan, speed);
    const under = taps.findLast((one) => one < book) ?? 0;
    const over = taps.find((one) => one > book) ?? 0;
    const bead = (v: number, verdict: 'cold' | 'hot'): LadderBead => ({
      wireFeedSpeedMPerMin: speed,
      volts: v,
      said: verdict,
      cooled: true,
    });
    const state = dialIn(tapped, [bead(under, 'cold'), bead(over, 'hot')], { way: 'wire-first' });
    expect(state.next.kind).toBe('take');
    const { tapFit } = state;
    expect(tapFit).toBeDefined();
    const given =
      tapFit && machineTerms(tapped.machine as Machine, machineDials(BASE, []), tapped.plan, tapFit).volts;
    expect(given).toMatchObject({ status: 'position' });
    // the tap itself lies where the middle is believed to lie there
    const middle = bookVoltsAt(tapped.plan, tapFit?.wireFeedSpeedMPerMin ?? 0) + state.known.meanV;
    expect(Math.abs((tapFit?.volts ?? 0) - middle)).toBeLessThan(0.45);
  });
});

describe('the ladders of a job', () => {
  it('are those that the plan goes on from, and those of other wires, works and machines', () => {
    const { plan } = on({});
    const other: PlannedSetup = on({ loadedWireDiameterMm: 1.0 }).plan;
    const at = held(on({}));
    const bead = (id: string, from: PlannedSetup | undefined, machineId = 'tom') => ({
      ...at,
      id,
      said: 'right' as const,
      weldedWith: from ? weldedWith(from, { machineId, at, terms: undefined }) : null,
    });
    const beads = [
      bead('a', plan),
      bead('b', other),
      bead('c', undefined),
      bead('d', plan),
      bead('e', plan, 'ann'),
    ];
    const { current, earlier } = jobLadders(plan, 'tom', beads);
    expect(current.map(({ id }) => id)).toEqual(['a', 'd']);
    expect(earlier.map((ladder) => ladder.map(({ id }) => id))).toEqual([['c'], ['b'], ['e']]);
    expect(jobLadders(plan, undefined, beads).current).toEqual([]);
  });
});
