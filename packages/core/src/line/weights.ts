import { FITTED_WEIGHTS } from './fitted-weights.ts';
import { HAND_WEIGHTS, type WeightName } from './hand-weights.ts';

export type Weights = Readonly<Record<WeightName, number>>;

/** What some costs, named once for every time they count, come to. */
export function costOfTerms(terms: readonly WeightName[], weights: Weights): number {
  return terms.reduce((sum, name) => sum + weights[name], 0);
}

/** The costs in use: those set by hand, with what judged lines moved. */
export const WEIGHTS: Weights = { ...HAND_WEIGHTS, ...FITTED_WEIGHTS };

/** A reading this much dearer than the best that says another thing makes the difference a question. Source: our tuning. */
export const ASKING_MARGIN = 0.8;
