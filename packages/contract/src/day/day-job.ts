import type { DayJob } from '@hot-bead/core/day';
import type { DayTasks } from './day.ts';
import type { Job } from '../plan/job.ts';
import type { KeptPiece } from './piece.ts';

/** A job as a task of the day: what it does not say itself, its piece says. */
export function dayJob(job: Job, piece: KeptPiece | undefined): DayJob {
  const { id, title, work, own, task } = job;
  const { minutes, due = piece?.due, notBefore, weight = piece?.weight, pinMachineId, pinAfter } = task;
  return {
    id,
    title,
    work,
    own,
    ...(piece?.numberOff === undefined ? {} : { pieces: piece.numberOff }),
    ...(minutes === undefined ? {} : { minutes }),
    ...(due === undefined ? {} : { due }),
    ...(notBefore === undefined ? {} : { notBefore }),
    ...(weight === undefined ? {} : { weight }),
    ...(pinMachineId === undefined
      ? {}
      : { pin: { machineId: pinMachineId, ...(pinAfter === undefined ? {} : { after: pinAfter }) } }),
  };
}

/** The tasks of a day, in the order in which they were filed. */
export function dayJobs({ jobs, pieces }: DayTasks): readonly DayJob[] {
  const byId = new Map(pieces.map((piece) => [piece.id, piece] as const));
  return jobs.map((job) => dayJob(job, byId.get(job.task.pieceId ?? '')));
}
