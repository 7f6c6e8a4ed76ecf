export { beadText, JobRow } from './job-row.tsx';
export {
  firstJobsQuery,
  type JobFilter,
  jobKeys,
  jobListQuery,
  jobQuery,
  NO_FILTER,
  useAcknowledge,
  useAcknowledgeJobs,
  useChangeJob,
  useCreateJob,
  useDuplicateJob,
  useRemoveJob,
} from './jobs.queries.ts';
export { useJob } from './use-job.ts';
export { useTakeSetting } from './use-take-setting.ts';
