import fc from 'fast-check';
import { afterEntry as afterEntryInWords, type StockEntry } from './stock-entry.ts';
import {
  type Cylinder,
  cylinderLeft,
  isLow,
  isUsedUp,
  type Part,
  type Spool,
  spoolLeft,
  stockFault as stockFaultInWords,
  type StockItem,
} from './stock-item.ts';
import { wireKgPerM } from '../trade/wire/wire-mass.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const afterEntry = toldInMetric(afterEntryInWords);
const stockFault = toldInMetric(stockFaultInWords);

const SPOOL: Spool = {
  kind: 'spool',
  wireClass: 'ER70S-6',
  diameterMm: 0.8,
  size: 'D200',
  fullKg: 5,
  tareKg: 0.2,
};
const ARGON: Cylinder = { kind: 'cylinder', name: '7', gas: 'argon', waterL: 10, fullBar: 200 };
const CO2: Cylinder = { kind: 'cylinder', name: '8', gas: 'co2', fullKg: 10, tareKg: 13 };
const TIPS: Part = { kind: 'part', part: 'tip', name: 'M6 tip', forMm: 0.8, count: 4, least: 5 };

const after = (item: StockItem, entry: StockEntry) => afterEntry(item, entry);
const taken = (item: StockItem, entry: StockEntry): StockItem => {
  const later = after(item, entry);
  if (later.status === 'refused') throw new Error(later.fault.message);
  return later.item;
};

describe('wire by weight and by length', () => {
  // Source: definitions, worked by hand: 360 m × π/4 × d² × 7850 kg/m³.
  it.each([
    [0.8, 1.42],
    [0.762, 1.29],
  ])('an hour at 6 m/min of steel wire that is truly %d mm is %d kg', (trueMm, kg) => {
    expect(wireKgPerM('ER70S-6', trueMm) * 360).toBeCloseTo(kg, 2);
  });

  // Source: the handbook's worked figures, from memory.
  it('5 kg of 0.8 mm as it is sold are 1397 m, and 2.3 kg of 0.9 mm last 43.7 min at 10.8 m/min', () => {
    expect(Math.abs((spoolLeft(SPOOL).m ?? 0) / 1397 - 1)).toBeLessThan(0.005);
    const nine = spoolLeft({ ...SPOOL, diameterMm: 0.9, fullKg: 2.3 });
    expect(Math.abs((nine.m ?? 0) / 10.8 / 43.7 - 1)).toBeLessThan(0.01);
  });

  it('a spool that was measured is reckoned with as it was measured', () => {
    const measured = spoolLeft({ ...SPOOL, trueDiameterMm: 0.8 });
    expect((measured.m ?? 0) / (spoolLeft(SPOOL).m ?? 1)).toBeCloseTo((0.762 / 0.8) ** 2, 3);
    expect(spoolLeft({ ...SPOOL, wireClass: 'E71T-11', diameterMm: 0.9 }).m).toBeGreaterThan(
      spoolLeft({ ...SPOOL, diameterMm: 0.9 }).m ?? 0,
    );
  });
});

