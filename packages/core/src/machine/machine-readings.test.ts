import type { OneEntry } from './one-entry.ts';
import type { Machine } from './machine.ts';
import {
  type ControlReadings,
  isSameReadings,
  losesReadings,
  readingLines,
  withoutReadings,
} from './machine-readings.ts';
import type { VoltsPosition } from './volts/position-volts.ts';

const taps = (...positions: readonly VoltsPosition[]): ControlReadings => ({
  kind: 'volts',
  value: { kind: 'positions', positions },
});
const shown = (...volts: readonly number[]): ControlReadings => ({
  kind: 'volts',
  value: { kind: 'displayed', meter: volts.map((meterV) => ({ shownV: 19, meterV })) },
});
const entry = (unit: OneEntry['unit'], ...entries: readonly number[]): ControlReadings => ({
  kind: 'entry',
  value: {
    unit,
    lines: [
      {
        wireClass: 'ER70S-6',
        diameterMm: 0.8,
        gas: 'co2',
        points: entries.map((e) => ({ entry: e, wireFeedSpeedMPerMin: 2 * e, volts: 15 + e })),
      },
    ],
  },
});
const LOADED = { volts: 16, currentA: 80 };

describe('the readings of a control', () => {
  it('are each a line of their own', () => {
    expect(readingLines(taps({ name: '1', openV: 17, loaded: [LOADED] }, { name: '2' }))).toEqual([
      '1: open 17 V',
      '1: 16 V at 80 A',
    ]);
    expect(readingLines(shown(18.4))).toEqual(['shown 19 V: 18.4 V']);
    expect(readingLines(entry('mm', 3))).toEqual(['0.8 mm ER70S-6, co2: 3 mm: 6 m/min, 18 V']);
    expect(readingLines({ kind: 'volts', value: { kind: 'entry' } })).toEqual([]);
    expect(readingLines(undefined)).toEqual([]);
  });

  it('are lost when one is taken out, changed, or moved to another tap, and not when one comes in', () => {
    const before = taps({ name: '1', openV: 17, loaded: [LOADED] });
    expect(losesReadings(before, taps({ name: '1', openV: 17 }))).toBe(true);
    expect(losesReadings(before, taps({ name: '1', openV: 17.5, loaded: [LOADED] }))).toBe(true);
    expect(losesReadings(before, taps({ name: '2', openV: 17, loaded: [LOADED] }))).toBe(true);
    expect(losesReadings(before, shown(18))).toBe(true);
    expect(losesReadings(before, undefined)).toBe(true);
    const more = taps(
      { name: '1', openV: 17, loaded: [LOADED, { volts: 15, currentA: 120 }] },
      { name: '2' },
    );
    expect(losesReadings(before, more)).toBe(false);
    expect(losesReadings(undefined, before)).toBe(false);
    expect(losesReadings(entry('mm', 1, 2), entry('A', 1, 2))).toBe(true);
  });

  it('are the same in any order', () => {
    expect(isSameReadings(shown(18, 18.4), shown(18.4, 18))).toBe(true);
    expect(isSameReadings(shown(18), shown(18, 18.4))).toBe(false);
    expect(isSameReadings(undefined, shown())).toBe(true);
  });
});

const BARE: Machine = {
  name: 'Tom',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
};

describe('a machine', () => {
  it('without its readings keeps its taps’ names and what it chooses for its one entry', () => {
    const oneEntry = { unit: 'mm', lines: [] } as const;
    const tapped: Machine = {
      ...BARE,
      oneEntry,
      voltsControl: {
        kind: 'positions',
        positions: [{ name: 'A', openV: 18, loaded: [{ volts: 16, currentA: 80 }] }, { name: 'B' }],
      },
    };
    expect(withoutReadings(tapped)).toEqual({
      ...BARE,
      oneEntry,
      voltsControl: { kind: 'positions', positions: [{ name: 'A' }, { name: 'B' }] },
    });
    const shown: Machine = {
      ...BARE,
      voltsControl: { kind: 'displayed', meter: [{ shownV: 19, meterV: 18 }] },
    };
    expect(withoutReadings(shown).voltsControl).toEqual({ kind: 'displayed' });
    expect(withoutReadings(BARE)).toBe(BARE);
  });
});
