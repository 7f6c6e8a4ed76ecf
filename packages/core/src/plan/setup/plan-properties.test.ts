import fc from 'fast-check';
import { BASE_METALS } from '../../trade/material/base-metal.ts';
import { JOINTS, POSITIONS, SURFACES, type Work } from '../../trade/material/work.ts';
import { WIRE_DIAMETERS_MM } from '../../trade/wire/wire-diameter.ts';
import type { DemandRow } from '../demand/current-demand.ts';
import { planAskedWays as planAskedWaysInWords, planSetup as planSetupInWords } from './plan-setup.ts';
import type { Resources } from '../work/resources.ts';
import type { PlannedSetup, Setup } from './setup.ts';
import { windowCurve } from './window-curve.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const planAskedWays = toldInMetric(planAskedWaysInWords);
const planSetup = toldInMetric(planSetupInWords);

const thickness = fc.double({ min: 0.5, max: 25.4, noNaN: true });
/** Metals that can be welded with what Hot Bead knows: most works, so that plans and not refusals are tried. */
const WELDABLE = ['carbon-steel', 'coated-steel', 'stainless', 'aluminium'] as const;
const diameter = fc.constantFrom(...WIRE_DIAMETERS_MM.filter((d) => d < 1.6));
const work: fc.Arbitrary<Work> = fc.record({
  metal: fc.constantFrom(...WELDABLE, ...WELDABLE, ...BASE_METALS),
  thicknessMm: thickness,
  otherThicknessMm: fc.option(thickness, { nil: undefined }),
  joint: fc.constantFrom(...JOINTS),
  position: fc.constantFrom(...POSITIONS),
  surface: fc.constantFrom(...SURFACES),
  place: fc.constantFrom('indoors', 'outdoors'),
  windy: fc.boolean(),
});
const resources: fc.Arbitrary<Resources> = fc.record({
  wireDiameterMm: fc.option(fc.constantFrom(...WIRE_DIAMETERS_MM.filter((d) => d <= 1.6)), {
    nil: undefined,
    freq: 1,
  }),
  gas: fc.option(fc.constantFrom('ar-co2-25', 'ar-co2-18', 'ar-co2-8', 'co2', 'argon', 'none'), {
    nil: undefined,
    freq: 1,
  }),
});

function numbersIn(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  if (value === null || typeof value !== 'object') return [];
  return Object.values(value).flatMap(numbersIn);
}

const baseWork: Work = {
  metal: 'carbon-steel',
  thicknessMm: 2,
  joint: 'butt',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};

/** Floors and limits stand behind the factors as rows of their own. */
function isLimit({ kind }: DemandRow): boolean {
  return kind === 'limit' || kind === 'floor';
}

/** One case a family: enough to land in it whenever it can be planned at all. */
const FAMILY_CASES: readonly (readonly [Partial<Work>, Resources])[] = [
  [{ metal: 'carbon-steel' }, { way: 'solid-gas', mode: 'short-circuit' }],
  [{ metal: 'carbon-steel' }, { way: 'solid-gas', mode: 'spray', gas: 'ar-co2-10' }],
  [{ metal: 'carbon-steel' }, { way: 'solid-gas', mode: 'pulse', gas: 'ar-co2-15' }],
  [{ metal: 'carbon-steel' }, { way: 'self-shielded' }],
  [{ metal: 'carbon-steel' }, { way: 'gas-shielded-flux-core' }],
  [{ metal: 'carbon-steel' }, { way: 'metal-cored' }],
  [{ metal: 'coated-steel' }, { way: 'bronze-braze' }],
  [{ metal: 'stainless', alloy: '304' }, { mode: 'short-circuit' }],
  [{ metal: 'stainless', alloy: '316L' }, { mode: 'spray' }],
  [{ metal: 'stainless', alloy: '304' }, { mode: 'pulse' }],
  [
    { metal: 'aluminium', alloy: '6061' },
    { way: 'aluminium-gun', mode: 'spray' },
  ],
  [
    { metal: 'aluminium', alloy: '5083' },
    { way: 'aluminium-spool-gun', mode: 'pulse' },
  ],
];
const familyCase = fc.constantFrom(...FAMILY_CASES);
/** The metals of those cases, each once. */
const METAL_CASES = [...new Map(FAMILY_CASES.map(([over]) => [JSON.stringify(over), over])).values()];

