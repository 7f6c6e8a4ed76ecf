const { PI, cos, sin } = Math;

/** Q of the two halves of a fourth-order Butterworth filter. Source: its pole angles, 1/(2 cos(π/8)) and 1/(2 cos(3π/8)). */
const BUTTERWORTH_Q = [0.5412, 1.3066] as const;
/** Where the clicks of an arc stand clear of hum and of coding, Hz. Source: our model. */
export const CLICK_BAND_HZ = [1500, 7000] as const;
/** Highest share of the sample rate that the band reaches. */
const HIGHEST_SHARE = 0.44;

/** A second-order section, run over samples in place. Source: the bilinear transform, recalled. */
function section(samples: Float64Array, kind: 'high' | 'low', hz: number, q: number, rate: number): void {
  const w = (2 * PI * hz) / rate;
  const alpha = sin(w) / (2 * q);
  const c = cos(w);
  const a0 = 1 + alpha;
  const edge = kind === 'high' ? (1 + c) / 2 : (1 - c) / 2;
  const b0 = edge / a0;
  const b1 = (kind === 'high' ? -(1 + c) : 1 - c) / a0;
  const a1 = (-2 * c) / a0;
  const a2 = (1 - alpha) / a0;
  let [x1, x2, y1, y2] = [0, 0, 0, 0];
  for (let i = 0; i < samples.length; i++) {
    const x = samples[i] ?? 0;
    const y = b0 * x + b1 * x1 + b0 * x2 - a1 * y1 - a2 * y2;
    x2 = x1;
    x1 = x;
    y2 = y1;
    y1 = y;
    samples[i] = y;
  }
}

/**
 * The band that the clicks are looked for in: Butterworth, fourth order on either side.
 *
 * @param rate samples a second, 16 000 or more
 */
export function clickBand(samples: ArrayLike<number>, rate: number): Float64Array {
  const out = Float64Array.from(samples);
  const [low, high] = CLICK_BAND_HZ;
  for (const q of BUTTERWORTH_Q) section(out, 'high', low, q, rate);
  for (const q of BUTTERWORTH_Q) section(out, 'low', Math.min(high, HIGHEST_SHARE * rate), q, rate);
  return out;
}
