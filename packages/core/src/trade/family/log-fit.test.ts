import fc from 'fast-check';
import { FAMILIES } from './families.ts';
import { OutOfRangeError } from '../../base/quantity/out-of-range-error.ts';
import { fittedCurrentA, LEAST_SLOPE, type LogFit } from './log-fit.ts';

const families = Object.values(FAMILIES).flat();
const family = fc.constantFrom(...families);
const thickness = fc.double({ min: 0.5, max: 25, noNaN: true });

describe('a fitted current', () => {
  it('never falls as the work gets thicker, in any family and size, over the whole range', () => {
    fc.assert(
      fc.property(family, thickness, thickness, fc.nat(), (f, a, b, pick) => {
        const size = f.sizes[pick % f.sizes.length];
        const d = size?.nominalMm ?? 0.9;
        const [thin, thick] = [Math.min(a, b), Math.max(a, b)];
        expect(fittedCurrentA(f.demand, thick, d)).toBeGreaterThanOrEqual(
          fittedCurrentA(f.demand, thin, d) - 1e-9,
        );
      }),
      { numRuns: 400 },
    );
  });

  it('goes on without a step past both ends of its fit', () => {
    for (const f of families) {
      for (const edge of f.demand.fitMm) {
        if (edge <= 0.51 || edge > 25) continue;
        const before = fittedCurrentA(f.demand, edge * 0.9999, 0.9);
        const after = fittedCurrentA(f.demand, edge * 1.0001, 0.9);
        expect(Math.abs(after / before - 1)).toBeLessThan(0.001);
      }
    }
  });

  it('goes on with the slope it has at the end, and never less than the least', () => {
    const flat: LogFit = { constant: 4, perLnT: 0.01, fitMm: [1, 5] };
    expect(fittedCurrentA(flat, 10, 1) / fittedCurrentA(flat, 5, 1)).toBeCloseTo(2 ** LEAST_SLOPE, 9);
    const steep: LogFit = { constant: 4, perLnT: 0.8, fitMm: [1, 5] };
    expect(fittedCurrentA(steep, 10, 1) / fittedCurrentA(steep, 5, 1)).toBeCloseTo(2 ** 0.8, 9);
  });

  it('goes on with a slope of its own above where it names one', () => {
    const flat: LogFit = { constant: 4, perLnT: 0.8, fitMm: [1, 5], slopeAbove: 0.2 };
    expect(fittedCurrentA(flat, 10, 1) / fittedCurrentA(flat, 5, 1)).toBeCloseTo(2 ** 0.2, 9);
    expect(fittedCurrentA(flat, 0.5, 1) / fittedCurrentA(flat, 1, 1)).toBeCloseTo(0.5 ** 0.8, 9);
  });

  it('has every term of its form', () => {
    const fit: LogFit = {
      constant: 1,
      perLnT: 2,
      perLnT2: 0.5,
      perLnD: 3,
      perLnD2: 0.25,
      perLnTLnD: -1,
      perInverseT: -0.5,
      fitMm: [0.5, 25],
    };
    const [t, d] = [Math.log(4), Math.log(1.2)];
    const expected = 1 + 2 * t + 0.5 * t ** 2 + 3 * d + 0.25 * d ** 2 - t * d - 0.5 / 4;
    expect(Math.log(fittedCurrentA(fit, 4, 1.2))).toBeCloseTo(expected, 9);
  });

  it.each([
    [0.49, 0.9],
    [25.5, 0.9],
    [Number.NaN, 0.9],
    [3, 0.4],
    [3, Infinity],
  ])('refuses %s mm with %s mm wire', (t, d) => {
    expect(() => fittedCurrentA({ constant: 4, fitMm: [1, 5] }, t, d)).toThrow(OutOfRangeError);
  });
});
