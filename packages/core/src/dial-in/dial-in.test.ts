import fc from 'fast-check';
import { machineDials, type MachineDials } from '../machine/dial/machine-dials.ts';
import type { TimedReading } from '../machine/dial/timed-run.ts';
import type { Machine } from '../machine/machine.ts';
import { machineTerms } from '../terms/machine-terms.ts';
import type { Work } from '../trade/material/work.ts';
import { weldedWith } from './proof/welded-with.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { OwnNumbers, PlannedSetup } from '../plan/setup/setup.ts';
import { bookVoltsAt } from '../plan/setup/window-curve.ts';
import type { Resources } from '../plan/work/resources.ts';
import { type BeadReport, type BeadVerdict, DOUBT_ANSWERS, HEAT_VERDICTS } from '../window/bead-report.ts';
import { DIAL_WAYS, type DialWay } from '../window/dial-model.ts';
import { dialIn, type LadderBead } from './dial-in.ts';
import { dialWayFor, dialWayRows } from './dial-ways.ts';
import { heatAskedOf, heatStep } from './heat-step.ts';
import { type DialledPlan, voltsReach } from './settable.ts';

const WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3.2,
  joint: 'lap',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};
const BASE: Machine = {
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-25',
};

function plan(over: Partial<Work> = {}, resources: Resources = {}, own: OwnNumbers = {}): PlannedSetup {
  const setup = planSetup({ ...WORK, ...over }, resources, own);
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}
const NONE: MachineDials = machineDials(BASE, []);
const shown = (over: Partial<Work> = {}, own: OwnNumbers = {}): DialledPlan => ({
  plan: plan(over, { machine: BASE }, own),
  machine: BASE,
  dials: NONE,
});
/** A machine in some steps, and the plan on it. */
function on(
  machine: Partial<Machine>,
  readings: readonly TimedReading[] = [],
  over: Partial<Work> = {},
): DialledPlan {
  const whole = { ...BASE, ...machine };
  return { plan: plan(over, { machine: whole }), machine: whole, dials: machineDials(whole, readings) };
}
const bead = (
  { wireFeedSpeedMPerMin, volts }: { readonly wireFeedSpeedMPerMin: number; readonly volts: number },
  report: BeadReport | BeadVerdict,
): LadderBead => ({
  wireFeedSpeedMPerMin,
  volts,
  ...(typeof report === 'string' ? { said: report } : report),
});
const WIRE_FIRST = { way: 'wire-first' } as const;

/** Lays beads where they are asked for, reads them by a truth, and says where it ended. */
function run(dialled: DialledPlan, truth: (over: number) => BeadVerdict, way: DialWay = 'wire-first') {
  const beads: LadderBead[] = [];
  for (;;) {
    const { next } = dialIn(dialled, beads, { way });
    if (next.kind === 'take') return { next, beads };
    const { setting } = next;
    beads.push(bead(setting, truth(setting.volts - bookVoltsAt(dialled.plan, setting.wireFeedSpeedMPerMin))));
  }
}
const window =
  (low: number, high: number) =>
  (over: number): BeadVerdict =>
    over < low ? 'cold' : over > high ? 'hot' : 'right';

