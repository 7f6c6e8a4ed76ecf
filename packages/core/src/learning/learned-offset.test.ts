import { learnedOffset, machineLearning, provenFor, type ProvenSetting } from './learned-offset.ts';

describe('what a machine teaches', () => {
  const setting = (offsetV: number, gas: ProvenSetting['gas'] = 'ar-co2-18'): ProvenSetting => ({
    wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
    gas,
    mode: 'short-circuit',
    wireFeedSpeedMPerMin: 5,
    volts: 17,
    thicknessMm: 2,
    otherThicknessMm: undefined,
    joint: 'lap',
    position: 'flat',
    offsetV,
  });

  // Independent method: the normal posterior by hand, 1 / (1/1² + n/0.5²).
  it('is drawn towards nought while there is little, and comes to the mean with more', () => {
    const one = learnedOffset(machineLearning([setting(-1)]), setting(0));
    expect(one?.offsetV.start).toBeCloseTo(-0.8, 9);
    expect(one?.offsetV.high).toBeCloseTo(-0.8 + 1.96 * Math.sqrt(1 / 5), 9);
    const many = learnedOffset(machineLearning(Array.from({ length: 50 }, () => setting(-1))), setting(0));
    expect(many?.offsetV.start).toBeCloseTo(-1, 1);
    expect(many).toMatchObject({ settings: 50 });
  });

  it('holds for the same wire, gas and mode only', () => {
    expect(learnedOffset(machineLearning([setting(-1)]), setting(0, 'co2'))).toBeUndefined();
    expect(learnedOffset(machineLearning([setting(-1), setting(5, 'co2')]), setting(0))?.settings).toBe(1);
  });

  it('keeps the last setting of each work, in the order of the newest', () => {
    const [first, other, last] = [
      setting(-1),
      { ...setting(-0.5), thicknessMm: 4 },
      { ...setting(-0.2), volts: 18 },
    ];
    const [group] = machineLearning([first, other, last]);
    expect(group).toMatchObject({ settings: 3, lastProven: [other, last] });
    expect(group?.meanOffsetV).toBeCloseTo(-1.7 / 3, 9);
    expect(provenFor(machineLearning([first, other, last]), last, first)).toBe(last);
    expect(provenFor(machineLearning([first, other]), first, { ...first, thicknessMm: 4.1 })).toBe(other);
    expect(provenFor(machineLearning([first, other]), first, { ...first, thicknessMm: 3 })).toBeUndefined();
    expect(machineLearning([])).toEqual([]);
  });
});