function planOf(
  [over, resource]: readonly [Partial<Work>, Resources],
  more: Partial<Work>,
  extra: Resources = {},
): Setup {
  return steel({ ...over, ...more }, { ...resource, ...extra });
}

function steel(over: Partial<Work>, resource: Resources): Setup {
  return planSetup({ ...baseWork, ...over }, resource);
}

function bothPlanned(a: Setup, b: Setup): [PlannedSetup, PlannedSetup] | undefined {
  return a.status === 'planned' && b.status === 'planned' ? [a, b] : undefined;
}

describe('a plan of the asked ways alone', () => {
  it('is the plan that judging every way gives, but for the list of ways', () => {
    const asked = fc.record({
      wireClass: fc.constantFrom(undefined, 'ER70S-6', 'E71T-11', 'ER308LSi', 'ER5356'),
      mode: fc.constantFrom(undefined, 'short-circuit', 'spray', 'pulse'),
      wireDiameterMm: fc.option(diameter, { nil: undefined }),
    });
    fc.assert(
      fc.property(work, asked, (w, r) => {
        const { ways: every, ...whole } = planSetup(w, r as Resources);
        const { ways: some, ...alone } = planAskedWays(w, r as Resources);
        expect(JSON.stringify(alone)).toBe(JSON.stringify(whole));
        expect(every).toEqual(expect.arrayContaining([...some]));
      }),
      { numRuns: 300 },
    );
  });
});

/** That each span holds its start, the hand is one a welder has, and the runs are counted. */
function expectWithinLimits(setup: PlannedSetup): void {
  const { wireFeedSpeedMPerMin, volts, currentA, travelMmPerMin, gasFlowLPerMin, ctwdMm } = setup;
  for (const span of [wireFeedSpeedMPerMin, volts, currentA, travelMmPerMin, gasFlowLPerMin, ctwdMm]) {
    expect(span.low).toBeLessThanOrEqual(span.start);
    expect(span.high).toBeGreaterThanOrEqual(span.start);
  }
  const [slowest, fastest] = setup.bead.hand.hardMmPerMin;
  expect(travelMmPerMin.start).toBeGreaterThanOrEqual(slowest);
  expect(travelMmPerMin.start).toBeLessThanOrEqual(fastest);
  expect(setup.runs).toHaveLength(setup.bead.passes);
  expect(setup.runs.map(({ number }) => number)).toEqual(setup.runs.map((_, i) => i + 1));
}

/** Refusals for which there is nothing else to do. */
const NOTHING_INSTEAD: readonly string[] = [];

