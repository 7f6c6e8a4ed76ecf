import { OutOfRangeError } from '../../base/quantity/out-of-range-error.ts';
import { heatInputKJPerMm } from './heat-input.ts';

describe('heat input', () => {
  // Worked by hand: 0.8 · 25 V · 200 A · 60 / (1000 · 400 mm/min) = 0.6 kJ/mm.
  it('is k · V · I · 60 over 1000 · travel, k = 0.8', () => {
    expect(heatInputKJPerMm(25, 200, 400)).toBeCloseTo(0.6, 9);
    expect(heatInputKJPerMm(18.5, 130, 400)).toBeCloseTo(0.2886, 4);
  });

  it.each([
    [Number.NaN, 200, 400],
    [25, 0, 400],
    [25, 200, 0],
    [25, 200, Infinity],
  ])('refuses %s V, %s A, %s mm/min', (volts, amps, travel) => {
    expect(() => heatInputKJPerMm(volts, amps, travel)).toThrow(OutOfRangeError);
  });
});
