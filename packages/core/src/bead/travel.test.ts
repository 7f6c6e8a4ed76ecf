import fc from 'fast-check';
import { JOINTS, POSITIONS } from '../material/work.ts';
import {
  beadPlan,
  beadSectionMm2,
  defaultLegMm,
  HAND_TRAVEL_RANGE_MM_PER_MIN,
  lapEdgeLegLimitMm,
  minimumFilletLegMm,
} from './travel.ts';

describe('the size of a fillet', () => {
  // Source: AWS D1.1, recalled.
  it.each([
    [2, undefined],
    [3, 3],
    [6, 3],
    [6.1, 5],
    [12, 5],
    [12.5, 6],
    [20, 6],
    [25, 8],
  ])('on %s mm is at least %s mm', (thicknessMm, leg) => {
    expect(minimumFilletLegMm(thicknessMm)).toBe(leg);
  });

  it.each([
    [3, 3],
    [5.9, 5.9],
    [6, 4],
    [10, 8],
  ])('on the edge of a %s mm lap is at most %s mm', (thicknessMm, most) => {
    expect(lapEdgeLegLimitMm(thicknessMm)).toBeCloseTo(most, 9);
    expect(defaultLegMm(thicknessMm, 'lap')).toBeLessThanOrEqual(most + 1e-9);
  });

  it('is 0.7 to 1 times the thinner part by default', () => {
    for (let t = 1; t <= 10; t += 0.5) {
      expect(defaultLegMm(t, 'tee') / t).toBeGreaterThanOrEqual(0.7 - 1e-9);
      expect(defaultLegMm(t, 'tee') / t).toBeLessThanOrEqual(1 + 1e-9);
    }
  });
});

describe('travel', () => {
  // Source: check of the handbook: 0.9 mm wire, 240 in/min, a 4 mm leg: about 400 mm/min.
  it('is wire melted over bead section', () => {
    const plan = beadPlan({
      joint: 'tee',
      position: 'flat',
      governingMm: 4.5,
      thinnerMm: 4.28,
      wireFeedSpeedMPerMin: 6.096,
      trueDiameterMm: 0.889,
      depositShare: 0.93,
      passesForCurrent: 1,
    });
    expect(plan.legMm).toBeGreaterThan(3.9);
    expect(plan.legMm).toBeLessThan(4.2);
    expect(Math.abs(plan.travelMmPerMin - 400)).toBeLessThan(25);
  });

  it('stays within a hand’s reach, and the passes together make the section wanted', () => {
    const input = fc.record({
      joint: fc.constantFrom(...JOINTS),
      position: fc.constantFrom(...POSITIONS),
      governingMm: fc.double({ min: 0.5, max: 25, noNaN: true }),
      wireFeedSpeedMPerMin: fc.double({ min: 1.5, max: 18, noNaN: true }),
      trueDiameterMm: fc.double({ min: 0.6, max: 1.6, noNaN: true }),
      depositShare: fc.double({ min: 0.6, max: 1, noNaN: true }),
      passesForCurrent: fc.integer({ min: 1, max: 3 }),
    });
    fc.assert(
      fc.property(input, (given) => {
        const plan = beadPlan({ ...given, thinnerMm: given.governingMm });
        const [slowest, fastest] = HAND_TRAVEL_RANGE_MM_PER_MIN;
        expect(plan.travelMmPerMin).toBeGreaterThanOrEqual(slowest);
        expect(plan.travelMmPerMin).toBeLessThanOrEqual(fastest);
        expect(plan.passes).toBeGreaterThanOrEqual(given.passesForCurrent);
        const wanted = beadSectionMm2(
          given.joint,
          given.governingMm,
          defaultLegMm(given.governingMm, given.joint),
        );
        expect(plan.sectionMm2 * plan.passes).toBeGreaterThanOrEqual(wanted * 0.999);
      }),
    );
  });

  it('a bevel takes metal that a square edge does not', () => {
    const square = beadSectionMm2('butt', 5, 5);
    const bevelled = beadSectionMm2('butt', 5.01, 5);
    expect(bevelled).toBeGreaterThan(square + 5);
  });
});
