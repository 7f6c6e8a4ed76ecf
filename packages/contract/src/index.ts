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
  machineChangeSchema,
  machineListSchema,
  machineSchema,
  newMachineSchema,
  ROLLS_MOST,
  type KeptMachine,
  type MachineChange,
  type NewMachine,
} from './machine.ts';
export { entryPointSchema, loadedSchema, meterReadingSchema, POSITIONS_MOST } from './machine-controls.ts';
export {
  dialReadingListSchema,
  dialReadingSchema,
  newDialReadingSchema,
  type KeptDialReading,
} from './dial-reading.ts';
export { pastReadingsListSchema, type KeptPastReadings } from './past-readings.ts';
export { provenListSchema, type KeptProvenSetting } from './proven.ts';

// A machine with its calibrations as a file
export {
  MACHINE_FILE_FORMAT,
  MACHINE_FILE_VERSION,
  machineCloneSchema,
  machineFileSchema,
  type FileReading,
  type MachineClone,
  type MachineFile,
} from './machine-file.ts';
export { machineCsv } from './machine-csv.ts';
export { readMachineCsv, type CsvVerdict, type MachineCsvReading } from './machine-csv-read.ts';

// Plans
export { planRequestSchema, type PlanRequest, type PlanResponse } from './plan.ts';
