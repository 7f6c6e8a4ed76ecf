import { type Source, PRACTICE } from '../../base/source.ts';
import type { Span } from '../../base/numeric/span.ts';
import { argonMeterFactor } from './float-meter.ts';
import type { Gas } from './gas.ts';

export interface FlowRow {
  readonly normalLPerMin: readonly [low: number, high: number];
  readonly acceptedLPerMin: readonly [low: number, high: number];
  /** Bore of the usual gas nozzle, mm. */
  readonly nozzleBoreMm: number;
  readonly source: Source;
}

/** Short-circuit on steel: 20–30 CFH normal, 20–40 CFH accepted. */
export const DIP_FLOW: FlowRow = {
  normalLPerMin: [10, 14],
  acceptedLPerMin: [9.5, 19],
  nozzleBoreMm: 12,
  source: PRACTICE,
};

/** Steel spray, pulse and gas-shielded flux core: 35–45 CFH. */
export const SPRAY_FLOW: FlowRow = {
  normalLPerMin: [16, 20],
  acceptedLPerMin: [14, 23.5],
  nozzleBoreMm: 16,
  source: PRACTICE,
};

/** Spray at 320 A and more: a wider nozzle and more gas. Source: common practice (350–400 A: 19 mm, 18–22 L/min). */
export const HIGH_CURRENT_FLOW: FlowRow = {
  normalLPerMin: [18, 22],
  acceptedLPerMin: [16.5, 26],
  nozzleBoreMm: 19,
  source: PRACTICE,
};
/** Current from which spray takes the wider nozzle, A. Source: our model, under the 350 A of practice. */
export const HIGH_CURRENT_FROM_A = 320;

/** Gas of spray, pulse and gas-shielded flux core at a current, A. */
export function sprayFlow(currentA: number): FlowRow {
  return currentA >= HIGH_CURRENT_FROM_A ? HIGH_CURRENT_FLOW : SPRAY_FLOW;
}

/** Aluminium: 35–50 CFH. */
export const ALUMINIUM_FLOW: FlowRow = {
  normalLPerMin: [16.5, 23.5],
  acceptedLPerMin: [14, 26],
  nozzleBoreMm: 18,
  source: PRACTICE,
};

/** No gas at all. */
export const NO_FLOW: FlowRow = {
  normalLPerMin: [0, 0],
  acceptedLPerMin: [0, 0],
  nozzleBoreMm: 12,
  source: PRACTICE,
};

/** How much more flow light gas wants, by its share of helium. Source: our model ("argon–helium: more flow"). */
export const FLOW_RISE_PER_HELIUM_SHARE = 0.5;

/**
 * True gas flow to start from: as many litres a minute as the nozzle bore has millimetres, inside the normal
 * band; helium mixes want more.
 *
 * @returns flow, L/min
 * @source common practice: bore 12 mm, 12 L/min
 */
export function gasFlowLPerMin(row: FlowRow, gas: Gas): Span {
  const rise = 1 + (FLOW_RISE_PER_HELIUM_SHARE * gas.heliumPercent) / 100;
  const [low, high] = row.normalLPerMin;
  const start = Math.min(Math.max(row.nozzleBoreMm, low), high);
  return { start: start * rise, low: low * rise, high: high * rise };
}

/** What a float meter scaled for argon reads while a true flow passes, L/min. */
export function argonMeterReadingLPerMin(trueLPerMin: number, gas: Gas): number {
  return trueLPerMin / argonMeterFactor(gas);
}