describe('what is told of a thing in Stores', () => {
  it('a spool on the scale is its wire and its tare', () => {
    expect(taken(SPOOL, { kind: 'weighed', weightKg: 3.4 })).toMatchObject({ leftKg: 3.2 });
    expect(spoolLeft({ ...SPOOL, leftKg: 3.2 }).share).toBeCloseTo(0.64);
  });

  it('a bottle is gauged, and CO₂ is weighed: 10 kg are 5410 L', () => {
    const half = taken(ARGON, { kind: 'gauged', bar: 100 }) as Cylinder;
    expect(half).toMatchObject({ leftBar: 100 });
    expect(cylinderLeft(half).share).toBeCloseTo(0.5, 1);
    expect(cylinderLeft(CO2).litres).toBe(5410);
    expect(cylinderLeft(taken(CO2, { kind: 'weighed', weightKg: 18 }) as Cylinder)).toMatchObject({ kg: 5 });
    expect(spoolLeft({ kind: 'spool', wireClass: 'ER70S-6', diameterMm: 0.8 })).toEqual({ share: undefined });
    expect(cylinderLeft({ kind: 'cylinder', name: '9', gas: 'argon' }).share).toBeUndefined();
    expect(cylinderLeft({ kind: 'cylinder', name: '9', gas: 'co2' }).share).toBeUndefined();
  });

  it.each<readonly [what: string, item: StockItem, entry: StockEntry, field: string, words: RegExp]>([
    ['a weight over the full spool’s', SPOOL, { kind: 'weighed', weightKg: 5.5 }, 'weightKg', /5.2 kg/],
    ['a tare over the weight', SPOOL, { kind: 'weighed', weightKg: 0.1 }, 'weightKg', /tare/],
    ['a pressure over the cylinder’s', ARGON, { kind: 'gauged', bar: 210 }, 'bar', /200 bar/],
    ['CO₂ by pressure', CO2, { kind: 'gauged', bar: 57 }, 'bar', /weigh it/],
    ['argon by weight', ARGON, { kind: 'weighed', weightKg: 20 }, 'weightKg', /gauge/],
    ['a negative count', TIPS, { kind: 'counted', count: -1 }, 'count', /none or more/],
    ['half a tip', TIPS, { kind: 'counted', count: 1.5 }, 'count', /whole/],
    ['minus two bought', TIPS, { kind: 'bought', count: -2 }, 'count', /none or more/],
    ['tips on the scale', TIPS, { kind: 'weighed', weightKg: 1 }, 'weightKg', /counted/],
    ['the gauge of a spool', SPOOL, { kind: 'gauged', bar: 1 }, 'bar', /cylinder/],
    ['a spool counted', SPOOL, { kind: 'counted', count: 1 }, 'count', /weighed/],
    ['more than full', SPOOL, { kind: 'adjusted', left: 6, reason: 'x' }, 'left', /5 kg/],
    ['less than nothing', ARGON, { kind: 'adjusted', left: -1, reason: 'x' }, 'left', /nothing/],
    [
      'a bottle without its weights',
      { ...CO2, tareKg: undefined },
      { kind: 'weighed', weightKg: 9 },
      'weightKg',
      /empty/,
    ],
  ])('%s is refused at its field', (_what, item, entry, field, words) => {
    const later = after(item, entry);
    expect(later).toMatchObject({ status: 'refused', fault: { field } });
    if (later.status === 'refused') expect(later.fault.message).toMatch(words);
  });

  it('is used up at nothing, and low under the least or a small rest', () => {
    for (const item of [SPOOL, ARGON, CO2, TIPS]) {
      expect(isUsedUp(item)).toBe(false);
      expect(isUsedUp(taken(item, { kind: 'used-up' }))).toBe(true);
    }
    expect([isLow(TIPS), isLow({ ...TIPS, count: 5 }), isLow({ ...TIPS, least: undefined })]).toEqual([
      true,
      false,
      false,
    ]);
    expect([isLow({ ...SPOOL, leftKg: 0.7 }), isLow({ ...SPOOL, leftKg: 0.8 })]).toEqual([true, false]);
    expect(taken(TIPS, { kind: 'bought', count: 10 })).toMatchObject({ count: 14 });
  });

  it('whatever is weighed lies between nothing and full', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 12, noNaN: true }), (weightKg) => {
        const later = after(SPOOL, { kind: 'weighed', weightKg });
        if (later.status === 'refused') expect(weightKg < 0.2 || weightKg > 5.2).toBe(true);
        else expect(stockFault(later.item)).toBeUndefined();
      }),
    );
  });

  it('cannot hold more than a full one, or be told by what it is not told by', () => {
    expect(stockFault({ ...SPOOL, leftKg: 6 })?.field).toBe('leftKg');
    expect(stockFault({ ...ARGON, leftBar: 250 })?.field).toBe('leftBar');
    expect(stockFault({ ...ARGON, leftKg: 3 })?.field).toBe('leftKg');
    expect(stockFault({ ...CO2, leftBar: 57 })?.message).toContain('weigh it');
    expect(stockFault({ ...CO2, leftKg: 11 })?.field).toBe('leftKg');
    expect([SPOOL, ARGON, CO2, TIPS].map(stockFault)).toEqual([undefined, undefined, undefined, undefined]);
  });
});
