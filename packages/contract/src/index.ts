// Validation and errors
export { ContractError, validated, type Problem } from './validation.ts';
export { apiErrorSchema, type ApiError } from './api-error.ts';

// Work
export { quickWorkOf, workSchema, type WorkInput } from './work.ts';

// Jobs
export {
  jobChangeSchema,
  jobListSchema,
  jobSchema,
  LINE_MAX,
  newJobSchema,
  type Job,
  type JobChange,
  type NewJob,
} from './job.ts';

// Test beads
export {
  newTestBeadSchema,
  NOTE_MAX,
  testBeadChangeSchema,
  testBeadListSchema,
  testBeadSchema,
  type KeptTestBead,
  type NewTestBead,
  type PlanSnapshot,
  type TestBeadChange,
} from './test-bead.ts';

// Machines
export { machineListSchema, type KeptMachine } from './machine.ts';

// Plans
export { planRequestSchema, type PlanRequest, type PlanResponse } from './plan.ts';
