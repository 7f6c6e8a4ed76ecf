import fc from 'fast-check';
import { dutyClockMin, dutyPercent, dutyPlan } from './duty.ts';

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

  // Source: handbook on inspection, check case D01.
  it('200 A at 30 % is 53 % at 150 A, all of it at 100 A and up to 109.5; 34 min of arc take 111 by the clock', () => {
    const plate = [{ currentA: 200, percent: 30 }];
    expect(dutyPercent(plate, 150)).toBeCloseTo(53.3, 1);
    expect(dutyPercent(plate, 100)).toBe(100);
    expect(dutyPercent(plate, 109.5)).toBe(100);
    expect(dutyPercent(plate, 109.6)).toBeLessThan(100);
    expect(dutyClockMin(34, 30)).toBeCloseTo(111, 9);
    expect([dutyClockMin(3, 30), dutyClockMin(34, 100), dutyClockMin(0, 30)]).toEqual([3, 34, 0]);
  });

  it('passes through every rating, falls between two, and follows the square beyond', () => {
    const two = [
      { currentA: 200, percent: 25 },
      { currentA: 100, percent: 80 },
    ];
    expect(dutyPercent(two, 100)).toBeCloseTo(80, 9);
    expect(dutyPercent(two, 200)).toBeCloseTo(25, 9);
    // By hand: the power that joins them is ln(80/25)/ln 2 = 1.678; at 150 A 25 × (200/150)^1.678 = 40.5 %.
    expect(dutyPercent(two, 150)).toBeCloseTo(40.5, 1);
    expect(dutyPercent(two, 90)).toBeCloseTo(80 * (100 / 90) ** 2, 9);
    expect(dutyPercent(two, 250)).toBeCloseTo(16, 9);
    expect(dutyPercent([], 100)).toBeUndefined();
  });

  it('never rises with current, and never passes 100 %', () => {
    const amps = fc.double({ min: 10, max: 400, noNaN: true });
    const plates = fc.constantFrom(MARIGOLD, [
      ...MARIGOLD,
      { currentA: 150, percent: 60 },
      { currentA: 120, percent: 100 },
    ]);
    fc.assert(
      fc.property(plates, amps, amps, (plate, a, b) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        const [more, less] = [dutyPercent(plate, low) ?? 0, dutyPercent(plate, high) ?? 0];
        expect(more).toBeGreaterThanOrEqual(less - 1e-9);
        expect(more).toBeLessThanOrEqual(100);
      }),
    );
  });

  // By hand: 5 min of arc at 3 min in ten falls into two stretches of 2.5 min; 2.5 × (100/30 − 1) = 5.83 min between.
  it('plans arc and rest of a long seam: 2 m at 400 mm/min at 30 % is two stretches with 5.8 min of rest', () => {
    const plan = dutyPlan(MARIGOLD, 220, 400, 2000);
    expect(plan).toMatchObject({ minutesOnInTen: 3, worthSaying: true, seam: { arcMin: 5, stretches: 2 } });
    expect(plan?.seam?.stretchMin).toBeCloseTo(2.5, 9);
    expect(plan?.seam?.restMin).toBeCloseTo(5.83, 2);
  });

  it('welds a short seam in one go, and speaks of a long one even where the duty is above 60 %', () => {
    expect(dutyPlan(MARIGOLD, 220, 400, 1000)?.seam).toMatchObject({ stretches: 1, restMin: 0 });
    const percent = dutyPercent(MARIGOLD, 140) ?? 0;
    expect(percent).toBeGreaterThan(60);
    expect(dutyPlan(MARIGOLD, 140, 400)).toMatchObject({ seam: undefined, worthSaying: false });
    expect(dutyPlan(MARIGOLD, 140, 400, 400 * 15)).toMatchObject({ worthSaying: true });
  });

  it('never lets a stretch pass the minutes allowed, nor arc over arc and rest pass the duty', () => {
    const amps = fc.double({ min: 60, max: 400, noNaN: true });
    const length = fc.double({ min: 10, max: 100_000, noNaN: true });
    fc.assert(
      fc.property(amps, length, (currentA, seamMm) => {
        const plan = dutyPlan(MARIGOLD, currentA, 400, seamMm);
        if (!plan?.seam) throw new Error('no rating');
        const { stretches, stretchMin, restEachMin, arcMin, restMin } = plan.seam;
        expect(stretches === 1 && plan.percent >= 100 ? 0 : stretchMin).toBeLessThanOrEqual(
          plan.minutesOnInTen + 1e-9,
        );
        expect(stretchMin * stretches).toBeCloseTo(arcMin, 6);
        expect(restMin).toBeCloseTo(restEachMin * (stretches - 1), 9);
        if (stretches > 1) expect(stretchMin / (stretchMin + restEachMin)).toBeCloseTo(plan.percent / 100, 6);
      }),
    );
  });

  it('says nothing of it where the arc may burn on', () => {
    expect(dutyPlan(MARIGOLD, 100, 400, 10_000)).toMatchObject({
      percent: 100,
      seam: { stretches: 1, restMin: 0 },
      worthSaying: false,
    });
  });

  it.each([0, Number.NaN, 601])('refuses %s A', (currentA) => {
    expect(() => dutyPercent(MARIGOLD, currentA)).toThrow();
  });
});
