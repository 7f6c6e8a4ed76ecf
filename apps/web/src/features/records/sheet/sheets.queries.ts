import { contract } from '../../../api/contract.ts';
import type { KeptSheet, NewSheetRevision } from '@hot-bead/contract/records';
import { listOf, recordSpine } from '../../../commands/record-spine.ts';

const KEY = ['sheets'] as const;
const schema = async () => (await contract.records()).keptSheetSchema;
const sheets = recordSpine<KeptSheet>({
  kind: 'sheet',
  schema,
  path: ({ id, jobId }) => `/jobs/${jobId}/sheets/${id}`,
  touches: [KEY],
});

/** Revisions of a job's procedure sheet, the last first. */
export function sheetListQuery(jobId: string) {
  return listOf([...KEY, jobId], { path: `/jobs/${jobId}/sheets` }, schema);
}

export const useKeepSheet = (jobId: string) => sheets.useCreate<NewSheetRevision>(`/jobs/${jobId}/sheets`);
