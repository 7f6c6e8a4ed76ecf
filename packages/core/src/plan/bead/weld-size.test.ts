import {
  filletLegMm,
  filletSectionMm2,
  lapEdgeLegLimitMm,
  minimumFilletLegMm,
  sizeSectionsMm2,
  weldSizeOf,
} from './weld-size.ts';

describe('the size of a fillet', () => {
  // Source: AWS D1.1, recalled.
  it.each([
    [2, undefined],
    [3, 3],
    [6, 3],
    [6.1, 5],
    [12.7, 5],
    [13, 6],
    [20, 6],
    [25, 8],
  ])('on %s mm is at least %s mm', (thicknessMm, leg) => {
    expect(minimumFilletLegMm(thicknessMm)).toBe(leg);
  });

  it.each([
    [1, 1, 0.9],
    [3, 3, 0.675],
    [5.9, 5.9, 0.0225],
    [6, 4, 0],
    [10, 8, 0],
  ])('on the edge of a %s mm lap is at most %s mm, its bead %s mm proud', (thicknessMm, most, proud) => {
    expect(lapEdgeLegLimitMm(thicknessMm)).toBeCloseTo(most, 9);
    expect(weldSizeOf({ joint: 'lap' }, thicknessMm)?.edgeMm).toBeCloseTo(most + proud, 9);
  });

  it.each([
    [1, 0.7, 2.5],
    [2, 1.4, 4.6667],
    [3, 3, 6],
    [6, 4.2, 7.8],
    [10, 7, 7],
    [20, 14, 14],
  ])('on a %s mm tee lies between %s and %s mm without a drawing', (t, least, most) => {
    const size = weldSizeOf({ joint: 'tee' }, t);
    expect(size?.legMm[0]).toBeCloseTo(least, 4);
    expect(size?.legMm[1]).toBeCloseTo(most, 3);
    expect(size?.text).toContain('our default');
  });

  it('is the drawing’s: a throat is 0.707 of the leg', () => {
    expect(weldSizeOf({ joint: 'tee', legMm: 7 }, 10)?.legMm).toEqual([7, 7]);
    expect(weldSizeOf({ joint: 'tee', throatMm: 5 }, 10)?.legMm[0]).toBeCloseTo(5 * Math.SQRT2, 9);
    expect(weldSizeOf({ joint: 'butt', legMm: 7 }, 10)).toBeUndefined();
  });

  it('turns into a section and back, convexity and the edge of a lap reckoned with', () => {
    expect(filletSectionMm2(4)).toBeCloseTo(8.8, 9);
    expect(filletLegMm(8.8)).toBeCloseTo(4, 9);
    expect(filletLegMm(6.6, 2)).toBeCloseTo(6, 9);
    const [, most] = sizeSectionsMm2({
      legMm: [1, 6],
      edgeMm: 2,
      from: 'default',
      text: '',
      source: { kind: 'model' },
    });
    expect(filletLegMm(most, 2)).toBeCloseTo(6, 9);
  });
});
