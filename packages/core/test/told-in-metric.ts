import { METRIC } from '../src/base/quantity/unit-choice.ts';
import { allInWords, type InWords } from '../src/base/words/all-in-words.ts';

/** A function whose answers come with every text put into words, in metric. */
export function toldInMetric<Args extends readonly unknown[], Result>(
  of: (...args: Args) => Result,
): (...args: Args) => InWords<Result> {
  return (...args) => allInWords(of(...args), { units: METRIC });
}