describe('a dial-in, wire first', () => {
  const dialled = shown({}, { wireFeedSpeedMPerMin: 7.6 });
  const at = (volts: number) => ({ wireFeedSpeedMPerMin: 7.6, volts });

  it('holds the wire speed, begins half a volt under the middle in steps of a tenth, and comes up after cold', () => {
    const first = dialIn(dialled, [], WIRE_FIRST);
    expect(first.next).toMatchObject({ kind: 'weld', why: 'first', setting: { wireFeedSpeedMPerMin: 7.6 } });
    expect(first.next.setting.volts).toBeCloseTo(Math.round((dialled.plan.volts.start - 0.5) * 10) / 10, 9);
    const second = dialIn(dialled, [bead(first.next.setting, 'cold')], WIRE_FIRST);
    expect(second.next).toMatchObject({ kind: 'weld', why: 'hotter' });
    expect(second.next.setting.volts - first.next.setting.volts).toBeGreaterThan(0.05);
    expect(second.next.setting.volts - first.next.setting.volts).toBeLessThan(0.51);
    const low = dialIn(dialled, [], { ...WIRE_FIRST, isLowStart: true });
    expect(low.next.setting.volts - first.next.setting.volts).toBeCloseTo(-0.5, 1);
  });

  // handbook on dialling in §5: 3.2 mm steel, 0.8 wire, 7.6 m/min: window 18.25 to 19.25, take about 18.7
  it('ends the worked example in its window', () => {
    const ladder = [
      bead(at(17.5), { sound: 'stubbing', face: 'tall' }),
      bead(at(18), { sound: 'popping', face: 'tall' }),
      bead(at(18.5), { sound: 'sizzle', face: 'crowned' }),
      bead(at(19), { sound: 'sizzle', face: 'flat' }),
      bead(at(19.5), { sound: 'crackle', face: 'concave' }),
    ];
    const end = dialIn(dialled, ladder, WIRE_FIRST);
    expect(end.next).toMatchObject({ kind: 'take', because: 'settled', isProven: true });
    expect(end.next.setting.volts).toBeGreaterThanOrEqual(18.25);
    expect(end.next.setting.volts).toBeLessThanOrEqual(19.25);
    expect(Math.abs(end.next.setting.volts - 18.7)).toBeLessThanOrEqual(0.21);
    expect(end.bracket).toMatchObject({ colder: { volts: 18 }, hotter: { volts: 19.5 } });
    expect(end.doubted).toBeUndefined();
    const [low, high] = end.probable;
    expect(low.volts).toBeLessThan(end.next.setting.volts + 0.06);
    expect(high.volts).toBeGreaterThan(end.next.setting.volts - 0.06);
    // a bead that is corrected re-reckons all
    const corrected = ladder.map((one, i) => (i === 2 ? bead(at(18.5), 'cold') : one));
    expect(dialIn(dialled, corrected, WIRE_FIRST).next).not.toEqual(end.next);
  });

  it('leads by itself into a window that lies elsewhere than the book says', () => {
    for (const [low, high] of [
      [-1.4, -0.2],
      [-0.6, 0.6],
      [0.4, 1.6],
    ] as const) {
      const { next, beads } = run(dialled, window(low, high));
      const over = next.setting.volts - bookVoltsAt(dialled.plan, 7.6);
      expect([over >= low, over <= high, beads.length <= 8]).toEqual([true, true, true]);
    }
  });

  it('asks about a report that does not fit, and counts it no more once it was left out', () => {
    const ladder = [
      bead(at(17.5), 'hot'),
      bead(at(18), 'cold'),
      bead(at(18.5), 'right'),
      bead(at(19.3), 'hot'),
    ];
    expect(dialIn(dialled, ladder, WIRE_FIRST).doubted).toBe(0);
    const without = dialIn(dialled, ladder.slice(1), WIRE_FIRST);
    const [first, ...others] = ladder as [LadderBead, ...LadderBead[]];
    const out = dialIn(dialled, [{ ...first, doubt: 'left-out' }, ...others], WIRE_FIRST);
    expect(out.known.meanV).toBeCloseTo(without.known.meanV, 9);
    expect(out.doubted).toBeUndefined();
    expect(dialIn(dialled, [{ ...first, doubt: 'stands' }, ...others], WIRE_FIRST).doubted).toBeUndefined();
    expect(dialIn(dialled, [{ ...first, cooled: false }, ...others], WIRE_FIRST).doubted).toBeUndefined();
  });

  it('starts from the user’s own volts, and from what was believed when the first bead was laid', () => {
    const own = dialIn(shown({}, { wireFeedSpeedMPerMin: 7.6, volts: 20 }), [], WIRE_FIRST);
    expect(own.next.setting.volts).toBeCloseTo(19.5, 1);
    const was = weldedWith(dialled.plan, { machineId: 'tom', at: at(17), terms: undefined });
    const first = { ...bead(at(17), 'right'), weldedWith: { ...was, prior: { offsetV: -1.2, sdV: 0.4 } } };
    expect(dialIn(dialled, [first], WIRE_FIRST).known.meanV).toBeLessThan(-1);
    expect(was.prior).toEqual({ offsetV: 0, sdV: 0.7 });
  });
});

