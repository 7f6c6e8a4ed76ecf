import { FAMILIES } from '../../trade/family/families.ts';
import type { HandKind } from '../../trade/family/family.ts';
import type { Position } from '../../trade/material/work.ts';
import { runLimits } from './bead-plan.ts';
import { closedButtOf, sidesOf } from './closed-butt.ts';
import { handTravel } from './hand-travel.ts';
import { capShares, grooveSection, rootGapMm } from './joint-section.ts';
import { filletSectionMm2 } from './weld-size.ts';

// Worked by hand from the geometry: groove, width and height of the cap, two thirds of their product for its section.
describe('the groove and cap of a joint', () => {
  it('a corner: half its triangle as groove, the rest over it', () => {
    expect(grooveSection({ joint: 'outside-corner' }, 4, 1)).toEqual({
      grooveMm2: 4,
      capMm2: expect.closeTo(0.35 * 16 + 1, 9) as number,
      capWidthMm: expect.closeTo(5.6, 9) as number,
      capHeightMm: expect.closeTo(1.2, 9) as number,
    });
  });

  it('a square butt of 4 mm with 0.5 mm of gap', () => {
    const { grooveMm2, capWidthMm, capHeightMm, capMm2 } = grooveSection({ joint: 'butt', gapMm: 0.5 }, 4, 1);
    expect([grooveMm2, capWidthMm, capHeightMm]).toEqual([2, expect.closeTo(7.3, 9), expect.closeTo(1.4, 9)]);
    expect(capMm2).toBeCloseTo((2 / 3) * 7.3 * 1.4, 9);
  });

  it('a bevel of 10 mm, 60° and 1.3 mm of root face', () => {
    const section = grooveSection({ joint: 'open-butt', gapMm: 2 }, 10, 1);
    expect(section.capWidthMm).toBeCloseTo(2 * 8.7 * Math.tan(Math.PI / 6) + 2 + 3, 9);
    expect(section.capHeightMm).toBe(1.5);
    expect(section.grooveMm2).toBeCloseTo(8.7 ** 2 * Math.tan(Math.PI / 6) + 20, 9);
  });

  it('an edge is all cap, and no wider than 14 mm', () => {
    const section = grooveSection({ joint: 'edge' }, 2, 2);
    expect([section.grooveMm2, section.capWidthMm]).toEqual([0, expect.closeTo(4.4, 9)]);
    expect(section.capMm2).toBeCloseTo((2 / 3) * 4.4 * 1.1, 9);
    expect(grooveSection({ joint: 'edge' }, 20, 1).capWidthMm).toBe(14);
  });

  it('the gap of an open root follows the sheet to 2.3 mm; of a closed butt it is a quarter', () => {
    expect([1, 3, 4].map((t) => rootGapMm({ joint: 'open-butt' }, t))).toEqual([
      0.6,
      expect.closeTo(1.8, 9),
      2.3,
    ]);
    expect(rootGapMm({ joint: 'butt' }, 4)).toBe(0.25);
    expect(rootGapMm({ joint: 'edge' }, 4)).toBe(0);
  });

  it('half to seven tenths of the cap is left at least, 2.2 to 1.6 times at most, 1.45 times that out of position', () => {
    expect(capShares('flat', 3)[0]).toBe(0.5);
    expect(capShares('flat', 5)[0]).toBe(0.7);
    expect(capShares('flat', 2)[1]).toBe(2.2);
    expect(capShares('flat', 5)[1]).toBe(1.6);
    expect(capShares('overhead', 5)[1]).toBeCloseTo(1.6 * 1.45, 9);
  });
});

// Source: common practice: a leg to 8 mm, flat 10 with spray or flux core; our model for the rest.
describe('the largest runs', () => {
  const small = { singleMm2: filletSectionMm2(8), stringerMm2: 20, grooveMm2: 26, mostMm2: 40 };
  const large = { singleMm2: filletSectionMm2(10), stringerMm2: 22, grooveMm2: 32, mostMm2: 60 };
  const upright = { singleMm2: 25, stringerMm2: 25, grooveMm2: 25, mostMm2: 40 };
  it.each<[HandKind, Position, typeof small]>([
    ['dip', 'flat', small],
    ['aluminium', 'flat', small],
    ['spray', 'flat', large],
    ['flux-core', 'flat', large],
    ['spray', 'horizontal', small],
    ['spray', 'overhead', upright],
    ['flux-core', 'vertical-up', upright],
  ])('of %s %s', (hand, position, expected) => {
    expect(runLimits(hand, position)).toEqual(expected);
  });
});

// Source: common practice, from memory.
describe('the speed of a hand', () => {
  const figures = (hand: HandKind, position: Position, thinnerMm = 6): readonly number[] => {
    const { comfortableMmPerMin, aimMmPerMin, hardMmPerMin } = handTravel(hand, position, thinnerMm);
    return [...comfortableMmPerMin, aimMmPerMin, ...hardMmPerMin];
  };
  it.each<[HandKind, Position, readonly number[]]>([
    ['dip', 'flat', [250, 500, 400, 200, 700]],
    ['flux-core', 'horizontal', [250, 500, 400, 200, 700]],
    ['spray', 'flat', [300, 600, 430, 250, 750]],
    ['pulse', 'flat', [300, 600, 430, 250, 750]],
    ['aluminium', 'flat', [450, 800, 600, 300, 1000]],
    ['dip', 'vertical-up', [80, 200, 190, 60, 280]],
    ['aluminium', 'vertical-up', [150, 350, 330, 120, 450]],
    ['dip', 'vertical-down', [300, 600, 430, 250, 800]],
    ['dip', 'overhead', [200, 400, 300, 150, 550]],
  ])('%s %s', (hand, position, expected) => {
    expect(figures(hand, position)).toEqual(expected);
  });

  it('on steel sheet is faster, and joins plate between 1.5 and 2 mm', () => {
    expect(figures('dip', 'flat', 1.5)).toEqual([350, 700, 500, 250, 800]);
    expect(figures('dip', 'flat', 1.75)).toEqual([300, 600, 450, 225, 750]);
    expect(figures('dip', 'flat', 2)).toEqual([250, 500, 400, 200, 700]);
  });
});

// Source: common practice: about 3 mm from one side in short-circuit, 4 in spray, nearly twice from both.
describe('a closed butt', () => {
  const [dip] = FAMILIES.steel;
  const of = (joint: 'butt' | 'tee' | 'open-butt', t: number) => dip && closedButtOf(dip, { joint }, t);

  it('is fused from one side, from both, or bevelled', () => {
    expect([3, 3.3, 5, 5.1].map((t) => of('butt', t)?.verdict)).toEqual([
      'one-side',
      'both-sides',
      'both-sides',
      'bevel',
    ]);
    expect(of('butt', 4)).toMatchObject({ oneSideMostMm: dip?.closedButtMostMm });
    expect(of('butt', 4)?.bothSidesMostMm).toBeCloseTo(1.9 * (dip?.closedButtMostMm ?? 0), 9);
    expect(of('butt', dip?.closedButtMostMm ?? 0)?.verdict).toBe('one-side');
    expect([of('tee', 4), of('open-butt', 4)]).toEqual([undefined, undefined]);
  });

  it('is welded from the sides that are said, else from as many as it takes', () => {
    const sides = (t: number, sides?: 1 | 2) => dip && sidesOf(dip, { joint: 'butt', sides: sides }, t);
    expect([sides(2), sides(4), sides(4, 1), sides(2, 2), sides(8)]).toEqual([1, 2, 1, 2, 1]);
  });
});
