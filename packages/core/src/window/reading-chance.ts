import { GROSS_SHARE, type LevelReading } from './reading-level.ts';

/** Taken out of the global once: it is asked for millions of times. */
const { exp, floor, round } = Math;

/** Reading noise of a welder, V, and that of a report that is grossly wrong. Source: our model. */
const NOISE_V = 0.2;
const GROSS_NOISE_V = 0.8;
function logistic(t: number): number {
  return 1 / (1 + exp(-t));
}

/** Chances that a usual report lies under an edge, by how far above the bead the edge lies: a table, linear between. Source: our tuning. */
const UNDER_STEP_V = 0.0025;
const UNDER_REACH_V = 12;
const UNDER = Float64Array.from({ length: round((2 * UNDER_REACH_V) / UNDER_STEP_V) + 2 }, (_, i) => {
  const edge = i * UNDER_STEP_V - UNDER_REACH_V;
  const gross = GROSS_SHARE.usual;
  return (1 - gross) * logistic(edge / NOISE_V) + gross * logistic(edge / GROSS_NOISE_V);
});

export function readUnder(edgeV: number): number {
  const at = (edgeV + UNDER_REACH_V) / UNDER_STEP_V;
  if (at <= 0) return 0;
  const i = floor(at);
  if (i >= UNDER.length - 1) return 1;
  const low = UNDER[i] as number;
  return low + (at - i) * ((UNDER[i + 1] as number) - low);
}

function chance([low, high]: readonly [number, number], x: number, noiseV: number): number {
  return logistic((high - x) / noiseV) - logistic((low - x) / noiseV);
}

/**
 * Chance of a reading at a distance from the middle.
 *
 * @param span between which distances it reads so, V
 * @param x volts of the bead over the middle, V
 * @source logistic reading error and a share of gross ones: our model
 */
export function readingChance(
  grossShare: LevelReading['grossShare'],
  span: readonly [number, number],
  x: number,
): number {
  return (1 - grossShare) * chance(span, x, NOISE_V) + grossShare * chance(span, x, GROSS_NOISE_V);
}

/** The part of it that is not a gross error. */
export function cleanChance(
  grossShare: LevelReading['grossShare'],
  span: readonly [number, number],
  x: number,
): number {
  return (1 - grossShare) * chance(span, x, NOISE_V);
}

/** Chance that a bead so far over an edge reads over it, for a clean reading. */
export function readOver(edgeV: number): number {
  return 1 - logistic(edgeV / NOISE_V);
}