describe('any work', () => {
  it('that can be planned is planned, most of it', () => {
    const plannable = fc
      .record({
        over: fc.constantFrom(...METAL_CASES),
        lnThickness: fc.double({ min: Math.log(1.6), max: Math.log(12), noNaN: true }),
        times: fc.option(fc.double({ min: 1, max: 2, noNaN: true }), { nil: undefined }),
        joint: fc.constantFrom(...JOINTS),
        position: fc.constantFrom(...POSITIONS),
        surface: fc.constantFrom(...SURFACES),
      })
      .map(({ over, lnThickness, times, ...rest }): Work => {
        const thicknessMm = Math.exp(lnThickness);
        const otherThicknessMm = times === undefined ? undefined : thicknessMm * times;
        return { ...baseWork, ...over, ...rest, backing: true, thicknessMm, otherThicknessMm };
      });
    const refused: string[] = [];
    fc.assert(
      fc.property(plannable, (someWork) => {
        const setup = planSetup(someWork);
        if (setup.status === 'refused') refused.push(setup.code);
        else expectWithinLimits(setup);
      }),
      { numRuns: 400 },
    );
    expect(refused.length).toBeLessThan(60);
  });

  it('gives a plan inside its limits or a refusal with a reason, never NaN', () => {
    let planned = 0;
    fc.assert(
      fc.property(work, resources, (someWork, some) => {
        const setup = planSetup(someWork, some);
        expect(numbersIn(setup).filter((value) => !Number.isFinite(value))).toEqual([]);
        if (setup.status === 'refused') {
          expect(setup.reasons[0]?.length).toBeGreaterThan(10);
          if (!NOTHING_INSTEAD.includes(setup.code)) expect(setup.instead.length).toBeGreaterThan(0);
          return;
        }
        planned += 1;
        expectWithinLimits(setup);
      }),
      { numRuns: 400 },
    );
    expect(planned).toBeGreaterThan(150);
  });

  it('decomposes: reference × factors is the current shown, limits are rows of their own', () => {
    fc.assert(
      fc.property(work, resources, (someWork, some) => {
        const setup = planSetup(someWork, some);
        if (setup.status !== 'planned') return;
        let running = 0;
        for (const row of setup.demand) {
          if (row.kind === 'reference') running = row.currentA;
          else if (row.factor !== undefined) running *= row.factor;
          else if (isLimit(row)) {
            if (row.kind === 'limit') expect(row.currentA).toBeLessThan(running);
            else expect(row.currentA).toBeGreaterThan(running);
            running = row.currentA;
          }
          expect(Math.abs(row.currentA - running)).toBeLessThan(1e-6);
        }
        expect(Math.abs(setup.currentA.start - running)).toBeLessThan(1);
      }),
    );
  });

  it('gives the row before when a factor is taken away and planned again', () => {
    fc.assert(
      fc.property(
        familyCase,
        thickness,
        fc.constantFrom(...JOINTS),
        fc.constantFrom(...POSITIONS),
        fc.constantFrom(...SURFACES),
        diameter,
        (which, thicknessMm, joint, position, surface, wireDiameterMm) => {
          const full = planOf(which, { thicknessMm, joint, position, surface }, { wireDiameterMm });
          const lesser = planOf(which, { thicknessMm, joint, position }, { wireDiameterMm });
          const least = planOf(which, { thicknessMm, joint }, { wireDiameterMm });
          if (full.status !== 'planned') return;
          const rowOf = (kind: string): number | undefined => {
            const rows = full.demand.filter((row) => !isLimit(row));
            const at = rows.findIndex((row) => row.kind === kind);
            return at < 0 ? undefined : rows[at - 1]?.currentA;
          };
          const wanted = (setup: Setup): number | undefined =>
            setup.status === 'planned'
              ? setup.demand.filter((row) => !isLimit(row)).at(-1)?.currentA
              : undefined;
          const beforeSurface = rowOf('surface');
          const beforePosition = rowOf('position');
          const without = wanted(lesser);
          const bare = wanted(least);
          if (beforeSurface !== undefined && without !== undefined)
            expect(without).toBeCloseTo(beforeSurface, 6);
          if (beforePosition !== undefined && bare !== undefined) expect(bare).toBeCloseTo(beforePosition, 6);
        },
      ),
    );
  });
});