describe('thin sheet on a coarse knob', () => {
  // handbook on dialling in §5: at wire 40 volts 2 stubs, 4 pops, 5 good but quick, 6 runs away, 8 blows through: between 4.5 and 5
  it('ends the worked example between its marks', () => {
    const places = [0, 10].map((knob) => ({ knob, openV: 14 + 0.8 * knob }));
    const control = { kind: 'knob', min: 0, max: 10, places } as const;
    const dialled = on({ kind: 'transformer', voltsControl: control }, [], { thicknessMm: 0.8 });
    const first = dialIn(dialled, [], WIRE_FIRST).next.setting;
    const [atNought] = voltsReach(dialled, first.wireFeedSpeedMPerMin) ?? [NaN];
    const laid = (mark: number, report: BeadReport) =>
      bead({ ...first, volts: atNought + 0.8 * mark }, report);
    const ladder = [
      laid(2, { sound: 'stubbing' }),
      laid(4, { sound: 'popping' }),
      laid(5, { said: 'right' }),
      laid(6, { said: 'hot' }),
      laid(8, { face: 'blown-through' }),
    ];
    const { next } = dialIn(dialled, ladder, WIRE_FIRST);
    const mark = (next.setting.volts - atNought) / 0.8;
    expect(mark).toBeGreaterThanOrEqual(4.5 - 1e-6);
    expect(mark).toBeLessThanOrEqual(5 + 1e-6);
    // by halves, as a hand sets it
    expect(Math.abs(mark * 2 - Math.round(mark * 2))).toBeLessThan(1e-6);
  });
});

describe('what the machine can set', () => {
  const TAPS = [15, 17, 19, 21.5, 24].map((openV, i) => ({ name: String(i + 1), openV }));
  const TAPPED = on({ kind: 'transformer', voltsControl: { kind: 'positions', positions: TAPS } });

  it('is its taps: from the one under the middle, a tap at a time, never above one that blew through', () => {
    const first = dialIn(TAPPED, [], WIRE_FIRST);
    expect(first.isTaps).toBe(true);
    const up = dialIn(TAPPED, [bead(first.next.setting, 'cold')], WIRE_FIRST).next.setting.volts;
    expect(up - first.next.setting.volts).toBeGreaterThan(1);
    expect(up - first.next.setting.volts).toBeLessThan(3);
    const blown = dialIn(
      TAPPED,
      [bead(first.next.setting, 'cold'), bead({ ...first.next.setting, volts: up }, 'blown')],
      WIRE_FIRST,
    );
    expect(blown.next.setting.volts).toBeLessThan(up);
  });

  it('is the steps of its trim, from what it chooses of itself', () => {
    const points = [
      { entry: 1, wireFeedSpeedMPerMin: 3, volts: 15 },
      { entry: 5, wireFeedSpeedMPerMin: 9, volts: 20.2 },
    ];
    const oneEntry = {
      unit: 'mm' as const,
      trimUnit: 'mark' as const,
      trimStepV: 0.5,
      lines: [{ wireClass: 'ER70S-6' as const, diameterMm: 0.8 as const, gas: 'ar-co2-25' as const, points }],
    };
    const dialled = on({ wireControl: { kind: 'entry' }, voltsControl: { kind: 'entry' }, oneEntry });
    expect(dialWayFor(dialled, undefined)).toBe('trim');
    expect(dialWayFor(dialled, 'wire-first')).toBe('trim');
    expect(dialWayFor(dialled, 'volts-first')).toBe('trim');
    const { setting } = dialIn(dialled, [], { way: 'trim' }).next;
    const chosen = 15 + ((setting.wireFeedSpeedMPerMin - 3) / 6) * 5.2;
    const marks = (setting.volts - chosen) / 0.5;
    expect(Math.abs(marks - Math.round(marks))).toBeLessThan(0.05);
    const up = dialIn(dialled, [bead(setting, 'cold')], { way: 'trim' }).next.setting.volts;
    expect(up - setting.volts).toBeCloseTo(0.5, 6);
    // its own chart is there to be gone through, too: from the column for the work, one column further
    expect(dialWayFor(dialled, 'columns')).toBe('columns');
    const column = dialIn(dialled, [], { way: 'columns' }).next.setting;
    expect(points.map(({ volts }) => volts)).toContain(column.volts);
  });

  it('is one tap at all wire speeds where the volts are held', () => {
    const choice = { way: 'volts-first' } as const;
    const first = dialIn(TAPPED, [], choice).next.setting;
    const gives = ({ wireFeedSpeedMPerMin, volts }: typeof first) =>
      machineTerms(TAPPED.machine as Machine, NONE, TAPPED.plan, { wireFeedSpeedMPerMin, volts }).volts;
    const tapOf = (setting: typeof first): string | undefined => {
      const term = gives(setting);
      return term.status === 'position' && Math.abs(term.choice.offV) < 0.01
        ? term.choice.position.name
        : undefined;
    };
    expect(tapOf(first)).toBeDefined();
    const { next, beads } = run(TAPPED, window(-0.7, 0.5), 'volts-first');
    expect(new Set(beads.map((one) => tapOf(one)))).toEqual(new Set([tapOf(first)]));
    expect(next).toMatchObject({ kind: 'take', isProven: true });
  });

  it('closes a way that the machine does not have, with the way out', () => {
    const closed = (dialled: DialledPlan) =>
      Object.fromEntries(dialWayRows(dialled).map(({ way, closed: why }) => [way, why !== undefined]));
    expect(closed(TAPPED)).toEqual({ 'wire-first': false, 'volts-first': false, trim: true, columns: true });
    expect(dialWayFor(TAPPED, 'trim')).toBe('wire-first');
    expect(dialWayFor(TAPPED, 'volts-first')).toBe('volts-first');
    expect(dialWayRows(TAPPED).find(({ way }) => way === 'columns')?.closed).toContain('its page');
  });
});

