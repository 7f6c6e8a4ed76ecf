import { contract } from '../../../api/contract.ts';
import type { KeptRun, NewRun, RunChange } from '@hot-bead/contract/records';
import { queryOptions } from '@tanstack/react-query';
import { api, readBy } from '../../../api/client.ts';
import { queryOf, recordSpine } from '../../../commands/record-spine.ts';

/** A run touches its job's list, its machine's tip and duty, what is left in Stores. */
const runs = recordSpine<KeptRun>({
  kind: 'run',
  schema: async () => (await contract.records()).keptRunSchema,
  path: ({ id, jobId }) => `/jobs/${jobId}/runs/${id}`,
  touches: [['runs'], ['machines'], ['stock']],
});

/** Runs of a job, in the order welded. */
export function runListQuery(jobId: string) {
  const schema = async () => (await contract.records()).runListSchema;
  return queryOf(['runs', 'job', jobId], `/jobs/${jobId}/runs`, schema);
}

/** Runs that were welded last on a machine: as many as can matter for its duty. */
export function lastRunsQuery(machineId: string) {
  return queryOptions({
    queryKey: ['runs', 'machine', machineId],
    queryFn: async () => {
      const page = await api(
        'GET',
        `/runs?machine=${encodeURIComponent(machineId)}&limit=50`,
        readBy(async () => (await contract.records()).runPageSchema),
      );
      return page.items;
    },
  });
}

export const useKeepRun = (jobId: string) => runs.useCreate<NewRun>(`/jobs/${jobId}/runs`);
/** Corrects a run; null takes away what was told. */
export const useChangeRun = runs.useChange<Omit<RunChange, 'version'>>;
/** Takes a run away: Stores get back what it took. */
export const useTakeRunAway = runs.usePutAway;
