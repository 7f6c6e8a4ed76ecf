import type { SoundWeights } from '../src/arc-lab/sound/sound-weights.ts';

/**
 * Our own fit: 552 stretches of 3 s of simulated sound (9 classes; clean, wn10, echo3, phone), by a library's BFGS. Written by scripts/fit-sound.mjs.
 */
export const OWN_SOUND_WEIGHTS: SoundWeights = {
  features: {
    lnRate: {
      mean: 3.54,
      deviation: 1.37,
      weights: [-0.13, 1.51, 3.59, 2.6, -2.11, -3.13, 0.74, -3.89, 0.81],
    },
    cv: { mean: 0.26, deviation: 0.19, weights: [-4.48, -2.56, -0.46, 0.77, 1.05, 1.58, -0.03, 1.33, 2.8] },
    short: {
      mean: 0.07,
      deviation: 0.21,
      weights: [0.5, -1.06, -0.87, -0.58, -0.05, -1.17, 1.9, 0.01, 1.32],
    },
    lnA: { mean: 0.28, deviation: 0.17, weights: [5.07, 1.3, -1.6, -2.4, -1.87, 0.7, 0.39, -1.26, -0.34] },
    corr: { mean: 0.3, deviation: 0.31, weights: [2.58, 1.12, 0.9, -0.58, 0.99, -0.81, -0.55, -0.72, -2.92] },
    r4: { mean: 0.35, deviation: 0.24, weights: [2.13, 1.29, -1.24, -0.58, 1.1, -2.96, 1.43, -0.32, -0.86] },
    r6: { mean: 0.28, deviation: 0.23, weights: [-0.7, -0.45, 0.53, 1.04, 0.3, 1.64, -1.29, -0.92, -0.15] },
    depth: {
      mean: -9.07,
      deviation: 8.48,
      weights: [0.61, 1.26, 0.29, 0.29, -2.88, -1.05, -0.42, 1.39, 0.52],
    },
    quiet: {
      mean: 0.25,
      deviation: 0.15,
      weights: [0.01, -0.36, -0.49, -1.49, 1.05, 0.1, 0.17, -0.63, 1.65],
    },
    acf: { mean: 0.29, deviation: 0.24, weights: [0.4, 0.36, 0.57, -2.97, -1.36, 0.36, 4.2, -0.18, -1.38] },
    click: {
      mean: 14.19,
      deviation: 35.44,
      weights: [-1.07, 0.9, -0.14, 0.6, 1.82, 0.56, -0.59, -1.71, -0.36],
    },
    sp1: {
      mean: 6.22,
      deviation: 3.48,
      weights: [0.78, 0.94, -0.24, -0.24, -1.15, -2.97, 1.12, -0.32, 2.09],
    },
    sp2: {
      mean: 8.92,
      deviation: 16.55,
      weights: [0.92, 1.21, 0.52, -1.03, -1.08, -0.64, 0.07, 0.05, -0.02],
    },
    mid: {
      mean: -7.29,
      deviation: 8.75,
      weights: [0.26, 0.31, 1.02, 0.87, -2.21, 0.69, -0.16, -0.47, -0.33],
    },
  },
  constants: [-2.51, 0.92, 1.46, 1.12, -0.18, 0.29, -0.38, -0.25, -0.47],
};
