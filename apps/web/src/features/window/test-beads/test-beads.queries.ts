import { contract } from '../../../api/contract.ts';
import type { KeptTestBead, NewTestBead, TestBeadChange } from '@hot-bead/contract/dial-in';
import type { WeldedWith } from '@hot-bead/core/dial-in';
import { changeOf } from '@hot-bead/core/history';
import { beadVerdict } from '@hot-bead/core/window';
import { queryOptions, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../../api/client.ts';
import { sendAway, sendChange } from '../../../commands/send-change.ts';
import { useCommand } from '../../../commands/use-command.ts';
import { JOBS_KEY } from '../../../api/query-keys.ts';

export const testBeadKeys = { ofJob: (jobId: string) => ['test-beads', jobId] as const };

const readBead = readBy<KeptTestBead>(async () => (await contract.dialIn()).testBeadSchema);

export function testBeadListQuery(jobId: string) {
  return queryOptions({
    queryKey: testBeadKeys.ofJob(jobId),
    queryFn: () =>
      api(
        'GET',
        `/jobs/${jobId}/test-beads`,
        readBy(async () => (await contract.dialIn()).testBeadListSchema),
      ),
  });
}

/** A bead as it was seen, and what of it changes. */
interface ChangedBead {
  readonly bead: KeptTestBead;
  readonly change: Omit<TestBeadChange, 'version'>;
}

/** What is shown before the server has answered, and how it is taken back. */
interface AtOnce<Input> {
  readonly onMutate: (input: Input) => Promise<KeptTestBead[] | undefined>;
  readonly onError: (before: KeptTestBead[] | undefined) => void;
}

function useBeadCommand<Input, Output>(
  jobId: string,
  send: (input: Input, command: string) => Promise<Output>,
  atOnce?: AtOnce<Input>,
) {
  const client = useQueryClient();
  return useCommand<Input, Output, KeptTestBead[] | undefined>({
    send,
    ...atOnce,
    onDone: () => {
      void client.invalidateQueries({ queryKey: testBeadKeys.ofJob(jobId) });
      void client.invalidateQueries({ queryKey: JOBS_KEY });
      // a bead makes the gun hot and the tip older
      void client.invalidateQueries({ queryKey: ['machines'] });
      // and may prove a setting, or speak against one
      void client.invalidateQueries({ queryKey: ['learning'] });
    },
  });
}

/** A bead to be logged, and what it was welded with as far as the screen knows. */
interface ReportedBead {
  readonly bead: NewTestBead;
  readonly weldedWith: WeldedWith | null;
}

/** The id of a bead that the server has not answered for yet. */
const BEING_LOGGED = 'being-logged';

/** Whether a bead is kept: until then nothing can be made of it. */
export function isKeptBead({ id }: KeptTestBead): boolean {
  return id !== BEING_LOGGED;
}

/** A bead as it is shown until the server has answered. */
function shownBead(
  jobId: string,
  { bead, weldedWith }: ReportedBead,
  beads: readonly KeptTestBead[],
): KeptTestBead {
  const { id: _id, note = '', ...reported } = bead;
  return {
    ...reported,
    id: BEING_LOGGED,
    version: 1,
    jobId,
    number: Math.max(0, ...beads.map(({ number }) => number)) + 1,
    note,
    verdict: beadVerdict(bead),
    plan: null,
    weldedWith,
    createdAt: new Date().toISOString(),
  };
}

/** Logs a bead: it stands in the ladder at once, and goes again where the server refuses it. */
export function useReportBead(jobId: string) {
  const client = useQueryClient();
  const key = testBeadKeys.ofJob(jobId);
  return useBeadCommand(
    jobId,
    ({ bead }: ReportedBead, command) =>
      api('POST', `/jobs/${jobId}/test-beads`, readBead, { body: { id: command, ...bead }, command }),
    {
      onMutate: async (asked) => {
        await client.cancelQueries({ queryKey: key });
        const before = client.getQueryData<KeptTestBead[]>(key);
        if (before) client.setQueryData(key, [...before, shownBead(jobId, asked, before)]);
        return before;
      },
      onError: (before) => {
        if (before) client.setQueryData(key, before);
      },
    },
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
