// Provenance: where every figure comes from
export { type Source, sourceText } from './provenance/source.ts';

// Quantity: units, gauges, written lengths
export { held } from './quantity/between.ts';
export { OutOfRangeError } from './quantity/out-of-range-error.ts';
export {
  cfhFromLPerMin,
  inchesFromMm,
  inchesPerMinFromMPerMin,
  L_PER_MIN_PER_CFH,
  lPerMinFromCfh,
  MM_PER_INCH,
  mmFromInches,
  mPerMinFromInchesPerMin,
} from './quantity/units.ts';
export { GAUGE_TABLES, gaugeRows, gaugeThickness, nearestGauge, type GaugeTable } from './quantity/gauge.ts';
export { sentence } from './words/sentence.ts';
export { TWO_SIDED_95 } from './quantity/normal-band.ts';
export { measuredLength, type MeasuredLength } from './quantity/measured-length.ts';
export {
  gaugeTableName,
  parseThickness,
  THICKNESS_FORMS,
  THICKNESS_RANGE_MM,
  type LengthUnit,
  type ThicknessChoice,
  type ThicknessReading,
} from './quantity/thickness.ts';

// Material: base metals and the work in hand
export {
  alloyNamed,
  BASE_METAL_TABLE,
  BASE_METALS,
  metalName,
  type BaseMetal,
} from './material/base-metal.ts';
export {
  CIRCUMSTANCE_NAME,
  CIRCUMSTANCES,
  GAP_RANGE_MM,
  gaugeTableFor,
  hasCircumstance,
  isFilletJoint,
  JOINT_NAME,
  JOINTS,
  LEG_RANGE_MM,
  NUMBER_OFF_RANGE,
  OUTSIDE_RANGE_MM,
  PASSES_RANGE,
  PLACE_NAME,
  PLACES,
  POSITION_NAME,
  POSITIONS,
  PRIORITIES,
  PRIORITY_NAME,
  PRODUCTS,
  PROFILE_NAME,
  PROFILE_PRODUCT,
  PROFILES,
  SEAM_RANGE_MM,
  STITCH_RANGE_MM,
  SURFACE_NAME,
  SURFACES,
  type Circumstance,
  type Joint,
  type Place,
  type Position,
  type Priority,
  type Product,
  type Profile,
  type Surface,
  type Work,
} from './material/work.ts';

export { metalPair, type MetalPair, type WeldMetal } from './material/metal-pair.ts';

// Wire
export {
  nominalWireMm,
  WIRE_DIAMETER_TABLE,
  WIRE_DIAMETERS_MM,
  type WireDiameterMm,
} from './wire/wire-diameter.ts';
export {
  WAY_NAME,
  WAYS,
  WIRE_CLASS_TABLE,
  WIRE_CLASSES,
  type Way,
  type WireClass,
} from './wire/wire-class.ts';

export { isSameWire, type ShelfWire } from './wire/shelf-wire.ts';

// Gas
export { COMMON_GASES, gasNamed, gasOf, type Gas, type GasId } from './gas/gas.ts';
export { argonMeterFactor } from './gas/float-meter.ts';

// Transfer and polarity
export { MODE_NAME, TRANSFER_MODES, type PlannedMode, type TransferMode } from './transfer/transfer-mode.ts';
export {
  sprayFloorA,
  TRANSITION_CURRENT_A,
  transitionCurrentA,
  type SprayMetal,
} from './transfer/transition.ts';
export { POLARITIES, polarityOf, type Polarity } from './polarity/polarity.ts';

// Families: where the numbers of each way on each metal come from
export { FAMILIES } from './family/families.ts';
export type { Family, FamilyId } from './family/family.ts';

// Runs: what each is laid at, and where it lies in the section
export { isNewSetting, RUN_ROLE_NAME, type Run, type RunRole } from './runs/run.ts';
export type { RunCell } from './runs/run-cells.ts';

// Ways and schools
export { WAY_MODES, wayModeName, type WayMode } from './way/way-mode.ts';
export {
  DEFAULT_SCHOOLS,
  SCHOOL_TABLE,
  settledSchools,
  type SchoolId,
  type SchoolRow,
  type Schools,
} from './school/school.ts';

// Feed path
export type { FeedPart, FeedPath, LinerMaterial, RollForm } from './feed-path/feed-path.ts';

// Setup: the planner
export {
  OWN_CTWD_RANGE_MM,
  OWN_GAS_FLOW_RANGE_L_PER_MIN,
  OWN_VOLTS_RANGE,
  OWN_WIRE_SPEED_RANGE_M_PER_MIN,
  planSetup,
} from './setup/plan-setup.ts';
export { planReport, type PlannedReport, type PlanReport, type RefusedReport } from './setup/plan-report.ts';
export { transferRegions, windowCurve, type TransferRegion, type WindowPoint } from './setup/window-curve.ts';
export { comparedPlans, type ComparedRow } from './setup/compare.ts';
export type { FitUp, StitchPlan } from './setup/fit-up.ts';
export type { ClosedButt } from './bead/closed-butt.ts';
export type { WeldTotals } from './setup/weld-totals.ts';
export type { GunAngle, Technique } from './setup/technique.ts';
export type { SecondarySetting } from './setup/secondary-settings.ts';
export type { Resources, Shelf } from './setup/resources.ts';
export type { Span } from './quantity/span.ts';
export {
  MODEL_VERSION,
  type OtherWay,
  type OwnNumbers,
  type PlannedSetup,
  type Reason,
  type RefusalCode,
  type RefusedSetup,
  type Setup,
  type SpeedSchool,
} from './setup/setup.ts';
export type { DemandRow } from './demand/current-demand.ts';
export type { Caution, CautionLevel } from './caution/caution.ts';

