import { type ArcLevel, type DipClass, DIP_CLASSES, LEVEL_OF } from '../model/arc-class.ts';
import { bestStretch, type Stretch } from './best-stretch.ts';
import { type Click, clicksOf } from './clicks.ts';
import { envelopeOf, FRAME_S, framePower } from './envelope.ts';
import {
  type BoxFeatures,
  boxFeatures,
  highestLineDb,
  type PowerSpectrum,
  type SoundFeatures,
  soundFeatures,
} from './sound-features.ts';
import type { SoundRefusal } from './sound-refusal.ts';
import { SOUND_WEIGHTS } from './fitted-weights.ts';
import { type SoundChances, weighSound } from './sound-weights.ts';

const { abs, max, round, sqrt } = Math;

/** Sample rates that are read, 1/s, and lengths, s. Source: our tuning. */
export const SOUND_RATE_RANGE = [16_000, 96_000] as const;
export const SOUND_LENGTH_RANGE_S = [3, 60] as const;

/** Sound as it was recorded: one channel, full scale 1. */
export interface Sound {
  readonly samples: Float32Array | Float64Array;
  readonly rate: number;
}

/** What the reading is refused at. Source: our model. */
const LEAST_RMS = 1e-4;
const MOST_AT_PEAK = 5e-4;
const AT_PEAK = 0.999;
const SURE_FROM = { hiss: 0.5, two: 0.4, level: 0.7 } as const;
/** Outside of this it is no arc. Source: our model. */
const BOX = { sharp: 0.74, mid: -19.6, lvl: 5.06, line: 11.2, cv: 0.118, click: 15.25, mask: 0.186 } as const;

/** Everything that one stretch of sound says, before it is decided whether to answer. */
export interface StretchRead {
  readonly features: SoundFeatures;
  readonly box: BoxFeatures;
  readonly chances: SoundChances;
  readonly clicks: readonly Click[];
}

/** A recording read, or refused with the reason. */
export type SoundReading =
  | {
      readonly status: 'read';
      readonly level: ArcLevel;
      readonly dipClass: DipClass;
      /** How likely the level is, 0.7 to 1; by simulated sound 0.75 means about 0.85. */
      readonly confidence: number;
      readonly clicksPerS: number;
      /** Scatter of the times between clicks over their mean. */
      readonly cv: number;
      /** Where the clicks are, s from the start of the recording. */
      readonly clicksAtS: readonly number[];
      readonly stretch: Stretch;
    }
  | { readonly status: 'refused'; readonly code: SoundRefusal; readonly stretch: Stretch };

/** How likely each level is, over all that is short arc or pulse: they come to 1. */
export function levelChances(chances: SoundChances): Readonly<Record<ArcLevel, number>> {
  const sums = { cold: 0, right: chances.pulse, hot: 0 };
  for (const name of DIP_CLASSES) sums[LEVEL_OF[name]] += chances[name];
  const whole = sums.cold + sums.right + sums.hot || 1;
  return { cold: sums.cold / whole, right: sums.right / whole, hot: sums.hot / whole };
}

/** Why the sound itself cannot be read; undefined: it can. */
function unfit(samples: ArrayLike<number>): SoundRefusal | undefined {
  let [peak, sum] = [0, 0];
  for (let i = 0; i < samples.length; i++) {
    const one = samples[i] ?? 0;
    peak = max(peak, abs(one));
    sum += one * one;
  }
  if (sqrt(sum / samples.length) < LEAST_RMS) return 'too-quiet';
  let atPeak = 0;
  for (let i = 0; i < samples.length; i++) if (abs(samples[i] ?? 0) >= AT_PEAK * peak) atPeak += 1;
  return atPeak / samples.length > MOST_AT_PEAK ? 'clipped' : undefined;
}

