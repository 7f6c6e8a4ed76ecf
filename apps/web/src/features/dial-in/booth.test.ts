import { beadVerdict } from '@hot-bead/core/window';
import { type BoothRung, boothState, hiddenMiddleV, openBooth, weldInBooth } from './booth.ts';

/** Dials a booth in as a careful reader does. */
function practised(
  seed: number,
  cools: boolean,
): { readonly offV: number; readonly beads: number; readonly halfV: number } {
  const open = openBooth(seed, 'dip');
  let rungs: readonly BoothRung[] = [];
  for (;;) {
    const { next } = boothState(open, rungs);
    if (next.kind === 'take') {
      return {
        offV: Math.abs(next.setting.volts - hiddenMiddleV(open)),
        beads: rungs.length,
        halfV: open.booth.halfWidthV,
      };
    }
    const { volts, wireFeedSpeedMPerMin } = next.setting;
    const shows = weldInBooth(open, volts, rungs, cools);
    // who leaves the coupon hot does not say so
    rungs = [...rungs, { volts, wireFeedSpeedMPerMin, said: beadVerdict(shows), cooled: cools, shows }];
  }
}

describe('the practice booth', () => {
  const seeds = Array.from({ length: 60 }, (_, i) => i + 1);

  it('is got into the window of in a few beads by one who reads well and lets the coupon cool', () => {
    const runs = seeds.map((seed) => practised(seed, true));
    expect(runs.filter(({ offV, halfV }) => offV <= halfV).length).toBeGreaterThanOrEqual(54);
    expect(runs.every(({ beads }) => beads <= 8)).toBe(true);
  });

  it('is missed by more where the coupon is left hot', () => {
    const mean = (cools: boolean): number =>
      seeds.reduce((sum, seed) => sum + practised(seed, cools).offV, 0) / seeds.length;
    expect(mean(false)).toBeGreaterThan(mean(true) + 0.05);
  });

  it('brings the same machine back by its number, for every work', () => {
    for (const work of ['dip', 'sheet', 'aluminium'] as const) {
      expect(openBooth(12, work).booth).toEqual(openBooth(12, work).booth);
      expect(openBooth(12, work).booth).not.toEqual(openBooth(13, work).booth);
    }
    expect(openBooth(12, 'sheet').booth.halfWidthV).toBeLessThan(openBooth(12, 'dip').booth.halfWidthV);
  });
});