describe('order', () => {
  it('thicker never asks for less current, at fixed wire, joint, position and pass count', () => {
    fc.assert(
      fc.property(
        familyCase,
        thickness,
        thickness,
        fc.constantFrom(...JOINTS),
        fc.constantFrom(...POSITIONS),
        diameter,
        (which, a, b, joint, position, wireDiameterMm) => {
          const thin = planOf(which, { thicknessMm: Math.min(a, b), joint, position }, { wireDiameterMm });
          const thick = planOf(which, { thicknessMm: Math.max(a, b), joint, position }, { wireDiameterMm });
          const both = bothPlanned(thin, thick);
          if (!both || both[0].bead.passes !== both[1].bead.passes) return;
          expect(both[1].currentA.start).toBeGreaterThanOrEqual(both[0].currentA.start - 1e-9);
        },
      ),
    );
  });

  it('open butt < closed butt < lap < tee in current wanted, and never less once held to the window', () => {
    fc.assert(
      fc.property(thickness, diameter, (thicknessMm, wireDiameterMm) => {
        const plans = (['open-butt', 'butt', 'lap', 'tee'] as const).map((joint) =>
          steel({ thicknessMm, joint }, { wireDiameterMm, mode: 'short-circuit' }),
        );
        for (let i = 1; i < plans.length; i++) {
          const both = bothPlanned(plans[i - 1] as Setup, plans[i] as Setup);
          if (!both) continue;
          const wanted = (plan: PlannedSetup): number =>
            plan.demand.filter((row) => !isLimit(row)).at(-1)?.currentA ?? 0;
          expect(wanted(both[1])).toBeGreaterThan(wanted(both[0]));
          expect(both[1].currentA.start).toBeGreaterThanOrEqual(both[0].currentA.start - 1e-9);
        }
      }),
    );
  });

  it('does not jump: 1 % in thickness moves the wire speed by less than 10 % in one family with one wire', () => {
    let seen = 0;
    fc.assert(
      fc.property(
        familyCase,
        fc.double({ min: 0.5, max: 24.5, noNaN: true }),
        fc.constantFrom(...JOINTS),
        diameter,
        (which, thicknessMm, joint, wireDiameterMm) => {
          const both = bothPlanned(
            planOf(which, { thicknessMm, joint }, { wireDiameterMm }),
            planOf(which, { thicknessMm: thicknessMm * 1.01, joint }, { wireDiameterMm }),
          );
          if (!both) return;
          seen += 1;
          const ratio = both[1].wireFeedSpeedMPerMin.start / both[0].wireFeedSpeedMPerMin.start;
          expect(Math.abs(ratio - 1)).toBeLessThan(0.1);
        },
      ),
      { numRuns: 400 },
    );
    expect(seen).toBeGreaterThan(60);
  });

  it('jumps only where way, mode, wire, pass count or a named rule changes when nothing is named', () => {
    const key = ({ way, transferMode, wire, bead, reasons }: PlannedSetup): string =>
      [
        way,
        transferMode,
        wire.wireClass,
        wire.diameterMm,
        bead.passes,
        reasons.filter((r) => r.item === 'named-rule').length,
      ].join();
    for (const over of METAL_CASES) {
      for (const joint of JOINTS) {
        let before = steel({ ...over, thicknessMm: 0.55, joint }, {});
        for (let thicknessMm = 0.55 * 1.02; thicknessMm < 24; thicknessMm *= 1.02) {
          const now = steel({ ...over, thicknessMm, joint }, {});
          const both = bothPlanned(before, now);
          before = now;
          if (!both || key(both[0]) !== key(both[1])) continue;
          const ratio = both[1].wireFeedSpeedMPerMin.start / both[0].wireFeedSpeedMPerMin.start;
          expect(Math.abs(ratio - 1)).toBeLessThan(0.1);
        }
      }
    }
  });

  it('a longer stick-out melts the same wire at less current, but for aluminium', () => {
    for (const [over, resource] of FAMILY_CASES) {
      const at = (ctwdMm: number): Setup =>
        planSetup(
          {
            ...baseWork,
            thicknessMm: 5,
            joint: 'tee',
            ...over,
            ...(resource.way === 'bronze-braze' ? { thicknessMm: 2 } : {}),
          },
          resource,
          { ctwdMm, wireFeedSpeedMPerMin: 8 },
        );
      const both = bothPlanned(at(14), at(22));
      if (!both) throw new Error(`not planned: ${JSON.stringify(resource)}`);
      const heats = over.metal !== 'aluminium' && resource.way !== 'bronze-braze';
      if (heats) expect(both[1].currentA.start).toBeLessThan(both[0].currentA.start);
      else expect(both[1].currentA.start).toBeCloseTo(both[0].currentA.start, 9);
    }
  });
});

describe('the window curve', () => {
  it('runs through the plan’s own start point and rises with wire speed', () => {
    const plan = steel({ thicknessMm: 3.2 }, { wireDiameterMm: 0.8, gas: 'ar-co2-18' });
    if (plan.status !== 'planned') throw new Error('refused');
    const points = windowCurve(plan, 200);
    const near = points.reduce((best, p) =>
      Math.abs(p.wireFeedSpeedMPerMin - plan.wireFeedSpeedMPerMin.start) <
      Math.abs(best.wireFeedSpeedMPerMin - plan.wireFeedSpeedMPerMin.start)
        ? p
        : best,
    );
    expect(near.volts.start).toBeCloseTo(plan.volts.start, 1);
    for (let i = 1; i < points.length; i++) {
      expect(points[i]!.volts.start).toBeGreaterThan(points[i - 1]!.volts.start);
      expect(points[i]!.volts.high - points[i]!.volts.low).toBeCloseTo(2, 6);
    }
  });
});
