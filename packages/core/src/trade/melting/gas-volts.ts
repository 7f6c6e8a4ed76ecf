import type { Gas } from '../gas/gas.ts';
import { curveValue, type CurvePoints } from '../../base/numeric/point-curve.ts';

/** Points of a line of volts over the share of CO₂, per cent, in rising order. */
export type GasVoltsLine = CurvePoints;

/** Volts a gas adds: the low and the high end of its composition, read off a line. */
export function gasVolts(line: GasVoltsLine, gas: Gas): readonly [low: number, high: number] {
  const ends = gas.co2Percent.map((share) => curveValue(line, share));
  return [Math.min(...ends), Math.max(...ends)];
}

/** A gas that has no part in the volts. */
export const NO_GAS_VOLTS: GasVoltsLine = [[0, 0]];

/**
 * Short-circuit on steel, against Ar + 20 % CO₂: CO₂ about 2 V over Ar + 25 %, Ar + 8–15 % about half a volt
 * under Ar + 20 %. Source: our model, ordered by practice.
 */
export const DIP_GAS_VOLTS: GasVoltsLine = [
  [0, -0.457],
  [15, -0.457],
  [18, -0.057],
  [25, 0.143],
  [100, 2.143],
];

/** Spray on steel, against Ar + 10 %: Ar + 2 % 1.5 V less, Ar + 18 % 1 V more. Source: our model. */
export const SPRAY_GAS_VOLTS: GasVoltsLine = [
  [2, -1.5],
  [10, 0],
  [18, 1],
  [25, 1.5],
];

/** Gas-shielded flux core, against Ar + 25 %: CO₂ 1.5–2 V more. Source: our model. */
export const FLUX_CORE_GAS_VOLTS: GasVoltsLine = [
  [18, -0.15],
  [25, 0],
  [100, 1.75],
];

/** Stainless short-circuit, against helium tri-mix (2.5 % CO₂): Ar + 2 % about 3 V less, told apart by helium. Source: our model. */
export const STAINLESS_ARGON_VOLTS = -3;
