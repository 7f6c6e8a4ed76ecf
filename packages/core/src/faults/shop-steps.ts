import { clamped } from '../base/numeric/point-curve.ts';
import { type CauseId, causesIn, type TableCause } from './causes.ts';
import type { FaultProcess } from './fault-process.ts';

/** How many cases of its own a shop needs for them to weigh as much as the tables. Source: our judgement. */
const TABLES_WEIGH_CASES = 200;
/** Most that a shop's own cases move how common a cause is, steps of the scale. */
const MOST_STEPS = 1;

/** How often a cause was what was wrong. */
export type CauseCounts = Readonly<Partial<Record<CauseId, number>>>;

/**
 * By how many steps of the scale of how common a cause is a shop's own closed cases move it: at most one either way,
 * little while the cases are few, and a danger never down.
 *
 * @param counts closed cases of this process by cause
 * @returns steps that are not nothing, by cause
 */
export function shopSteps(
  process: FaultProcess,
  counts: CauseCounts,
): Readonly<Partial<Record<CauseId, number>>> {
  const open = causesIn(process);
  const weight = (cause: TableCause): number => 2 ** ((cause.prior[process] ?? 1) - 1);
  const total = open.reduce((sum, cause) => sum + weight(cause), 0);
  const cases = open.reduce((sum, { id }) => sum + (counts[id] ?? 0), 0);
  if (cases === 0) return {};
  return Object.fromEntries(
    open.flatMap((cause) => {
      const share = weight(cause) / total;
      const own = ((counts[cause.id] ?? 0) + TABLES_WEIGH_CASES * share) / (cases + TABLES_WEIGH_CASES);
      const steps = clamped(Math.log2(own / share), [cause.isDanger ? 0 : -MOST_STEPS, MOST_STEPS]);
      return steps === 0 ? [] : [[cause.id, steps] as const];
    }),
  );
}
