import { PRACTICE, type Source } from '../../base/source.ts';
import { isLevel, type Position } from '../material/work.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';

type BySize = Readonly<Partial<Record<WireDiameterMm, number>>>;

/** Highest current a hand holds out of position, and the sizes that stay flat and horizontal. */
export interface PositionCeilings {
  /** Vertical up, A, by nominal size. */
  readonly verticalUpA: BySize;
  /** Overhead over vertical up, as a share. */
  readonly overhead: number;
  /** Smallest size that is not used out of position, mm; undefined: every size is. */
  readonly flatOnlyFromMm: WireDiameterMm | undefined;
}

export const CEILING_SOURCE: Source = PRACTICE;

/** Source: common practice, from memory. */
export const DIP_CEILINGS: PositionCeilings = {
  verticalUpA: { 0.6: 80, 0.8: 115, 0.9: 135, 1.0: 150, 1.2: 165 },
  overhead: 1.1,
  flatOnlyFromMm: 1.6,
};

function scaled(ceilings: PositionCeilings, by: number): PositionCeilings {
  const entries = Object.entries(ceilings.verticalUpA).map(([size, amps]) => [size, Math.round(amps * by)]);
  return { ...ceilings, verticalUpA: Object.fromEntries(entries) as BySize };
}

/** Stainless in short-circuit: a tenth less. */
export const STAINLESS_DIP_CEILINGS = scaled(DIP_CEILINGS, 0.9);

/** Pulse, steel and stainless; 0.8 mm carried down from 0.9 (our model). */
export const PULSE_CEILINGS: PositionCeilings = {
  verticalUpA: { 0.8: 150, 0.9: 170, 1.0: 180, 1.2: 210 },
  overhead: 1.1,
  flatOnlyFromMm: 1.6,
};

/** Gas-shielded flux core; 1.0 mm between its neighbours (our model). */
export const SLAG_CEILINGS: PositionCeilings = {
  verticalUpA: { 0.9: 170, 1.0: 185, 1.2: 210, 1.4: 230, 1.6: 250 },
  overhead: 1,
  flatOnlyFromMm: 2.0,
};

export const SELF_SHIELDED_CEILINGS: PositionCeilings = {
  verticalUpA: { 0.8: 110, 0.9: 135, 1.2: 165, 1.4: 180, 1.6: 195, 1.7: 200, 2.0: 220 },
  overhead: 1,
  flatOnlyFromMm: 2.4,
};

export const SELF_SHIELDED_T8_CEILINGS: PositionCeilings = {
  verticalUpA: { 1.6: 200, 1.7: 210, 2.0: 240 },
  overhead: 1,
  flatOnlyFromMm: 2.4,
};

export const ALUMINIUM_CEILINGS: PositionCeilings = {
  verticalUpA: { 0.8: 110, 0.9: 160, 1.0: 160, 1.2: 210 },
  overhead: 1.05,
  flatOnlyFromMm: 1.6,
};

/** Whether a size may be used in a position at all. */
export function isSizeForPosition(
  ceilings: PositionCeilings | undefined,
  nominalMm: WireDiameterMm,
  position: Position,
): boolean {
  return isLevel(position) || ceilings?.flatOnlyFromMm === undefined || nominalMm < ceilings.flatOnlyFromMm;
}

/**
 * Highest current that is held in a position, A; undefined where the position has no ceiling (flat, horizontal,
 * vertical down, which runs on its own travel).
 *
 * @source common practice, from memory
 */
export function positionCeilingA(
  ceilings: PositionCeilings | undefined,
  nominalMm: WireDiameterMm,
  position: Position,
): number | undefined {
  const upA = ceilings?.verticalUpA[nominalMm];
  if (upA === undefined) return undefined;
  if (position === 'vertical-up') return upA;
  return position === 'overhead' ? upA * (ceilings?.overhead ?? 1) : undefined;
}
