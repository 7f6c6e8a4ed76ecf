import { contract } from '../../../api/contract.ts';
import type { InspectionChange, KeptInspection, NewInspection } from '@hot-bead/contract/records';
import { INSPECTION_BRANCHES } from '@hot-bead/core/history';
import { listOf, recordSpine } from '../../../commands/record-spine.ts';

const KEY = ['inspections'] as const;
const schema = async () => (await contract.records()).keptInspectionSchema;
const inspections = recordSpine<KeptInspection>({
  kind: 'inspection',
  schema,
  branches: INSPECTION_BRANCHES,
  path: ({ id, jobId }) => `/jobs/${jobId}/inspections/${id}`,
  touches: [KEY],
});

/** Inspections of a job, last looked at first. */
export function inspectionListQuery(jobId: string) {
  return listOf([...KEY, jobId], { path: `/jobs/${jobId}/inspections` }, schema);
}

export const useKeepInspection = (jobId: string) =>
  inspections.useCreate<NewInspection>(`/jobs/${jobId}/inspections`);
export const useChangeInspection = inspections.useChange<Omit<InspectionChange, 'version'>>;
export const useTakeInspectionAway = inspections.usePutAway;
