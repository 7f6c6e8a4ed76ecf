import { OutOfRangeError } from '../../base/quantity/out-of-range-error.ts';
import { faceWidthMm, legOfThroatMm, throatMm, throatWithGapMm, unequalThroat } from './measured-throat.ts';
import { bisectorLegs, EDGE_PX, photoLength, type PhotoScale, TOE_MM } from './photo-measure.ts';

// source: handbook on inspection, its check cases M01 to M04, and geometry
describe('measuring', () => {
  it('legs of 6 and 8 have a throat of 4.243 or 4.800, by who reckons it', () => {
    const { isoMm, d11Mm } = unequalThroat(6, 8);
    expect([isoMm.toFixed(3), d11Mm.toFixed(3)]).toEqual(['4.243', '4.800']);
    expect(faceWidthMm(6, 6)).toBeCloseTo(8.485, 3);
  });

  it('a leg of 6 between plates at 60, 90 and 120 degrees', () => {
    expect([60, 90, 120].map((angle) => throatMm(6, angle).toFixed(3))).toEqual(['5.196', '4.243', '3.000']);
    // a gauge for square corners, off the square
    expect([85, 100].map((angle) => throatMm(6, angle).toFixed(2))).toEqual(['4.42', '3.86']);
    expect(() => throatMm(0)).toThrow(OutOfRangeError);
    expect(() => throatMm(6, 20)).toThrow(OutOfRangeError);
  });

  it('a gap of 1.5 at the root of z6 leaves 3.18, and a5 is a leg of 7.07', () => {
    expect(throatWithGapMm(6, 1.5)).toBeCloseTo(3.18, 2);
    expect(throatWithGapMm(3, 4)).toBe(0);
    expect(legOfThroatMm(5)).toBeCloseTo(7.07, 2);
  });

  const GOOD: PhotoScale = {
    scaleMm: 50,
    scalePx: 1500,
    edgePx: EDGE_PX.byHand,
    heightMm: 6,
    cameraMm: 300,
    tiltDeg: 5,
    toeMm: TOE_MM.usual,
  };
  it('a camera that stands off and a thing that stands above its scale each add their share', () => {
    const sharp = { ...GOOD, scalePx: 20_000, edgePx: 0, heightMm: 0, tiltDeg: 0, toeMm: 0 };
    const bandOf = (over: Partial<PhotoScale>) =>
      photoLength(100 / (50 / 20_000), { ...sharp, ...over }).u95Mm;
    // the ruler alone: 2 × 100 × 0.5 %
    expect(bandOf({})).toBeCloseTo(1, 9);
    // 2 × 100 × √(0.005² + ((1 − cos 20°) ÷ √3)²)
    expect(bandOf({ tiltDeg: 20 })).toBeCloseTo(7.035, 2);
    // 2 × 100 × √(0.005² + (30 ÷ (300 √3))²)
    expect(bandOf({ heightMm: 30 })).toBeCloseTo(11.59, 2);
  });

  it('a good picture, a poor one and a polished section have their bands', () => {
    const perPx = 50 / 1500;
    const good = photoLength(6.2 / perPx, GOOD);
    expect(good.mm).toBeCloseTo(6.2, 9);
    expect(Math.abs(good.u95Mm - 0.557)).toBeLessThan(0.001);
    expect(good.toeU95Mm).toBe(0.5);
    const poor = photoLength(6.2 / (50 / 600), {
      ...GOOD,
      scalePx: 600,
      heightMm: 20,
      cameraMm: 250,
      tiltDeg: 15,
      toeMm: TOE_MM.rough,
    });
    expect(poor.u95Mm).toBeCloseTo(1.12, 1);
    const section = photoLength(4.2 / (20 / 1600), {
      ...GOOD,
      scaleMm: 20,
      scalePx: 1600,
      heightMm: 0,
      tiltDeg: 0,
      toeMm: TOE_MM.polished,
    });
    expect(section.u95Mm).toBeCloseTo(0.13, 2);
  });

  it('a scale under 300 pixels measures nothing, and more pixels never make it worse', () => {
    expect(() => photoLength(100, { ...GOOD, scalePx: 299 })).toThrow(OutOfRangeError);
    const u95 = (scalePx: number) => photoLength((6.2 / 50) * scalePx, { ...GOOD, scalePx }).u95Mm;
    const bands = [300, 600, 1200, 4000].map(u95);
    bands.slice(1).forEach((band, i) => expect(band).toBeLessThan(bands[i] ?? 0));
    expect(bands.at(-1)).toBeGreaterThan(0.5);
  });

  it('five degrees off the bisector make equal legs look like 6.50 and 5.45', () => {
    expect(bisectorLegs(6, 5).map((leg) => leg.toFixed(3))).toEqual(['6.500', '5.454']);
    expect(bisectorLegs(6, 0)).toEqual([6, 6]);
  });
});
