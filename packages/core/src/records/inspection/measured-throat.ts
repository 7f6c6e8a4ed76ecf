import { INSPECTED_LEG_RANGE_MM } from './inspection.ts';
import { within } from '../../base/quantity/out-of-range-error.ts';

const LEG_MM = INSPECTED_LEG_RANGE_MM;
/** Angles between two members that a throat is reckoned for, °. Source: our model. */
const ANGLE_DEG = [30, 170] as const;

function radians(degrees: number): number {
  return (degrees * Math.PI) / 180;
}

/**
 * Throat of a fillet with equal legs: a = z·cos(ψ/2).
 *
 * @param legMm leg, mm, [0.5, 100]
 * @param anglePlatesDeg angle between the plates, degrees, [30, 170]
 * @throws {OutOfRangeError} for a leg or an angle outside
 * @source geometry
 */
export function throatMm(legMm: number, anglePlatesDeg = 90): number {
  return within('leg', legMm, LEG_MM) * Math.cos(radians(within('angle', anglePlatesDeg, ANGLE_DEG)) / 2);
}

/** Throat of a right-angled fillet whose legs differ, by either way of reckoning, mm. */
export interface UnequalThroat {
  /** Of the largest isosceles triangle within it. */
  readonly isoMm: number;
  /** The height of the triangle. */
  readonly d11Mm: number;
}

/**
 * Throats of a right-angled fillet with two legs: the two standards reckon it otherwise, so both are told.
 *
 * @source ISO 2553 and AWS A3.0, recalled
 */
export function unequalThroat(firstLegMm: number, secondLegMm: number): UnequalThroat {
  const [first, second] = [within('leg', firstLegMm, LEG_MM), within('leg', secondLegMm, LEG_MM)];
  return {
    isoMm: Math.min(first, second) / Math.SQRT2,
    d11Mm: (first * second) / Math.hypot(first, second),
  };
}

/** Width of the face of a right-angled fillet, mm: what its convexity is held against. */
export function faceWidthMm(firstLegMm: number, secondLegMm: number): number {
  return Math.hypot(within('leg', firstLegMm, LEG_MM), within('leg', secondLegMm, LEG_MM));
}

/** Throat that a gap at the root leaves of a leg, mm. Source: geometry. */
export function throatWithGapMm(legMm: number, gapMm: number): number {
  return Math.max(0, within('leg', legMm, LEG_MM) - gapMm) / Math.SQRT2;
}

/** Leg that a throat stands for: "a5" is a leg of 7.07 mm, twice the metal of "z5". */
export function legOfThroatMm(throat: number): number {
  return within('throat', throat, [0.3, 70]) * Math.SQRT2;
}
