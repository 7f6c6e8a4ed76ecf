import { percentile } from '../../base/numeric/statistics.ts';
import { clickBand } from './band-pass.ts';

const { log10, max, min, round } = Math;

/** Time of one frame of the envelope, s. Source: our tuning. */
export const FRAME_S = 0.5e-3;
/** The slow level: its percentile, half its stretch and its step, in frames. Source: our model. */
const LEVEL = { percentile: 0.6, half: 400, every: 200 } as const;
/** A burst: so many of so many frames over so much, and what is masked about it, frames. Source: our model. */
const BURST = { over: 20, of: 20, least: 14, before: 24, after: 30 } as const;

/** A recording as loudness over time: power a frame over its own slow level. */
export interface Envelope {
  /** Power a frame, over the slow level. */
  readonly power: Float64Array;
  /** The slow level before it was taken out, dB, one a tenth of a second. */
  readonly levelDb: readonly number[];
  /** Frames that a blow or a grind lies over. */
  readonly masked: Uint8Array;
}

/** Power of each frame in the band of the clicks. */
export function framePower(samples: ArrayLike<number>, rate: number): Float64Array {
  const band = clickBand(samples, rate);
  const hop = rate * FRAME_S;
  const frames = Math.floor(band.length / hop);
  const power = new Float64Array(frames);
  for (let k = 0; k < frames; k++) {
    const from = round(k * hop);
    const to = round((k + 1) * hop);
    let sum = 0;
    for (let i = from; i < to; i++) sum += (band[i] ?? 0) ** 2;
    power[k] = sum / (to - from);
  }
  return power;
}

function slowLevelDb(power: Float64Array): readonly number[] {
  const blocks = max(1, round(power.length / LEVEL.every));
  return Array.from({ length: blocks + 1 }, (_, i) => {
    const at = i * LEVEL.every;
    const block = power.subarray(max(0, at - LEVEL.half), min(power.length, at + LEVEL.half));
    return 10 * log10(percentile(block, LEVEL.percentile) + 1e-20);
  });
}

function maskOf(power: Float64Array): Uint8Array {
  const masked = new Uint8Array(power.length);
  let loud = 0;
  for (let k = 0; k < power.length; k++) {
    if ((power[k] ?? 0) > BURST.over) loud += 1;
    if (k >= BURST.of && (power[k - BURST.of] ?? 0) > BURST.over) loud -= 1;
    if (loud >= BURST.least) masked.fill(1, max(0, k - BURST.of - BURST.before), k + BURST.after);
  }
  return masked;
}

/** Loudness over time from the power of frames. @source our model */
export function envelopeOf(framed: Float64Array): Envelope {
  const levelDb = slowLevelDb(framed);
  const power = new Float64Array(framed.length);
  for (let k = 0; k < framed.length; k++) {
    const place = k / LEVEL.every;
    const i = Math.floor(place);
    const [before, after] = [levelDb[i] ?? 0, levelDb[i + 1] ?? levelDb[i] ?? 0];
    power[k] = (framed[k] ?? 0) / 10 ** ((before + (place - i) * (after - before)) / 10);
  }
  return { power, levelDb, masked: maskOf(power) };
}
