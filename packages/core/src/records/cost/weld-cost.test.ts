import fc from 'fast-check';
import { filletSectionMm2 } from '../../plan/bead/weld-size.ts';
import { OutOfRangeError } from '../../base/quantity/out-of-range-error.ts';
import { type CostInput, OPERATING_FACTORS, quoteRange, weldCost } from './weld-cost.ts';

// source: handbook on inspection, its worked example and check cases C01 and C02
const RATES = { perHour: 45, perWireKg: 3.5, perGasM3: 9, perKWh: 0.3, perTip: 1.5 };
const INPUT: CostInput = {
  arcMin: 25.12,
  operatingFactor: 0.25,
  setUpMin: 20,
  fitUpMin: 48,
  cleanMin: 6,
  wireKg: 1.322,
  gasL: 461.4,
  volts: 27,
  amps: 215,
  efficiency: 0.77,
  tipLifeH: 4,
};

describe('what welding costs', () => {
  it('twelve metres of z5: 174 minutes, 3.2 kWh, 141 in money, most of it labour', () => {
    const cost = weldCost(INPUT, RATES);
    expect(cost.minutes).toBeCloseTo(174.46, 1);
    expect(cost.kWh).toBeCloseTo(3.16, 2);
    expect(cost.labour).toBeCloseTo(130.9, 1);
    expect(cost.wire).toBeCloseTo(4.6, 1);
    expect(cost.gas).toBeCloseTo(4.2, 1);
    expect(cost.power).toBeCloseTo(0.95, 1);
    expect(cost.tips).toBeCloseTo(0.16, 2);
    expect(cost.sum).toBeCloseTo(140.73, 0);
    expect(cost.labour / cost.sum).toBeCloseTo(0.93, 2);
  });

  it('a5 takes twice the metal of z5, z6 takes 1.44 times', () => {
    const z5 = filletSectionMm2(5);
    expect(filletSectionMm2(5 * Math.SQRT2) / z5).toBeCloseTo(2, 6);
    expect(filletSectionMm2(6) / z5).toBeCloseTo(1.44, 6);
  });

  it('the arc burns for the share of the time that is usual for its kind of work', () => {
    // handbook on inspection, §4: least and most by kind of work; a quarter is usual at the bench
    const ends = Object.entries(OPERATING_FACTORS).map(([kind, { factor }]) => [kind, factor[0], factor[2]]);
    expect(ends).toEqual([
      ['repair', 0.05, 0.15],
      ['tacking', 0.05, 0.1],
      ['stitched-sheet', 0.1, 0.2],
      ['bench', 0.15, 0.3],
      ['long-seams', 0.3, 0.45],
      ['positioner', 0.4, 0.5],
    ]);
    expect(OPERATING_FACTORS.bench.factor[1]).toBe(0.25);
  });

  it('what cannot be is refused, and less arc on the clock is never cheaper', () => {
    expect(() => weldCost({ ...INPUT, operatingFactor: 0 }, RATES)).toThrow(OutOfRangeError);
    expect(() => weldCost({ ...INPUT, tipLifeH: 0 }, RATES)).toThrow(OutOfRangeError);
    const sums = [0.6, 0.4, 0.25, 0.1].map(
      (operatingFactor) => weldCost({ ...INPUT, operatingFactor }, RATES).sum,
    );
    sums.slice(1).forEach((sum, i) => expect(sum).toBeGreaterThan(sums[i] ?? 0));
    for (const { factor } of Object.values(OPERATING_FACTORS)) {
      expect(factor[0] < factor[1] && factor[1] < factor[2]).toBe(true);
    }
  });
});

describe('a quote as a range', () => {
  it('varies one thing at a time: 103 to 235 about 141, hours first', () => {
    const swing = (id: string, up: number, down: number) => ({ id, worse: 141 * up, better: 141 * down });
    const range = quoteRange(141, [
      swing('operating factor', 1.36, 0.85),
      swing('rate', 1.31, 0.79),
      swing('leg', 1.27, 0.93),
      swing('fit-up', 1.19, 0.9),
      swing('set-up', 1.11, 0.96),
      swing('gas', 1.02, 0.99),
    ]);
    expect(Math.abs(range.low - 103)).toBeLessThan(1.5);
    expect(Math.abs(range.high - 235)).toBeLessThan(2);
    expect(range.swings[0]?.id).toMatch(/operating factor|rate/);
    expect(range.swings.at(-1)?.id).toBe('gas');
  });

  it('nothing that varies is no range, and the likely sum lies within', () => {
    expect(quoteRange(100, [])).toEqual({ low: 100, likely: 100, high: 100, swings: [] });
    const any = fc.record({
      id: fc.constant('one'),
      worse: fc.double({ min: 50, max: 400, noNaN: true }),
      better: fc.double({ min: 20, max: 200, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 5 }), (swings) => {
        const { low, high } = quoteRange(100, swings);
        expect(low).toBeLessThanOrEqual(100);
        expect(high).toBeGreaterThanOrEqual(100);
      }),
    );
  });
});
