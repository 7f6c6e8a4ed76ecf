import type { Job } from '@hot-bead/contract/plan';

/** A job without beads, changed here and there. */
export function jobOf(over: Partial<Job> = {}): Job {
  return {
    id: 'j',
    version: 1,
    title: '2 mm lap',
    line: '2 mm lap',
    work: {},
    own: {},
    task: {},
    dialIn: {},
    machine: null,
    beadCount: 0,
    acknowledged: [],
    createdAt: '2026-11-01T08:00:00.000Z',
    updatedAt: '2026-11-01T08:00:00.000Z',
    ...over,
  };
}
