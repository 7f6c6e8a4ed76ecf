import { inMetric } from '@hot-bead/core/base';
import { PAPERS } from '../../print/page.ts';
import { dayCalendar, dayCsv, placesOf, sheetLines } from './day-files.ts';
import { sheetLayout } from './day-sheet-pdf.ts';
import type { ShownPlace } from './day-result.ts';
import { dateAt, dayText, dayWord, minuteOfDay, spanText, timeText } from './day-time.ts';

const place = (over: Partial<ShownPlace> = {}): ShownPlace => ({
  jobId: 'a',
  title: '3 mm tee',
  setupMin: 0,
  setupStartMin: 450,
  startMin: 450,
  endMin: 480,
  lateMin: 0,
  unknowns: 0,
  dueMin: undefined,
  workMin: 30,
  minutesFrom: 'typed',
  why: 'First on Tom.',
  wire: '0.8 mm ER70S-6',
  gas: 'Ar + 18 % CO₂',
  takes: { wire: { wireClass: 'ER70S-6', diameterMm: 0.8 }, wireKg: 1, gas: 'ar-co2-18', gasL: 10 },
  stops: [],
  isPinned: false,
  ...over,
});
const LINES = [
  {
    machineId: 't',
    places: [
      place(),
      place({
        jobId: 'b',
        title: '=lap',
        setupMin: 12,
        setupStartMin: 480,
        startMin: 492,
        endMin: 1932,
        dueMin: 600,
        lateMin: 1332,
      }),
    ],
  },
  { machineId: 'n', places: [] },
];
const PLACES = placesOf({ lines: LINES }, new Map([['t', 'Tom']]));

describe('times of the day', () => {
  it('are said by the clock, and the day where it is another', () => {
    expect([timeText(425), timeText(1865), timeText(2880), timeText(-60)]).toEqual([
      '07:05',
      'tomorrow 07:05',
      'in 2 days 00:00',
      'yesterday 23:00',
    ]);
    expect(dayWord(-3000)).toBe('3 days ago');
    expect([spanText(35.4), spanText(89), spanText(125)]).toEqual(['35 min', '89 min', '2 h 05']);
    expect(dayText(new Date(2026, 1, 3, 9, 58))).toBe('2026-02-03');
    expect(minuteOfDay(new Date(2026, 1, 3, 9, 58))).toBe(595);
    expect(dateAt('2026-02-28', 1500)).toEqual(new Date(2026, 2, 1, 1, 0));
  });
});

describe('the day taken away', () => {
  it('as a calendar: a task with its times, a due time by itself', () => {
    const lines = dayCalendar(PLACES, '2026-03-02', inMetric)
      .replace(/\r\n[ \t]/g, '')
      .split('\r\n');
    expect(lines.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(3);
    expect(lines).toContain('SUMMARY:Tom: 3 mm tee');
    expect(lines).toContain('SUMMARY:Due: =lap');
    // local times are written in UTC, RFC 5545
    const start = new Date(2026, 2, 2, 7, 30).toISOString().replace(/[-:]|\.\d+/g, '');
    expect(lines).toContain(`DTSTART:${start}`);
  });

  it('as a table: what a spreadsheet would take for a formula is led by an apostrophe', () => {
    const rows = dayCsv(PLACES, inMetric).split('\r\n');
    expect(rows[0]).toBe('machine,task,changeOverMin,start,end,workMin,minutesFrom,due,lateMin,wire,gas,why');
    expect(rows[2]).toContain(`Tom,"'=lap",12,08:12,tomorrow 08:12,30,typed,10:00,1332`);
  });

  it('as a sheet: machines as headings, changeovers where there are some, all of it on the paper', () => {
    const lines = sheetLines(PLACES, inMetric);
    expect(lines.map(({ time, text }) => `${time} ${text}`.trim())).toEqual([
      'Tom',
      '07:30 3 mm tee',
      '08:00 change over to 0.8 mm ER70S-6, Ar + 18 % CO₂',
      '08:12 =lap (22 h 12 late)',
    ]);
    const many = Array.from({ length: 60 }, () => lines).flat();
    for (const paper of ['A4', 'Letter'] as const) {
      const marks = sheetLayout('The day', many, paper, (text, size) => text.length * size * 0.5);
      const { heightPt, widthPt } = PAPERS[paper];
      expect(marks.every(({ x, y }) => x > 0 && x < widthPt && y > 0 && y < heightPt)).toBe(true);
    }
  });
});
