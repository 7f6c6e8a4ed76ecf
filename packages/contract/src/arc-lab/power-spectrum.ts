import { type PowerSpectrum, SPECTRUM_FRAME } from '@hot-bead/core/arc-lab';
import FFT from 'fft.js';

/** The power spectrum that the core reads a recording by, made once: half the frame's length of values and one. */
export function powerSpectrum(size = SPECTRUM_FRAME): PowerSpectrum {
  const fft = new FFT(size);
  const out = fft.createComplexArray() as number[];
  return (frame) => {
    fft.realTransform(out, frame);
    return Float64Array.from(
      { length: size / 2 + 1 },
      (_, i) => (out[2 * i] ?? 0) ** 2 + (out[2 * i + 1] ?? 0) ** 2,
    );
  };
}
