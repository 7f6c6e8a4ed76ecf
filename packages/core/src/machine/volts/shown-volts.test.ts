import { shownOffset, voltsToShow } from './shown-volts.ts';

describe('a display held against a meter', () => {
  it('is off by the mean of what was read, and to be set by so much more', () => {
    const offset = shownOffset([
      { shownV: 18.5, meterV: 18 },
      { shownV: 22.7, meterV: 22 },
    ]);
    expect(offset).toMatchObject({ readings: 2 });
    expect(offset?.offsetV.start).toBeCloseTo(0.6, 9);
    const set = offset && voltsToShow(offset, 19);
    expect(set?.start).toBeCloseTo(19.6, 9);
    expect(set?.low).toBeLessThan(19.6);
    expect(set?.high).toBeGreaterThan(19.6);
  });

  it('is known better from more readings, never better than the meter', () => {
    const width = (count: number): number => {
      const offset = shownOffset(Array.from({ length: count }, () => ({ shownV: 19, meterV: 18.5 })));
      return offset ? offset.offsetV.high - offset.offsetV.low : NaN;
    };
    expect(width(4)).toBeLessThan(width(1));
    expect(width(400)).toBeGreaterThan(0.4);
  });

  it('is known worse where the readings scatter', () => {
    const offset = shownOffset([0.1, 0.6, 1.4].map((off) => ({ shownV: 18 + off, meterV: 18 })));
    expect((offset?.offsetV.high ?? 0) - (offset?.offsetV.low ?? 0)).toBeGreaterThan(1.2);
  });

  it('says nothing without a reading', () => {
    expect(shownOffset([])).toBeUndefined();
  });
});
