import { METRIC, US } from '@hot-bead/core/base';
import type { KeptInspection } from '@hot-bead/contract/records';
import type { Inspection } from '@hot-bead/core/records';
import {
  emptyItem,
  fieldsOfInspection,
  inspectionChange,
  inspectionOf,
  newFields,
} from './inspection-fields.ts';
import { markSize } from './photo-marks.ts';

const AT = '2026-03-02T10:00:00.000Z';
const FILLET = newFields({ joint: 'fillet', standard: '5817', thickness: '6' });

describe('an inspection as it is typed', () => {
  it('leaves out what was not looked at', () => {
    expect(inspectionOf(FILLET, AT, METRIC)).toEqual({
      joint: 'fillet',
      standard: '5817',
      thicknessMm: 6,
      items: {},
      photos: [],
      at: AT,
    });
  });

  it('tells a size with its gauge, a thing seen without one, and a length in any unit', () => {
    const items = {
      crack: { ...emptyItem('crack'), value: '0' },
      undercut: { ...emptyItem('undercut'), value: '0,4', length: '2 cm' },
    };
    const told = inspectionOf({ ...FILLET, items, weld: '1 m', nominal: '5' }, AT, METRIC);
    expect(told['items']).toEqual({
      crack: { value: 0 },
      undercut: { value: 0.4, gauge: 'pin', lengthMm: 20 },
    });
    expect(told).toMatchObject({ weldMm: 1000, nominalMm: 5 });
    // a or z was not said: it is asked, never taken for one of them
    expect(told).not.toHaveProperty('nominalIs');
  });

  it('is typed in inches where the user has them, by fractions too, and kept in mm', () => {
    const items = { undercut: { ...emptyItem('undercut'), value: '1/64', length: '1 1/2 in' } };
    const leg = { value: '.25', gauge: 'cam', u95: '' } as const;
    const told = inspectionOf({ ...FILLET, thickness: '1/4', firstLeg: leg, items, weld: '10' }, AT, US);
    // Source: 1 in = 25.4 mm exactly.
    expect(told).toMatchObject({ thicknessMm: 6.35, firstLeg: { value: 6.35 }, weldMm: 254 });
    expect(told['items']).toEqual({ undercut: { value: 0.396875, gauge: 'pin', lengthMm: 38.1 } });
    const none = { undercut: { ...emptyItem('undercut'), value: '0' } };
    expect(inspectionOf({ ...FILLET, items: none }, AT, US)['items']).toEqual({
      undercut: { value: 0, gauge: 'pin' },
    });
  });

  it('has no legs where it is a butt', () => {
    const legs = { ...FILLET, firstLeg: { value: '5', gauge: 'cam', u95: '' } } as const;
    expect(inspectionOf(legs, AT, METRIC)).toHaveProperty('firstLeg');
    expect(inspectionOf({ ...legs, joint: 'butt' }, AT, METRIC)).not.toHaveProperty('firstLeg');
  });

  it('a change sends the items that differ, and null for one that was taken back', () => {
    const inspection: Inspection = {
      joint: 'fillet',
      thicknessMm: 6,
      items: { crack: { value: 0 }, undercut: { value: 0.4, gauge: 'pin' } },
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
    const same = inspectionOf(fieldsOfInspection(kept, METRIC), AT, METRIC) as unknown as Inspection;
    expect(inspectionChange(kept, same, METRIC)).toEqual({});
    const { undercut: _gone, ...items } = same.items;
    expect(inspectionChange(kept, { ...same, items, note: 'again' }, METRIC)).toEqual({
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
