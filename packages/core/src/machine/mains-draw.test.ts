import { OutOfRangeError } from '../base/quantity/out-of-range-error.ts';
import { breakerVerdict, mainsDrawA } from './mains-draw.ts';

describe('the mains current', () => {
  // By hand: 19 V × 120 A = 2280 W; ÷ (0.8 × 0.7 × 230 V) = 17.7 A.
  it('is the arc’s power over efficiency, power factor and mains volts', () => {
    const draw = mainsDrawA({ volts: 19, currentA: 120 }, { volts: 230 }, 'transformer');
    expect(draw.start).toBeCloseTo(17.7, 1);
    expect(draw.low).toBeLessThan(draw.start);
    expect(draw.high).toBeGreaterThan(draw.start);
  });

  it('doubles where the mains volts are half', () => {
    const at = (volts: number): number =>
      mainsDrawA({ volts: 19, currentA: 120 }, { volts }, 'inverter').start;
    expect(at(115)).toBeCloseTo(2 * at(230), 9);
  });

  it.each([
    [40, 'holds'],
    [18, 'may-trip'],
    [10, 'trips'],
  ] as const)('against a breaker of %d A: %s', (breakerA, verdict) => {
    const draw = mainsDrawA({ volts: 19, currentA: 120 }, { volts: 230 }, 'transformer');
    expect(breakerVerdict(draw, { breakerA })).toBe(verdict);
  });

  it.each([
    [{ volts: 0, currentA: 100 }, 230],
    [{ volts: 20, currentA: Number.NaN }, 230],
    [{ volts: 20, currentA: 100 }, 12],
  ])('refuses %o at %d V', (arc, volts) => {
    expect(() => mainsDrawA(arc, { volts }, 'inverter')).toThrow(OutOfRangeError);
  });
});
