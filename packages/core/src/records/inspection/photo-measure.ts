import { within } from '../../base/quantity/out-of-range-error.ts';

/** A scale laid beside a bead, and how the picture was taken. */
export interface PhotoScale {
  /** Length of the scale between its two marks, mm. */
  readonly scaleMm: number;
  /** The same in the picture, pixels. */
  readonly scalePx: number;
  /** How far a mark set by hand lies from the true edge, one standard deviation, pixels. */
  readonly edgePx: number;
  /** Height of what is measured above the scale, or under it, mm. */
  readonly heightMm: number;
  /** Distance of the camera, mm. */
  readonly cameraMm: number;
  /** How far the camera stands off the perpendicular, degrees. */
  readonly tiltDeg: number;
  /** How well one knows where the thing ends, one standard deviation, mm. */
  readonly toeMm: number;
}

/** Edge by hand and zoomed in, pixels, and where a bead ends by how rough it is, mm. Source: our model. */
export const EDGE_PX = { byHand: 2, zoomed: 1 } as const;
export const TOE_MM = { usual: 0.25, polished: 0.05, rough: 0.4 } as const;
/** Error of a ruler's own marks, share. Source: our model. */
const RULER_SHARE = 0.005;
/** Least scale that is measured by, pixels. Source: common practice. */
export const LEAST_SCALE_PX = 300;
/** How much two scale marks may disagree, share. Source: common practice. */
export const SCALES_DISAGREE_SHARE = 0.02;

/** A length from a picture with its 95 % error band. */
export interface PhotoLength {
  readonly mm: number;
  readonly u95Mm: number;
  /** The band of where the thing ends alone: better marks do not make it smaller. */
  readonly toeU95Mm: number;
}

/**
 * A length in a picture.
 *
 * @param lengthPx between two marks, pixels, above 0
 * @throws {OutOfRangeError} `scalePx` under {@link LEAST_SCALE_PX}: too small to measure by
 * @source our model: marks, scale, parallax, tilt and where the bead ends, added in quadrature
 */
export function photoLength(lengthPx: number, scale: PhotoScale): PhotoLength {
  const scalePx = within('scalePx', scale.scalePx, [LEAST_SCALE_PX, 100_000]);
  const perPx = within('scaleMm', scale.scaleMm, [1, 5000]) / scalePx;
  const mm = within('lengthPx', lengthPx, [0, 100_000]) * perPx;
  const marks = Math.SQRT2 * scale.edgePx;
  const parallax = scale.heightMm / (within('cameraMm', scale.cameraMm, [20, 20_000]) * Math.sqrt(3));
  const tilt = (1 - Math.cos((scale.tiltDeg * Math.PI) / 180)) / Math.sqrt(3);
  const shares = (marks / scalePx) ** 2 + RULER_SHARE ** 2 + parallax ** 2 + tilt ** 2;
  const variance = (marks * perPx) ** 2 + mm ** 2 * shares + scale.toeMm ** 2;
  return { mm, u95Mm: 2 * Math.sqrt(variance), toeU95Mm: 2 * scale.toeMm };
}

/**
 * What equal legs look like from a camera that stands off the bisector: one longer, the other shorter. Asymmetry from such
 * a picture is worth nothing.
 *
 * @param offDeg degrees off the bisector, [0, 40]
 * @source geometry: each leg is foreshortened by the sine of its angle to the camera
 */
export function bisectorLegs(legMm: number, offDeg: number): readonly [longer: number, shorter: number] {
  const off = within('offDeg', offDeg, [0, 40]);
  const seen = (degrees: number): number => Math.sin((degrees * Math.PI) / 180) / Math.sin(Math.PI / 4);
  return [legMm * seen(45 + off), legMm * seen(45 - off)];
}
