import { words } from '../base/words/words.ts';
import {
  GAP_RANGE_MM,
  LEG_RANGE_MM,
  NUMBER_OFF_RANGE,
  OUTSIDE_RANGE_MM,
  PASSES_RANGE,
  SEAM_RANGE_MM,
  STITCH_RANGE_MM,
} from '../trade/material/work.ts';
import { THICKNESS_RANGE_MM } from '../base/quantity/thickness.ts';
import type { Draft } from './draft.ts';
import type { WorkSlot, StatedWork } from '../plan/work/stated-work.ts';

/** Ranges that a job's figures are kept in: those that the stored contract is made of. */
export const KEPT_RANGES = {
  thicknessMm: THICKNESS_RANGE_MM,
  otherThicknessMm: THICKNESS_RANGE_MM,
  outsideMm: OUTSIDE_RANGE_MM,
  seamMm: SEAM_RANGE_MM,
  numberOff: NUMBER_OFF_RANGE,
  stitchMm: STITCH_RANGE_MM,
  pitchMm: STITCH_RANGE_MM,
  legMm: LEG_RANGE_MM,
  throatMm: LEG_RANGE_MM,
  passes: PASSES_RANGE,
  gapMm: GAP_RANGE_MM,
} as const satisfies Partial<Record<WorkSlot, readonly [number, number]>>;

function fits(slot: keyof typeof KEPT_RANGES, value: StatedWork[WorkSlot]): boolean {
  const [min, max] = KEPT_RANGES[slot];
  const figures = Array.isArray(value) ? (value as readonly number[]) : [value as number];
  return figures.length <= 2 && figures.every((figure) => figure >= min && figure <= max);
}

/** Takes out what could not be kept: the figure is shown as out of range, and sets nothing. */
export function refuseOutOfRange(draft: Draft): void {
  const { stated, assumed, tokens, verdicts } = draft;
  for (const slot of Object.keys(KEPT_RANGES) as (keyof typeof KEPT_RANGES)[]) {
    const value = stated[slot] ?? assumed[slot];
    if (value === undefined || fits(slot, value)) continue;
    for (const side of [stated, assumed]) Reflect.deleteProperty(side, slot);
    const [min, max] = KEPT_RANGES[slot];
    tokens.forEach((_token, index) => {
      const verdict = verdicts.get(index);
      if (verdict?.slots.includes(slot) !== true) return;
      verdicts.set(index, {
        status: 'not-understood',
        label: words`${verdict.label}: ${min} to ${max} is planned`,
        slots: [],
      });
    });
  }
  // a stitch as long as its pitch is no stitch
  if (stated.stitchMm !== undefined && stated.pitchMm !== undefined && stated.stitchMm >= stated.pitchMm) {
    delete stated.stitchMm;
    delete stated.pitchMm;
  }
}
