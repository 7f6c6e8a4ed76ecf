import type { StockItem } from '../stores/stock-item.ts';
import { shortages, type TaskTakes } from './day-stock.ts';

const WIRE = { wireClass: 'ER70S-6', diameterMm: 0.8 } as const;
const task = (wireKg: number | undefined, gasL: number | undefined): TaskTakes => ({
  wire: WIRE,
  wireKg,
  gas: 'argon',
  gasL,
});
const spool = (leftKg?: number): StockItem => ({
  kind: 'spool',
  ...WIRE,
  ...(leftKg === undefined ? {} : { leftKg }),
});
const bottle = (leftBar: number): StockItem => ({
  kind: 'cylinder',
  name: '1',
  gas: 'argon',
  waterL: 10,
  leftBar,
});

describe('what will not last for the day', () => {
  it('is what all tasks take together against all that Stores hold; 3 % of the wire stays on the spools', () => {
    expect(shortages([task(1, undefined), task(0.9, undefined)], [spool(1), spool(1)])).toEqual([]);
    expect(shortages([task(1, undefined), task(0.95, undefined)], [spool(1), spool(1)])).toEqual([
      { kind: 'wire', wire: WIRE, needsKg: 1.95, hasKg: 2 },
    ]);
    // 10 L of water at 100 bar is about 1000 L as an ideal gas, definition; argon holds a few per cent more
    expect(shortages([task(0, 900)], [bottle(100)])).toEqual([]);
    expect(shortages([task(0, 900), task(0, 900)], [bottle(100)])).toMatchObject([
      { kind: 'gas', needsL: 1800 },
    ]);
  });

  it('what Stores have none of is lacking; what nobody weighed, and Stores that are not kept, say nothing', () => {
    const other: StockItem = { kind: 'spool', wireClass: 'ER5356', diameterMm: 1.0, leftKg: 5 };
    expect(shortages([task(0.1, undefined)], [other])).toMatchObject([{ kind: 'wire', hasKg: 0 }]);
    expect(shortages([task(99, undefined)], [spool()])).toEqual([]);
    expect(shortages([task(99, 99_999)], [])).toEqual([]);
    expect(shortages([task(undefined, undefined)], [spool(0.001)])).toEqual([]);
  });
});
