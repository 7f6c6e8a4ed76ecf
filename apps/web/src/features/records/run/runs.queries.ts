import { contract } from '../../../api/contract.ts';
import type { KeptRun, NewRun, RunChange } from '@hot-bead/contract/records';
import { firstOf, listOf, recordSpine } from '../../../commands/record-spine.ts';

const schema = async () => (await contract.records()).keptRunSchema;
/** A run touches its job's list, its machine's tip and duty, what is left in Stores. */
const runs = recordSpine<KeptRun>({
  kind: 'run',
  schema,
  path: ({ id, jobId }) => `/jobs/${jobId}/runs/${id}`,
  touches: [['runs'], ['machines'], ['stock']],
});

/** Runs of a job, in the order welded. */
export function runListQuery(jobId: string) {
  return listOf(['runs', 'job', jobId], { path: `/jobs/${jobId}/runs` }, schema);
}

/** More than are welded in the time that duty is reckoned over. */
const LAST_RUNS = 50;

/** Runs that were welded last on a machine: as many as can matter for its duty. */
export function lastRunsQuery(machineId: string) {
  const list = { path: '/runs', asked: { machine: machineId } };
  return firstOf(['runs', 'machine', machineId], list, schema, LAST_RUNS);
}

export const useKeepRun = (jobId: string) => runs.useCreate<NewRun>(`/jobs/${jobId}/runs`);
/** Corrects a run; null takes away what was told. */
export const useChangeRun = runs.useChange<Omit<RunChange, 'version'>>;
/** Takes a run away: Stores get back what it took. */
export const useTakeRunAway = runs.usePutAway;
