import fc from 'fast-check';
import { BASE_METALS } from '../material/base-metal.ts';
import { JOINTS, POSITIONS, SURFACES, type Work } from '../material/work.ts';
import { WIRE_DIAMETERS_MM } from '../wire/wire-diameter.ts';
import { planSetup } from './plan-setup.ts';
import type { PlannedSetup, Resources, Setup } from './setup.ts';
import { windowCurve } from './window-curve.ts';

const thickness = fc.double({ min: 0.5, max: 25, noNaN: true });
const diameter = fc.constantFrom(...WIRE_DIAMETERS_MM.filter((d) => d < 1.6));
const work: fc.Arbitrary<Work> = fc.record({
  metal: fc.constantFrom(...BASE_METALS),
  thicknessMm: thickness,
  otherThicknessMm: fc.option(thickness, { nil: undefined }),
  joint: fc.constantFrom(...JOINTS),
  position: fc.constantFrom(...POSITIONS),
  surface: fc.constantFrom(...SURFACES),
  place: fc.constantFrom('indoors', 'outdoors'),
  windy: fc.boolean(),
});
const resources: fc.Arbitrary<Resources> = fc.record({
  wireDiameterMm: fc.option(fc.constantFrom(...WIRE_DIAMETERS_MM), { nil: undefined }),
  gas: fc.option(fc.constantFrom('ar-co2-25', 'ar-co2-18', 'ar-co2-8', 'co2', 'argon', 'none'), {
    nil: undefined,
  }),
});

function numbersIn(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  if (value === null || typeof value !== 'object') return [];
  return Object.values(value).flatMap(numbersIn);
}

function steel(over: Partial<Work>, resource: Resources): Setup {
  const base = {
    metal: 'carbon-steel',
    thicknessMm: 2,
    joint: 'butt',
    position: 'flat',
    surface: 'clean',
    place: 'indoors',
    windy: false,
  } as const;
  return planSetup({ ...base, ...over }, resource);
}

function bothPlanned(a: Setup, b: Setup): [PlannedSetup, PlannedSetup] | undefined {
  return a.status === 'planned' && b.status === 'planned' ? [a, b] : undefined;
}

describe('any work', () => {
  it('gives a plan inside its limits or a refusal with a reason, never NaN', () => {
    let planned = 0;
    fc.assert(
      fc.property(work, resources, (someWork, some) => {
        const setup = planSetup(someWork, some);
        for (const value of numbersIn(setup)) expect(Number.isFinite(value)).toBe(true);
        if (setup.status === 'refused') {
          expect(setup.reasons.length).toBeGreaterThan(0);
          return;
        }
        planned += 1;
        const { wireFeedSpeedMPerMin, volts, currentA, travelMmPerMin, gasFlowLPerMin, ctwdMm } = setup;
        for (const span of [wireFeedSpeedMPerMin, volts, currentA, travelMmPerMin, gasFlowLPerMin, ctwdMm]) {
          expect(span.low).toBeLessThanOrEqual(span.start);
          expect(span.high).toBeGreaterThanOrEqual(span.start);
        }
        expect(travelMmPerMin.start).toBeGreaterThanOrEqual(200);
        expect(travelMmPerMin.start).toBeLessThanOrEqual(700);
        expect(setup.bead.passes).toBeGreaterThanOrEqual(1);
      }),
      { numRuns: 400 },
    );
    expect(planned).toBeGreaterThan(15);
  });

  it('decomposes: reference × factors is the current shown, limits are rows of their own', () => {
    fc.assert(
      fc.property(work, resources, (someWork, some) => {
        const setup = planSetup({ ...someWork, metal: 'carbon-steel' }, some);
        if (setup.status !== 'planned') return;
        let running = 0;
        for (const row of setup.demand) {
          if (row.kind === 'reference') running = row.currentA;
          else if (row.factor !== undefined) running *= row.factor;
          else if (row.kind === 'limit') {
            expect(row.currentA).toBeLessThan(running);
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
        thickness,
        fc.constantFrom(...JOINTS),
        fc.constantFrom(...POSITIONS),
        fc.constantFrom(...SURFACES),
        diameter,
        (thicknessMm, joint, position, surface, wireDiameterMm) => {
          const full = steel({ thicknessMm, joint, position, surface }, { wireDiameterMm });
          const lesser = steel({ thicknessMm, joint, position }, { wireDiameterMm });
          const least = steel({ thicknessMm, joint }, { wireDiameterMm });
          if (full.status !== 'planned') return;
          const rowOf = (kind: string): number | undefined => {
            const rows = full.demand.filter((row) => row.kind !== 'limit');
            const at = rows.findIndex((row) => row.kind === kind);
            return at < 0 ? undefined : rows[at - 1]?.currentA;
          };
          const wanted = (setup: Setup): number | undefined =>
            setup.status === 'planned'
              ? setup.demand.filter((row) => row.kind !== 'limit').at(-1)?.currentA
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
        thickness,
        thickness,
        fc.constantFrom(...JOINTS),
        fc.constantFrom(...POSITIONS),
        diameter,
        (a, b, joint, position, wireDiameterMm) => {
          const thin = steel({ thicknessMm: Math.min(a, b), joint, position }, { wireDiameterMm });
          const thick = steel({ thicknessMm: Math.max(a, b), joint, position }, { wireDiameterMm });
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
          steel({ thicknessMm, joint }, { wireDiameterMm }),
        );
        for (let i = 1; i < plans.length; i++) {
          const both = bothPlanned(plans[i - 1] as Setup, plans[i] as Setup);
          if (!both) continue;
          const wanted = (plan: PlannedSetup): number =>
            plan.demand.filter((row) => row.kind !== 'limit').at(-1)?.currentA ?? 0;
          expect(wanted(both[1])).toBeGreaterThan(wanted(both[0]));
          expect(both[1].currentA.start).toBeGreaterThanOrEqual(both[0].currentA.start - 1e-9);
        }
      }),
    );
  });

  it('does not jump: 1 % in thickness moves the wire speed by less than 10 % with the same wire', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 24.5, noNaN: true }),
        fc.constantFrom(...JOINTS),
        diameter,
        (thicknessMm, joint, wireDiameterMm) => {
          const both = bothPlanned(
            steel({ thicknessMm, joint }, { wireDiameterMm }),
            steel({ thicknessMm: thicknessMm * 1.01, joint }, { wireDiameterMm }),
          );
          if (!both) return;
          const ratio = both[1].wireFeedSpeedMPerMin.start / both[0].wireFeedSpeedMPerMin.start;
          expect(Math.abs(ratio - 1)).toBeLessThan(0.1);
        },
      ),
    );
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
