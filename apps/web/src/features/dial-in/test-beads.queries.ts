import type { KeptTestBead, NewTestBead } from '@hot-bead/contract';
import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { jobKeys } from '../jobs/index.ts';

export const testBeadKeys = { ofJob: (jobId: string) => ['test-beads', jobId] as const };

const readBead = readBy<KeptTestBead>((contract) => contract.testBeadSchema);

export function testBeadListQuery(jobId: string) {
  return queryOptions({
    queryKey: testBeadKeys.ofJob(jobId),
    queryFn: () =>
      api(
        'GET',
        `/jobs/${jobId}/test-beads`,
        readBy((contract) => contract.testBeadListSchema),
      ),
  });
}

function useBeadMutation<Input, Output>(jobId: string, mutationFn: (input: Input) => Promise<Output>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn,
    // Not awaited: the caller's own onSuccess must run before its row is redrawn away.
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: testBeadKeys.ofJob(jobId) });
      void client.invalidateQueries({ queryKey: jobKeys.all });
    },
  });
}

export function useReportBead(jobId: string) {
  return useBeadMutation(jobId, (bead: NewTestBead) =>
    api('POST', `/jobs/${jobId}/test-beads`, readBead, bead),
  );
}

export function useRemoveBead(jobId: string) {
  return useBeadMutation(jobId, (id: string) => api('DELETE', `/jobs/${jobId}/test-beads/${id}`, () => id));
}

export function useRestoreBead(jobId: string) {
  return useBeadMutation(jobId, (id: string) =>
    api('POST', `/jobs/${jobId}/test-beads/${id}/restore`, readBead),
  );
}
