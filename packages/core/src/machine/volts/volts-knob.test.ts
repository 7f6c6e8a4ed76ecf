import fc from 'fast-check';
import { bandAt } from '../../base/numeric/banded-curve.ts';
import type { MachineKind } from './machine-kind.ts';
import {
  fallingPlaces,
  nextVoltsPlace,
  voltsKnobFor,
  voltsOverKnob,
  type VoltsPlace,
  withReading,
} from './volts-knob.ts';

/** Shapes of volts over a knob's turn, 0 to 1 on both. Made for this test; no machine of ours has them from the code. */
const SHAPES = [
  (u: number) => u,
  (u: number) => u ** 1.5,
  (u: number) => u ** 0.65,
  (u: number) => u * u * (3 - 2 * u),
] as const;

/** A stream of even numbers in (0, 1), the same at every run: a generator of its own, not the feeder's. */
function stream(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state + 0.5) / 2 ** 32;
  };
}

interface Simulated {
  readonly kind: MachineKind;
  readonly places: readonly VoltsPlace[];
  readonly truth: (knob: number, currentA: number) => number;
}

function simulated(seed: number): Simulated {
  const next = stream(seed * 2654435761);
  const normal = (): number => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
  const shape = SHAPES[seed % SHAPES.length] as (typeof SHAPES)[number];
  const kind: MachineKind = seed % 3 === 0 ? 'inverter' : 'transformer';
  const [from, to] = [13 + 3 * next(), 26 + 8 * next()];
  const droop = (kind === 'inverter' ? 1 : 3) + 0.51 * normal();
  const bias = 0.2 * normal();
  const openAt = (knob: number): number => from + (to - from) * shape(knob / 10);
  const truth = (knob: number, currentA: number): number => openAt(knob) - (droop * currentA) / 100;
  const read = (volts: number): number => volts + bias + 0.15 * normal();
  const count = 3 + (seed % 5);
  const places = Array.from({ length: count }, (_, i): VoltsPlace => {
    const knob = (10 * i) / (count - 1);
    const at = (currentA: number) => ({ volts: read(truth(knob, currentA)), currentA });
    if (kind === 'transformer' && seed % 2 === 0) return { knob, openV: read(openAt(knob)) };
    const first = 60 + 80 * next();
    return { knob, loaded: i % 2 === 0 ? [at(first)] : [at(first), at(first + 60)] };
  });
  return { kind, places, truth };
}

