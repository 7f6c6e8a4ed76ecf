export {
  type Acknowledgement,
  type FindJobs,
  findJobsSchema,
  type Job,
  JOB_STATES,
  type JobChange,
  jobChangeSchema,
  type JobDialIn,
  jobListSchema,
  jobSchema,
  jobSummarySchema,
  type JobState,
  type JobSummary,
  KEPT_JOB,
  type KeptJobParts,
  type NewAcknowledgement,
  newAcknowledgementSchema,
  type NewJob,
  newJobSchema,
  type SaidJob,
} from './job.ts';
export { type JobTask, TASK_MINUTES_RANGE } from './task.ts';
export { changedWork, keptWorkSchema, quickWorkOf, workSchema } from './work.ts';