/** Features and chances of one stretch, whatever they are worth. */
export function readStretch(samples: ArrayLike<number>, rate: number, spectrum: PowerSpectrum): StretchRead {
  const envelope = envelopeOf(framePower(samples, rate));
  const clicks = clicksOf(envelope);
  const features = soundFeatures(envelope, clicks);
  const box = boxFeatures(envelope, clicks, highestLineDb(samples, spectrum));
  return { features, box, clicks, chances: weighSound(features, SOUND_WEIGHTS) };
}

/** Whether to answer at all, in the order that tells most. */
function refusal({ chances, features, box }: StretchRead): SoundRefusal | undefined {
  if (chances.hiss > SURE_FROM.hiss) return 'no-clicks';
  if (chances.two > SURE_FROM.two) return 'two-arcs';
  const best = max(...Object.values(chances));
  if (chances.pulse === best) return 'buzz';
  if (box.mask > BOX.mask) return 'blows';
  const isArc =
    box.sharp >= BOX.sharp &&
    features.mid >= BOX.mid &&
    box.lvl <= BOX.lvl &&
    box.line <= BOX.line &&
    features.cv >= BOX.cv &&
    features.click >= BOX.click;
  if (!isArc) return 'not-an-arc';
  return max(...Object.values(levelChances(chances))) < SURE_FROM.level ? 'unsure' : undefined;
}

/** Most likely of some names. */
function likeliest<Name extends string>(
  names: readonly Name[],
  chances: Readonly<Record<Name, number>>,
): Name {
  return names.reduce((best, one) => (chances[one] > chances[best] ? one : best));
}

/**
 * Whether a stretch of a recorded short arc is too cold, right or too hot. It needs neither the gain nor the settings. It is
 * learnt on simulated sound.
 *
 * @param sound one channel at {@link SOUND_RATE_RANGE}, 3 s or a little more
 * @source our model; what it reaches stands in docs/arc-lab.md
 */
export function readSound({ samples, rate }: Sound, spectrum: PowerSpectrum, fromS = 0): SoundReading {
  const stretch = { fromS, toS: fromS + samples.length / rate };
  const refused = (code: SoundRefusal): SoundReading => ({ status: 'refused', code, stretch });
  if (rate < SOUND_RATE_RANGE[0]) return refused('low-rate');
  if (samples.length / rate < SOUND_LENGTH_RANGE_S[0] - 0.01) return refused('too-short');
  const wrong = unfit(samples);
  if (wrong) return refused(wrong);
  const read = readStretch(samples, rate, spectrum);
  const why = refusal(read);
  if (why) return refused(why);
  const levels = levelChances(read.chances);
  const level = likeliest(['cold', 'right', 'hot'], levels);
  return {
    status: 'read',
    level,
    dipClass: likeliest(
      DIP_CLASSES.filter((name) => LEVEL_OF[name] === level),
      read.chances,
    ),
    confidence: levels[level],
    clicksPerS: round(10 * Math.exp(read.features.lnRate)) / 10,
    cv: read.features.cv,
    clicksAtS: read.clicks.map(({ frame }) => fromS + (frame + 0.5) * FRAME_S),
    stretch,
  };
}

/**
 * Reads the best three seconds of a recording of 3 to 60 s.
 *
 * @param sound one channel at {@link SOUND_RATE_RANGE}
 * @source as {@link readSound}
 */
export function readRecording(sound: Sound, spectrum: PowerSpectrum): SoundReading {
  const { samples, rate } = sound;
  const seconds = samples.length / rate;
  const whole = { fromS: 0, toS: seconds };
  if (rate > SOUND_RATE_RANGE[1]) return { status: 'refused', code: 'high-rate', stretch: whole };
  if (seconds > SOUND_LENGTH_RANGE_S[1] + 0.01)
    return { status: 'refused', code: 'too-long', stretch: whole };
  const { fromS, toS } = rate < SOUND_RATE_RANGE[0] ? whole : bestStretch(samples, rate);
  const [from, to] = [round(fromS * rate), round(toS * rate)];
  return readSound({ samples: samples.subarray(from, to), rate }, spectrum, fromS);
}
