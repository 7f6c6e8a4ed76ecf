import { METRIC, US } from '@hot-bead/core/base';
import { readWeld, weldChipText, weldTexts } from './weld-fields.ts';

const EMPTY = weldTexts({}, 'mm');

describe('the figures of a weld', () => {
  it('are shown in the user’s unit and read back the same', () => {
    const work = { thicknessMm: 6, legMm: 5, seamMm: 500, numberOff: 4, gapMm: 0, passes: 2 };
    const texts = weldTexts(work, 'mm');
    expect(texts).toMatchObject({ legMm: '5 mm', seamMm: '500 mm', numberOff: '4', throatMm: '' });
    const read = readWeld(work, { ...texts, gapMm: '0' }, 'mm');
    expect(read).toEqual({ status: 'read', work });
    expect(weldTexts({ legMm: 6.35 }, 'in').legMm).toBe('0.25 in');
  });

  it('takes a length in any unit, and a bare one in the user’s', () => {
    const read = readWeld({}, { ...EMPTY, seamMm: '2 m', legMm: '1/4' }, 'in');
    expect(read).toEqual({ status: 'read', work: { seamMm: 2000, legMm: 6.35 } });
  });

  it('takes an emptied figure out of the work', () => {
    expect(readWeld({ thicknessMm: 3, legMm: 4 }, EMPTY, 'mm')).toEqual({
      status: 'read',
      work: { thicknessMm: 3 },
    });
  });

  it.each([
    [{ legMm: 'big' }, 'legMm', /not a length/],
    [{ legMm: '40' }, 'legMm', /1 to 30 mm/],
    [{ numberOff: '1.5' }, 'numberOff', /1 to 10000/],
    [{ passes: '0' }, 'passes', /1 to 40/],
    [{ legMm: '5', throatMm: '4' }, 'throatMm', /not both/],
    [{ stitchMm: '25' }, 'pitchMm', /needs its pitch/],
    [{ pitchMm: '75' }, 'stitchMm', /needs the length/],
    [{ stitchMm: '75', pitchMm: '25' }, 'pitchMm', /longer than the stitch/],
  ] as const)('%o is refused at %s', (typed, slot, message) => {
    const read = readWeld({}, { ...EMPTY, ...typed }, 'mm');
    if (read.status !== 'wrong') throw new Error('taken');
    expect(Object.keys(read.problems)).toEqual([slot]);
    expect(read.problems[slot]).toMatch(message);
  });
});

describe('the chip of a weld', () => {
  it('says what a drawing says, and nothing where nothing is said', () => {
    expect(weldChipText({ thicknessMm: 3 }, METRIC)).toBeUndefined();
    expect(weldChipText({ legMm: 5, sides: 2, seamMm: 1500, numberOff: 3 }, METRIC)).toBe(
      'weld: z5, both sides, 1.5 m, × 3',
    );
    expect(weldChipText({ throatMm: 4, stitchMm: 25, pitchMm: 75, backing: true }, METRIC)).toBe(
      'weld: a4, 25–75 stitch, backing bar',
    );
    expect(weldChipText({ legMm: 6.35, seamMm: 457.2, stitchMm: 50.8, pitchMm: 152.4 }, US)).toBe(
      'weld: z1/4, 18 in, 2–6 stitch',
    );
  });
});
