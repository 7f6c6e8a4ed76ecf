import { contract } from '../../../api/contract.ts';
import type { KeptRun, NewRun, RunChange } from '@hot-bead/contract/records';
import { changeOf } from '@hot-bead/core/history';
import { type QueryClient, queryOptions, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../../api/client.ts';
import { sendAway, sendChange } from '../../../commands/send-change.ts';
import { useCommand } from '../../../commands/use-command.ts';

const readRun = readBy<KeptRun>(async () => (await contract.records()).keptRunSchema);
const keys = {
  ofJob: (jobId: string) => ['runs', 'job', jobId] as const,
  ofMachine: (machineId: string) => ['runs', 'machine', machineId] as const,
};

/** Runs of a job, in the order welded. */
export function runListQuery(jobId: string) {
  return queryOptions({
    queryKey: keys.ofJob(jobId),
    queryFn: () =>
      api(
        'GET',
        `/jobs/${jobId}/runs`,
        readBy(async () => (await contract.records()).runListSchema),
      ),
  });
}

/** Runs that were welded last on a machine: as many as can matter for its duty. */
export function lastRunsQuery(machineId: string) {
  return queryOptions({
    queryKey: keys.ofMachine(machineId),
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

/** What a run touches: its job's list, its machine's tip and duty, what is left in Stores. */
function anew(client: QueryClient): void {
  for (const key of ['runs', 'machines', 'stock', 'events']) {
    void client.invalidateQueries({ queryKey: [key] });
  }
}

function useRunCommand<Input, Output>(send: (input: Input, command: string) => Promise<Output>) {
  const client = useQueryClient();
  return useCommand({ send, onDone: () => anew(client) });
}

export function useKeepRun(jobId: string) {
  return useRunCommand((run: NewRun, command) =>
    api('POST', `/jobs/${jobId}/runs`, readRun, { body: { id: command, ...run }, command }),
  );
}

/** Corrects a run; null takes away what was told. */
export function useChangeRun({ id, jobId, version }: KeptRun) {
  return useRunCommand((change: Omit<RunChange, 'version'>, command) =>
    sendChange<KeptRun>({
      kind: 'run',
      path: `/jobs/${jobId}/runs/${id}`,
      read: readRun,
      branches: [],
      change: changeOf(change, []),
      version,
      command,
    }),
  );
}

/** Takes a run away, in the version that was seen: Stores get back what it took. */
export function useTakeRunAway() {
  return useRunCommand(({ id, jobId, version }: KeptRun, command) =>
    sendAway({ kind: 'run', path: `/jobs/${jobId}/runs/${id}`, version, command }),
  );
}
