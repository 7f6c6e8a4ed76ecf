export { type ChangeoverStep, rigVerb, stepEffect } from './changeover.ts';
export {
  changeoverMinutesText,
  type CheckedLook,
  closeDown,
  type JobChangeover,
  jobChangeover,
  machineCheck,
  type RigQuestion,
  sureMinutesText,
} from './job-changeover.ts';
export { type MachineForJob, machinesForJob } from './machine-choice.ts';
export { rigFact, rigField, rigFieldValue, withRigValue } from './machine-rig.ts';
export { RIG_LOOKS } from './rig-looks.ts';
export { keptPressure } from './rig-need.ts';
export type { Gate } from './rig-step-id.ts';
export { RIG_STEPS } from './rig-steps.ts';
export { ROLL_WORD } from './station-words.ts';
export {
  standingMarks,
  type Station,
  STATION_IDS,
  type StationId,
  type StationMark,
  stationsOf,
} from './stations.ts';
