import fc from 'fast-check';
import { governingThickness as governingThicknessInWords } from '../demand/governing-thickness.ts';
import { BRONZE_BRAZE, STEEL_DIP, STEEL_PULSE } from '../../trade/family/steel.ts';
import type { Family } from '../../trade/family/family.ts';
import { metalPair as metalPairInWords, type MetalPair } from '../../trade/material/metal-pair.ts';
import { JOINTS, type Work } from '../../trade/material/work.ts';
import { type FitUp, fitUpOf as fitUpOfInWords, steelPreheatC } from './fit-up.ts';
import { toldInMetric } from '../../../test/told-in-metric.ts';

const governingThickness = toldInMetric(governingThicknessInWords);
const metalPair = toldInMetric(metalPairInWords);
const fitUpOf = toldInMetric(fitUpOfInWords);

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

function fitUp(over: Partial<Work>, family: Family = STEEL_DIP): FitUp {
  const work = { ...BASE, ...over };
  const pair = pairOf(work);
  return fitUpOf(family, work, pair, governingThickness(work, pair.weldMetal));
}

// Source: fit-up figures of the handbook, and common practice for closed butts and open roots.
describe('the gap of a butt', () => {
  it.each([1, 1.5, 2, 3, 4, 5, 8, 25])('a closed butt of %s mm is closed: 0 to 0.5 mm', (thicknessMm) => {
    const { rootGapMm } = fitUp({ thicknessMm });
    expect([rootGapMm.low, rootGapMm.high]).toEqual([0, 0.5]);
    expect(rootGapMm.start).toBeLessThanOrEqual(0.5);
  });

  it('an open root follows the sheet, and stands at 2 to 2.5 mm on plate', () => {
    expect(fitUp({ joint: 'open-butt', thicknessMm: 1 }).rootGapMm.start).toBeCloseTo(0.6, 9);
    expect(fitUp({ joint: 'open-butt', thicknessMm: 2 }).rootGapMm.start).toBeCloseTo(1.2, 9);
    for (const thicknessMm of [4, 8, 15]) {
      const { start } = fitUp({ joint: 'open-butt', thicknessMm }).rootGapMm;
      expect(start).toBeGreaterThanOrEqual(2);
      expect(start).toBeLessThanOrEqual(2.5);
    }
  });

  it('a gap that is measured is taken as it is', () => {
    expect(fitUp({ joint: 'open-butt', thicknessMm: 6, gapMm: 3 }).rootGapMm).toMatchObject({ start: 3 });
    expect(fitUp({ joint: 'tee', gapMm: 1 }).rootGapMm.start).toBe(1);
  });

  it.each([
    [2, STEEL_DIP, 'one-side'],
    [3.2, STEEL_DIP, 'one-side'],
    [3.3, STEEL_DIP, 'both-sides'],
    [4, STEEL_PULSE, 'one-side'],
    [4.5, STEEL_PULSE, 'both-sides'],
    [6, STEEL_DIP, 'bevel'],
  ] as const)('a closed butt of %s mm is welded so: %o %s', (thicknessMm, family, verdict) => {
    const { closedButt, sides } = fitUp({ thicknessMm }, family);
    expect(closedButt?.verdict).toBe(verdict);
    expect(sides).toBe(verdict === 'both-sides' ? 2 : 1);
    expect(closedButt?.text).toContain(`${family.closedButtMostMm} mm from one side`);
  });

  it('keeps to the sides that are asked for, and says nothing of depth on another joint', () => {
    expect(fitUp({ thicknessMm: 5, sides: 1 }).sides).toBe(1);
    expect(fitUp({ joint: 'tee', sides: 2 }).sides).toBe(2);
    expect(fitUp({ joint: 'lap' }).closedButt).toBeUndefined();
  });

  it('over 5 mm the edges are bevelled to 60° with a root face of up to 1.6 mm; a fillet never is', () => {
    expect(fitUp({ thicknessMm: 6 }).bevel).toMatchObject({
      includedDegrees: 60,
      rootFaceMm: { low: 1, high: 1.6 },
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

  it('is stitched as it was said, on plate too', () => {
    for (const thicknessMm of [1, 6]) {
      const { stitch } = fitUp({ thicknessMm, joint: 'lap', stitchMm: 50.8, pitchMm: 152.4 });
      expect(stitch).toMatchObject({ stitchMm: 50.8, gapMm: 101.6 });
    }
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
    expect(fitUp({ thicknessMm })).toMatchObject({ preheatC: preheat, interpassMostC: 250 });
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

describe('the order of a long seam', () => {
  it('is back-stepped from 300 mm up, both sides in turn, and stitches are skipped', () => {
    expect(fitUp({ seamMm: 299 }).sequence).toBeUndefined();
    expect(fitUp({}).sequence).toBeUndefined();
    expect(fitUp({ seamMm: 300 }).sequence).toMatch(/^Back-step: lengths of 100 mm/);
    expect(fitUp({ seamMm: 2000, joint: 'tee', sides: 2 }).sequence).toContain('one on the other');
    expect(fitUp({ seamMm: 2000, stitchMm: 25, pitchMm: 75 }).sequence).toContain('every second stitch');
  });
});
