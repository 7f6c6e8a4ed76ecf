import { within } from '../quantity/out-of-range-error.ts';

/** Electrode extension the equation is used over, mm. */
export const EXTENSION_RANGE_MM = [5, 30] as const;
/** Current the equation is used over, A. */
export const CURRENT_RANGE_A = [1, 500] as const;

const ALPHA_MM_PER_S_A = 0.291;
const BETA_PER_S_A2 = 3.333e-5;

export interface Melt {
  /** Arc current, A, {@link CURRENT_RANGE_A}. */
  readonly currentA: number;
  /** True wire diameter, mm. */
  readonly diameterMm: number;
  /** Electrode extension, mm, {@link EXTENSION_RANGE_MM}. */
  readonly extensionMm: number;
}

function coefficients(diameterMm: number, extensionMm: number): { linear: number; square: number } {
  const ratio = 1.2 / within('wire diameter', diameterMm, [0.5, 2]);
  const extension = within('extension', extensionMm, EXTENSION_RANGE_MM);
  return {
    linear: 0.06 * ALPHA_MM_PER_S_A * ratio ** 2,
    square: 0.06 * BETA_PER_S_A2 * ratio ** 4 * extension,
  };
}

/**
 * Wire feed speed that a current melts off, solid steel in short-circuit, electrode positive.
 *
 *     v = α(1.2/d)²·I + β(1.2/d)⁴·L·I²
 *
 * @returns wire feed speed, m/min
 * @throws {OutOfRangeError} for a value outside its range or not finite
 * @accuracy within 11 % of the starting rows it was fitted to (see the test)
 * @source form: wire melting-rate equation, welding handbooks, from memory; constants: our fit
 */
export function meltingWireFeedSpeedMPerMin({ currentA, diameterMm, extensionMm }: Melt): number {
  const { linear, square } = coefficients(diameterMm, extensionMm);
  const current = within('current', currentA, CURRENT_RANGE_A);
  return linear * current + square * current ** 2;
}

/**
 * Current that a wire feed speed draws: the melting-rate equation solved for current (positive root).
 *
 * @param wireFeedSpeedMPerMin wire feed speed, m/min, [0.05, 40]
 * @returns arc current, A
 * @throws {OutOfRangeError} for a value outside its range or not finite
 * @source as {@link meltingWireFeedSpeedMPerMin}
 */
export function meltingCurrentA(
  wireFeedSpeedMPerMin: number,
  diameterMm: number,
  extensionMm: number,
): number {
  const speed = within('wire feed speed', wireFeedSpeedMPerMin, [0.05, 40]);
  const { linear, square } = coefficients(diameterMm, extensionMm);
  return (2 * speed) / (linear + Math.sqrt(linear ** 2 + 4 * square * speed));
}
