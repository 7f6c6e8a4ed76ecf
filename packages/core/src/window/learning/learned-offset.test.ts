import { normalFrom, seededRandom } from '../../base/numeric/seeded-random.ts';
import { driftOf } from './drift.ts';
import type { ProvenSetting } from './proven.ts';
import { JOB_SD_V, learnedOffset, machineLearning, provenFor, toldWeight } from './learned-offset.ts';

const setting = (toldOffsetV: number, over: Partial<ProvenSetting> = {}): ProvenSetting => ({
  wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
  gas: 'ar-co2-18',
  mode: 'short-circuit',
  wireFeedSpeedMPerMin: 5,
  volts: 17,
  thicknessMm: 2,
  otherThicknessMm: undefined,
  joint: 'lap',
  position: 'flat',
  offsetV: toldOffsetV,
  toldOffsetV,
  toldVarianceV2: 0.09,
  ...over,
});
const HERE = setting(0);
const many = (count: number, offsetV: number, over: Partial<ProvenSetting> = {}) =>
  Array.from({ length: count }, () => setting(offsetV, over));

describe('what a machine teaches of its next job', () => {
  // handbook on dialling in §6: "Next job: sd = 0.49, 0.45, 0.43, 0.40, 0.39 V for n = 1, 2, 3, 5, 8", typical r = 0.30 V
  it.each([
    [1, 0.49],
    [2, 0.45],
    [3, 0.43],
    [5, 0.4],
    [8, 0.39],
  ])('after %i proven settings it is known to %f V, the job’s own scatter in it', (count, sdV) => {
    const learned = learnedOffset(machineLearning(many(count, -0.7)), HERE);
    expect(Math.abs((learned?.sdV ?? 0) - sdV)).toBeLessThanOrEqual(0.01);
    expect(learned?.offsetV.high).toBeCloseTo((learned?.offsetV.start ?? 0) + 1.96 * (learned?.sdV ?? 0), 9);
    expect(learned).toMatchObject({ settings: count, elsewhere: 0 });
  });

  // the same table: a^ = 0.37, 0.48, 0.53, 0.57, 0.61 of 0.7 after 1, 2, 3, 5, 8
  it.each([
    [1, 0.37],
    [2, 0.48],
    [3, 0.53],
    [5, 0.57],
    [8, 0.61],
  ])('after %i it is drawn from nought to %f of 0.7 V', (count, offsetV) => {
    const learned = learnedOffset(machineLearning(many(count, 0.7)), HERE);
    expect(Math.abs((learned?.offsetV.start ?? 0) - offsetV)).toBeLessThanOrEqual(0.03);
  });

  it('is what jobs of such machines really do: its bands hold the next one', () => {
    const random = seededRandom(3);
    let [in80, in95] = [0, 0];
    const machines = 4000;
    for (let i = 0; i < machines; i += 1) {
      const machineV = 0.5 * normalFrom(random);
      const jobs = Array.from({ length: 3 }, () =>
        setting(machineV + JOB_SD_V * normalFrom(random) + 0.3 * normalFrom(random)),
      );
      const learned = learnedOffset(machineLearning(jobs), HERE);
      const off = Math.abs(machineV + JOB_SD_V * normalFrom(random) - (learned?.offsetV.start ?? 0));
      if (off < 1.2816 * (learned?.sdV ?? 0)) in80 += 1;
      if (off < 1.96 * (learned?.sdV ?? 0)) in95 += 1;
    }
    // 4000 draws: ± 1.3 points at 80 %, ± 0.7 at 95 %
    expect(Math.abs(in80 / machines - 0.8)).toBeLessThan(0.02);
    expect(Math.abs(in95 / machines - 0.95)).toBeLessThan(0.012);
  });

  it('pools in part: what other gases on the machine proved counts for a new one, and ever less for one that is known', () => {
    const co2 = many(3, 0.8, { gas: 'co2' });
    const fresh = learnedOffset(machineLearning(co2), HERE);
    // independent: covariance of two groups that share a machine, conditioned by hand
    const weight = 1 / (3 * toldWeight(HERE));
    expect(fresh?.offsetV.start).toBeCloseTo((0.125 / (0.25 + weight)) * 0.8, 9);
    expect(fresh?.sdV).toBeCloseTo(Math.sqrt(0.25 - 0.125 ** 2 / (0.25 + weight) + JOB_SD_V ** 2), 9);
    expect(fresh).toMatchObject({ settings: 0, elsewhere: 3 });
    const both = learnedOffset(machineLearning([...co2, ...many(3, 0)]), HERE);
    expect(both?.offsetV.start).toBeLessThan(0.3 * (fresh?.offsetV.start ?? 0));
    expect(learnedOffset([], HERE)).toBeUndefined();
  });

  it('is drawn towards near work by how near it is, and for the same work comes to what conditioning by hand gives', () => {
    const one = machineLearning([setting(-1)]);
    const any = learnedOffset(one, HERE)?.offsetV.start ?? 0;
    const at = (thicknessMm: number) =>
      learnedOffset(one, HERE, { ...HERE, thicknessMm })?.offsetV.start ?? 0;
    // covariance of the next job and this one over the variance of what was told
    expect(at(2)).toBeCloseTo((-1 * (0.25 + JOB_SD_V ** 2)) / (0.25 + JOB_SD_V ** 2 + 0.09), 9);
    expect(at(2)).toBeLessThan(at(2.5));
    expect(at(2.5)).toBeLessThan(at(3));
    expect(at(4)).toBeCloseTo(any, 9);
    expect(learnedOffset(one, HERE, { ...HERE, thicknessMm: 2.5 })?.near?.share).toBeCloseTo(0.678, 3);
    expect(learnedOffset(one, HERE, { ...HERE, joint: 'tee' })?.near?.share).toBeCloseTo(0.6, 9);
    expect(learnedOffset(one, HERE, { ...HERE, thicknessMm: 5 })?.near).toBeUndefined();
    expect(learnedOffset(one, HERE, HERE)?.sdV).toBeGreaterThanOrEqual(JOB_SD_V);
  });
});

