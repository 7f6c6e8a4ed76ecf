import fc from 'fast-check';
import { dutyPercent, dutyPlan } from './duty.ts';

const MARIGOLD = [{ currentA: 220, percent: 30 }];

describe('duty cycle', () => {
  // Source: IEC 60974-1, recalled: D₂ = D₁·(I₁/I₂)².
  it.each([
    [220, 30],
    [110, 100],
    [155.563, 60],
    [440, 7.5],
  ])('220 A at 30 %% is at %s A %s %%', (currentA, percent) => {
    expect(dutyPercent(MARIGOLD, currentA)).toBeCloseTo(percent, 2);
  });

  it('takes the rating next above the current, and the highest beyond all', () => {
    const two = [
      { currentA: 100, percent: 80 },
      { currentA: 200, percent: 25 },
    ];
    expect(dutyPercent(two, 150)).toBeCloseTo(25 * (200 / 150) ** 2, 9);
    expect(dutyPercent(two, 90)).toBeCloseTo(80 * (100 / 90) ** 2, 9);
    expect(dutyPercent(two, 250)).toBeCloseTo(16, 9);
    expect(dutyPercent([], 100)).toBeUndefined();
  });

  it('never rises with current, and never passes 100 %', () => {
    const amps = fc.double({ min: 10, max: 400, noNaN: true });
    fc.assert(
      fc.property(amps, amps, (a, b) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        const [more, less] = [dutyPercent(MARIGOLD, low) ?? 0, dutyPercent(MARIGOLD, high) ?? 0];
        expect(more).toBeGreaterThanOrEqual(less - 1e-9);
        expect(more).toBeLessThanOrEqual(100);
      }),
    );
  });

  it('plans arc and rest of a long seam: 2 m at 400 mm/min at 30 % is 5 min of arc and 11.7 of rest', () => {
    const plan = dutyPlan(MARIGOLD, 220, 400, 2000);
    expect(plan).toMatchObject({ minutesOnInTen: 3, seamMin: 5, worthSaying: true });
    expect(plan?.restMin).toBeCloseTo(11.67, 2);
  });

  it('says nothing of it where the arc may burn on', () => {
    expect(dutyPlan(MARIGOLD, 100, 400, 10_000)).toMatchObject({
      percent: 100,
      restMin: 0,
      worthSaying: false,
    });
    expect(dutyPlan(MARIGOLD, 140, 400)).toMatchObject({ seamMin: undefined, worthSaying: false });
  });

  it.each([0, Number.NaN, 501])('refuses %s A', (currentA) => {
    expect(() => dutyPercent(MARIGOLD, currentA)).toThrow();
  });
});