describe('a volts knob whose marks are no volts', () => {
  it('lies in its stated band in 93 to 97 % of 500 simulated machines of four shapes, read 3 to 7 times', () => {
    let [inside, all] = [0, 0];
    for (let seed = 1; seed <= 500; seed++) {
      const { kind, places, truth } = simulated(seed);
      for (const currentA of [60, 110, 160]) {
        const curve = voltsOverKnob(places, kind, currentA);
        if (!curve) throw new Error('nothing read');
        for (let knob = 0.25; knob < 10; knob += 0.5) {
          const band = bandAt(curve, knob);
          const volts = truth(knob, currentA);
          all += 1;
          if (band && volts >= band.low && volts <= band.high) inside += 1;
        }
      }
    }
    expect(inside / all).toBeGreaterThan(0.93);
    expect(inside / all).toBeLessThan(0.97);
  });

  const PLACES: readonly VoltsPlace[] = [0, 5, 10].map((knob) => ({ knob, openV: 15 + 1.5 * knob }));

  it('falls by the droop of its kind until it is measured, and then by what two loads told for all places', () => {
    const open = voltsOverKnob(PLACES, 'transformer', 100);
    expect(open && bandAt(open, 5)?.start).toBeCloseTo(22.5 - 3, 9); // 3 V for each 100 A, handbook
    const loaded = (volts: number) => [
      { volts, currentA: 50 },
      { volts: volts - 2, currentA: 150 },
    ];
    const measured = voltsOverKnob(
      [...PLACES.slice(0, 2), { knob: 10, loaded: loaded(28) }],
      'transformer',
      100,
    );
    expect(measured && bandAt(measured, 5)?.start).toBeCloseTo(22.5 - 2, 9);
    expect(measured && bandAt(measured, 10)?.start).toBeCloseTo(27, 9);
  });

  it('says nothing of an inverter by its open volts, nor of one place', () => {
    expect(voltsOverKnob(PLACES, 'inverter', 100)).toBeUndefined();
    expect(voltsOverKnob(PLACES.slice(0, 1), 'transformer', 100)).toBeUndefined();
    expect(() => voltsOverKnob(PLACES, 'transformer', 0)).toThrow('current');
  });

  it('finds the knob for volts and back, whatever was read, and never past the readings', () => {
    const rising = fc
      .array(fc.double({ min: 0.5, max: 6, noNaN: true }), { minLength: 2, maxLength: 6 })
      .map((steps) => {
        let openV = 14;
        return steps.map((step, i): VoltsPlace => ({ knob: 2 * i, openV: (openV += step) }));
      });
    fc.assert(
      fc.property(rising, fc.double({ min: 0, max: 1, noNaN: true }), (places, share) => {
        const curve = voltsOverKnob(places, 'transformer', 90);
        if (!curve) throw new Error('nothing read');
        const knob = share * 2 * (places.length - 1);
        const volts = bandAt(curve, knob)?.start ?? 0;
        const setting = voltsKnobFor(curve, volts);
        expect(setting.status).toBe('within');
        if (setting.status !== 'within') return;
        expect(setting.knob.start).toBeCloseTo(knob, 3);
        expect(setting.knob.low).toBeLessThanOrEqual(setting.knob.start);
        expect(setting.knob.high).toBeGreaterThanOrEqual(setting.knob.start);
        expect(voltsKnobFor(curve, 60)).toMatchObject({ status: 'above', endKnob: 2 * (places.length - 1) });
        expect(voltsKnobFor(curve, 5)).toMatchObject({ status: 'below', endKnob: 0 });
      }),
    );
  });

  it('is read at both ends first, then where it is least sure', () => {
    expect(nextVoltsPlace([], 'transformer', [1, 10])).toBe(1);
    expect(nextVoltsPlace([{ knob: 10, openV: 30 }], 'transformer', [1, 10])).toBe(1);
    expect(nextVoltsPlace([{ knob: 1, openV: 16 }], 'transformer', [1, 10])).toBe(10);
    const ends = [
      { knob: 0, openV: 16 },
      { knob: 10, openV: 30 },
    ];
    expect(nextVoltsPlace(ends, 'transformer', [0, 10])).toBe(5);
  });

  it('takes a reading to its place, in the knob’s order, beside what was read there under load', () => {
    const one = withReading([{ knob: 8, openV: 30 }], { knob: 2, volts: 19 });
    expect(one).toEqual([
      { knob: 2, openV: 19 },
      { knob: 8, openV: 30 },
    ]);
    const two = withReading(one, { knob: 2, volts: 16, currentA: 100 });
    expect(two[0]).toEqual({ knob: 2, openV: 19, loaded: [{ volts: 16, currentA: 100 }] });
    expect(withReading(two, { knob: 2, volts: 20 })[0]).toEqual({ ...two[0], openV: 20 });
  });

  it('doubts a place that gives fewer volts than one below it', () => {
    const [low, middle, high] = PLACES as readonly [VoltsPlace, VoltsPlace, VoltsPlace];
    expect(fallingPlaces(PLACES, 'transformer')).toBeUndefined();
    expect(fallingPlaces([low, { ...middle, openV: 14 }, high], 'transformer')).toEqual([0, 5]);
    expect(fallingPlaces([low, { ...middle, openV: 14.8 }, high], 'transformer')).toBeUndefined();
  });
});
