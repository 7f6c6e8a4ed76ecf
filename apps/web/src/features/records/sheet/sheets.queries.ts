import { contract } from '../../../api/contract.ts';
import type { KeptSheet, NewSheetRevision } from '@hot-bead/contract/records';
import { queryOf, recordSpine } from '../../../commands/record-spine.ts';

const KEY = ['sheets'] as const;
const sheets = recordSpine<KeptSheet>({
  kind: 'sheet',
  schema: async () => (await contract.records()).keptSheetSchema,
  path: ({ id, jobId }) => `/jobs/${jobId}/sheets/${id}`,
  touches: [KEY],
});

/** Revisions of a job's procedure sheet, the last first. */
export function sheetListQuery(jobId: string) {
  const schema = async () => (await contract.records()).sheetListSchema;
  return queryOf([...KEY, jobId], `/jobs/${jobId}/sheets`, schema);
}

export const useKeepSheet = (jobId: string) => sheets.useCreate<NewSheetRevision>(`/jobs/${jobId}/sheets`);
