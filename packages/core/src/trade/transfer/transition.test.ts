import { gasOf } from '../gas/gas.ts';
import { WIRE_DIAMETERS_MM } from '../wire/wire-diameter.ts';
import { sprayFloorA, TRANSITION_CURRENT_A, transitionCurrentA } from './transition.ts';

// Source: handbook figures, from memory.
describe('the spray transition', () => {
  it.each([
    ['steel', 0.8, 150],
    ['steel', 0.9, 165],
    ['steel', 1.2, 220],
    ['steel', 1.6, 275],
    ['stainless', 0.9, 170],
    ['stainless', 1.2, 225],
    ['aluminium', 0.8, 95],
    ['aluminium', 1.2, 135],
    ['aluminium', 1.6, 180],
  ] as const)('%s %s mm: %s A', (metal, mm, amps) => {
    expect(transitionCurrentA(metal, mm, gasOf(metal === 'steel' ? 'ar-o2-2' : 'argon'))).toBe(amps);
  });

  it('rises by 10 to 15 % at 10 % CO₂ on steel, and further with more', () => {
    const at = (id: 'ar-o2-2' | 'ar-co2-10' | 'ar-co2-18'): number =>
      transitionCurrentA('steel', 1.2, gasOf(id)) ?? 0;
    expect(at('ar-co2-10') / at('ar-o2-2')).toBeGreaterThanOrEqual(1.1);
    expect(at('ar-co2-10') / at('ar-o2-2')).toBeLessThanOrEqual(1.15);
    expect(at('ar-co2-18')).toBeGreaterThan(at('ar-co2-10'));
  });

  it('rises with the wire in every metal, and 0.6 mm is not sprayed', () => {
    for (const row of Object.values(TRANSITION_CURRENT_A)) {
      const amps = WIRE_DIAMETERS_MM.flatMap((mm) => row[mm] ?? []);
      expect(amps).toEqual(amps.toSorted((a, b) => a - b));
    }
    expect(transitionCurrentA('steel', 0.6, gasOf('ar-co2-10'))).toBeUndefined();
  });

  it('is overstepped by a tenth in steel; stainless and aluminium start at it', () => {
    expect(sprayFloorA('steel', 1.2, gasOf('ar-o2-2'))).toBeCloseTo(242, 9);
    expect(sprayFloorA('aluminium', 1.2, gasOf('argon'))).toBe(135);
    expect(sprayFloorA('stainless', 1.2, gasOf('ar-co2-2'))).toBe(225);
  });
});
