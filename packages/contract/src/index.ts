// Validation and errors
export { ContractError, validated, type Problem } from './validation.ts';
export { apiErrorSchema, type ApiError } from './api-error.ts';

// Text as it is kept
export { MACHINE_MARK, nameKey, plainLine } from './plain-text.ts';

// Records: the versions that were seen, what happened to them, and the form they are kept in
export {
  ACTOR_HEADER,
  COMMAND_HEADER,
  DEVICE_HEADER,
  idSchema,
  staleAnswerSchema,
  VERSION_HEADER,
  versionSchema,
  type FieldConflict,
  type StaleAnswer,
} from './command.ts';
export {
  setAsideListSchema,
  type SetAsideRecord,
  setAsideRecordSchema,
  shopEventSchema,
  type EventKind,
  type SetAside,
  type EventAbout,
  type ShopEvent,
} from './event.ts';
export { readStored, type StoredShape } from './stored.ts';

// Pages of lists
export { pageRequestSchema, pageSchema, type Page, type PageRequest } from './page.ts';

// Work
export { changedWork, quickWorkOf, workSchema } from './work.ts';

// Jobs
export {
  jobChangeSchema,
  findJobsSchema,
  JOB_STATES,
  jobListSchema,
  jobPageSchema,
  jobSchema,
  KEPT_JOB,
  newAcknowledgementSchema,
  newJobSchema,
  type Acknowledgement,
  type Job,
  type JobDialIn,
  type JobChange,
  type FindJobs,
  type JobState,
  type JobSummary,
  type KeptJobParts,
  type NewAcknowledgement,
  type NewJob,
  type SaidJob,
} from './job.ts';

// Test beads
export {
  KEPT_BEAD,
  newTestBeadSchema,
  NOTE_MAX,
  testBeadChangeSchema,
  testBeadListSchema,
  testBeadSchema,
  type KeptBeadParts,
  type KeptTestBead,
  type NewTestBead,
  type PlanSnapshot,
  type BeadDetails,
  type TestBeadChange,
} from './test-bead.ts';

// The shop
export {
  KEPT_SHOP,
  keptShopSchema,
  shopChangeSchema,
  wholeShopSchema,
  type KeptShop,
  type ShopChange,
  type ShopSettings,
  type WholeShop,
} from './shop.ts';

// Machines
export {
  enteredMachineSchema,
  KEPT_MACHINE,
  machineChangeSchema,
  machineListSchema,
  machineSchema,
  newMachineSchema,
  newNameSchema,
  wholeMachineSchema,
  type KeptMachine,
  type MachineChange,
  type MachineProfile,
  type NewMachine,
  type WholeMachine,
} from './machine.ts';
export {
  entryPointSchema,
  loadedSchema,
  meterReadingSchema,
  voltsPlaceReadingSchema,
} from './machine-controls.ts';
export { machineSettingSchema, programListSchema } from './machine-settings.ts';
export {
  dialReadingListSchema,
  KEPT_RUNS,
  newDialReadingSchema,
  type KeptDialReading,
  type KeptRuns,
  type NewDialReading,
} from './dial-reading.ts';
export { pastReadingsListSchema, type KeptPastReadings } from './past-readings.ts';
export { provenPageSchema, shopLearningSchema, type KeptProvenSetting, type ShopLearning } from './proven.ts';

// A machine with its calibrations as a file
export {
  MACHINE_FILE_FORMAT,
  MACHINE_FILE_VERSION,
  machineCloneSchema,
  machineFileSchema,
  machineFileTodaySchema,
  type FileReading,
  type MachineClone,
  type MachineFile,
} from './machine-file.ts';
export { machineCsv } from './machine-csv.ts';
export { CSV_CHARACTERS_MOST, readMachineCsv, type CsvVerdict } from './machine-csv-read.ts';

// How a machine stands, and Stores
export { photoSchema, type KeptPhoto } from './photo.ts';
export { OTHER_VALUE, rigChangeSchema, type RigChange, type RigValueChange } from './rig.ts';
export {
  KEPT_STOCK,
  keptStockItemSchema,
  newStockItemSchema,
  stockEntrySchema,
  stockItemSchema,
  stockListSchema,
  wholeStockItemSchema,
  type KeptStockItem,
  type NewStockEntry,
  type NewStockItem,
  type WholeStockItem,
} from './stock.ts';

