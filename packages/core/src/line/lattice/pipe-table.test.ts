import { isPipeOutsideMm, PIPE_TABLE, pipeRow, pipeSizeMm } from './pipe-table.ts';

const wall = (nps: number, schedule: string): number | undefined => {
  const row = pipeRow({ nps });
  return row && pipeSizeMm(row, schedule)?.wallMm;
};

// Source: ASME B36.10M and B36.19M, recalled, in millimetres as metric drawings write them.
describe('pipes by nominal size and schedule', () => {
  it.each([
    [2, '40', 60.3, 3.91],
    [2, '80', 60.3, 5.54],
    [4, '40', 114.3, 6.02],
    [4, 'XS', 114.3, 8.56],
    [6, 'STD', 168.3, 7.11],
    [1.5, '10S', 48.3, 2.77],
    [0.75, '40', 26.7, 2.87],
    [12, 'STD', 323.9, 9.53],
  ])('%d in schedule %s is %d × %d mm', (nps, schedule, outsideMm, wallMm) => {
    const row = pipeRow({ nps });
    const size = row && pipeSizeMm(row, schedule);
    expect(size?.outsideMm).toBeCloseTo(outsideMm, 0);
    expect(size?.wallMm).toBeCloseTo(wallMm, 1);
  });

  it('grow with the size, and their walls with the schedule', () => {
    for (const [i, row] of PIPE_TABLE.entries()) {
      const last = PIPE_TABLE[i - 1];
      if (last) expect([row.outsideIn > last.outsideIn, row.dn > last.dn]).toEqual([true, true]);
      const walls = ['5S', '10S', '40', '80', '160'].flatMap(
        (schedule) => pipeSizeMm(row, schedule)?.wallMm ?? [],
      );
      expect(walls.toSorted((a, b) => a - b)).toEqual(walls);
      expect(walls.every((mm) => mm * 2 < row.outsideIn * 25.4)).toBe(true);
    }
  });

  it('have no wall that the table has not, and are known by their outside', () => {
    expect(wall(2, '30')).toBeUndefined();
    expect(wall(12, '80S')).toBeUndefined();
    expect(pipeRow({ nps: 7 })).toBeUndefined();
    expect(pipeRow({ dn: 50 })?.nps).toBe(2);
    expect([60.3, 48.3, 50.8, 40].map(isPipeOutsideMm)).toEqual([true, true, false, false]);
  });
});