// Quick line: a job as people type it
export { effectiveWork, parseQuickLine } from './quick-line/parse.ts';
export { renderQuickLine } from './quick-line/render.ts';
export {
  completeWork,
  USUAL_WORK,
  resourcesOf,
  workTitle,
  type AssumedSlot,
  type CompletedWork,
  type Shop,
} from './quick-line/complete-work.ts';
export type {
  QuickChoice,
  QuickContext,
  QuickFragment,
  QuickQuestion,
  QuickReading,
  QuickSlot,
  QuickWork,
} from './quick-line/quick-work.ts';

// Machine
export {
  loadedWire,
  MACHINE_FEATURES,
  machineHas,
  machineHasRoll,
  POLARITY_CHANGES,
  type DriveRoll,
  type Machine,
  type MachineFeature,
  type PolarityChange,
  type VoltsControl,
  type WireControl,
} from './machine/machine.ts';
export {
  isSameReadings,
  losesReadings,
  readingLines,
  withoutReadings,
  type ControlReadings,
} from './machine/machine-readings.ts';
export { MACHINE_KINDS, type MachineKind } from './machine/machine-kind.ts';

// Dial-in: test beads and the ladder
export {
  ARC_SOUNDS,
  BEAD_FACES,
  BEAD_VERDICTS,
  beadVerdict,
  type ArcSound,
  type BeadFace,
  type BeadSetting,
  type BeadVerdict,
  type TestBead,
} from './dial-in/bead-report.ts';
export {
  LEARNED_WORTH_SAYING_V,
  learnedOffset,
  type LearnedOffset,
  type MachineProven,
  type ProvenSetting,
} from './learning/learned-offset.ts';
export { provenSetting } from './dial-in/proven-setting.ts';
export { ladderFor, LADDER_STEP_V, type BeadLadder } from './dial-in/bead-ladder.ts';
export { nextBead, type NextBead } from './dial-in/next-bead.ts';

// Check values: outside figures beside the planner's
export { dialledInChecks, residuals, startingRowChecks } from './check-value/check-values.ts';
export { coredRowChecks } from './check-value/cored-rows.ts';
export type { CheckedQuantity, CheckValue } from './check-value/check-value.ts';

// Machine book: dial calibration, volts, duty, and a plan in the machine's own terms
export { dialOf, type Dial, type DialDoubt, type DialPoint } from './dial-calibration/dial.ts';
export { dialEnds, dialSpeed, knobFor, type KnobSetting } from './dial-calibration/dial-band.ts';
export { dialBend, nextKnob, type Bend } from './dial-calibration/dial-advice.ts';
export {
  dialAtPosition,
  machineDials,
  type MachineDials,
  type PositionDial,
} from './dial-calibration/machine-dials.ts';
export {
  measuredSpeed,
  RUN_LENGTH_RANGE_MM,
  RUN_TIME_RANGE_S,
  runWorth,
  twoLengthWorth,
  type MeasuredSpeed,
  type RunWorth,
  type TimedReading,
  type TimedRun,
  WHOLE_MINUTE_S,
} from './dial-calibration/timed-run.ts';
export {
  positionFor,
  positionVolts,
  type PositionChoice,
  type PositionVolts,
  type VoltsPosition,
} from './volts-calibration/position-volts.ts';
export { loadedDoubt, type LoadedDoubt, type LoadedReading } from './volts-calibration/droop.ts';
export { dutyPercent, dutyPlan, type DutyPlan, type DutyRating, type SeamRest } from './duty/duty.ts';
export { breakerVerdict, mainsDrawA, type BreakerVerdict, type MainsSupply } from './mains/mains-draw.ts';
export {
  shownOffset,
  voltsToShow,
  type MeterReading,
  type ShownOffset,
} from './volts-calibration/shown-volts.ts';
export {
  ENTRY_UNITS,
  entryFor,
  entryLineFault,
  isSameLine,
  type EntryFor,
  type EntryLine,
  type EntryPoint,
  type EntrySetting,
  type EntryUnit,
  type OneEntry,
} from './one-entry/one-entry.ts';
export {
  NEAR_LETTER_SHARE,
  NEAR_POSITION_V,
  voltsTerm,
  wireTerm,
  type OutOfReach,
  type VoltsTerm,
  type WireTerm,
} from './machine/knob-terms.ts';
export { isFarPosition, planFit, type PositionFit } from './machine/position-fit.ts';
export {
  machineTerms,
  planReach,
  positionLines,
  type MachineTerms,
  type PositionLine,
} from './machine/machine-terms.ts';
export {
  LID_CHART_THICKNESSES_MM,
  lidChart,
  type LidBasis,
  type LidCell,
  type LidChartInput,
  type LidColumn,
  type LidRow,
} from './lid-chart/lid-chart.ts';

// Practice feeder: a simulated machine to learn on
export {
  PRACTICE_KNOB,
  PRACTICE_SHAPES,
  PRACTICE_VALVE_TURNS,
  practiceFeeder,
  practiceFlow,
  practiceRun,
  practiceSpeed,
  practiceVolts,
  type PracticeFeeder,
} from './practice-feeder/practice-feeder.ts';
export { normalFrom, seededRandom } from './practice-feeder/seeded-random.ts';
