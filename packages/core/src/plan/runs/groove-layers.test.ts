import fc from 'fast-check';
import { runLimits } from '../bead/bead-plan.ts';
import { handTravel } from '../bead/hand-travel.ts';
import { type Groove, grooveAreaMm2, grooveLayers, halfWidthMm, type Layer } from './groove-layers.ts';
import { filletCells, filletLayers, grooveCells, type RunCell } from './run-cells.ts';

const layer = (depositMm3PerMin: number): Layer => ({
  depositMm3PerMin,
  hand: handTravel('flux-core', 'flat', 20),
  limits: runLimits('flux-core', 'flat'),
});
const groove = (thicknessMm: number, gapMm = 2.3): Groove => ({
  thicknessMm,
  gapMm,
  faceMm: 1.3,
  capWidthMm: 2 * (thicknessMm - 1.3) * Math.tan(Math.PI / 6) + gapMm + 3,
  capHeightMm: 1.5,
});

/** Area of a polygon, by the shoelace formula. */
function areaOf(cell: RunCell): number {
  const sum = cell.reduce((total, { x, y }, i) => {
    const next = cell[(i + 1) % cell.length] as { x: number; y: number };
    return total + x * next.y - next.x * y;
  }, 0);
  return Math.abs(sum) / 2;
}

describe('the layers of a bevel', () => {
  // Source: common practice: a 25 mm 60° V is 12 to 18 runs, in layers of 3 to 4 mm.
  it('fill a 25 mm V in 12 to 18 runs and layers of 3 to 4 mm', () => {
    const layers = grooveLayers(groove(25), layer(2200), layer(9000));
    const runs = layers.reduce((sum, { runs: count }) => sum + count, 0);
    expect(runs).toBeGreaterThanOrEqual(12);
    expect(runs).toBeLessThanOrEqual(18);
    for (const { role, fromMm, toMm } of layers) {
      if (role === 'root') continue;
      expect(toMm - fromMm).toBeGreaterThan(3);
      expect(toMm - fromMm).toBeLessThan(4.1);
    }
    expect(layers.map(({ role }) => role).slice(0, 2)).toEqual(['root', 'fill']);
    expect(layers.at(-1)?.role).toBe('cap');
  });

  it('lie on each other without a gap and make the whole groove with its cap', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5.1, max: 25.4, noNaN: true }),
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        fc.double({ min: 1500, max: 12000, noNaN: true }),
        (thicknessMm, gapMm, deposit) => {
          const of = groove(thicknessMm, gapMm);
          const layers = grooveLayers(of, layer(2200), layer(deposit));
          let at = 0;
          for (const { fromMm, toMm } of layers) {
            expect(fromMm).toBeCloseTo(at, 9);
            expect(toMm).toBeGreaterThan(fromMm);
            at = toMm;
          }
          expect(at).toBeCloseTo(thicknessMm, 9);
          const whole = grooveAreaMm2(of, thicknessMm) + (2 / 3) * of.capWidthMm * of.capHeightMm;
          expect(layers.reduce((sum, { areaMm2 }) => sum + areaMm2, 0)).toBeCloseTo(whole, 6);
        },
      ),
    );
  });

  it('are drawn as cells that fill the groove’s own outline', () => {
    const of = groove(20);
    for (const one of grooveLayers(of, layer(2200), layer(9000))) {
      const cells = grooveCells(of, one);
      expect(cells).toHaveLength(one.runs);
      const drawn = cells.reduce((sum, cell) => sum + areaOf(cell), 0);
      // the crown is drawn in straight steps, a little under its parabola
      expect(Math.abs(drawn / one.areaMm2 - 1)).toBeLessThan(one.role === 'cap' ? 0.01 : 1e-9);
      if (one.role === 'cap') continue;
      expect(Math.max(...cells.flat().map(({ x }) => x))).toBeCloseTo(halfWidthMm(of, one.toMm), 9);
    }
  });
});

describe('the runs of a fillet', () => {
  it.each([
    [1, [1]],
    [2, [1, 1]],
    [3, [1, 2]],
    [4, [1, 3]],
    [6, [1, 2, 3]],
    [10, [1, 2, 3, 4]],
  ])('%s runs lie in layers of %o', (runs, layers) => {
    expect(filletLayers(runs)).toEqual(layers);
  });

  it('have one section each, and make the triangle together', () => {
    for (const runs of [1, 2, 3, 4, 5, 6, 8, 10]) {
      const cells = filletCells(12, runs);
      expect(cells).toHaveLength(runs);
      for (const cell of cells) expect(areaOf(cell)).toBeCloseTo(12 ** 2 / 2 / runs, 6);
    }
  });
});
