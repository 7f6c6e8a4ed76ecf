import type { Span } from '../quantity/span.ts';
import {
  curveAt,
  type CurvePoint,
  type MonotoneCurve,
  monotoneCurve,
  reachedAt,
  stretchAt,
} from './monotone-curve.ts';
import { measuredSpeed, type TimedReading } from './timed-run.ts';

/** Where the knob stands at one place, all readings there averaged. */
export interface DialPoint {
  readonly knob: number;
  readonly speedMPerMin: number;
  readonly sdMPerMin: number;
  readonly readings: number;
}

/** Something the readings say that the user must settle. */
export interface DialDoubt {
  readonly code: 'readings-disagree' | 'order-broken' | 'one-point' | 'two-points';
  readonly text: string;
  /** Knob to read again; undefined when another place is wanted. */
  readonly knob: number | undefined;
}

/** A wire-feed dial as it was measured. */
export interface Dial {
  readonly points: readonly DialPoint[];
  readonly curve: MonotoneCurve;
  readonly doubts: readonly DialDoubt[];
}

/** How far two readings of one place may lie apart, in standard deviations, before they disagree. */
const DISAGREE_SD = 3.5;
/** 95 % of a normal error, in standard deviations. */
const TWO_SIDED_95 = 1.96;
/**
 * Share of the curvature between readings that the curve may miss, and of the rise between two readings, the more
 * the wider they stand on the dial: three readings on a line may hide an S. Source: our model, set so that the band holds the truth in about 95 % of simulated machines (see the test).
 */
export const CURVATURE_MISSED = 0.4;
export const STEP_MISSED = 0.26;

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
  const knob = (readings[0] as TimedReading).knob;
  const text = `Knob ${knob} was read as ${least.speedMPerMin.toFixed(1)} and as ${most.speedMPerMin.toFixed(1)} m/min: more than watch and rule explain. Read it again, and take the wrong one out.`;
  return { code: 'readings-disagree', text, knob };
}

