export { dutyPercent, dutyPlan, type DutyPlan, type DutyRating, type SeamRest, PLATE_C } from './duty.ts';
export {
  BREAKER_RANGE_A,
  DUTY_RANGE_PERCENT,
  ENTRY_RANGE,
  KNOB_RANGE,
  KNOB_SCALE_LEAST,
  LOADED_CURRENT_RANGE_A,
  MACHINE_WIRE_SPEED_RANGE_M_PER_MIN,
  MAINS_VOLTS_RANGE,
  METER_VOLTS_RANGE,
  OPEN_VOLTS_RANGE,
  SOURCE_CURRENT_RANGE_A,
  TRIM_STEP_RANGE_V,
} from './machine-ranges.ts';
export {
  type ControlReadings,
  isSameReadings,
  losesReadings,
  readingLines,
  withoutReadings,
} from './machine-readings.ts';
export {
  type DriveRoll,
  GAS_STANDS,
  loadedWire,
  type Machine,
  POLARITY_CHANGES,
  type RollPressure,
  SPOOL_GUN_PORTS,
  type VoltsControl,
  type WireControl,
} from './machine.ts';
export { breakerVerdict, mainsDrawA } from './mains-draw.ts';
export {
  ENTRY_UNITS,
  type EntryFor,
  type EntryLine,
  entryLineFault,
  type EntryPoint,
  type EntrySetting,
  type EntryUnit,
  isSameLine,
  type OneEntry,
  TRIM_UNITS,
  type TrimUnit,
} from './one-entry.ts';
export { differenceText, programForText } from './program-text.ts';
export { type MachineProgram, programsFault, type ProgramTerm } from './program.ts';

// Dial
export { dialBend, nextKnob } from './dial/dial-advice.ts';
export { dialEnds, dialSpeed } from './dial/dial-band.ts';
export { type Dial, type DialDoubt, dialOf } from './dial/dial.ts';
export { positionNames, withRange } from './volts/position-names.ts';
export { dialAtPosition, machineDials, type MachineDials, type PositionDial } from './dial/machine-dials.ts';
export { readingFault } from './dial/reading-fault.ts';
export {
  measuredSpeed,
  RUN_LENGTH_RANGE_MM,
  RUN_TIME_RANGE_S,
  runWorth,
  type TimedReading,
  type TimedRun,
  twoLengthWorth,
  WHOLE_MINUTE_S,
} from './dial/timed-run.ts';

// Rig state
export {
  isRigAttribute,
  RIG_ATTRIBUTE_NAMES,
  type RigAttribute,
  rigAttributeRow,
  rigValueText,
} from './rig-state/rig-attribute.ts';
export { type Attributes, type RigFact, type RigFacts, standingOf } from './rig-state/rig-fact.ts';
export { afterWelding, isOtherTip, TEST_BEAD_ARC_MIN, type Welding } from './rig-state/tip-life.ts';

// Scale
export { MACHINE_FEATURES, type MachineFeature } from './scale/machine-feature.ts';
export {
  type MachineSetting,
  SCALE_RANGE,
  SCALE_STEP_RANGE,
  SCALE_UNITS,
  scaleFault,
  type ScaleUnit,
  type SettingScale,
} from './scale/setting-scale.ts';
export { machineSettingText } from './scale/setting-text.ts';
export { SETTING_IDS, SETTING_TABLE, type SettingId } from './scale/setting.ts';

// Volts
export { loadedDoubt, type LoadedDoubt, type LoadedReading } from './volts/droop.ts';
export { MACHINE_KINDS } from './volts/machine-kind.ts';
export { positionFor, positionVolts, type VoltsPosition } from './volts/position-volts.ts';
export { type MeterReading, shownOffset } from './volts/shown-volts.ts';
export {
  fallingPlaces,
  nextVoltsPlace,
  type VoltsKnobReading,
  voltsOverKnob,
  type VoltsPlace,
  withReading,
} from './volts/volts-knob.ts';
