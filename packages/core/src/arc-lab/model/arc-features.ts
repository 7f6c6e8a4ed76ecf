import { deviationOf, meanOf, percentile } from '../../base/numeric/statistics.ts';
import { arcSamples, type ArcSamples, ARC_SAMPLES_PER_S, runArc } from './run-arc.ts';
import type { ArcNoise } from './arc-constants.ts';
import { type ArcEvent, type ArcRun, type ArcTotals, startArc, USUAL_NOISE } from './arc-state.ts';
import type { ArcSetting } from './arc-setting.ts';

/** A short longer than this is a long one, s. Source: our model. */
export const LONG_SHORT_S = 6e-3;
/** A click over so much of the reference power is a large one. Source: our model. */
export const LARGE_CLICK_SHARE = 2.3;
/** What is let go by at the start, while the regulator settles, s. */
export const SETTLES_S = 0.6;
/** Seconds over which features are taken where nothing else is said. */
export const FEATURES_OVER_S = 2;

/** What an arc did over a stretch of time. */
export interface ArcFeatures {
  readonly seconds: number;
  /** Broken bridges, repelled touches left out, 1/s. */
  readonly shortsPerS: number;
  /** Scatter of the time from break to break, over its mean. */
  readonly periodCv: number;
  readonly meanShortS: number;
  readonly longShare: number;
  /** Share of the time that the wire was in the pool. */
  readonly shortedShare: number;
  /** Median click over the reference power, and the share of large ones. */
  readonly clickShare: number;
  readonly largeShare: number;
  readonly freeDropsPerS: number;
  readonly pulsesPerS: number;
  readonly dropMm3: number;
  readonly meanV: number;
  readonly meanA: number;
  readonly rmsA: number;
  /** Mean of the highest current of each short, A. */
  readonly peakA: number;
  /** Mean of volts times current at each moment, W, and it over the product of the means. */
  readonly trueW: number;
  readonly powerRatio: number;
  readonly meanGapMm: number;
  readonly burnedBack: boolean;
}

/** Scatter over mean of the times between moments; 0 with fewer than three. */
export function periodCv(atS: readonly number[]): number {
  const periods = atS.slice(1).map((at, i) => at - (atS[i] ?? 0));
  if (periods.length < 2) return 0;
  return deviationOf(periods) / meanOf(periods);
}

type Short = Extract<ArcEvent, { kind: 'short' }>;

/** Features from what happened between two sums. @param before sums at the start of the stretch */
export function featuresOf(
  run: ArcRun,
  events: readonly ArcEvent[],
  before: Readonly<ArcTotals>,
  seconds: number,
): ArcFeatures {
  const shorts = events.filter((one): one is Short => one.kind === 'short');
  const free = events.flatMap((one) => (one.kind === 'free-drop' ? [one.dropMm3] : []));
  const clicks = shorts.map((one) => one.clickW / run.constants.referenceW);
  const since = (key: keyof ArcTotals): number => (run.totals[key] - before[key]) / seconds;
  const [meanV, meanA, trueW] = [since('voltSeconds'), since('coulombs'), since('loadJ')];
  return {
    seconds,
    shortsPerS: shorts.length / seconds,
    periodCv: periodCv(shorts.map((one) => one.atS)),
    meanShortS: meanOf(shorts.map((one) => one.forS)),
    longShare: meanOf(shorts.map((one) => (one.forS > LONG_SHORT_S ? 1 : 0))),
    shortedShare: since('shortedS'),
    clickShare: percentile(clicks, 0.5),
    largeShare: meanOf(clicks.map((one) => (one > LARGE_CLICK_SHARE ? 1 : 0))),
    freeDropsPerS: free.length / seconds,
    pulsesPerS: events.filter(({ kind }) => kind === 'pulse').length / seconds,
    dropMm3: meanOf([...shorts.map((one) => one.dropMm3), ...free]),
    meanV,
    meanA,
    rmsA: Math.sqrt(since('ampSquareSeconds')),
    peakA: meanOf(shorts.map((one) => one.currentA)),
    trueW,
    powerRatio: meanV * meanA > 0 ? trueW / (meanV * meanA) : 1,
    meanGapMm: since('gapMmSeconds'),
    burnedBack: run.state.burnedBack,
  };
}

/** An arc that was run, recorded and read. */
export interface RecordedArc {
  readonly run: ArcRun;
  readonly samples: ArcSamples;
  readonly events: readonly ArcEvent[];
  readonly features: ArcFeatures;
}

/** How an arc is recorded. */
export interface Recording {
  readonly seed: number;
  readonly seconds?: number;
  readonly noise?: ArcNoise;
  readonly stepsPerSample?: number;
}

/**
 * Runs an arc from its start, lets it settle, and records it.
 *
 * @throws {OutOfRangeError} for a setting outside the model
 */
export function recordArc(
  setting: ArcSetting,
  { seed, seconds = FEATURES_OVER_S, noise = USUAL_NOISE, stepsPerSample }: Recording,
): RecordedArc {
  const run = startArc(setting, seed, noise);
  runArc(run, arcSamples(Math.round(SETTLES_S * ARC_SAMPLES_PER_S)), stepsPerSample);
  run.events = [];
  run.state.burnedBack = false;
  const before = { ...run.totals };
  const samples = arcSamples(Math.round(seconds * ARC_SAMPLES_PER_S));
  runArc(run, samples, stepsPerSample);
  return { run, samples, events: run.events, features: featuresOf(run, run.events, before, seconds) };
}
