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
  newAcknowledgementSchema,
  newJobSchema,
  type Acknowledgement,
  type Job,
  type JobChange,
  type NewAcknowledgement,
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

// The shop
export { SHELF_MOST, shopSettingsSchema, type ShopSettings } from './shop.ts';

// Machines
export {
  dialReadingListSchema,
  dialReadingSchema,
  machineChangeSchema,
  machineListSchema,
  machineSchema,
  newDialReadingSchema,
  newMachineSchema,
  POSITIONS_MOST,
  type KeptDialReading,
  type KeptMachine,
  type MachineChange,
  type NewMachine,
} from './machine.ts';

// Plans
export { planRequestSchema, type PlanRequest, type PlanResponse } from './plan.ts';
