import { contract } from '../../../api/contract.ts';
import type { InspectionChange, KeptInspection, NewInspection } from '@hot-bead/contract/records';
import { changeOf, INSPECTION_BRANCHES } from '@hot-bead/core/history';
import { queryOptions, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../../api/client.ts';
import { sendAway, sendChange } from '../../../commands/send-change.ts';
import { useCommand } from '../../../commands/use-command.ts';

const readInspection = readBy<KeptInspection>(async () => (await contract.records()).keptInspectionSchema);
const KEY = ['inspections'] as const;

/** Inspections of a job, last looked at first. */
export function inspectionListQuery(jobId: string) {
  return queryOptions({
    queryKey: [...KEY, jobId],
    queryFn: () =>
      api(
        'GET',
        `/jobs/${jobId}/inspections`,
        readBy(async () => (await contract.records()).inspectionListSchema),
      ),
  });
}

function useInspectionCommand<Input, Output>(send: (input: Input, command: string) => Promise<Output>) {
  const client = useQueryClient();
  return useCommand({
    send,
    onDone: () => {
      void client.invalidateQueries({ queryKey: KEY });
      void client.invalidateQueries({ queryKey: ['events'] });
    },
  });
}

export function useKeepInspection(jobId: string) {
  return useInspectionCommand((inspection: NewInspection, command) =>
    api('POST', `/jobs/${jobId}/inspections`, readInspection, {
      body: { id: command, ...inspection },
      command,
    }),
  );
}

/** What of an inspection was changed, as it was seen. */
export interface ChangedInspection {
  readonly inspection: KeptInspection;
  readonly change: Omit<InspectionChange, 'version'>;
}

export function useChangeInspection() {
  return useInspectionCommand(({ inspection, change }: ChangedInspection, command) =>
    sendChange<KeptInspection>({
      kind: 'inspection',
      path: `/jobs/${inspection.jobId}/inspections/${inspection.id}`,
      read: readInspection,
      branches: INSPECTION_BRANCHES,
      change: changeOf(change, INSPECTION_BRANCHES),
      version: inspection.version,
      command,
    }),
  );
}

export function useTakeInspectionAway() {
  return useInspectionCommand(({ id, jobId, version }: KeptInspection, command) =>
    sendAway({ kind: 'inspection', path: `/jobs/${jobId}/inspections/${id}`, version, command }),
  );
}