function brokenOrder(points: readonly DialPoint[]): readonly DialDoubt[] {
  return points.slice(1).flatMap((point, i) => {
    const before = points[i] as DialPoint;
    const drop = before.speedMPerMin - point.speedMPerMin;
    if (drop <= DISAGREE_SD * Math.hypot(before.sdMPerMin, point.sdMPerMin)) return [];
    const text = `Knob ${point.knob} reads slower than knob ${before.knob}: a dial does not go back. Read both again.`;
    return [{ code: 'order-broken' as const, text, knob: point.knob }];
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
  if (points === 1) {
    return [
      {
        code: 'one-point',
        text: 'One place says nothing of the rest: read at least the two ends.',
        knob: undefined,
      },
    ];
  }
  if (points > 2) return [];
  const text = 'Two places make a straight line, and knobs are not straight: read one between.';
  return [{ code: 'two-points', text, knob: undefined }];
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
  const ordered = inOrder(points);
  const single =
    ordered.length === 1 ? [ordered[0], { x: (ordered[0]?.x ?? 0) + 1e-9, y: ordered[0]?.y ?? 0 }] : ordered;
  return {
    points,
    curve: monotoneCurve(single as readonly CurvePoint[]),
    doubts: [
      ...groups.flatMap((group) => disagreement(group) ?? []),
      ...brokenOrder(points),
      ...countDoubt(points.length),
    ],
  };
}

/** Largest bend of the curve about a stretch, (m/min)/knob². */
function bendAt({ curve }: Dial, stretch: number): number {
  const { points } = curve;
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

/** Half-width of the 95 % band at a knob, m/min: the readings' errors and what the curve may miss between them. */
function halfBand(dial: Dial, knob: number): number {
  const { curve, points } = dial;
  const i = stretchAt(curve, knob);
  const [a, b] = [points[i], points[i + 1]];
  if (!a || !b) return TWO_SIDED_95 * (points[0]?.sdMPerMin ?? 0);
  const u = Math.min(Math.max((knob - a.knob) / (b.knob - a.knob), 0), 1);
  const noise = Math.hypot((1 - u) * a.sdMPerMin, u * b.sdMPerMin);
  const step = b.knob - a.knob;
  const rise = Math.abs((curve.points[i + 1]?.y ?? 0) - (curve.points[i]?.y ?? 0));
  const [low, high] = dialEnds(dial);
  const bow = 4 * u * (1 - u);
  const missed =
    (CURVATURE_MISSED * bendAt(dial, i) * step ** 2 * bow) / 8 +
    STEP_MISSED * rise * bow * (step / (high - low));
  return Math.hypot(TWO_SIDED_95 * noise, missed);
}

/** Wire speed at a knob, with its 95 % band, m/min; undefined outside the readings. */
export function dialSpeed(dial: Dial, knob: number): Span | undefined {
  const [low, high] = dialEnds(dial);
  if (knob < low || knob > high) return undefined;
  const start = curveAt(dial.curve, knob);
  const half = halfBand(dial, knob);
  return { start, low: Math.max(start - half, 0), high: start + half };
}

/** The lowest and the highest knob that was read. */
export function dialEnds({ points }: Dial): readonly [low: number, high: number] {
  return [points[0]?.knob ?? 0, points.at(-1)?.knob ?? 0];
}

/** Where to set the knob for a wire speed. */
export type KnobSetting =
  | { readonly status: 'within'; readonly knob: Span }
  | { readonly status: 'below' | 'above'; readonly endMPerMin: number; readonly endKnob: number };

/**
 * The knob that gives a wire speed, with its 95 % band; never beyond the readings.
 *
 * @param speedMPerMin wire speed wanted, m/min
 */
export function knobFor(dial: Dial, speedMPerMin: number): KnobSetting {
  const [low, high] = dialEnds(dial);
  const [slowest, fastest] = [curveAt(dial.curve, low), curveAt(dial.curve, high)];
  if (speedMPerMin < slowest) return { status: 'below', endMPerMin: slowest, endKnob: low };
  if (speedMPerMin > fastest) return { status: 'above', endMPerMin: fastest, endKnob: high };
  const at = (offset: -1 | 0 | 1): number =>
    reachedAt((x) => curveAt(dial.curve, x) + offset * halfBand(dial, x), speedMPerMin, low, high);
  return { status: 'within', knob: { start: at(0), low: at(1), high: at(-1) } };
}

/** How far a straight line through the ends would be off, where it is worst. */
export interface Bend {
  readonly knob: number;
  readonly measuredMPerMin: number;
  readonly straightMPerMin: number;
  /** Share of the measured speed that the line is off by. */
  readonly offShare: number;
}

/** Share from which a dial is called bent. Source: our model. */
export const BENT_FROM_SHARE = 0.08;

/** The worst place of a dial that is not straight, or undefined for one that is. */
export function dialBend({ points }: Dial): Bend | undefined {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || points.length < 3) return undefined;
  const bends = points.slice(1, -1).map((p): Bend => {
    const share = (p.knob - first.knob) / (last.knob - first.knob);
    const straight = first.speedMPerMin + share * (last.speedMPerMin - first.speedMPerMin);
    return {
      knob: p.knob,
      measuredMPerMin: p.speedMPerMin,
      straightMPerMin: straight,
      offShare: straight / p.speedMPerMin - 1,
    };
  });
  const worst = bends.reduce((a, b) => (Math.abs(b.offShare) > Math.abs(a.offShare) ? b : a));
  return Math.abs(worst.offShare) >= BENT_FROM_SHARE ? worst : undefined;
}

/** Where the next reading would take most doubt away: an unread end first, then where the band is widest. */
export function nextKnob(dial: Dial | undefined, range: readonly [min: number, max: number]): number {
  const [min, max] = range;
  if (!dial) return min;
  const [low, high] = dialEnds(dial);
  const near = (max - min) * 0.05;
  if (high < max - near) return max;
  if (low > min + near) return min;
  const steps = 40;
  let best = { knob: (min + max) / 2, worth: -1 };
  for (let i = 1; i < steps; i++) {
    const knob = low + ((high - low) * i) / steps;
    const worth = halfBand(dial, knob);
    if (worth > best.worth) best = { knob, worth };
  }
  return Math.round(best.knob * 2) / 2;
}