// Pieces and the day
export { TASK_MINUTES_RANGE, type JobTask } from './task.ts';
export {
  KEPT_PIECE,
  keptPieceSchema,
  newPieceSchema,
  newWeldsSchema,
  pieceChangeSchema,
  pieceListSchema,
  pieceSchema,
  pieceWithWeldsSchema,
  WELD_LINES_MOST,
  type KeptPiece,
  type NewPiece,
  type NewWelds,
  type Piece,
  type PieceChange,
  type PieceWithWelds,
} from './piece.ts';
export { dayJob, dayJobs } from './day-job.ts';
export {
  DAY_TASKS_MOST,
  dayOrderRequestSchema,
  dayTasksSchema,
  toldDaySchema,
  type DayOrderRequest,
  type DayTasks,
  type ToldDay,
} from './day.ts';

// Faults
export {
  CASE_MINUTES_RANGE,
  faultCaseChangeSchema,
  faultCasePageSchema,
  faultCaseSchema,
  faultCountListSchema,
  faultRankingSchema,
  faultReportSchema,
  KEPT_FAULT_CASE,
  keptFaultCaseSchema,
  newFaultCaseSchema,
  type FaultCase,
  type FaultCaseChange,
  type FaultCount,
  type FaultLook,
  type FaultRanking,
  type KeptFaultCase,
  type LookAnswer,
  type NewFaultCase,
} from './fault.ts';

// Plans
export { planRequestSchema, planResponseSchema, type PlanRequest, type PlanResponse } from './plan.ts';

// The server itself
export { aboutSchema, demoAddressSchema, type About, type DemoAddress } from './about.ts';

// runs and inspections of a job
export {
  KEPT_RUN,
  type KeptRun,
  keptRunSchema,
  type NewRun,
  newRunSchema,
  type RunChange,
  runChangeSchema,
  runListSchema,
  runPageSchema,
  type RunRecordValue,
  runRecordSchema,
} from './run.ts';
export {
  type InspectionChange,
  inspectionChangeSchema,
  inspectionListSchema,
  inspectionSchema,
  KEPT_INSPECTION,
  type KeptInspection,
  keptInspectionSchema,
  type NewInspection,
  newInspectionSchema,
} from './inspection.ts';
export { DIP_SAMPLES_PER_SECOND, readTrace } from './trace-csv.ts';

export { type ShopRates, shopRatesSchema, WORK_KINDS } from './rates.ts';
export {
  KEPT_SHEET,
  type KeptSheet,
  keptSheetSchema,
  type NewSheetRevision,
  newSheetRevisionSchema,
  type SheetDrawing,
  sheetListSchema,
  type SheetRevision,
  sheetRevisionSchema,
} from './sheet.ts';
export {
  gasWord,
  LOG_KINDS,
  LOG_SORTS,
  LOG_VERDICTS,
  type LogCharts,
  logChartsSchema,
  type LogEntry,
  logEntrySchema,
  type LogFilter,
  logFilterSchema,
  type LogKind,
  type LogLine,
  logPageSchema,
  type LogPoint,
  type LogRequest,
  logRequestSchema,
  type LogSort,
  type LogVerdict,
  type LogWeek,
} from './log.ts';

// tables in and out
export { decodedText } from './decode-text.ts';
export { type RecordTable, tableCsv, tableReading, type TableReading } from './record-table.ts';
export {
  LOG_TABLE,
  PIECE_TABLE,
  REPORT_LINES_MOST,
  STOCK_TABLE,
  TABLE_BYTES_MOST,
  TABLE_LINES_MOST,
  TABLE_NAMES,
  type TableName,
  type TableReport,
  tableReportSchema,
  type ToldLine,
} from './tables.ts';
export { type RestoreKind, type RestoreReport, restoreReportSchema } from './backup.ts';

// sound
export { powerSpectrum } from './power-spectrum.ts';
export { readWav, WAV_BYTES_MOST, writeWav } from './wav.ts';

// ear tests
export {
  EAR_TESTS_MOST,
  type EarAnswer,
  type EarTest,
  earTestListSchema,
  earTestSchema,
  KEPT_EAR_TEST,
  type KeptEarTest,
  keptEarTestSchema,
  type Learner,
  learnerListSchema,
  LEARNER_LETTERS_MOST,
  type NewEarTest,
  newEarTestSchema,
} from './ear-test.ts';