describe('a dial-in, volts first', () => {
  const dialled = shown();
  const choice = { way: 'volts-first' } as const;

  it('holds the volts, begins with too little wire, and gives more after hot', () => {
    const first = dialIn(dialled, [], choice).next.setting;
    expect(first.volts).toBe(dialled.plan.volts.start);
    const slower = first.wireFeedSpeedMPerMin / dialled.plan.wireFeedSpeedMPerMin.start;
    expect(slower).toBeGreaterThan(0.75);
    expect(slower).toBeLessThan(0.97);
    const second = dialIn(dialled, [bead(first, 'hot')], choice).next.setting;
    expect(second.volts).toBe(first.volts);
    // a step of 15 to 25 % at most
    expect(second.wireFeedSpeedMPerMin / first.wireFeedSpeedMPerMin).toBeGreaterThan(1);
    expect(second.wireFeedSpeedMPerMin / first.wireFeedSpeedMPerMin).toBeLessThan(1.3);
  });

  it('comes to the same window as wire first', () => {
    const { next } = run(dialled, window(-0.9, 0.3), 'volts-first');
    const over = next.setting.volts - bookVoltsAt(dialled.plan, next.setting.wireFeedSpeedMPerMin);
    expect(over).toBeGreaterThan(-0.9);
    expect(over).toBeLessThan(0.3);
  });
});

