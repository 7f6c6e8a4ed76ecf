import { type Source, PRACTICE } from '../provenance/source.ts';

export interface FlowRow {
  readonly normalLPerMin: readonly [low: number, high: number];
  readonly acceptedLPerMin: readonly [low: number, high: number];
  readonly source: Source;
}

/** Gas flow for short-circuit on steel, L/min (20–30 CFH normal, 20–40 CFH accepted). */
export const SHORT_CIRCUIT_FLOW: FlowRow = {
  normalLPerMin: [10, 14],
  acceptedLPerMin: [9.5, 19],
  source: PRACTICE,
};

/**
 * Gas flow to start from: as many litres a minute as the nozzle bore has millimetres, inside the normal band.
 *
 * @param nozzleBoreMm bore of the gas nozzle, mm
 * @returns flow, L/min
 * @source common practice: bore 12 mm, 12 L/min
 */
export function startFlowLPerMin(nozzleBoreMm: number, row: FlowRow): number {
  return Math.min(Math.max(nozzleBoreMm, row.normalLPerMin[0]), row.normalLPerMin[1]);
}
