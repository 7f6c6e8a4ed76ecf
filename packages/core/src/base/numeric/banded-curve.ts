import {
  curveAt,
  type CurvePoint,
  type MonotoneCurve,
  monotoneCurve,
  reachedAt,
  stretchAt,
} from './monotone-curve.ts';
import { handSet, type KnobScale } from '../quantity/knob-words.ts';
import { TWO_SIDED_95 } from './normal-band.ts';
import type { Span } from './span.ts';

/** A place that was read: what it gives, and the error of that. */
export interface BandedPoint {
  readonly x: number;
  readonly y: number;
  /** One standard deviation, of this reading alone. */
  readonly sd: number;
  /** The same of what all readings share, a meter's own error say: it does not average out between them. */
  readonly commonSd?: number;
}

/** A rising curve through places that were read with error, and what it may miss between them. */
export interface BandedCurve {
  /** In rising x. */
  readonly points: readonly BandedPoint[];
  readonly line: MonotoneCurve;
  /** What the curve may miss in the middle of each stretch between two points, in y. */
  readonly mayMiss: readonly number[];
}

/** Points pulled level where noise alone makes a later one lower (pool adjacent violators). */
function inOrder(points: readonly BandedPoint[]): readonly CurvePoint[] {
  const pools: { ys: number; weight: number; xs: number[] }[] = [];
  for (const { x, y, sd } of points) {
    pools.push({ ys: y, weight: 1 / sd ** 2, xs: [x] });
    for (let last = pools.length - 1; last > 0; last--) {
      const [a, b] = [pools[last - 1], pools[last]];
      if (!a || !b || a.ys <= b.ys) break;
      const weight = a.weight + b.weight;
      pools.splice(last - 1, 2, {
        ys: (a.ys * a.weight + b.ys * b.weight) / weight,
        weight,
        xs: [...a.xs, ...b.xs],
      });
    }
  }
  return pools.flatMap(({ ys, xs }) => xs.map((x) => ({ x, y: ys })));
}

/**
 * What a curve may miss between readings: a share of the curvature there, and of the rise between two readings, the
 * more the wider they stand on the dial: three readings on a line may hide an S.
 */
export interface Missed {
  readonly curvature: number;
  readonly step: number;
}

/** Largest bend of a curve about a stretch, y/x². */
function bendAt(points: readonly CurvePoint[], stretch: number): number {
  const secant = (i: number): number | undefined => {
    const [a, b] = [points[i], points[i + 1]];
    return a && b ? (b.y - a.y) / (b.x - a.x) : undefined;
  };
  const bends = [stretch - 1, stretch].flatMap((i) => {
    const [s0, s1] = [secant(i), secant(i + 1)];
    const [a, b] = [points[i], points[i + 2]];
    return s0 === undefined || s1 === undefined || !a || !b ? [] : Math.abs(s1 - s0) / ((b.x - a.x) / 2);
  });
  return Math.max(0, ...bends);
}

/**
 * A curve from points in rising x: level where noise alone breaks the order.
 *
 * @param points one or more
 */
export function bandedCurve(points: readonly BandedPoint[], missed: Missed): BandedCurve {
  const ordered = inOrder(points);
  const [only] = ordered;
  const line = ordered.length === 1 && only ? [only, { x: only.x + 1e-9, y: only.y }] : ordered;
  const width = (ordered.at(-1)?.x ?? 0) - (ordered[0]?.x ?? 0);
  const mayMiss = ordered.slice(1).map((b, i) => {
    const a = ordered[i] as CurvePoint;
    const step = b.x - a.x;
    return (
      (missed.curvature * bendAt(ordered, i) * step ** 2) / 8 + (missed.step * (b.y - a.y) * step) / width
    );
  });
  return { points, line: monotoneCurve(line), mayMiss };
}

/** The lowest and the highest x that was read. */
export function curveEnds({ points }: BandedCurve): readonly [low: number, high: number] {
  return [points[0]?.x ?? 0, points.at(-1)?.x ?? 0];
}

/** Half-width of the 95 % band at x: the readings' errors and what the curve may miss between them. */
export function halfBandAt({ line, points, mayMiss }: BandedCurve, x: number): number {
  const i = stretchAt(line, x);
  const [a, b] = [points[i], points[i + 1]];
  if (!a || !b) return TWO_SIDED_95 * Math.hypot(points[0]?.sd ?? 0, points[0]?.commonSd ?? 0);
  const u = Math.min(Math.max((x - a.x) / (b.x - a.x), 0), 1);
  const common = (1 - u) * (a.commonSd ?? 0) + u * (b.commonSd ?? 0);
  const variance = ((1 - u) * a.sd) ** 2 + (u * b.sd) ** 2 + common ** 2;
  const missed = (mayMiss[i] ?? 0) * 4 * u * (1 - u);
  return Math.sqrt(TWO_SIDED_95 ** 2 * variance + missed ** 2);
}

/** What the curve gives at x, with its 95 % band; undefined outside the readings. */
export function bandAt(curve: BandedCurve, x: number): Span | undefined {
  const [low, high] = curveEnds(curve);
  if (x < low || x > high) return undefined;
  const start = curveAt(curve.line, x);
  const half = halfBandAt(curve, x);
  return { start, low: Math.max(start - half, 0), high: start + half };
}

/** Where the curve gives what is wanted, or the end that comes nearest to it. */
export type CurveInverse =
  | { readonly status: 'within'; readonly x: Span }
  | { readonly status: 'below' | 'above'; readonly endX: number; readonly endY: number };

/** The x that gives y, with its 95 % band; never beyond the readings. */
export function inverseAt(curve: BandedCurve, y: number): CurveInverse {
  const [low, high] = curveEnds(curve);
  const [least, most] = [curveAt(curve.line, low), curveAt(curve.line, high)];
  if (y < least) return { status: 'below', endX: low, endY: least };
  if (y > most) return { status: 'above', endX: high, endY: most };
  const at = (offset: -1 | 0 | 1): number =>
    reachedAt((x) => curveAt(curve.line, x) + offset * halfBandAt(curve, x), y, low, high);
  return { status: 'within', x: { start: at(0), low: at(1), high: at(-1) } };
}

/**
 * Where the next reading would take most doubt away: an unread end first, then where the band is widest, to what a hand
 * can set.
 */
export function nextPlace(curve: BandedCurve | undefined, scale: KnobScale): number {
  const [min, max] = scale;
  if (!curve) return min;
  const [low, high] = curveEnds(curve);
  const near = (max - min) * 0.05;
  if (high < max - near) return max;
  if (low > min + near) return min;
  const steps = 40;
  let best = { x: (min + max) / 2, worth: -1 };
  for (let i = 1; i < steps; i++) {
    const x = low + ((high - low) * i) / steps;
    const worth = halfBandAt(curve, x);
    if (worth > best.worth) best = { x, worth };
  }
  return handSet(best.x, scale);
}
