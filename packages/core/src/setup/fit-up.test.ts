import fc from 'fast-check';
import { governingThickness } from '../demand/governing-thickness.ts';
import { BRONZE_BRAZE, STEEL_DIP } from '../family/steel.ts';
import { metalPair, type MetalPair } from '../material/metal-pair.ts';
import { JOINTS, type Work } from '../material/work.ts';
import { type FitUp, fitUpOf, steelPreheatC } from './fit-up.ts';

const BASE: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3,
  joint: 'butt',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};

function pairOf(work: Work): MetalPair {
  const pair = metalPair(work);
  if (pair.status !== 'weldable') throw new Error(pair.reason);
  return pair;
}

function fitUp(over: Partial<Work>, family = STEEL_DIP): FitUp {
  const work = { ...BASE, ...over };
  return fitUpOf(family, work, pairOf(work), governingThickness(work.thicknessMm, work.otherThicknessMm));
}

// Source: fit-up figures of the handbook, from memory.
describe('the gap of a square butt', () => {
  it.each([
    [1, 0, 0.5],
    [1.5, 0, 0.5],
    [2, 0.5, 1.6],
    [3, 0.5, 1.6],
    [4, 1.6, 2.4],
    [5, 1.6, 2.4],
  ])('%s mm: %s to %s mm', (thicknessMm, low, high) => {
    const { rootGapMm, bevel } = fitUp({ thicknessMm });
    expect([rootGapMm.low, rootGapMm.high]).toEqual([low, high]);
    expect(bevel).toBeUndefined();
  });

  it('over 5 mm the edges are bevelled to 60° with a root face of up to 1.6 mm; a fillet never is', () => {
    expect(fitUp({ thicknessMm: 6 }).bevel).toMatchObject({
      includedDegrees: 60,
      rootFaceMm: { low: 0, high: 1.6 },
    });
    expect(fitUp({ thicknessMm: 6, joint: 'tee' }).bevel).toBeUndefined();
  });

  it('starts inside its own range, for every joint and thickness', () => {
    const thickness = fc.double({ min: 0.5, max: 25, noNaN: true });
    fc.assert(
      fc.property(thickness, fc.constantFrom(...JOINTS), (thicknessMm, joint) => {
        const { rootGapMm, tackMm, tackSpacingMm } = fitUp({ thicknessMm, joint });
        for (const span of [rootGapMm, tackMm, tackSpacingMm]) {
          expect(span.low).toBeLessThanOrEqual(span.start);
          expect(span.start).toBeLessThanOrEqual(span.high);
        }
      }),
    );
  });
});

describe('tacks', () => {
  it.each([
    [1, 3, 6, 25, 50],
    [3, 8, 12, 80, 120],
    [6, 15, 25, 150, 200],
  ])('on %s mm are %s to %s mm long, %s to %s mm apart', (thicknessMm, ...range) => {
    const { tackMm, tackSpacingMm } = fitUp({ thicknessMm });
    expect([tackMm.low, tackMm.high, tackSpacingMm.low, tackSpacingMm.high]).toEqual(range);
  });

  it('follow the thinner of two parts', () => {
    expect(fitUp({ thicknessMm: 1, otherThicknessMm: 6 }).tackMm.high).toBe(6);
  });
});

describe('thin sheet', () => {
  it('is stitched, not run through; brazing need not be', () => {
    const { stitch } = fitUp({ thicknessMm: 1 });
    expect(stitch?.stitchMm).toBeGreaterThan(10);
    expect(stitch?.gapMm).toBeGreaterThan(stitch?.stitchMm ?? 0);
    expect(fitUp({ thicknessMm: 2 }).stitch).toBeUndefined();
    expect(fitUp({ thicknessMm: 1 }, BRONZE_BRAZE).stitch).toBeUndefined();
  });
});

describe('heat', () => {
  // Source: AWS D1.1 category B, recalled.
  it.each([
    [6, undefined],
    [20, undefined],
    [20.1, 10],
    [25, 10],
  ])('%s mm of carbon steel is warmed to %s °C', (thicknessMm, preheat) => {
    expect(steelPreheatC(thicknessMm)).toBe(preheat);
    expect(fitUp({ thicknessMm }).preheatC).toBe(preheat);
  });

  it('stainless stays under 150 °C between beads, aluminium under 120, and stainless roots are purged', () => {
    const stainless = fitUp({ metal: 'stainless', alloy: '304' });
    expect(stainless).toMatchObject({ interpassMostC: 150, backPurge: true });
    expect(fitUp({ metal: 'stainless', alloy: '304', joint: 'tee' }).backPurge).toBe(false);
    const aluminium = fitUp({ metal: 'aluminium', alloy: '6061' });
    expect(aluminium).toMatchObject({ interpassMostC: 120, backPurge: false });
    expect(aluminium.preparation[0]).toContain('Degrease first');
    expect(fitUp({ metal: 'cast-aluminium', alloy: '356' }).preheatC).toBeLessThanOrEqual(120);
  });

  it('galvanised steel is stripped 25 to 50 mm back', () => {
    expect(fitUp({ metal: 'coated-steel' }).preparation.join(' ')).toContain('25 to 50 mm');
  });
});
