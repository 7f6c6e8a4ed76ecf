export {
  dialReadingListSchema,
  KEPT_RUNS,
  type KeptDialReading,
  type KeptRuns,
  type NewDialReading,
  newDialReadingSchema,
} from './dial-reading.ts';
export {
  entryPointSchema,
  loadedSchema,
  meterReadingSchema,
  voltsPlaceReadingSchema,
} from './machine-controls.ts';
export { CSV_CHARACTERS_MOST, type CsvVerdict, readMachineCsv } from './machine-csv-read.ts';
export { machineCsv } from './machine-csv.ts';
export {
  type FileReading,
  MACHINE_FILE_FORMAT,
  MACHINE_FILE_VERSION,
  type MachineClone,
  machineCloneSchema,
  type MachineFile,
  machineFileSchema,
  machineFileTodaySchema,
} from './machine-file.ts';
export { machineSettingSchema, programListSchema } from './machine-settings.ts';
export {
  enteredMachineSchema,
  KEPT_MACHINE,
  type KeptMachine,
  type MachineChange,
  machineChangeSchema,
  type MachineProfile,
  machineSchema,
  type NewMachine,
  newMachineSchema,
  newNameSchema,
} from './machine.ts';
export { type KeptPastReadings, pastReadingsListSchema } from './past-readings.ts';
export { OTHER_VALUE, type RigChange, rigChangeSchema, type RigValueChange } from './rig.ts';
