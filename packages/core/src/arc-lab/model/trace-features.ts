import type { TraceSample } from '../../trade/heat/arc-power.ts';
import { CLASS_EDGES, type DipClass } from './arc-class.ts';
import { LONG_SHORT_S, periodCv } from './arc-features.ts';

/** A short begins under the first and is over above the second, V. Source: our model: the bridge of steel takes under 10 V. */
const SHORT_UNDER_V = 9;
const OVER_ABOVE_V = 14;
/** Shorts fewer than this a second are no short arc. */
const LEAST_SHORTS_PER_S = CLASS_EDGES.leastShortsPerS;

/** What a trace of volts and current tells of short arc. */
export interface TraceFeatures {
  readonly shortsPerS: number;
  readonly periodCv: number;
  readonly meanShortS: number;
  readonly longShare: number;
  readonly shortedShare: number;
  /** When each bridge broke, s from the start. */
  readonly breaksAtS: readonly number[];
  /** Its class by the shorts alone; undefined: no short arc. Popping is not told from a long arc. */
  readonly dipClass: Exclude<DipClass, 'popping'> | undefined;
}

interface FoundShort {
  readonly atS: number;
  readonly forS: number;
}

/** Shorts of a trace: those that were whole within it; leads the other way round count alike. */
function shortsOf(samples: readonly TraceSample[]): readonly FoundShort[] {
  const shorts: FoundShort[] = [];
  let since: number | undefined;
  let begun = false;
  const sign = samples.reduce((sum, one) => sum + one.volts, 0) < 0 ? -1 : 1;
  for (const { seconds, volts: read } of samples) {
    const volts = sign * read;
    if (volts > OVER_ABOVE_V) {
      if (since !== undefined) shorts.push({ atS: seconds, forS: seconds - since });
      since = undefined;
      begun = true;
    } else if (volts < SHORT_UNDER_V && begun) {
      since ??= seconds;
    }
  }
  return shorts;
}

function classOf(one: Omit<TraceFeatures, 'dipClass'>): TraceFeatures['dipClass'] {
  const e = CLASS_EDGES;
  if (one.shortsPerS < LEAST_SHORTS_PER_S) return undefined;
  if (one.shortedShare < e.longShortedShare) return 'long';
  if (one.longShare > e.stubLongShare || one.shortedShare > e.stubShortedShare) return 'stubbing';
  if (one.longShare > e.crowdLongShare || one.shortedShare > e.crowdShortedShare) return 'crowding';
  return one.shortedShare < e.raggedShortedShare || one.periodCv > e.raggedCv ? 'ragged' : 'steady';
}

/**
 * Shorts of a trace, by its volts, and the class they make.
 *
 * @param samples evenly sampled at 2 kHz or more, as `traceFault` finds nothing wrong with
 * @source our model
 */
export function traceFeatures(samples: readonly TraceSample[]): TraceFeatures {
  const first = samples[0]?.seconds ?? 0;
  const span = (samples.at(-1)?.seconds ?? 0) - first;
  const shorts = shortsOf(samples);
  const count = shorts.length;
  const share = (of: number): number => (count === 0 ? 0 : of / count);
  const shortedS = shorts.reduce((sum, { forS }) => sum + forS, 0);
  const features = {
    shortsPerS: span > 0 ? count / span : 0,
    periodCv: periodCv(shorts.map(({ atS }) => atS)),
    meanShortS: share(shortedS),
    longShare: share(shorts.filter(({ forS }) => forS > LONG_SHORT_S).length),
    shortedShare: span > 0 ? shortedS / span : 0,
    breaksAtS: shorts.map(({ atS }) => atS - first),
  };
  return { ...features, dipClass: classOf(features) };
}
