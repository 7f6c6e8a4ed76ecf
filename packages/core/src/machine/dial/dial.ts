import { type BandedCurve, bandedCurve } from '../../base/numeric/banded-curve.ts';
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
  /** Wire speed, m/min, over the knob. */
  readonly curve: BandedCurve;
  readonly doubts: readonly DialDoubt[];
}

/** How far two readings of one place may lie apart, in standard deviations, before they disagree. Source: our model. */
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

function countDoubt(points: number): readonly DialDoubt[] {
  if (points > 2) return [];
  return [{ code: points === 1 ? 'one-point' : 'two-points' }];
}

/** Source: our model, set so that the band holds the truth in about 95 % of simulated machines (see the test). */
const DIAL_MISSED = { curvature: 0.4, step: 0.26 } as const;

/**
 * A dial from points in rising knob order: level where noise alone breaks the order.
 *
 * @param points one or more
 * @param commonSdShare error that all points share, one standard deviation, as a share: that of a dial borrowed from
 *   another tap
 */
export function dialOfPoints(
  points: readonly DialPoint[],
  doubts: readonly DialDoubt[],
  commonSdShare = 0,
): Dial {
  const read = points.map(({ knob, speedMPerMin, sdMPerMin }) => ({
    x: knob,
    y: speedMPerMin,
    sd: sdMPerMin,
    commonSd: commonSdShare * speedMPerMin,
  }));
  return { points, curve: bandedCurve(read, DIAL_MISSED), doubts };
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
