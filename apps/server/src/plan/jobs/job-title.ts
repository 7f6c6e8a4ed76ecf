import { completeWork, type StatedWork, workTitle } from '@hot-bead/core/plan';

/** A job in words: its work, or its line while it has no thickness. */
export function jobTitle(work: StatedWork, line: string): string {
  const complete = completeWork(work);
  return complete ? workTitle(complete.work) : line || 'Untitled job';
}
