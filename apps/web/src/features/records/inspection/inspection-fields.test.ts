import { METRIC, US } from '@hot-bead/core/base';
import type { KeptInspection } from '@hot-bead/contract/records';
import type { Inspection } from '@hot-bead/core/records';
import { enteredIn, type Typed, typedOf, withoutEmpty } from '../../../form/form-fields.ts';
import { INSPECTION_FIELDS, inspectionChange, notLookedAt, usualGauges } from './inspection-fields.ts';
import { markSize } from './photo-marks.ts';

const AT = '2026-03-02T10:00:00.000Z';
const FILLET: Typed = { ...usualGauges(), joint: 'fillet', standard: '5817', thicknessMm: '6' };

const inspectionOf = (typed: Typed, units = METRIC) => enteredIn(INSPECTION_FIELDS, typed, units);

describe('an inspection as it is typed', () => {
  it('leaves out what was not looked at', () => {
    const whole = { joint: 'fillet', standard: '5817', thicknessMm: 6 };
    expect(inspectionOf(FILLET)).toEqual(whole);
    const looked = { ...FILLET, 'items.undercut.value': '0.4', 'items.undercut.lengthMm': '20' };
    expect(inspectionOf({ ...looked, ...notLookedAt('undercut') })).toEqual(whole);
  });

  it('tells a size with its gauge, a thing seen without one, and a length in any unit', () => {
    const inspection = inspectionOf({
      ...FILLET,
      'items.crack.value': '0',
      'items.undercut.value': '0,4',
      'items.undercut.lengthMm': '2 cm',
      weldMm: '1 m',
      nominalMm: '5',
    });
    expect(inspection['items']).toEqual({
      crack: { value: 0 },
      undercut: { value: 0.4, gauge: 'pin', lengthMm: 20 },
    });
    expect(inspection).toMatchObject({ weldMm: 1000, nominalMm: 5 });
    // a or z was not said: it is asked, never taken for one of them
    expect(inspection).not.toHaveProperty('nominalIs');
  });

  it('tells a thing seen on a photo with the photo, and a size by one’s own gauge without it', () => {
    const { items } = inspectionOf({
      ...FILLET,
      'items.crack.value': '1',
      'items.crack.gauge': 'photo',
      'items.undercut.value': '0.4',
      'items.undercut.gauge': 'own',
      'items.undercut.u95': '0.1',
    });
    expect(items).toEqual({ crack: { value: 1, gauge: 'photo' }, undercut: { value: 0.4, u95: 0.1 } });
  });

  it('is typed in inches where the user has them, by fractions too, and kept in mm', () => {
    const inspection = inspectionOf(
      {
        ...FILLET,
        thicknessMm: '1/4',
        'firstLeg.value': '.25',
        'items.undercut.value': '1/64',
        'items.undercut.lengthMm': '1 1/2 in',
        weldMm: '10',
      },
      US,
    );
    // Source: 1 in = 25.4 mm exactly.
    expect(inspection).toMatchObject({
      thicknessMm: 6.35,
      firstLeg: { value: 6.35, gauge: 'cam' },
      weldMm: 254,
    });
    expect(inspection['items']).toEqual({
      undercut: { value: 0.396875, gauge: 'pin', lengthMm: expect.closeTo(38.1, 9) as number },
    });
    expect(inspectionOf({ ...FILLET, 'items.undercut.value': '0' }, US)['items']).toEqual({
      undercut: { value: 0, gauge: 'pin' },
    });
  });

  it('has no legs where it is a butt', () => {
    const legs = { ...FILLET, 'firstLeg.value': '5' };
    expect(inspectionOf(legs)).toHaveProperty('firstLeg');
    expect(inspectionOf({ ...legs, joint: 'butt' })).not.toHaveProperty('firstLeg');
  });

  it('a change sends the items that differ, to their last digit where not touched, and null for one that was taken back', () => {
    const inspection: Inspection = {
      joint: 'fillet',
      thicknessMm: 6.123456,
      items: {
        crack: { value: 0 },
        undercut: { value: 0.4, gauge: 'pin' },
        // kept without a gauge, with a note that no field shows
        overlap: { value: 0.3, note: 'by the end' },
      },
      photos: [],
      at: AT,
    };
    const kept: KeptInspection = {
      ...inspection,
      id: 'i',
      version: 1,
      jobId: 'j',
      verdict: null,
      updatedAt: AT,
      away: false,
    };
    const opened = { ...usualGauges(kept), ...withoutEmpty(typedOf(INSPECTION_FIELDS, kept, US)) };
    const after = (typed: Typed): Record<string, unknown> => {
      const entered = enteredIn(INSPECTION_FIELDS, { ...opened, ...typed }, US, kept);
      return inspectionChange(kept, { ...entered, photos: [], at: AT } as unknown as Inspection);
    };
    expect(after({})).toEqual({});
    expect(after({ ...notLookedAt('undercut'), note: 'again' })).toEqual({
      note: 'again',
      items: { undercut: null },
    });
  });
});

describe('a mark on a photo', () => {
  const scale = {
    from: [0, 0],
    to: [1500, 0],
    mm: 50,
    heightMm: 6,
    cameraMm: 300,
    tiltDeg: 5,
    surface: 'usual',
  } as const;
  const mark = { from: [0, 0], to: [186, 0] } as const;

  // handbook on inspection, M03: a leg of 6.2 mm, 50 mm over 1500 px, marks set zoomed in: ± 0.56, of which the toe is 0.50
  it('says its size with its band', () => {
    const size = markSize(mark, { photoId: 'p', scale, marks: [] });
    expect(size).toMatchObject({ status: 'size' });
    if (size.status !== 'size') return;
    expect(size.mm).toBeCloseTo(6.2, 9);
    expect(size.u95Mm).toBeCloseTo(0.557, 1);
    expect(size.toeU95Mm).toBe(0.5);
  });

  it('says nothing without a scale, or with one that is too small to measure by', () => {
    expect(markSize(mark, { photoId: 'p', marks: [] }).status).toBe('none');
    const small = markSize(mark, { photoId: 'p', scale: { ...scale, to: [299, 0] }, marks: [] });
    expect(small).toMatchObject({ status: 'none', why: expect.stringContaining('299 px') as string });
    for (const wrong of [{ mm: 0 }, { cameraMm: 0 }, { tiltDeg: Number.NaN }, { heightMm: -1 }])
      expect(markSize(mark, { photoId: 'p', scale: { ...scale, ...wrong }, marks: [] }).status).toBe('none');
  });
});
