import type { KeptTestBead, NewTestBead, TestBeadChange } from '@hot-bead/contract';
import { changeOf } from '@hot-bead/core';
import { queryOptions, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { sendAway, sendChange } from '../../commands/send-change.ts';
import { useCommand } from '../../commands/use-command.ts';
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

/** A bead as it was seen, and what of it changes. */
interface ChangedBead {
  readonly bead: KeptTestBead;
  readonly change: Omit<TestBeadChange, 'version'>;
}

function useBeadCommand<Input, Output>(
  jobId: string,
  send: (input: Input, command: string) => Promise<Output>,
) {
  const client = useQueryClient();
  return useCommand({
    send,
    onDone: () => {
      void client.invalidateQueries({ queryKey: testBeadKeys.ofJob(jobId) });
      void client.invalidateQueries({ queryKey: jobKeys.all });
      // a bead makes the gun hot and the tip older
      void client.invalidateQueries({ queryKey: ['machines'] });
    },
  });
}

export function useReportBead(jobId: string) {
  return useBeadCommand(jobId, (bead: NewTestBead, command) =>
    api('POST', `/jobs/${jobId}/test-beads`, readBead, { body: { id: command, ...bead }, command }),
  );
}

/** Corrects what was reported of a bead; null takes a field away. */
export function useChangeBead(jobId: string) {
  return useBeadCommand(jobId, ({ bead, change }: ChangedBead, command) =>
    sendChange<KeptTestBead>({
      kind: 'test-bead',
      path: `/jobs/${jobId}/test-beads/${bead.id}`,
      read: readBead,
      branches: [],
      change: changeOf(change, []),
      version: bead.version,
      command,
    }),
  );
}

/** Takes a bead away, in the version that was seen. */
export function useRemoveBead(jobId: string) {
  return useBeadCommand(jobId, ({ id, version }: KeptTestBead, command) =>
    sendAway({ kind: 'test-bead', path: `/jobs/${jobId}/test-beads/${id}`, version, command }),
  );
}
