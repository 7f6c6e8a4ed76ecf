import { cases } from '../../test/cases.ts';
import fc from 'fast-check';
import { dialSpeed } from '../machine/dial/dial-band.ts';
import { dialAtPosition, machineDials } from '../machine/dial/machine-dials.ts';
import type { TimedReading } from '../machine/dial/timed-run.ts';
import { JOINTS, POSITIONS, type Work } from '../trade/material/work.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import { MACHINE_FEATURES } from '../machine/scale/machine-feature.ts';
import { type Machine, type VoltsControl, type WireControl } from '../machine/machine.ts';
import { MACHINE_KINDS } from '../machine/volts/machine-kind.ts';
import { machineTerms, planReach, positionOf } from './machine-terms.ts';
import { positionFit } from './position-fit.ts';

const wireControl: fc.Arbitrary<WireControl> = fc.oneof(
  fc.constant<WireControl>({ kind: 'units' }),
  fc
    .constantFrom([0, 10], [1, 10], [0, 100], [0, 1])
    .map(([min = 0, max = 10]): WireControl => ({ kind: 'knob', min, max })),
  fc.constant<WireControl>({ kind: 'letters', names: ['A', 'B', 'C', 'D'] }),
);
const loaded = fc.record({
  volts: fc.double({ min: 10, max: 40, noNaN: true }),
  currentA: fc.double({ min: 20, max: 300, noNaN: true }),
});
const voltsControl: fc.Arbitrary<VoltsControl> = fc.oneof(
  fc.constant<VoltsControl>({ kind: 'displayed', meter: [{ shownV: 19, meterV: 18.2 }] }),
  fc
    .array(
      fc.record({
        openV: fc.option(fc.double({ min: 12, max: 60, noNaN: true }), { nil: undefined }),
        loaded: fc.array(loaded, { maxLength: 4 }),
      }),
      { minLength: 1, maxLength: 8 },
    )
    .map((positions): VoltsControl => ({
      kind: 'positions',
      positions: positions.map((position, i) => ({ name: String(i + 1), ...position })),
    })),
);
const machine: fc.Arbitrary<Machine> = fc.record({
  name: fc.constant('Any'),
  kind: fc.constantFrom(...MACHINE_KINDS),
  loadedWireClass: fc.constant('ER70S-6'),
  loadedWireDiameterMm: fc.constantFrom(0.6, 0.8, 1.0, 1.2),
  loadedGas: fc.constantFrom('ar-co2-18', 'co2', 'ar-co2-8'),
  features: fc.subarray([...MACHINE_FEATURES]),
  wireControl,
  voltsControl,
  feedFollowsPosition: fc.boolean(),
});
const readings: fc.Arbitrary<readonly TimedReading[]> = fc
  .array(
    fc.record({
      place: fc.integer({ min: 0, max: 3 }),
      lengthMm: fc.double({ min: 300, max: 2500, noNaN: true }),
      position: fc.constantFrom('1', '2', '3'),
      underArc: fc.boolean(),
    }),
    { maxLength: 9 },
  )
  .map((some) =>
    some.map(({ place, lengthMm, ...reading }) => ({
      ...reading,
      knob: place,
      run: { lengthMm, timeS: 10 },
    })),
  );
const work: fc.Arbitrary<Work> = fc.record({
  metal: fc.constant('carbon-steel'),
  thicknessMm: fc.double({ min: 0.6, max: 12, noNaN: true }),
  joint: fc.constantFrom(...JOINTS),
  position: fc.constantFrom(...POSITIONS),
  surface: fc.constant('clean'),
  place: fc.constant('indoors'),
  windy: fc.constant(false),
});

function numbersIn(value: unknown): readonly number[] {
  if (typeof value === 'number') return [value];
  if (value === null || typeof value !== 'object') return [];
  return Object.values(value).flatMap(numbersIn);
}

describe('any machine with any readings', () => {
  it('gives terms that are finite, ordered, and on its own scale, or says what is missing', () => {
    const seen = new Set<string>();
    fc.assert(
      fc.property(machine, readings, work, (some, read, job) => {
        const plan = planSetup(job, { machine: some });
        if (plan.status !== 'planned') return;
        const dials = machineDials(some, read);
        const terms = machineTerms(some, dials, plan);
        seen.add(terms.wire.status).add(terms.volts.status);
        for (const value of [...numbersIn(terms), ...numbersIn(planReach(some, dials, terms))]) {
          expect(Number.isFinite(value)).toBe(true);
        }
        if (terms.wire.status === 'knob') {
          const { start, low, high } = terms.wire.knob;
          expect(low).toBeLessThanOrEqual(start);
          expect(high).toBeGreaterThanOrEqual(start);
          // turned there, the dial gives the wire speed that the plan wants, less the sag under arc
          const dial = dialAtPosition(dials, positionOf(terms.volts))?.dial;
          const open = dial && dialSpeed(dial, start)?.start;
          expect((open ?? 0) * (1 - dials.sag.start)).toBeCloseTo(plan.wireFeedSpeedMPerMin.start, 3);
        }
        if (terms.volts.status === 'position') {
          const { low, start, high } = terms.volts.choice.gives.volts;
          expect(low).toBeLessThan(start);
          expect(high).toBeGreaterThan(start);
        }
      }),
      { numRuns: cases(800, 1500) },
    );
    for (const status of [
      'shown',
      'knob',
      'letter',
      'out-of-reach',
      'not-measured',
      'position',
      'shown-offset',
    ]) {
      expect(seen).toContain(status);
    }
  });

  it('fits the wire to a tap that then is as near as was asked for', () => {
    let fitted = 0;
    fc.assert(
      fc.property(machine, work, fc.constantFrom(0, 0.5, 1), (some, job, withinV) => {
        const plan = planSetup(job, { machine: some });
        if (plan.status !== 'planned') return;
        const at = { wireFeedSpeedMPerMin: plan.wireFeedSpeedMPerMin.start, volts: plan.volts.start };
        const before = machineTerms(some, machineDials(some, []), plan, at).volts;
        if (before.status !== 'position' || Math.abs(before.choice.offV) <= withinV) return;
        const fit = positionFit(some, plan, at, withinV);
        if (!fit) return;
        fitted += 1;
        const { volts } = machineTerms(some, machineDials(some, []), plan, fit);
        if (volts.status !== 'position') throw new Error(volts.status);
        expect(Math.abs(volts.choice.offV)).toBeLessThan(withinV + 0.05);
      }),
      { numRuns: cases(800, 1500) },
    );
    expect(fitted).toBeGreaterThan(50);
  });
});
