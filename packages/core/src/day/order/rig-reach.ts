import type { SetupTable } from './day-problem.ts';

/** Most rigs that are followed: beyond it nothing is said about what a need costs at least. Source: our tuning. */
const MOST_RIGS = 600;

/** Rigs that can come about from one, by needs of which one may be left out; undefined where there are too many. */
export function reachableRigs(
  setup: SetupTable,
  rig: number,
  needs: readonly number[],
): readonly number[] | undefined {
  const seen = new Set([rig]);
  // a set is walked in the order of its making, what is added on the way too
  for (const from of seen) {
    if (seen.size > MOST_RIGS) return undefined;
    for (const need of needs) seen.add(setup.next(from, need));
  }
  return [...seen];
}

/** What a need costs at least on a machine. */
export interface LeastEntry {
  /** While nothing of it was done there. */
  readonly first: number;
  /** Coming back to it after something else. */
  readonly again: number;
}

/**
 * The least that it takes to come to a need on a machine, whatever was done before.
 *
 * @param needs all needs of the machine
 */
export function leastEntry(
  setup: SetupTable,
  rig: number,
  needs: readonly number[],
  need: number,
): LeastEntry {
  const others = needs.filter((one) => one !== need);
  const before = reachableRigs(setup, rig, others);
  const all = reachableRigs(setup, rig, needs);
  if (!before || !all) return { first: 0, again: 0 };
  const cost = (from: number): number => setup.minutes(from, need);
  const first = Math.min(...before.map(cost));
  const after = all.flatMap((from) => others.map((other) => cost(setup.next(from, other))));
  return { first, again: after.length === 0 ? 0 : Math.min(...after) };
}
