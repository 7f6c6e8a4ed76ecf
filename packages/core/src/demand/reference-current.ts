import { MODEL, type Source } from '../provenance/source.ts';
import { within } from '../quantity/out-of-range-error.ts';
import { THICKNESS_RANGE_MM } from '../quantity/thickness.ts';

/** Thickest starting row of this family, mm: above it the curve goes on as a power law. */
export const SHORT_CIRCUIT_ROWS_MM = [0.6, 6.4] as const;

/** Wire diameters the fit covers (true diameters), mm. */
export const SHORT_CIRCUIT_DIAMETER_RANGE_MM = [0.6, 1.15] as const;

export const REFERENCE_CURRENT_SOURCE: Source = {
  ...MODEL,
  note: 'fitted to the starting rows, from memory',
} as Source;

const C0 = 4.288;
const C_T = 0.7262;
const C_D = 0.6502;
const C_TT = -0.1296;
const C_TD = -0.3419;

/**
 * Current wanted in short-circuit on carbon steel: closed butt, flat, clean.
 *
 *     ln I = 4.288 + 0.726 ln t + 0.650 ln d − 0.130 (ln t)² − 0.342 ln t · ln d
 *
 * Above the thickest starting row (6.4 mm) it goes on with the slope it has there, so that thicker never
 * asks for less.
 *
 * @param thicknessMm governing thickness, mm, {@link THICKNESS_RANGE_MM}
 * @param trueDiameterMm true wire diameter, mm, {@link SHORT_CIRCUIT_DIAMETER_RANGE_MM}
 * @returns arc current, A
 * @throws {OutOfRangeError} outside those ranges or not finite
 * @accuracy within 9 % of the amps of every starting row of the family (see the test)
 * @source our model: weighted least squares on the starting rows (handbook figures, from memory)
 */
export function referenceCurrentA(thicknessMm: number, trueDiameterMm: number): number {
  const lnT = Math.log(within('thickness', thicknessMm, THICKNESS_RANGE_MM, 'thickness-out-of-range'));
  const lnD = Math.log(within('wire diameter', trueDiameterMm, SHORT_CIRCUIT_DIAMETER_RANGE_MM));
  const lnEnd = Math.log(SHORT_CIRCUIT_ROWS_MM[1]);
  const inside = Math.min(lnT, lnEnd);
  const slopeAtEnd = C_T + 2 * C_TT * lnEnd + C_TD * lnD;
  const fitted = C0 + C_T * inside + C_D * lnD + C_TT * inside ** 2 + C_TD * inside * lnD;
  return Math.exp(fitted + Math.max(lnT - lnEnd, 0) * slopeAtEnd);
}
