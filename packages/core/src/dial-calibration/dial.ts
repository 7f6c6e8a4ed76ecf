import { type CurvePoint, type MonotoneCurve, monotoneCurve } from '../quantity/monotone-curve.ts';
import { measuredSpeed, type TimedReading } from './timed-run.ts';

/** Where the knob stands at one place, all readings there averaged. */
export interface DialPoint {
  readonly knob: number;
  readonly speedMPerMin: number;
  readonly sdMPerMin: number;
  readonly readings: number;
}

/** Something the readings say that the user must settle. */
export type DialDoubt =
  | {
      /** One place read as two speeds, further apart than watch and rule explain. */
      readonly code: 'readings-disagree';
      readonly knob: number;
      readonly leastMPerMin: number;
      readonly mostMPerMin: number;
    }
  /** A place that reads slower than one below it: a dial does not go back. */
  | { readonly code: 'order-broken'; readonly knob: number; readonly knobBelow: number }
  /** One place says nothing of the rest; two make a straight line, and knobs are not straight. */
  | { readonly code: 'one-point' | 'two-points' };

/** A wire-feed dial as it was measured. */
export interface Dial {
  readonly points: readonly DialPoint[];
  readonly curve: MonotoneCurve;
  /** What the curve may miss in the middle of each stretch between two points, m/min. */
  readonly mayMissMPerMin: readonly number[];
  readonly doubts: readonly DialDoubt[];
  /** Error that all of it shares, one standard deviation, as a share: that of a dial borrowed from another tap. */
  readonly commonSdShare: number;
}

/** How far two readings of one place may lie apart, in standard deviations, before they disagree. */
const DISAGREE_SD = 3.5;

function average(readings: readonly TimedReading[]): DialPoint {
  const speeds = readings.map(measuredSpeed);
  const weights = speeds.map(({ sdMPerMin }) => 1 / sdMPerMin ** 2);
  const total = weights.reduce((sum, w) => sum + w, 0);
  const speedMPerMin = speeds.reduce((sum, s, i) => sum + s.speedMPerMin * (weights[i] as number), 0) / total;
  return {
    knob: (readings[0] as TimedReading).knob,
    speedMPerMin,
    sdMPerMin: Math.sqrt(1 / total),
    readings: readings.length,
  };
}

function disagreement(readings: readonly TimedReading[]): DialDoubt | undefined {
  const speeds = readings.map(measuredSpeed);
  const least = speeds.reduce((a, b) => (b.speedMPerMin < a.speedMPerMin ? b : a));
  const most = speeds.reduce((a, b) => (b.speedMPerMin > a.speedMPerMin ? b : a));
  const apart = most.speedMPerMin - least.speedMPerMin;
  if (apart <= DISAGREE_SD * Math.hypot(least.sdMPerMin, most.sdMPerMin)) return undefined;
  return {
    code: 'readings-disagree',
    knob: (readings[0] as TimedReading).knob,
    leastMPerMin: least.speedMPerMin,
    mostMPerMin: most.speedMPerMin,
  };
}

function brokenOrder(points: readonly DialPoint[]): readonly DialDoubt[] {
  return points.slice(1).flatMap((point, i) => {
    const before = points[i] as DialPoint;
    const drop = before.speedMPerMin - point.speedMPerMin;
    if (drop <= DISAGREE_SD * Math.hypot(before.sdMPerMin, point.sdMPerMin)) return [];
    return [{ code: 'order-broken' as const, knob: point.knob, knobBelow: before.knob }];
  });
}

/** Points pulled level where noise alone makes a later one slower (pool adjacent violators). */
function inOrder(points: readonly DialPoint[]): readonly CurvePoint[] {
  const pools: { ys: number; weight: number; xs: number[] }[] = [];
  for (const { knob, speedMPerMin, sdMPerMin } of points) {
    pools.push({ ys: speedMPerMin, weight: 1 / sdMPerMin ** 2, xs: [knob] });
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

function countDoubt(points: number): readonly DialDoubt[] {
  if (points > 2) return [];
  return [{ code: points === 1 ? 'one-point' : 'two-points' }];
}

/**
 * Share of the curvature between readings that the curve may miss, and of the rise between two readings, the more
 * the wider they stand on the dial: three readings on a line may hide an S. Source: our model, set so that the band holds the truth in about 95 % of simulated machines (see the test).
 */
export const CURVATURE_MISSED = 0.4;
export const STEP_MISSED = 0.26;

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
 * A dial from points in rising knob order: level where noise alone breaks the order.
 *
 * @param points one or more
 * @param commonSdShare error that all points share, one standard deviation, as a share
 */
export function dialOfPoints(
  points: readonly DialPoint[],
  doubts: readonly DialDoubt[],
  commonSdShare = 0,
): Dial {
  const ordered = inOrder(points);
  const [only] = ordered;
  const curve = ordered.length === 1 && only ? [only, { x: only.x + 1e-9, y: only.y }] : ordered;
  const width = (ordered.at(-1)?.x ?? 0) - (ordered[0]?.x ?? 0);
  const mayMissMPerMin = ordered.slice(1).map((b, i) => {
    const a = ordered[i] as CurvePoint;
    const step = b.x - a.x;
    return (
      (CURVATURE_MISSED * bendAt(ordered, i) * step ** 2) / 8 + (STEP_MISSED * (b.y - a.y) * step) / width
    );
  });
  return { points, curve: monotoneCurve(curve), mayMissMPerMin, doubts, commonSdShare };
}

/**
 * A dial from timed readings: repeats averaged, doubts named, a curve that never overshoots.
 *
 * @param readings one or more, any order
 * @throws {OutOfRangeError} for a reading that cannot be
 * @source our model; errors of watch and rule: common practice
 */
export function dialOf(readings: readonly TimedReading[]): Dial | undefined {
  if (readings.length === 0) return undefined;
  const knobs = [...new Set(readings.map(({ knob }) => knob))].toSorted((a, b) => a - b);
  const groups = knobs.map((knob) => readings.filter((reading) => reading.knob === knob));
  const points = groups.map(average);
  return dialOfPoints(points, [
    ...groups.flatMap((group) => disagreement(group) ?? []),
    ...brokenOrder(points),
    ...countDoubt(points.length),
  ]);
}
