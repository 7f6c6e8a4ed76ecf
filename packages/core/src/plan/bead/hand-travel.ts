import type { HandKind } from '../../trade/family/family.ts';
import type { Position } from '../../trade/material/work.ts';
import { PRACTICE, type Source } from '../../base/source.ts';
import { curveValue } from '../../base/numeric/point-curve.ts';

/** Speeds a hand uses, mm/min: where it is at ease, what it aims at, and what it can still do. */
export interface HandTravel {
  readonly comfortableMmPerMin: readonly [low: number, high: number];
  readonly aimMmPerMin: number;
  readonly hardMmPerMin: readonly [low: number, high: number];
}

export const HAND_TRAVEL_SOURCE: Source = PRACTICE;

function travel(
  comfortableMmPerMin: readonly [number, number],
  aimMmPerMin: number,
  hardMmPerMin: readonly [number, number],
): HandTravel {
  return { comfortableMmPerMin, aimMmPerMin, hardMmPerMin };
}

/** Flat and horizontal. Source: common practice. */
const LEVEL: Readonly<Record<HandKind, HandTravel>> = {
  dip: travel([250, 500], 400, [200, 700]),
  'flux-core': travel([250, 500], 400, [200, 700]),
  spray: travel([300, 600], 430, [250, 750]),
  pulse: travel([300, 600], 430, [250, 750]),
  aluminium: travel([450, 800], 600, [300, 1000]),
};
const SHEET = travel([350, 700], 500, [250, 800]);
/** Under the first thickness a steel part is handled as sheet, from the second as plate, mm; our model joins them. */
const SHEET_TO_PLATE_MM = [
  [1.5, 0],
  [2, 1],
] as const;

const UP = travel([80, 200], 190, [60, 280]);
const ALUMINIUM_UP = travel([150, 350], 330, [120, 450]);
const DOWN = travel([300, 600], 430, [250, 800]);
const OVERHEAD = travel([200, 400], 300, [150, 550]);

function mixed(a: HandTravel, b: HandTravel, share: number): HandTravel {
  const mix = (x: number, y: number): number => x + (y - x) * share;
  const both = (x: readonly [number, number], y: readonly [number, number]): readonly [number, number] => [
    mix(x[0], y[0]),
    mix(x[1], y[1]),
  ];
  return travel(
    both(a.comfortableMmPerMin, b.comfortableMmPerMin),
    mix(a.aimMmPerMin, b.aimMmPerMin),
    both(a.hardMmPerMin, b.hardMmPerMin),
  );
}

/**
 * Speeds a hand uses for a kind of bead in a position.
 *
 * @param thinnerMm thinner part, mm: under 1.5 mm steel is handled as sheet
 * @source common practice, from memory; the aims and the join from sheet to plate are our model
 */
export function handTravel(hand: HandKind, position: Position, thinnerMm: number): HandTravel {
  if (position === 'vertical-up') return hand === 'aluminium' ? ALUMINIUM_UP : UP;
  if (position === 'vertical-down') return DOWN;
  if (position === 'overhead') return OVERHEAD;
  if (hand === 'aluminium') return LEVEL.aluminium;
  return mixed(SHEET, LEVEL[hand], curveValue(SHEET_TO_PLATE_MM, thinnerMm));
}
