import { contract } from '../../../api/contract.ts';
import type { KeptTestBead, NewTestBead, TestBeadChange } from '@hot-bead/contract/dial-in';
import type { WeldedWith } from '@hot-bead/core/dial-in';
import { beadVerdict } from '@hot-bead/core/window';
import { useQueryClient } from '@tanstack/react-query';
import { api } from '../../../api/client.ts';
import { listOf, recordSpine } from '../../../commands/record-spine.ts';
import { JOBS_KEY } from '../../../api/query-keys.ts';

export const testBeadKeys = { ofJob: (jobId: string) => ['test-beads', jobId] as const };

const schema = async () => (await contract.dialIn()).testBeadSchema;
/** A bead makes the gun hot and the tip older, and may prove a setting, or speak against one. */
const beads = recordSpine<KeptTestBead>({
  kind: 'test-bead',
  schema,
  path: ({ id, jobId }) => `/jobs/${jobId}/test-beads/${id}`,
  touches: [['test-beads'], JOBS_KEY, ['machines'], ['learning']],
});

export function testBeadListQuery(jobId: string) {
  return listOf(testBeadKeys.ofJob(jobId), { path: `/jobs/${jobId}/test-beads` }, schema);
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
  return beads.useRecordCommand<ReportedBead, KeptTestBead, readonly KeptTestBead[] | undefined>(
    ({ bead }: ReportedBead, command) =>
      api('POST', `/jobs/${jobId}/test-beads`, beads.read, { body: { id: command, ...bead }, command }),
    {
      onMutate: async (asked: ReportedBead) => {
        await client.cancelQueries({ queryKey: key });
        const before = client.getQueryData<readonly KeptTestBead[]>(key);
        if (before) client.setQueryData(key, [...before, shownBead(jobId, asked, before)]);
        return before;
      },
      onError: (before: readonly KeptTestBead[] | undefined) => {
        if (before) client.setQueryData(key, before);
      },
    },
  );
}

/** Corrects what was reported of a bead; null takes a field away. */
export const useChangeBead = beads.useChange<Omit<TestBeadChange, 'version'>>;
/** Takes a bead away, in the version that was seen. */
export const useRemoveBead = beads.usePutAway;
