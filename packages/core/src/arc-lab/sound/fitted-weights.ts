import type { SoundWeights } from './sound-weights.ts';

/**
 * The weights that a recording is read by: fitted to sound of the same arc model, under rooms, microphones and noises that were made up too. Two decimals
 * decide as well as more. Source: handbook figures, fitted to simulated sound, no real recording; a fit of our own agrees with them.
 */
export const SOUND_WEIGHTS: SoundWeights = {
  features: {
    lnRate: {
      mean: 3.41,
      deviation: 1.44,
      weights: [2.61, 5.84, 5.42, 0.64, -7.61, -3.55, 0.4, -5.95, 2.28],
    },
    cv: { mean: 0.41, deviation: 0.31, weights: [-0.86, -0.9, -1.02, -1.16, -0.38, 1.38, -0.18, 2.14, 0.98] },
    short: {
      mean: 0.05,
      deviation: 0.13,
      weights: [-4.04, -1.53, -1.49, 0.17, -0.86, 1.97, 1.81, 0.96, 3.02],
    },
    lnA: {
      mean: 0.35,
      deviation: 0.29,
      weights: [4.29, 0.73, -1.83, -0.49, -1.02, -0.16, -2.26, 0.9, -0.16],
    },
    corr: { mean: 0.24, deviation: 0.29, weights: [1.68, 1.14, -0.37, -0.79, 0.2, -0.27, 0.07, 0.15, -1.79] },
    r4: {
      mean: 0.33,
      deviation: 0.24,
      weights: [5.02, 1.17, -1.55, -1.05, -0.25, -2.97, -0.53, 1.78, -1.61],
    },
    r6: { mean: 0.28, deviation: 0.27, weights: [-1.08, -0.72, 1.42, 0.6, 0.48, 1.05, 0.36, -0.98, -1.13] },
    depth: {
      mean: -9.8,
      deviation: 8.43,
      weights: [0.79, 0.49, 0.92, -0.13, -0.57, -1.26, -0.64, 0.05, 0.36],
    },
    quiet: { mean: 0.26, deviation: 0.16, weights: [-2.7, -0.71, -1.0, 0.27, 0.67, 0.96, -0.47, -0.7, 3.67] },
    acf: {
      mean: 0.27,
      deviation: 0.21,
      weights: [-0.67, 0.78, 1.07, -1.07, -0.26, 0.38, 3.62, -0.54, -3.34],
    },
    click: {
      mean: 18.91,
      deviation: 7.49,
      weights: [-1.34, 0.18, 0.58, 1.75, 2.94, 1.27, -5.2, -1.82, 1.65],
    },
    sp1: { mean: 7.98, deviation: 4.83, weights: [0.72, 1.09, 0.98, 0.43, -1.51, -2.34, 1.27, -1.67, 1.0] },
    sp2: { mean: 9.46, deviation: 9.97, weights: [1.58, 1.57, 1.59, -1.49, -1.7, -1.45, 1.03, 0.17, -1.31] },
    mid: {
      mean: -8.43,
      deviation: 8.89,
      weights: [0.77, 0.89, 0.65, -0.21, -1.87, 2.71, -0.45, -1.86, -0.63],
    },
  },
  constants: [-3.2, -1.17, 0.09, 2.17, 0.55, 0.96, 0.46, 0.21, -0.2],
};
