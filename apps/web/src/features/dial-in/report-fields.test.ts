import { METRIC, US } from '@hot-bead/core/base';
import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import Papa from 'papaparse';
import { ladderCsv } from './ladder-csv.ts';
import { beadOf, reportAt, reportOf } from './report-fields.ts';

const SUGGESTED = { volts: 16.873, wireFeedSpeedMPerMin: 7.0104 };

describe('a report', () => {
  it('keeps the exact figures that it was filled in from, and takes what is typed in their place', () => {
    const metric = { ...reportAt(SUGGESTED, METRIC), said: 'right' as const };
    expect(metric.volts).toBe('16.9');
    expect(beadOf(metric, SUGGESTED, METRIC)).toEqual({ ...SUGGESTED, said: 'right', note: '' });
    expect(beadOf({ ...metric, volts: '17' }, SUGGESTED, METRIC)).toMatchObject({ volts: 17 });
    const us = { ...reportAt(SUGGESTED, US), said: 'right' as const };
    expect(us.wireFeedSpeedMPerMin).toBe('276');
    expect(beadOf(us, SUGGESTED, US).wireFeedSpeedMPerMin).toBe(7.0104);
    expect(beadOf({ ...us, wireFeedSpeedMPerMin: '300' }, SUGGESTED, US).wireFeedSpeedMPerMin).toBeCloseTo(
      7.62,
      9,
    );
  });

  it('says what is wrong by its field', () => {
    const wrong = (over: object): unknown => {
      try {
        return beadOf({ ...reportAt(SUGGESTED, METRIC), ...over }, SUGGESTED, METRIC);
      } catch (error) {
        return (error as { problems: { field: string }[] }).problems.map(({ field }) => field);
      }
    };
    expect(wrong({})).toEqual(['']);
    expect(wrong({ said: 'right', volts: 'loud', wireFeedSpeedMPerMin: '99' })).toEqual([
      'wireFeedSpeedMPerMin',
      'volts',
    ]);
    expect(wrong({ said: 'right', weldedAt: 'never' })).toEqual(['weldedAt']);
  });

  it('is corrected from what was said', () => {
    const bead = { ...SUGGESTED, said: 'hot', flags: ['dirty'], cooled: false, note: 'x' } as const;
    const { weldedAt: _when, ...fields } = reportOf(bead, METRIC);
    expect(beadOf({ ...fields, weldedAt: '' }, bead, METRIC)).toEqual(bead);
  });
});

it('a ladder as a table holds every bead as it was said', () => {
  const bead = {
    ...SUGGESTED,
    number: 3,
    said: 'hot',
    verdict: 'hot',
    flags: ['stick-out', 'dirty'],
    cooled: false,
    heat: 'right',
    note: 'a, "quoted" note',
    taken: { volts: 16.5, wireFeedSpeedMPerMin: 7 },
    weldedWith: null,
    createdAt: '2026-11-01T08:00:00.000Z',
  } as unknown as KeptTestBead;
  const { data } = Papa.parse<Record<string, string>>(
    ladderCsv([bead, { ...bead, number: 4, cooled: true }]),
    {
      header: true,
    },
  );
  expect(data).toHaveLength(2);
  expect(data[0]).toMatchObject({
    bead: '3',
    volts_V: '16.873',
    verdict: 'hot',
    amiss: 'stick-out dirty',
    coupon_cooled: 'no',
    heat: 'right',
    taken_V: '16.5',
    wire: '',
    note: 'a, "quoted" note',
  });
  expect(data[1]).toMatchObject({ bead: '4', coupon_cooled: 'yes' });
});
