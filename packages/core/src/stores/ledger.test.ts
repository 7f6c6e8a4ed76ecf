import fc from 'fast-check';
import { LEFT_FIELDS, type LedgerEntry, reckoned } from './ledger.ts';
import type { Spool } from './stock-item.ts';

const SPOOL: Spool = { kind: 'spool', wireClass: 'ER70S-6', diameterMm: 0.8, fullKg: 10, tareKg: 0.2 };
const hour = (h: number): string => new Date(Date.UTC(2026, 0, 1, h, 30, 5)).toISOString();

let tellings = 0;
const line = (h: number, what: object): LedgerEntry => {
  tellings += 1;
  return { at: hour(h), number: tellings, ...what } as LedgerEntry;
};
const putIn = (leftKg: number) => line(0, { kind: 'stood', left: { leftKg } });
const run = (h: number, wireKg: number) => line(h, { kind: 'drawn', draw: { wireKg } });
const scale = (h: number, leftKg: number) =>
  line(h, { kind: 'told', entry: { kind: 'weighed', weightKg: leftKg + 0.2 } });
const left = (ledger: readonly LedgerEntry[], item = SPOOL) => (reckoned(item, ledger) as Spool).leftKg;

describe('what is left by the ledger', () => {
  it('is what was put in less what was drawn, and a run that is taken back leaves nothing behind', () => {
    const first = putIn(1);
    expect(left([first, run(1, 3)])).toBe(0);
    expect(left([first])).toBe(1);
  });

  it('is what the scale said from that moment on, whatever was welded or told of before', () => {
    const [first, scaled] = [putIn(10), scale(2, 7)];
    expect(left([first, run(1, 2), scaled])).toBe(7);
    expect(left([first, scaled])).toBe(7);
    expect(left([first, scaled, run(1, 2)])).toBe(7); // written late
    expect(left([first, scaled, run(3, 2)])).toBe(5);
  });

  it('counts what was welded at a whole minute within it', () => {
    const at = '2026-01-01T08:00:00.000Z';
    const drawn: LedgerEntry = { at, number: 2, kind: 'drawn', draw: { wireKg: 1 } };
    const stood: LedgerEntry = {
      at: '2026-01-01T08:00:20.000Z',
      number: 1,
      kind: 'stood',
      left: { leftKg: 5 },
    };
    expect(left([stood, drawn])).toBe(4);
    expect(left([{ ...stood, at: '2026-01-01T08:01:20.000Z' }, drawn])).toBe(5);
  });

  it('is a full spool less what was drawn where nobody weighed it, and unknown where nobody said what it holds', () => {
    const { fullKg: _full, ...unsaid } = SPOOL;
    const nothing = line(0, { kind: 'stood', left: {} });
    expect(left([nothing, run(1, 2)])).toBe(8);
    expect(left([nothing, run(1, 2)], unsaid)).toBeUndefined();
    expect(left([putIn(4), line(1, { kind: 'stood', left: { leftKg: null } })], unsaid)).toBeUndefined();
    expect(reckoned(unsaid, [])).toBe(unsaid);
  });

  it('does not take what cannot be of the thing as it is known now', () => {
    expect(left([putIn(6), scale(1, 9)], { ...SPOOL, fullKg: 8 })).toBe(6);
  });

  it('adds what was bought to what was counted last', () => {
    const tips = { kind: 'part', part: 'tip', name: 'tip', count: 99 } as const;
    const entry = (h: number, kind: string, count: number) =>
      line(h, { kind: 'told', entry: { kind, count } });
    const ledger = [
      line(0, { kind: 'stood', left: { count: 4 } }),
      entry(1, 'bought', 10),
      entry(3, 'bought', 1),
    ];
    expect(reckoned(tips, ledger)).toMatchObject({ count: 15 });
    expect(reckoned(tips, [...ledger, entry(2, 'counted', 2)])).toMatchObject({ count: 3 });
    expect(LEFT_FIELDS).toContain('count');
  });

  it('is that of a plain book, in whatever order it was written', () => {
    const entries = fc.array(
      fc.record({
        h: fc.integer({ min: 1, max: 40 }),
        isRun: fc.boolean(),
        kg: fc.integer({ min: 0, max: 9 }),
      }),
      { maxLength: 25 },
    );
    fc.assert(
      fc.property(entries, fc.integer({ min: 0, max: 10 }), (book, start) => {
        // a plain book: grams, one hour after another, each in the order told
        let grams = start * 1000;
        for (let h = 1; h <= 40; h += 1)
          for (const one of book) {
            if (one.h !== h) continue;
            grams = one.isRun ? Math.max(0, grams - one.kg * 1000) : one.kg * 1000;
          }
        const ledger = [putIn(start), ...book.map(({ h, isRun, kg }) => (isRun ? run(h, kg) : scale(h, kg)))];
        expect(left(ledger)).toBeCloseTo(grams / 1000, 6);
        expect(left(ledger.toReversed())).toBeCloseTo(grams / 1000, 6);
      }),
    );
  });
});
