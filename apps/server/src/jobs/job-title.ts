import { completeWork, type QuickWork, workTitle } from '@hot-bead/core';

/** A job in words: its work, or its line while it has no thickness. */
export function jobTitle(work: QuickWork, line: string): string {
  const complete = completeWork(work);
  return complete ? workTitle(complete.work) : line || 'Untitled job';
}
