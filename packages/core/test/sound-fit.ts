import numeric from 'numeric';
import { SOUND_FEATURES, type SoundFeatures } from '../src/arc-lab/sound/sound-features.ts';
import {
  SOUND_CLASSES,
  type SoundClass,
  type SoundWeights,
  standardised,
} from '../src/arc-lab/sound/sound-weights.ts';

/** One stretch of sound with what it is. */
export interface LabelledFeatures {
  readonly features: SoundFeatures;
  readonly soundClass: SoundClass;
}

/** Strength with which weights are held small. */
const HELD = 3e-4;

function meansAndSpreads(rows: readonly LabelledFeatures[]): SoundWeights {
  const entries = SOUND_FEATURES.map((name) => {
    const values = rows.map(({ features }) => features[name]);
    const mean = values.reduce((sum, one) => sum + one, 0) / values.length;
    const square = values.reduce((sum, one) => sum + (one - mean) ** 2, 0) / values.length;
    return [name, { mean, deviation: Math.sqrt(square) || 1, weights: SOUND_CLASSES.map(() => 0) }] as const;
  });
  return {
    features: Object.fromEntries(entries) as unknown as SoundWeights['features'],
    constants: SOUND_CLASSES.map(() => 0),
  };
}

/** Weights by multinomial logistic regression, each class counting alike, minimised by the library (BFGS). */
export function fittedWeights(rows: readonly LabelledFeatures[]): SoundWeights {
  const blank = meansAndSpreads(rows);
  const x = rows.map(({ features }) => [...standardised(features, blank), 1]);
  const y = rows.map(({ soundClass }) => SOUND_CLASSES.indexOf(soundClass));
  const [classes, width] = [SOUND_CLASSES.length, SOUND_FEATURES.length + 1];
  const count = SOUND_CLASSES.map((_, c) => y.filter((one) => one === c).length);
  const lossAt = (w: readonly number[]): { readonly loss: number; readonly slope: number[] } => {
    const slope = w.map((one) => 2 * HELD * one);
    let sum = HELD * w.reduce((all, one) => all + one * one, 0);
    x.forEach((row, r) => {
      const truth = y[r] ?? 0;
      const scores = SOUND_CLASSES.map((_, c) =>
        row.reduce((all, one, i) => all + one * (w[c * width + i] ?? 0), 0),
      );
      const most = Math.max(...scores);
      const shares = scores.map((one) => Math.exp(one - most));
      const whole = shares.reduce((all, one) => all + one, 0);
      const weight = 1 / (classes * (count[truth] ?? 1));
      sum -= weight * Math.log((shares[truth] ?? 0) / whole + 1e-300);
      shares.forEach((share, c) => {
        const off = weight * (share / whole - (c === truth ? 1 : 0));
        row.forEach((one, i) => {
          slope[c * width + i] = (slope[c * width + i] ?? 0) + off * one;
        });
      });
    });
    return { loss: sum, slope };
  };
  const { solution: w } = numeric.uncmin(
    (one: number[]) => lossAt(one).loss,
    new Array<number>(classes * width).fill(0),
    1e-7,
    (one: number[]) => lossAt(one).slope,
    400,
  );
  const at = (c: number, i: number): number => w[c * width + i] ?? 0;
  return {
    features: Object.fromEntries(
      SOUND_FEATURES.map((name, i) => [
        name,
        { ...blank.features[name], weights: SOUND_CLASSES.map((_, c) => at(c, i)) },
      ]),
    ) as unknown as SoundWeights['features'],
    constants: SOUND_CLASSES.map((_, c) => at(c, width - 1)),
  };
}
