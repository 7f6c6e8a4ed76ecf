export { JobRow } from './job-row.tsx';
export {
  firstJobsQuery,
  jobKeys,
  jobQuery,
  useAcknowledge,
  useChangeJob,
  useCreateJob,
  useDuplicateJob,
  useRemoveJob,
} from './jobs.queries.ts';
export { useJob } from './use-job.ts';
export { useTakeSetting } from './use-take-setting.ts';
