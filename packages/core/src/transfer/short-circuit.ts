import { type Source, HANDBOOK } from '../provenance/source.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';

export const TRANSFER_MODES = ['short-circuit', 'globular', 'spray', 'pulse'] as const;
export type TransferMode = (typeof TRANSFER_MODES)[number];

export interface CurrentWindow {
  readonly lowA: number;
  readonly highA: number;
  readonly source: Source;
}

const WINDOW: Readonly<Partial<Record<WireDiameterMm, CurrentWindow>>> = {
  0.6: { lowA: 30, highA: 90, source: HANDBOOK },
  0.8: { lowA: 50, highA: 150, source: HANDBOOK },
  0.9: { lowA: 75, highA: 175, source: HANDBOOK },
  1.0: { lowA: 90, highA: 200, source: HANDBOOK },
  1.2: { lowA: 100, highA: 225, source: HANDBOOK },
};

/**
 * Currents a wire short-circuits well at, A; undefined where the diameter has no short-circuit window.
 *
 * @source handbook figures, from memory
 */
export function shortCircuitWindow(nominalMm: WireDiameterMm): CurrentWindow | undefined {
  return WINDOW[nominalMm];
}

/** Thickness from which short-circuit is warned of for cold lap, and from which it is only practice, mm. */
export const COLD_LAP_FROM_MM = 5;
export const PRACTICE_ONLY_FROM_MM = 6;
