import { inMetric } from '@hot-bead/core/base';
import { completeWork, type StatedWork, workTitle } from '@hot-bead/core/plan';

/** A job in words, as it is kept: its work in the core's own units, or its line while it has no thickness. */
export function jobTitle(work: StatedWork, line: string): string {
  const complete = completeWork(work);
  return complete ? inMetric(workTitle(complete.work)) : line || 'Untitled job';
}
