import { contract } from '../../api/contract.ts';
import type { DayTasks } from '@hot-bead/contract/day';
import type { Job, JobTask } from '@hot-bead/contract/plan';
import { JOB_BRANCHES } from '@hot-bead/core/history';
import { useQueryClient } from '@tanstack/react-query';
import { readBy } from '../../api/client.ts';
import { queryOf } from '../../commands/record-spine.ts';
import { sendChange } from '../../commands/send-change.ts';
import { useCommand } from '../../commands/use-command.ts';
import { jobKeys } from '../plan/jobs/index.ts';

export const dayKey = ['day'] as const;
/** Under this stand pieces, which change with their welds. */
export const pieceKey = ['pieces'] as const;

const readJob = readBy<Job>(async () => (await contract.plan()).jobSchema);

/** What is on the Bench and not yet welded. */
export const dayTasksQuery = queryOf<DayTasks, typeof dayKey>(
  dayKey,
  '/day',
  async () => (await contract.day()).dayTasksSchema,
);

/** What of a task changes; null takes it away. */
export type TaskChange = { readonly [K in keyof JobTask]?: JobTask[K] | null };

function changedTask(task: JobTask, change: TaskChange): JobTask {
  const all = Object.entries({ ...task, ...change }).filter(([, value]) => value !== null);
  return Object.fromEntries(all) as JobTask;
}

interface Asked {
  readonly job: Pick<Job, 'id' | 'version'>;
  readonly change: TaskChange;
}

/** Changes what a job is as a task: shown at once, and taken back where it could not be kept. */
export function useChangeTask() {
  const client = useQueryClient();
  return useCommand<Asked, Job, { before: DayTasks | undefined }>({
    scope: 'day',
    send: ({ job, change }, command) => {
      const now = client.getQueryData<DayTasks>(dayKey)?.jobs.find(({ id }) => id === job.id);
      return sendChange({
        kind: 'job',
        path: `/jobs/${job.id}`,
        read: readJob,
        branches: JOB_BRANCHES,
        change: Object.fromEntries(Object.entries(change).map(([name, value]) => [`task.${name}`, value])),
        version: Math.max(job.version, now?.version ?? 1),
        command,
      });
    },
    onMutate: async ({ job, change }) => {
      await client.cancelQueries({ queryKey: dayKey });
      const before = client.getQueryData<DayTasks>(dayKey);
      const leaves = change.weldedAt !== undefined || change.queued === null;
      client.setQueryData<DayTasks>(dayKey, (day) =>
        day === undefined
          ? day
          : {
              ...day,
              jobs: day.jobs.flatMap((one) => {
                if (one.id !== job.id) return [one];
                return leaves ? [] : [{ ...one, task: changedTask(one.task, change) }];
              }),
            },
      );
      return { before };
    },
    onError: (context) => client.setQueryData(dayKey, context?.before),
    onDone: (job) => {
      client.setQueryData(jobKeys.one(job.id), job);
      client.setQueryData<DayTasks>(dayKey, (day) =>
        day === undefined ? day : { ...day, jobs: day.jobs.map((one) => (one.id === job.id ? job : one)) },
      );
      void client.invalidateQueries({ queryKey: dayKey });
      void client.invalidateQueries({ queryKey: jobKeys.lists() });
      void client.invalidateQueries({ queryKey: pieceKey });
    },
  });
}
