import { DIAL_MODELS } from '../window/dial-model.ts';
import { beadVerdict } from '../window/reading-level.ts';
import { arcClass, LEVEL_OF } from '../arc-lab/model/arc-class.ts';
import { recordArc } from '../arc-lab/model/arc-features.ts';
import { boothArc, boothBead, boothMiddleV, practiceBooth } from './practice-booth.ts';

const SEEDS = Array.from({ length: 300 }, (_, i) => i + 1);
const booths = SEEDS.map((seed) => practiceBooth(seed, DIAL_MODELS.dip));
const atMiddle = (offV: number, uncooledBefore = 0) =>
  booths.map((booth, i) =>
    beadVerdict(
      boothBead(booth, { shownOverBookV: boothMiddleV(booth) + offV, beadsBefore: i % 5, uncooledBefore }),
    ),
  );
const share = (verdicts: readonly string[], of: string): number =>
  verdicts.filter((one) => one === of).length / verdicts.length;

describe('the practice booth', () => {
  it('is the same machine for a seed, and another for another; a try comes out the same again', () => {
    expect(practiceBooth(5, DIAL_MODELS.dip)).toEqual(booths[4]);
    expect(new Set(booths.map(({ middleOverBookV }) => middleOverBookV.toFixed(6))).size).toBe(300);
    const at = { shownOverBookV: 0.3, beadsBefore: 2, uncooledBefore: 1 };
    expect(booths.map((one) => boothBead(one, at))).toEqual(booths.map((one) => boothBead(one, at)));
  });

  it('answers a bead in its middle right, one far under it cold, one far over it hot or blown through', () => {
    expect(share(atMiddle(0), 'right')).toBeGreaterThan(0.95);
    expect(share(atMiddle(-2), 'cold')).toBe(1);
    expect(share(atMiddle(1.2), 'hot')).toBeGreaterThan(0.85);
    expect(share(atMiddle(4), 'blown')).toBe(1);
  });

  it('reads hotter the more beads were laid on a coupon that was not cooled', () => {
    const hot = [0, 2, 4, 8].map((uncooled) => share(atMiddle(0, uncooled), 'right'));
    expect(hot).toEqual(hot.toSorted((a, b) => b - a));
    expect(hot[3]).toBeLessThan(0.2);
  });

  it('hides machines as wide apart as its model says', () => {
    const middles = booths.map(({ middleOverBookV }) => middleOverBookV);
    const mean = middles.reduce((sum, one) => sum + one, 0) / middles.length;
    const sd = Math.sqrt(middles.reduce((sum, one) => sum + (one - mean) ** 2, 0) / middles.length);
    expect(Math.abs(mean)).toBeLessThan(0.1);
    expect(Math.abs(sd - 0.6)).toBeLessThan(0.06);
    for (const { warmsV } of booths) expect(warmsV >= 0.1 && warmsV <= 0.25).toBe(true);
  });

  it.each([
    [-1.6, 'cold'],
    [-0.2, 'right'],
    [0, 'right'],
    [1.8, 'hot'],
  ] as const)('%s V from its middle sounds %s, in each gas', (overMiddleV, level) => {
    for (const gas of ['ar-co2-25', 'ar-co2-18', 'co2'] as const) {
      const arc = { wireMm: 0.9, gas, tipToWorkMm: 12, wireFeedSpeedMPerMin: 6.2 } as const;
      const setting = boothArc(arc, overMiddleV, 0.6);
      const heard = arcClass(recordArc(setting, { seed: 2 }).features, setting);
      expect(LEVEL_OF[heard as keyof typeof LEVEL_OF]).toBe(level);
    }
  });
});
