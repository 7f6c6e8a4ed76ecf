import type { Sound } from '@hot-bead/core/arc-lab';
import { WaveFile } from './wave-file.ts';

/** A WAV read to one channel, or why it cannot be. */
export type WavReading =
  | { readonly status: 'read'; readonly sound: Sound & { readonly samples: Float32Array } }
  | { readonly status: 'unreadable'; readonly message: string };

/** Largest WAV that is read: a minute of stereo at 96 kHz and 32 bit, and a little. */
export const WAV_BYTES_MOST = 48 * 1024 * 1024;

/** Full scale of plain samples by bits, and where nought lies. */
const SCALES: Readonly<Record<string, readonly [nought: number, fullScale: number]>> = {
  '8': [128, 128],
  '16': [0, 2 ** 15],
  '24': [0, 2 ** 23],
  '32': [0, 2 ** 31],
  '32f': [0, 1],
};

function unreadable(message: string): WavReading {
  return { status: 'unreadable', message };
}

function power(samples: ArrayLike<number>, nought: number): number {
  let sum = 0;
  for (let i = 0; i < samples.length; i++) sum += ((samples[i] ?? 0) - nought) ** 2;
  return sum;
}

/**
 * One channel of a WAV, full scale 1: of two the louder one, so that microphones facing each other cannot cancel out.
 *
 * @param bytes plain WAV of 8, 16, 24 or 32 bit
 */
export function readWav(bytes: Uint8Array): WavReading {
  if (bytes.length > WAV_BYTES_MOST) return unreadable('It is larger than a minute of sound can be.');
  const wav = new WaveFile();
  try {
    wav.fromBuffer(bytes);
  } catch {
    return unreadable('It is not a WAV file, or a broken one. Save the recording as WAV.');
  }
  const scale = SCALES[wav.bitDepth];
  if (!scale)
    return unreadable(
      'Its samples are of a kind that is not read here: compressed, or of 64 bit. Save it as plain WAV of 16 bit.',
    );
  const [nought, fullScale] = scale;
  const { sampleRate } = wav.fmt as { readonly sampleRate: number };
  const decoded = wav.getSamples(false, Float64Array) as unknown as Float64Array | readonly Float64Array[];
  const channels = decoded instanceof Float64Array ? [decoded] : decoded;
  const [first] = channels;
  if (!first || first.length === 0 || !(sampleRate > 0)) return unreadable('There is no sound in it.');
  const loudest = channels.reduce(
    (best, one) => (power(one, nought) > power(best, nought) ? one : best),
    first,
  );
  const samples = Float32Array.from(loudest, (one) => (one - nought) / fullScale);
  if (!samples.every(Number.isFinite)) return unreadable('It holds samples that are no numbers.');
  return { status: 'read', sound: { samples, rate: sampleRate } };
}

/** A WAV of one channel and 16 bit. @param samples full scale 1; what goes beyond is cut off */
export function writeWav({ samples, rate }: Sound): Uint8Array {
  const wav = new WaveFile();
  const whole = Int16Array.from(samples, (one) => Math.round(Math.max(-1, Math.min(1, one)) * 32_767));
  wav.fromScratch(1, rate, '16', whole);
  return wav.toBuffer();
}
