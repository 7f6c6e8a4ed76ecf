import fc from 'fast-check';
import { OutOfRangeError } from '../quantity/out-of-range-error.ts';
import { meltingCurrentA, meltingWireFeedSpeedMPerMin } from './melting-rate.ts';

/** Independent method: bisection on the equation itself. */
function bisect(speed: number, diameterMm: number, extensionMm: number): number {
  let low = 1;
  let high = 500;
  for (let i = 0; i < 200; i++) {
    const currentA = (low + high) / 2;
    if (meltingWireFeedSpeedMPerMin({ currentA, diameterMm, extensionMm }) < speed) low = currentA;
    else high = currentA;
  }
  return (low + high) / 2;
}

const input = fc.record({
  currentA: fc.double({ min: 20, max: 400, noNaN: true }),
  diameterMm: fc.double({ min: 0.6, max: 1.6, noNaN: true }),
  extensionMm: fc.double({ min: 5, max: 30, noNaN: true }),
});

describe('the melting-rate equation', () => {
  it('gives back the current it was given, closed form against bisection', () => {
    fc.assert(
      fc.property(input, ({ currentA, diameterMm, extensionMm }) => {
        const speed = meltingWireFeedSpeedMPerMin({ currentA, diameterMm, extensionMm });
        fc.pre(speed > 0.1 && speed < 40);
        expect(meltingCurrentA(speed, diameterMm, extensionMm)).toBeCloseTo(currentA, 6);
        expect(bisect(speed, diameterMm, extensionMm)).toBeCloseTo(currentA, 4);
      }),
    );
  });

  it('draws less current at the same wire speed when the stick-out is longer', () => {
    expect(meltingCurrentA(7, 0.762, 15)).toBeLessThan(meltingCurrentA(7, 0.762, 8));
  });

  it('melts a thinner wire faster at the same current', () => {
    const at = (diameterMm: number): number =>
      meltingWireFeedSpeedMPerMin({ currentA: 120, diameterMm, extensionMm: 8.5 });
    expect(at(0.762)).toBeGreaterThan(at(0.889));
    expect(at(0.889)).toBeGreaterThan(at(1.143));
  });

  it.each([0, -5, 501, Number.NaN, Infinity])('refuses a current of %s A', (currentA) => {
    expect(() => meltingWireFeedSpeedMPerMin({ currentA, diameterMm: 0.9, extensionMm: 10 })).toThrow(
      OutOfRangeError,
    );
  });

  it.each([4.9, 31, Number.NaN])('refuses an extension of %s mm', (extensionMm) => {
    expect(() => meltingCurrentA(7, 0.9, extensionMm)).toThrow(OutOfRangeError);
  });
});