describe('heat, kept apart from the volts', () => {
  const dialled = shown({}, { wireFeedSpeedMPerMin: 7 });
  const settled = (heat?: (typeof HEAT_VERDICTS)[number]): readonly LadderBead[] => {
    const { beads } = run(dialled, window(-0.6, 0.6));
    const last = beads.findLastIndex(({ said }) => said === 'right');
    return [...beads.filter((_, i) => i !== last), { ...(beads[last] as LadderBead), heat }];
  };

  it('is asked for once the volts are settled, and not again when it was said', () => {
    const open = dialIn(dialled, settled(), WIRE_FIRST);
    expect(open.next.kind).toBe('take');
    expect(open.heatOpen).toBe(settled().length - 1);
    const right = dialIn(dialled, settled('right'), WIRE_FIRST);
    expect([right.next.kind, right.heatOpen]).toEqual(['take', undefined]);
  });

  it('moves the wire speed by 15 %, the volts follow the line, and one bead confirms it', () => {
    const before = settled();
    const took = dialIn(dialled, before, WIRE_FIRST).next.setting;
    const more = dialIn(dialled, settled('cold'), WIRE_FIRST).next;
    expect(more).toMatchObject({ kind: 'weld', why: 'more-heat' });
    expect(more.setting.wireFeedSpeedMPerMin).toBeCloseTo(7 * 1.15, 1);
    const line = bookVoltsAt(dialled.plan, more.setting.wireFeedSpeedMPerMin) - bookVoltsAt(dialled.plan, 7);
    expect(Math.abs(more.setting.volts - took.volts - line)).toBeLessThan(0.11);
    const less = dialIn(dialled, settled('hot'), WIRE_FIRST).next;
    expect(less).toMatchObject({ kind: 'weld', why: 'less-heat' });
    expect(less.setting.wireFeedSpeedMPerMin).toBeCloseTo(7 / 1.15, 1);
    const confirmed = dialIn(
      dialled,
      [...settled('cold'), bead(more.setting, { said: 'right', heat: 'right' })],
      WIRE_FIRST,
    );
    expect(confirmed.next).toMatchObject({ kind: 'take', isProven: true });
    expect(confirmed.next.setting.wireFeedSpeedMPerMin).toBeCloseTo(more.setting.wireFeedSpeedMPerMin, 9);
  });

  it('is the last right bead’s, also where a hotter one was laid after it', () => {
    const at = (volts: number) => ({ wireFeedSpeedMPerMin: 7, volts });
    const middle = dialled.plan.volts.start;
    const ladder = [
      bead(at(middle - 0.8), 'cold'),
      bead(at(middle), { said: 'right' }),
      bead(at(middle + 0.1), { said: 'right', heat: 'cold' }),
      bead(at(middle + 0.9), 'hot'),
    ];
    expect(heatAskedOf(ladder)).toBe(2);
    expect(dialIn(dialled, ladder, WIRE_FIRST).next).toMatchObject({ kind: 'weld', why: 'more-heat' });
    // at the new wire speed it is asked anew
    const next = dialIn(dialled, ladder, WIRE_FIRST).next.setting;
    expect(heatAskedOf([...ladder, bead(next, 'cold')])).toBe(-1);
    expect(dialIn(dialled, [...ladder, bead(next, 'right')], WIRE_FIRST).heatOpen).toBe(4);
    expect(heatAskedOf([])).toBe(-1);
  });

  it('has a step of 15 %, and half of it between too cold and too hot', () => {
    const at = { wireFeedSpeedMPerMin: 7, volts: 18 };
    const cold = bead(at, { said: 'right', heat: 'cold' });
    expect(heatStep('right', [cold])).toBeUndefined();
    expect(heatStep(undefined, [cold])).toBeUndefined();
    expect(heatStep('cold', [cold])).toBeCloseTo(1.15, 9);
    expect(heatStep('hot', [cold, bead(at, { said: 'right', heat: 'hot' })])).toBeCloseTo(
      1 / Math.sqrt(1.15),
      9,
    );
  });
});

describe('any reports at all', () => {
  const dialled = shown();
  const report = fc.record(
    {
      said: fc.constantFrom('cold', 'right', 'hot', 'blown'),
      cooled: fc.boolean(),
      heat: fc.constantFrom(...HEAT_VERDICTS),
      doubt: fc.constantFrom(...DOUBT_ANSWERS),
    },
    { requiredKeys: [] },
  );
  const beadOf = fc
    .tuple(fc.integer({ min: 120, max: 280 }), fc.integer({ min: 20, max: 140 }), report)
    .map(([volts, speed, one]) =>
      bead({ volts: volts / 10, wireFeedSpeedMPerMin: speed / 10 }, one as BeadReport),
    );

  it('none, eight or forty of them, contradictory or not, give an answer that can be set, never at or above what blew through', () => {
    fc.assert(
      fc.property(fc.array(beadOf, { maxLength: 40 }), fc.constantFrom(...DIAL_WAYS), (beads, asked) => {
        const way = dialWayFor(dialled, asked);
        const { next, known, probable } = dialIn(dialled, beads, { way });
        const over = ({ volts, wireFeedSpeedMPerMin }: { volts: number; wireFeedSpeedMPerMin: number }) =>
          volts - bookVoltsAt(dialled.plan, wireFeedSpeedMPerMin);
        expect(Number.isFinite(next.setting.volts + next.setting.wireFeedSpeedMPerMin)).toBe(true);
        expect(known.sdV).toBeGreaterThanOrEqual(0);
        expect(over(probable[0])).toBeLessThanOrEqual(over(probable[1]) + 1e-9);
        const blown = beads.filter((one) => one.said === 'blown' && one.doubt !== 'left-out').map(over);
        const isOver = next.kind === 'take' && next.because === 'blown-all';
        if (blown.length > 0 && !isOver) expect(over(next.setting)).toBeLessThan(Math.min(...blown));
      }),
      { numRuns: 60 },
    );
  });
});