describe('proven settings of one machine', () => {
  it('keeps the last setting of each work, in the order of the newest, and sums of all', () => {
    const [first, other, last] = [
      setting(-1),
      setting(-0.5, { thicknessMm: 4 }),
      setting(-0.2, { volts: 18, toldVarianceV2: 0.3 }),
    ];
    const [group] = machineLearning([first, other, last]);
    expect(group).toMatchObject({ settings: 3, lastProven: [other, last] });
    expect(group?.lastTold.map(({ toldOffsetV }) => toldOffsetV)).toEqual([-0.5, -0.2]);
    const [w, v] = [1 / (0.35 ** 2 + 0.09), 1 / (0.35 ** 2 + 0.3)];
    expect(group?.weightPerV2).toBeCloseTo(2 * w + v, 9);
    expect(group?.weightedOffsetPerV).toBeCloseTo(-1.5 * w - 0.2 * v, 9);
    expect(provenFor(machineLearning([first, other, last]), last, first)).toBe(last);
    expect(provenFor(machineLearning([first, other]), first, { ...first, thicknessMm: 4.1 })).toBe(other);
    expect(provenFor(machineLearning([first, other]), first, { ...first, thicknessMm: 3 })).toBeUndefined();
    expect(machineLearning([])).toEqual([]);
  });
});

describe('drift', () => {
  const driftAfter = (before: number, ...last: readonly number[]) => {
    const [group] = machineLearning([...many(before, -0.5), ...last.map((offset) => setting(offset))]);
    return group && driftOf(group);
  };

  it('is seen when the last two settings both leave the band of those before', () => {
    expect(driftAfter(4, 0.6, 0.7)).toMatchObject({ last: 2, before: 4 });
    expect(driftAfter(4, 0.6, 0.7)?.driftV).toBeCloseTo(1.15, 9);
    expect(driftAfter(4, -1.7, -1.6)?.driftV).toBeCloseTo(-1.15, 9);
  });

  it('is not seen in one odd setting, in ordinary scatter, or where little was proven', () => {
    expect(driftAfter(4, -0.5, 0.5)).toBeUndefined();
    expect(driftAfter(4, -0.3, -0.2)).toBeUndefined();
    expect(driftAfter(2, 0.8, 0.9)).toBeUndefined();
  });

  it('is called where there is none about once in twenty times', () => {
    const random = seededRandom(8);
    const sd = Math.sqrt(JOB_SD_V ** 2 + 0.09);
    let called = 0;
    for (let i = 0; i < 3000; i += 1) {
      const [group] = machineLearning(Array.from({ length: 6 }, () => setting(sd * normalFrom(random))));
      if (group && driftOf(group)) called += 1;
    }
    expect(Math.abs(called / 3000 - 0.05)).toBeLessThan(0.013);
  });
});
