import fc from 'fast-check';
import { cylinderL } from './gas-volume.ts';
import { barOfLitres, drawnFrom } from './drawn.ts';
import { cylinderLeft, type Cylinder, type Spool, type StockItem } from './stock-item.ts';

const SPOOL: Spool = { kind: 'spool', wireClass: 'ER70S-6', diameterMm: 0.8, fullKg: 5, leftKg: 2 };
const BOTTLE: Cylinder = {
  kind: 'cylinder',
  name: '7',
  gas: 'ar-co2-18',
  waterL: 50,
  fullBar: 200,
  leftBar: 200,
};

function taken(item: StockItem, draw: Parameters<typeof drawnFrom>[1]) {
  const after = drawnFrom(item, draw);
  if (after.status !== 'taken') throw new Error(after.why);
  return after;
}

describe('drawing from Stores', () => {
  it('takes wire by weight, gives back what was too much, and never more than a full spool', () => {
    expect(taken(SPOOL, { wireKg: 0.5 }).item).toMatchObject({ leftKg: 1.5 });
    expect(taken(SPOOL, { wireKg: -0.25 }).item).toMatchObject({ leftKg: 2.25 });
    expect(taken(SPOOL, { wireKg: -9 }).item).toMatchObject({ leftKg: 5 });
    expect(taken({ ...SPOOL, leftKg: undefined }, { wireKg: 1 }).item).toMatchObject({ leftKg: 4 });
  });

  it('says how much more was taken than there was by the book', () => {
    const after = taken(SPOOL, { wireKg: 2.4 });
    expect(after.item).toMatchObject({ leftKg: 0 });
    expect(after.short).toBeCloseTo(0.4, 9);
  });

  it('takes gas by the litres of a real gas, and CO₂ by its weight', () => {
    const { item } = taken(BOTTLE, { gasL: 5000 });
    const [before, after] = [cylinderLeft(BOTTLE).litres ?? 0, cylinderLeft(item as Cylinder).litres ?? 0];
    expect(before - after).toBeCloseTo(5000, 0);
    // an ideal gas would stand at 99 bar: 50 × 200 ÷ 1.013 litres, less 5000
    expect(item.kind === 'cylinder' && item.leftBar).toBeGreaterThan(99);
    const co2: Cylinder = { kind: 'cylinder', name: '2', gas: 'co2', fullKg: 10, leftKg: 6 };
    expect(taken(co2, { gasL: 541 }).item).toMatchObject({ leftKg: 5 });
    expect(taken(BOTTLE, { gasL: 20_000 })).toMatchObject({ item: { leftBar: 0 } });
  });

  it('guesses nothing where nobody said how much there is', () => {
    const { fullKg: _full, leftKg: _left, ...unknown } = SPOOL;
    expect(drawnFrom(unknown, { wireKg: 1 }).status).toBe('not-known');
    expect(drawnFrom({ kind: 'cylinder', name: '1', gas: 'argon' }, { gasL: 1 }).status).toBe('not-known');
    expect(drawnFrom({ kind: 'part', part: 'tip', name: 'tip', count: 3 }, { wireKg: 1 }).status).toBe(
      'not-known',
    );
  });

  it('finds the pressure of so many litres', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 299, noNaN: true }),
        fc.constantFrom('argon', 'ar-co2-25'),
        (bar, gas) => {
          expect(barOfLitres(gas as 'argon', 20, cylinderL(gas as 'argon', 20, bar))).toBeCloseTo(bar, 3);
        },
      ),
    );
    expect(barOfLitres('argon', 20, 0)).toBe(0);
  });
});
