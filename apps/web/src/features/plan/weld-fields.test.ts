import { ContractError } from '@hot-bead/contract/base';
import { METRIC, type Units, US } from '@hot-bead/core/base';
import type { StatedWork } from '@hot-bead/core/plan';
import { enteredIn, type Typed, typedOf, unreadIn } from '../../form/form-fields.ts';
import { WELD_FIELDS, weldChipText, weldOf } from './weld-fields.ts';

/** The work after its form was opened and these were typed. */
function after(work: StatedWork, typed: Typed, units: Units = METRIC): StatedWork {
  const whole = { ...typedOf(WELD_FIELDS, work, units), ...typed };
  return weldOf(work, enteredIn(WELD_FIELDS, whole, units, work));
}

describe('the figures of a weld', () => {
  it('are shown in the user’s unit and read back the same', () => {
    const work = { thicknessMm: 6, legMm: 5, seamMm: 500, numberOff: 4, gapMm: 0, passes: 2 };
    expect(typedOf(WELD_FIELDS, work, METRIC)).toMatchObject({
      legMm: '5 mm',
      seamMm: '500 mm',
      numberOff: '4',
      gapMm: '0 mm',
      throatMm: '',
    });
    expect(after(work, {})).toEqual(work);
    expect(after(work, { gapMm: '0' })).toEqual(work);
    expect(unreadIn(WELD_FIELDS, typedOf(WELD_FIELDS, work, METRIC), METRIC)).toEqual([]);
    expect(typedOf(WELD_FIELDS, { legMm: 6.35 }, US)['legMm']).toBe('0.25 in');
  });

  it('takes a length in any unit, and a bare one in the user’s', () => {
    expect(after({}, { seamMm: '2 m', legMm: '1/4' }, US)).toEqual({ seamMm: 2000, legMm: 6.35 });
  });

  it('takes the letter that a drawing writes before a size, each at its own field', () => {
    expect(after({}, { legMm: 'z6' })).toEqual({ legMm: 6 });
    expect(after({}, { throatMm: 'a4,5' })).toEqual({ throatMm: 4.5 });
    expect(unreadIn(WELD_FIELDS, { legMm: 'a4' }, METRIC)).toMatchObject([{ field: 'legMm' }]);
  });

  it('takes an emptied figure out of the work', () => {
    expect(after({ thicknessMm: 3, legMm: 4 }, { legMm: '' })).toEqual({ thicknessMm: 3 });
  });

  it('says why a length cannot be read', () => {
    const unread = unreadIn(WELD_FIELDS, { legMm: 'big' }, METRIC);
    expect(unread).toMatchObject([
      { field: 'legMm', message: expect.stringMatching(/“big” is not a length/) },
    ]);
  });

  it.each([
    [{ legMm: '40' }, 'legMm', /1 to 30 mm/],
    [{ numberOff: '1.5' }, 'numberOff', /whole number/],
    [{ passes: '0' }, 'passes', /1 to 40/],
    [{ legMm: '5', throatMm: '4' }, 'throatMm', /not both/],
    [{ stitchMm: '25' }, 'pitchMm', /needs its pitch/],
    [{ pitchMm: '75' }, 'stitchMm', /needs the length/],
    [{ stitchMm: '75', pitchMm: '25' }, 'pitchMm', /longer than the stitch/],
  ] as const)('%o is refused at %s', (typed, field, message) => {
    const refused = (): unknown => after({}, typed);
    expect(refused).toThrow(ContractError);
    expect(refused).toThrow(message);
    expect(refused).toThrow(expect.objectContaining({ problems: [expect.objectContaining({ field })] }));
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
