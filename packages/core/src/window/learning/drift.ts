import { TWO_SIDED_95 } from '../../base/numeric/normal-band.ts';
import { type LearnedGroup, toldWeight } from './learned-offset.ts';

/** Settings before the last ones without which there is no band to leave. Source: our model. */
const LEAST_BEFORE = 3;

/** A machine that has begun to want other volts than it did. */
export interface Drift {
  /** Mean of the last settings less that of those before, V. */
  readonly driftV: number;
  /** How many last ones, and how many before them. */
  readonly last: number;
  readonly before: number;
}

/**
 * Whether the last settings with one wire, gas and mode lie outside the band of those before them: both together, by
 * more than chance explains once in twenty times.
 *
 * @returns undefined where they do not, or too few were proven to tell
 * @source comparison of two normal means; how many it takes is our model
 */
export function driftOf({
  settings,
  weightPerV2,
  weightedOffsetPerV,
  lastTold,
}: LearnedGroup): Drift | undefined {
  const last = lastTold.length;
  const before = settings - last;
  if (last < 2 || before < LEAST_BEFORE) return undefined;
  const lastWeight = lastTold.reduce((sum, one) => sum + toldWeight(one), 0);
  const lastOffset = lastTold.reduce((sum, one) => sum + toldWeight(one) * one.toldOffsetV, 0);
  const weightBefore = weightPerV2 - lastWeight;
  const driftV = lastOffset / lastWeight - (weightedOffsetPerV - lastOffset) / weightBefore;
  const sdV = Math.sqrt(1 / lastWeight + 1 / weightBefore);
  return Math.abs(driftV) > TWO_SIDED_95 * sdV ? { driftV, last, before } : undefined;
}
