import { type Click, type Interval, intervalsOf } from './clicks.ts';
import { deviationOf, meanOf, percentile } from '../../base/numeric/statistics.ts';
import { type Envelope, FRAME_S } from './envelope.ts';

const { abs, log, log10, max, min, round, sqrt } = Math;

/** What is weighed to tell an arc by its sound, none of it dependent on how loud the recording is. */
export const SOUND_FEATURES = [
  'lnRate',
  'cv',
  'short',
  'lnA',
  'corr',
  'r4',
  'r6',
  'depth',
  'quiet',
  'acf',
  'click',
  'sp1',
  'sp2',
  'mid',
] as const;
export type SoundFeature = (typeof SOUND_FEATURES)[number];
export type SoundFeatures = Readonly<Record<SoundFeature, number>>;

function held(value: number, low: number, high: number): number {
  return Number.isFinite(value) ? min(high, max(low, value)) : low;
}

const dB = (ratio: number): number => 10 * log10(max(ratio, 1e-12));

function correlation(a: readonly number[], b: readonly number[]): number {
  const [ma, mb] = [meanOf(a), meanOf(b)];
  const across = meanOf(a.map((one, i) => (one - ma) * ((b[i] ?? 0) - mb)));
  const spread = deviationOf(a) * deviationOf(b);
  return spread > 0 ? across / spread : 0;
}

/** Means over an odd number of frames about each. */
function smoothed(power: Float64Array, width: number): Float64Array {
  const half = (width - 1) / 2;
  return power.map((_, k) => {
    let sum = 0;
    for (let i = k - half; i <= k + half; i++) sum += power[i] ?? power[k] ?? 0;
    return sum / width;
  });
}

/** How loud it is after clicks, and how quiet before them. */
interface Dip {
  readonly cap: number;
  readonly after: number;
  readonly depthDb: number;
  /** Under this it is silent, and how far that is to be believed, 0 to 1. */
  readonly silentUnder: number;
  readonly belief: number;
}

function dipOf(power: Float64Array, clicks: readonly Click[]): Dip {
  const after = clicks.flatMap(({ frame }) => [...power.subarray(frame + 2, frame + 7)]);
  const cap = 3 * percentile(after, 0.5);
  const loud = meanOf(after.map((one) => min(one, cap)));
  const before = clicks.flatMap(({ frame }) => [...power.subarray(max(0, frame - 4), max(0, frame - 1))]);
  const quiet = meanOf(before.map((one) => min(one, cap)));
  const depthDb = held(dB(quiet / loud), -25, 3);
  return {
    cap,
    after: loud,
    depthDb,
    silentUnder: sqrt(quiet * (quiet + 0.25 * max(loud - quiet, 0))),
    belief: held((-depthDb - 1) / 4, 0, 1),
  };
}

/** Largest likeness of the loudness to itself 4 to 40 ms later. */
function selfLikeness(power: Float64Array): number {
  const heard = smoothed(power.subarray(0, 3000), 5).map((one) => dB(one));
  const middle = meanOf(heard);
  const x = heard.map((one) => one - middle);
  let whole = 0;
  for (const one of x) whole += one * one;
  let most = 0;
  for (let lag = 8; lag <= 80; lag++) {
    let sum = 0;
    for (let i = lag; i < x.length; i++) sum += (x[i] ?? 0) * (x[i - lag] ?? 0);
    most = max(most, sum / (whole || 1));
  }
  return most;
}

/** Loudness in the middle fifth of the longer times between clicks. */
function middleOf(power: Float64Array, intervals: readonly Interval[], { cap, after }: Dip): number {
  const middles = intervals
    .filter(({ frames }) => frames * FRAME_S >= 6e-3)
    .flatMap(({ from, frames }) => [
      ...power.subarray(from.frame + round(0.4 * frames), from.frame + round(0.6 * frames) + 1),
    ]);
  return held(dB(meanOf(middles.map((one) => min(one, cap))) / after), -30, 6);
}

