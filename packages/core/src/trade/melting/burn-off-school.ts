import { mPerMinFromInchesPerMin } from '../../base/quantity/units.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';

/** Thickness the amps-per-thickness school is used over, mm: very thin sheet needs more than the rule says. Source: our model. */
export const BURN_OFF_SCHOOL_RANGE_MM = [1, 5] as const;

/** Amps in a millimetre of steel: 1 A for each 0.001 in. Source: common practice. */
export const AMPS_PER_MM = 40;

/** Inches of wire a minute for each amp. Source: common practice; 1.0 mm interpolated. */
const FACTOR_IN_PER_MIN_PER_A: Readonly<Partial<Record<WireDiameterMm, number>>> = {
  0.6: 3.5,
  0.8: 2,
  0.9: 1.6,
  1.0: 1.3,
  1.2: 1.0,
};

/**
 * Wire feed speed of the amps-per-thickness school: 40 A/mm, then inches a minute by a burn-off factor.
 *
 * @param currentFactor joint × position × surface factors, which this school is also given
 * @returns m/min, or undefined where the school is left out (below 1 mm, above 5 mm, no factor)
 * @source common practice
 */
export function burnOffWireFeedSpeedMPerMin(
  thicknessMm: number,
  diameterMm: WireDiameterMm,
  currentFactor: number,
): number | undefined {
  const factor = FACTOR_IN_PER_MIN_PER_A[diameterMm];
  const [min, max] = BURN_OFF_SCHOOL_RANGE_MM;
  if (factor === undefined || thicknessMm < min || thicknessMm > max) return undefined;
  return mPerMinFromInchesPerMin(AMPS_PER_MM * thicknessMm * currentFactor * factor);
}
