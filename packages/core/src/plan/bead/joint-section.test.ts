import type { Work } from '../../trade/material/work.ts';
import { asWelded, capShares, grooveSection, isBevelled, rootGapMm } from './joint-section.ts';

const WORK = { joint: 'butt', gapMm: undefined } as const;

describe('the section of a butt', () => {
  it('a bevel takes metal that a square edge does not: (t − face)² · tan 30° more', () => {
    const square = grooveSection(WORK, 5, 1);
    const bevelled = grooveSection(WORK, 5.01, 1);
    expect(square.grooveMm2).toBeCloseTo(0.25 * 5, 6);
    expect(bevelled.grooveMm2).toBeCloseTo(3.71 ** 2 * Math.tan(Math.PI / 6) + 0.25 * 5.01, 6);
    expect(isBevelled('tee', 20)).toBe(false);
  });

  it('is reckoned with the gap that is named', () => {
    expect(rootGapMm({ joint: 'butt' }, 4)).toBeLessThanOrEqual(0.5);
    expect(grooveSection({ joint: 'open-butt', gapMm: 3 }, 4, 1).grooveMm2).toBeCloseTo(12, 9);
    expect(rootGapMm({ joint: 'tee' }, 4)).toBe(0);
  });

  it('has a cap on each side that is welded, fuller out of position and on sheet', () => {
    const one = grooveSection(WORK, 4, 1).capMm2;
    expect(grooveSection(WORK, 4, 2).capMm2).toBeCloseTo(2 * one, 9);
    expect(capShares('vertical-up', 3)[1]).toBeGreaterThan(capShares('flat', 3)[1]);
    expect(capShares('flat', 1)[1]).toBeGreaterThan(capShares('flat', 8)[1]);
  });
});

describe('a butt with a gap', () => {
  it('of more than half a millimetre is an open root', () => {
    const work = { joint: 'butt' } as Work;
    expect(asWelded({ ...work, gapMm: 0.5 }).joint).toBe('butt');
    expect(asWelded({ ...work, gapMm: 0.6 }).joint).toBe('open-butt');
    expect(asWelded({ ...work, joint: 'tee', gapMm: 2 }).joint).toBe('tee');
  });
});
