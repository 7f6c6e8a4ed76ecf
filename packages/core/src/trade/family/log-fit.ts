import { within } from '../../base/quantity/out-of-range-error.ts';
import { THICKNESS_RANGE_MM } from '../../base/quantity/thickness.ts';
import { TRUE_DIAMETER_RANGE_MM } from '../wire/wire-diameter.ts';

/**
 * A current as a smooth function of thickness t (mm) and true wire diameter d (mm):
 *
 *     ln I = constant + perLnT·ln t + perLnT2·(ln t)² + perLnD·ln d + perLnD2·(ln d)² + perLnTLnD·ln t·ln d
 *            + perInverseT/t
 *
 * Terms that are left out are 0. Outside `fitMm` it goes on straight in ln t with the slope it has there.
 */
export interface LogFit {
  readonly constant: number;
  readonly perLnT?: number;
  readonly perLnT2?: number;
  readonly perLnD?: number;
  readonly perLnD2?: number;
  readonly perLnTLnD?: number;
  readonly perInverseT?: number;
  /** Thickness the fit itself is used over, mm. */
  readonly fitMm: readonly [min: number, max: number];
  /** Slope above the fit, where runs carry what is thicker; absent: the slope it ends with. */
  readonly slopeAbove?: number;
}

/** Least slope of ln I over ln t outside the fit, so that thicker never asks for less. Source: our model. */
export const LEAST_SLOPE = 0.15;

function inside(fit: LogFit, lnT: number, lnD: number): number {
  const { perLnT = 0, perLnT2 = 0, perLnD = 0, perLnD2 = 0, perLnTLnD = 0, perInverseT = 0 } = fit;
  return (
    fit.constant +
    perLnT * lnT +
    perLnT2 * lnT ** 2 +
    perLnD * lnD +
    perLnD2 * lnD ** 2 +
    perLnTLnD * lnT * lnD +
    perInverseT / Math.exp(lnT)
  );
}

function slope(fit: LogFit, lnT: number, lnD: number): number {
  const { perLnT = 0, perLnT2 = 0, perLnTLnD = 0, perInverseT = 0 } = fit;
  return perLnT + 2 * perLnT2 * lnT + perLnTLnD * lnD - perInverseT / Math.exp(lnT);
}

/**
 * Current of a fit at a thickness and a wire.
 *
 * @param thicknessMm governing thickness, mm, {@link THICKNESS_RANGE_MM}
 * @param trueDiameterMm true wire diameter, mm, {@link TRUE_DIAMETER_RANGE_MM}
 * @returns arc current, A
 * @throws {OutOfRangeError} outside those ranges or not finite
 */
export function fittedCurrentA(fit: LogFit, thicknessMm: number, trueDiameterMm: number): number {
  const lnT = Math.log(within('thickness', thicknessMm, THICKNESS_RANGE_MM, 'thickness-out-of-range'));
  const lnD = Math.log(within('wire diameter', trueDiameterMm, TRUE_DIAMETER_RANGE_MM));
  const edge = Math.min(Math.max(lnT, Math.log(fit.fitMm[0])), Math.log(fit.fitMm[1]));
  const ends = lnT > edge && fit.slopeAbove !== undefined ? fit.slopeAbove : slope(fit, edge, lnD);
  const beyond = edge === lnT ? 0 : (lnT - edge) * Math.max(ends, LEAST_SLOPE);
  return Math.exp(inside(fit, edge, lnD) + beyond);
}
