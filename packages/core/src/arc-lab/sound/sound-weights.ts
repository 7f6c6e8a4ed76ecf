import { DIP_CLASSES } from '../model/arc-class.ts';
import { type SoundFeature, SOUND_FEATURES, type SoundFeatures } from './sound-features.ts';

const { exp, max, min } = Math;

/** What a sound is weighed for: the classes of short arc, and three things that are answered by a refusal. */
export const SOUND_CLASSES = [...DIP_CLASSES, 'pulse', 'hiss', 'two'] as const;
export type SoundClass = (typeof SOUND_CLASSES)[number];
export type SoundChances = Readonly<Record<SoundClass, number>>;

/** Weights of each feature for each class, in the order of {@link SOUND_CLASSES}, with the mean and spread it is measured by. */
export interface SoundWeights {
  readonly features: Readonly<
    Record<
      SoundFeature,
      { readonly mean: number; readonly deviation: number; readonly weights: readonly number[] }
    >
  >;
  readonly constants: readonly number[];
}

/** How far a feature counts off its mean at most, deviations; and what softens the chances. Source: our model. */
const FURTHEST = 3;
const SOFTENED_BY = 0.6;

/** Features as deviations from their means, held to ±3. */
export function standardised(features: SoundFeatures, { features: rows }: SoundWeights): readonly number[] {
  return SOUND_FEATURES.map((name) => {
    const { mean, deviation } = rows[name];
    return max(-FURTHEST, min(FURTHEST, (features[name] - mean) / deviation));
  });
}

/** How likely each class is by features: they come to 1. @source softmax over a linear score; weights fitted to simulated sound */
export function weighSound(features: SoundFeatures, weights: SoundWeights): SoundChances {
  const z = standardised(features, weights);
  const scores = SOUND_CLASSES.map((_, c) =>
    SOUND_FEATURES.reduce(
      (sum, name, i) => sum + (z[i] ?? 0) * (weights.features[name].weights[c] ?? 0),
      weights.constants[c] ?? 0,
    ),
  );
  const most = max(...scores);
  const shares = scores.map((score) => exp((score - most) / SOFTENED_BY));
  const whole = shares.reduce((sum, one) => sum + one, 0);
  return Object.fromEntries(SOUND_CLASSES.map((name, c) => [name, (shares[c] ?? 0) / whole])) as SoundChances;
}
