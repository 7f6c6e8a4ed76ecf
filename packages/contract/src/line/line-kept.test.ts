import { effectiveWork, parseLine } from '@hot-bead/core/line';
import { JUDGED_LINES, judgedLines, linesFrom } from '../../../../scripts/line/lines.mjs';
import { keptWorkSchema } from '../plan/work.ts';

/** What of a line could not be kept, or not be read again. */
function fault(line: string, unit: 'mm' | 'in'): string | undefined {
  const work = effectiveWork(parseLine(line, { unit, machineNames: ['Old Tom'] }));
  const { error } = keptWorkSchema.validate(work, { convert: false });
  return error && `${line} (${unit}): ${error.message}`;
}

// Source: the judged lines, those lines changed at random, and sizes by a grammar; `npm run sweep-lines` tries 200 000.
describe('what is understood of a line', () => {
  it('can be kept: every reading passes the contract that jobs are read back with', () => {
    const lines = [...linesFrom(judgedLines(JUDGED_LINES), 2000, 71)];
    expect(lines.length).toBe(2000);
    const faults = lines.flatMap(
      (line) => fault(line.slice(0, 400), line.length % 2 === 0 ? 'mm' : 'in') ?? [],
    );
    expect(faults).toEqual([]);
  });

  it.each([
    ['3mm box 40x40x3 tee', { thicknessMm: 3, outsideMm: [40, 40] }],
    ['2mm tube 25x25x2 lap', { thicknessMm: 2, outsideMm: [25, 25] }],
    ['3 mm 50x50x3 angle', { thicknessMm: 3, outsideMm: [50, 50] }],
    ['1/8 tube 2x2x1/8', { thicknessMm: 3.175, outsideMm: [50.8, 50.8] }],
  ])('%s: a figure that agrees with a section’s wall is the wall said again', (line, expected) => {
    const work = effectiveWork(parseLine(line, { unit: 'mm', machineNames: [] }));
    expect(work).toMatchObject(expected);
    expect(work.otherThicknessMm).toBeUndefined();
    expect(fault(line, 'mm')).toBeUndefined();
  });
});
