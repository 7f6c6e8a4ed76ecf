import type { WeldedRun } from './weld-run.ts';

/**
 * Number of the run that comes next: the first of the list of which none came out well, or was told without how it came out.
 *
 * @param count runs in the plan's list
 * @returns undefined where all were welded
 */
export function nextRunNumber(count: number, runs: readonly WeldedRun[]): number | undefined {
  const done = new Set(
    runs.flatMap(({ run, result = 'ok' }) => (run === undefined || result !== 'ok' ? [] : [run])),
  );
  for (let number = 1; number <= count; number += 1) if (!done.has(number)) return number;
  return undefined;
}
