import { contract } from '../../../api/contract.ts';
import type { KeptSheet, NewSheetRevision } from '@hot-bead/contract/records';
import { queryOptions, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../../api/client.ts';
import { useCommand } from '../../../commands/use-command.ts';

const readSheet = readBy<KeptSheet>(async () => (await contract.records()).keptSheetSchema);

/** Revisions of a job's procedure sheet, the last first. */
export function sheetListQuery(jobId: string) {
  return queryOptions({
    queryKey: ['sheets', jobId],
    queryFn: () =>
      api(
        'GET',
        `/jobs/${jobId}/sheets`,
        readBy(async () => (await contract.records()).sheetListSchema),
      ),
  });
}

export function useKeepSheet(jobId: string) {
  const client = useQueryClient();
  return useCommand({
    send: (revision: NewSheetRevision, command) =>
      api('POST', `/jobs/${jobId}/sheets`, readSheet, { body: { id: command, ...revision }, command }),
    onDone: () => {
      void client.invalidateQueries({ queryKey: ['sheets', jobId] });
      void client.invalidateQueries({ queryKey: ['events'] });
    },
  });
}
