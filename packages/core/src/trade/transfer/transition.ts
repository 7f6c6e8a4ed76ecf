import type { Gas } from '../gas/gas.ts';
import { HANDBOOK, type Source } from '../../base/source.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';

/** Metals whose wire has a spray transition of its own. */
export type SprayMetal = 'steel' | 'metal-cored' | 'stainless' | 'aluminium';

type Row = Readonly<Partial<Record<WireDiameterMm, number>>>;

/**
 * Current at which drops turn to spray, A, by nominal wire size. Steel stands for Ar + 2 % O₂.
 * Source: handbook figures, from memory; steel 1.0 mm, stainless 0.8, 1.0 and 1.6 mm interpolated (our model).
 * Metal-cored 1.2 mm sprays from about 200 to 230 A [practice]; its other sizes are scaled from it (our model).
 */
export const TRANSITION_CURRENT_A: Readonly<Record<SprayMetal, Row>> = {
  steel: { 0.8: 150, 0.9: 165, 1.0: 190, 1.2: 220, 1.6: 275 },
  'metal-cored': { 0.9: 155, 1.0: 175, 1.2: 210, 1.4: 235, 1.6: 260 },
  stainless: { 0.8: 155, 0.9: 170, 1.0: 195, 1.2: 225, 1.6: 280 },
  aluminium: { 0.8: 95, 0.9: 110, 1.0: 115, 1.2: 135, 1.6: 180 },
};

export const TRANSITION_SOURCE: Source = HANDBOOK;

/** Share by which each per cent of CO₂ raises the transition in steel. Source: handbook (10–15 % at 10 % CO₂). */
export const TRANSITION_RISE_PER_CO2_PERCENT = 0.0125;

/**
 * How far over the transition a spray plan starts at least. Steel 1.1; stainless, aluminium and metal-cored
 * 1.0, because their own rows stand at the transition.
 */
export const SPRAY_FLOOR_OVER_TRANSITION: Readonly<Record<SprayMetal, number>> = {
  steel: 1.1,
  'metal-cored': 1,
  stainless: 1,
  aluminium: 1,
};

/**
 * Transition current of a wire under a gas, A; undefined where the wire is not sprayed.
 *
 * @source handbook figures, from memory; the rise with CO₂ is taken as straight
 */
export function transitionCurrentA(
  metal: SprayMetal,
  nominalMm: WireDiameterMm,
  gas: Gas,
): number | undefined {
  const base = TRANSITION_CURRENT_A[metal][nominalMm];
  if (base === undefined) return undefined;
  const co2 = metal === 'steel' ? (gas.co2Percent[0] + gas.co2Percent[1]) / 2 : 0;
  return base * (1 + TRANSITION_RISE_PER_CO2_PERCENT * co2);
}

/** Lowest current a spray plan starts at, A. */
export function sprayFloorA(metal: SprayMetal, nominalMm: WireDiameterMm, gas: Gas): number | undefined {
  const transition = transitionCurrentA(metal, nominalMm, gas);
  return transition === undefined ? undefined : transition * SPRAY_FLOOR_OVER_TRANSITION[metal];
}
