import { poresPass, poreSumMm, undercutPasses, undersizeAllowedMm, undersizePasses } from './static-sums.ts';

// source: handbook on inspection, its check cases V10 to V12 (AWS D1.1, recalled)
describe('sums for static loading', () => {
  const undercut = (depthMm: number, lengthMm: number) => [{ depthMm, fromMm: 0, toMm: lengthMm }];

  it('undercut of 1.5 mm on 10 mm plate passes over 40 mm, not over 60; on 30 mm plate it passes', () => {
    expect(undercutPasses(undercut(1.5, 40), 10)).toBe(true);
    expect(undercutPasses(undercut(1.5, 60), 10)).toBe(false);
    expect(undercutPasses(undercut(1.5, 60), 30)).toBe(true);
    expect(undercutPasses(undercut(2.1, 1), 10)).toBe(false);
    expect(undercutPasses(undercut(1, 500), 10)).toBe(true);
    expect(undercutPasses(undercut(2.1, 1), 25)).toBe(false);
    expect(undercutPasses([...undercut(1.5, 10), ...undercut(2.1, 1)], 30)).toBe(false);
    expect(undercutPasses([], 10)).toBe(true);
  });

  it('two runs count together within 300 mm, and apart beyond', () => {
    const two = (at: number) => [
      { depthMm: 1.5, fromMm: 0, toMm: 30 },
      { depthMm: 1.5, fromMm: at, toMm: at + 30 },
    ];
    expect(undercutPasses(two(200), 10)).toBe(false);
    expect(undercutPasses(two(300), 10)).toBe(true);
    // 20 mm of the second lie within 300 of the first: 50 in all
    expect(undercutPasses(two(280), 10)).toBe(true);
    expect(undercutPasses(two(279), 10)).toBe(false);
  });

  it('a leg of 6 may be 2.5 under on a tenth of its length', () => {
    expect([5, 5.1, 7.9, 8].map(undersizeAllowedMm)).toEqual([2, 2.5, 2.5, 3]);
    expect(undersizePasses(6, 4, 0.08)).toBe(true);
    expect(undersizePasses(6, 4, 0.12)).toBe(false);
    expect(undersizePasses(5, 2.8, 0.05)).toBe(false);
    expect(undersizePasses(5, 5.2, 1)).toBe(true);
  });

  it('pores at 10, 18, 30, 60 and 200 mm: 8.5 in 25 and 10.5 in 300 pass', () => {
    const pores = [
      [10, 3],
      [18, 3],
      [30, 2.5],
      [60, 0.8],
      [200, 2],
    ].map(([atMm = 0, diameterMm = 0]) => ({ atMm, diameterMm }));
    expect(poreSumMm(pores, 25)).toBeCloseTo(8.5, 9);
    expect(poreSumMm(pores, 300)).toBeCloseTo(10.5, 9);
    expect(poresPass(pores)).toBe(true);
    expect(poresPass([...pores, { atMm: 31, diameterMm: 1.6 }])).toBe(false);
    expect(poresPass([])).toBe(true);
  });
});