/** Features of a stretch, from its loudness and its clicks. @source our model */
export function soundFeatures({ power, masked }: Envelope, clicks: readonly Click[]): SoundFeatures {
  const seconds = masked.reduce((sum, one) => sum + (1 - one), 0) * FRAME_S;
  const intervals = intervalsOf(clicks, masked);
  const times = intervals.map(({ frames }) => frames * FRAME_S);
  const sizes = clicks.map(({ size }) => log(size));
  const [p10, p50, p90] = [0.1, 0.5, 0.9].map((share) => percentile(power, share)) as [
    number,
    number,
    number,
  ];
  const dip = dipOf(power, clicks);
  const near = smoothed(power, 3);
  const silentAt = (frames: number): number =>
    meanOf(clicks.map(({ frame }) => ((near[frame - frames] ?? Infinity) < dip.silentUnder ? 1 : 0)));
  const shrunk = (share: number, to: number): number => dip.belief * share + (1 - dip.belief) * to;
  return {
    lnRate: log(held(clicks.length / seconds, 1, 400)),
    cv: held(deviationOf(times) / meanOf(times), 0, 2),
    short: meanOf(times.map((one) => (one < 6e-3 ? 1 : 0))),
    lnA: held(deviationOf(sizes), 0, 2),
    corr: correlation(
      times.map((one) => log(one)),
      intervals.map(({ to }) => log(to.size)),
    ),
    r4: shrunk(silentAt(7), 0.3),
    r6: shrunk(silentAt(11), 0.12),
    depth: dip.depthDb,
    quiet: shrunk(meanOf(near.map((one) => (one < dip.silentUnder ? 1 : 0))), 0.2),
    acf: selfLikeness(power),
    click: dB(
      percentile(
        clicks.map(({ size }) => size),
        0.5,
      ) / p50,
    ),
    sp1: dB(p90 / p50),
    sp2: dB(p50 / p10),
    mid: middleOf(power, intervals, dip),
  };
}

/** Features by which a sound is kept out that is no arc. */
export interface BoxFeatures {
  /** How much of a click's sound lies in it and its neighbour. */
  readonly sharp: number;
  /** Spread of the slow level, dB. */
  readonly lvl: number;
  /** Highest line of the spectrum over what lies about it, dB. */
  readonly line: number;
  readonly mask: number;
}

/** Power spectrum of one frame of {@link SPECTRUM_FRAME} samples: half as many values and one. */
export type PowerSpectrum = (frame: Float64Array) => ArrayLike<number>;
/** Samples of one spectrum, and its bins to each side of a line that are held against it. Source: our tuning. */
export const SPECTRUM_FRAME = 512;
const LINE_HALF_BINS = 12;
const HANN = Float64Array.from(
  { length: SPECTRUM_FRAME },
  (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * i) / SPECTRUM_FRAME),
);

/** Highest line of the mean spectrum over the median of the 12 bins on either side, dB. */
export function highestLineDb(samples: ArrayLike<number>, spectrum: PowerSpectrum): number {
  const bins = SPECTRUM_FRAME / 2 + 1;
  const sum = new Float64Array(bins);
  const frame = new Float64Array(SPECTRUM_FRAME);
  for (let at = 0; at + SPECTRUM_FRAME <= samples.length; at += SPECTRUM_FRAME) {
    for (let i = 0; i < SPECTRUM_FRAME; i++) {
      frame[i] = (HANN[i] ?? 0) * (samples[at + i] ?? 0);
    }
    const one = spectrum(frame);
    for (let b = 0; b < bins; b++) sum[b] = (sum[b] ?? 0) + (one[b] ?? 0);
  }
  let most = 0;
  for (let b = 2; b < bins - 2; b++) {
    const about = sum.subarray(max(1, b - LINE_HALF_BINS), b + LINE_HALF_BINS + 1);
    most = max(most, dB((sum[b] ?? 0) / (percentile(about, 0.5) + 1e-30)));
  }
  return most;
}

/** Features of the box. */
export function boxFeatures(envelope: Envelope, clicks: readonly Click[], line: number): BoxFeatures {
  const { power, masked, levelDb } = envelope;
  const sharp = clicks.map(({ frame, size }) => {
    let sum = 0;
    for (let i = frame - 4; i <= frame + 10; i++) sum += power[i] ?? 0;
    return sum > 0 ? size / sum : 0;
  });
  return { sharp: meanOf(sharp), lvl: deviationOf(levelDb), line, mask: abs(meanOf(masked)) };
}
