import FFT from 'fft.js';
import { type PowerSpectrum, SPECTRUM_FRAME } from '../src/arc-lab/sound/sound-features.ts';

/** The power spectrum of a frame by the library. */
export function librarySpectrum(): PowerSpectrum {
  const fft = new FFT(SPECTRUM_FRAME);
  const out = fft.createComplexArray() as number[];
  return (frame) => {
    fft.realTransform(out, frame);
    return Float64Array.from(
      { length: SPECTRUM_FRAME / 2 + 1 },
      (_, i) => (out[2 * i] ?? 0) ** 2 + (out[2 * i + 1] ?? 0) ** 2,
    );
  };
}
