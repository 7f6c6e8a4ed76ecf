export { JobRow } from './job-row.tsx';
export { jobKeys, jobListQuery, jobQuery, useChangeJob, useCreateJob, useRemoveJob } from './jobs.queries.ts';
export { useJob } from './use-job.ts';
