import { within } from '../../base/quantity/out-of-range-error.ts';
import { standard, type Source } from '../../base/source.ts';

/** Thermal efficiency of wire-feed arcs under gas or flux. Source: EN 1011-1 and ISO/TR 17671-1, recalled. */
export const THERMAL_EFFICIENCY = 0.8;
export const HEAT_INPUT_SOURCE: Source = standard('EN 1011-1, ISO/TR 17671-1: k = 0.8');

/**
 * Heat input from the power of an arc, kJ/mm.
 *
 * @param watts power of the arc, W, by whichever way it was taken: say which
 * @param travelMmPerMin above 0
 * @source EN 1011-1, recalled
 */
export function heatFromPowerKJPerMm(watts: number, travelMmPerMin: number): number {
  return (THERMAL_EFFICIENCY * watts * 60) / (1000 * travelMmPerMin);
}

/**
 * Heat input by mean volts and mean current.
 *
 *     Q = k · V · I · 60 / (1000 · v)
 *
 * @param volts mean volts at the arc, V, (0, 60]
 * @param currentA mean current, A, (0, 600]
 * @param travelMmPerMin travel, mm/min, (0, 5000]
 * @returns heat input, kJ/mm; for pulsed current the true figure, by instantaneous power, differs
 * @throws {OutOfRangeError} for a value outside its range or not finite
 * @source EN 1011-1, recalled
 * @example
 * heatInputKJPerMm(20, 150, 400) // 0.36
 */
export function heatInputKJPerMm(volts: number, currentA: number, travelMmPerMin: number): number {
  const v = within('volts', volts, [1, 60]);
  const i = within('current', currentA, [1, 600]);
  const travel = within('travel', travelMmPerMin, [1, 5000]);
  return heatFromPowerKJPerMm(v * i, travel);
}
