import { GAUGE_TABLES, gaugeRows, gaugeThickness, nearestGauge } from './gauge.ts';
import { OutOfRangeError } from './out-of-range-error.ts';

describe('gauge tables', () => {
  // Sources: manufacturers' standard gauge, ASTM B258 and Birmingham gauge, recalled; the rest handbook figures.
  it.each([
    ['steel-sheet', 10, 0.1345],
    ['steel-sheet', 14, 0.0747],
    ['steel-sheet', 16, 0.0598],
    ['steel-sheet', 18, 0.0478],
    ['steel-sheet', 22, 0.0299],
    ['steel-sheet', 24, 0.0239],
    ['galvanised-sheet', 14, 0.0785],
    ['galvanised-sheet', 16, 0.0635],
    ['galvanised-sheet', 22, 0.0336],
    ['stainless-sheet', 10, 0.1406],
    ['stainless-sheet', 16, 0.0625],
    ['stainless-sheet', 22, 0.0313],
    ['aluminium-sheet', 14, 0.0641],
    ['aluminium-sheet', 16, 0.0508],
    ['aluminium-sheet', 18, 0.0403],
    ['tube-wall', 11, 0.12],
    ['tube-wall', 14, 0.083],
    ['tube-wall', 16, 0.065],
    ['tube-wall', 20, 0.035],
  ] as const)('%s %i ga is %f in', (table, gauge, inches) => {
    expect(gaugeThickness(gauge, table).inches).toBeCloseTo(inches, 4);
  });

  // Independent method: the definition by weight, 41.82 lb/ft² per inch, with the standard's lb/ft² per gauge.
  it.each([
    [10, 5.625],
    [12, 4.375],
    [14, 3.125],
    [16, 2.5],
    [18, 2.0],
    [20, 1.5],
    [22, 1.25],
    [24, 1.0],
  ])('steel %i ga follows from its weight of %f lb/ft²', (gauge, weight) => {
    expect(gaugeThickness(gauge, 'steel-sheet').inches).toBeCloseTo(weight / 41.82, 4);
  });

  it.each(GAUGE_TABLES)('%s converts every row from inches and gets thinner as the number grows', (table) => {
    const rows = gaugeRows(table);
    for (const [i, row] of rows.entries()) {
      expect(row.mm).toBeCloseTo(row.inches * 25.4, 9);
      const next = rows[i + 1];
      if (next) expect(next.mm).toBeLessThan(row.mm);
    }
    expect(rows.length).toBeGreaterThan(8);
  });

  it('means a different thickness in each table', () => {
    expect(gaugeThickness(14, 'steel-sheet').mm).toBeCloseTo(1.9, 2);
    expect(gaugeThickness(14, 'tube-wall').mm).toBeCloseTo(2.11, 2);
  });

  it('names the nearest gauge of a caliper reading and how far off it is', () => {
    const { row, offBy } = nearestGauge(0.8, 'steel-sheet');
    expect(row.gauge).toBe(22);
    expect(offBy).toBeCloseTo(0.053, 2);
  });

  it('refuses a gauge the table does not hold', () => {
    expect(() => gaugeThickness(99, 'steel-sheet')).toThrow(OutOfRangeError);
    expect(() => gaugeThickness(Number.NaN, 'steel-sheet')).toThrow(OutOfRangeError);
  });
});
