import type { Words } from '../base/words/words.ts';
import type { CauseId } from './causes.ts';
import type { RankedCause } from './rank-causes.ts';

/** A look at the machine, with the causes that it answers together. */
export interface NextCheck {
  readonly check: Words;
  readonly causes: readonly CauseId[];
  readonly minutes: number;
  /** Chance of finding it, a minute of trouble. */
  readonly worth: number;
}

/** What taking something apart adds to a look, as a share of its minutes, and what turning to any look costs, min. Source: our judgement. */
const INVASIVE_SHARE = 0.5;
const TURN_MIN = 0.3;

/** What the trouble of a look is counted as, min: a look that takes something apart counts for more than its minutes. */
function checkTroubleMin(minutes: number, invasive: number): number {
  return minutes * (1 + INVASIVE_SHARE * invasive) + TURN_MIN;
}

/**
 * Looks, the one first that finds most for its trouble; one that answers several causes counts once.
 *
 * @param ranked as `rankCauses` gives it
 * @param done causes that were looked for, and those that cannot be: none of their looks comes again
 */
export function nextChecks(
  ranked: readonly RankedCause[],
  done: readonly CauseId[] = [],
): readonly NextCheck[] {
  const byCheck = new Map<Words, RankedCause[]>();
  for (const one of ranked) {
    if (!one.isShown || done.includes(one.cause.id)) continue;
    byCheck.set(one.cause.check, [...(byCheck.get(one.cause.check) ?? []), one]);
  }
  return [...byCheck.entries()]
    .map(([check, found]) => {
      const minutes = Math.max(...found.map(({ cause }) => cause.checkMin));
      const invasive = Math.max(...found.map(({ cause }) => cause.invasive));
      const share = found.reduce((total, one) => total + (one.fact === 'convicts' ? 1 : one.share), 0);
      return {
        check,
        causes: found.map(({ cause }) => cause.id),
        minutes,
        worth: share / checkTroubleMin(minutes, invasive),
      };
    })
    .toSorted((a, b) => b.worth - a.worth || (a.check < b.check ? -1 : 1));
}
