// Provenance: where every figure comes from
export { type Source, sourceText } from './provenance/source.ts';

// Quantity: units, gauges, written lengths
export { held } from './quantity/between.ts';
export { OutOfRangeError } from './quantity/out-of-range-error.ts';
export {
  cfhFromLPerMin,
  inchesFromMm,
  inchesPerMinFromMPerMin,
  lPerMinFromCfh,
  MM_PER_INCH,
  mmFromInches,
  mPerMinFromInchesPerMin,
} from './quantity/units.ts';
export { nearestGauge, type GaugeTable } from './quantity/gauge.ts';
export { midSentence, sentence } from './words/sentence.ts';
export { TWO_SIDED_95 } from './quantity/normal-band.ts';
export { measuredLength } from './quantity/measured-length.ts';
export {
  gaugeTableName,
  parseThickness,
  THICKNESS_FORMS,
  THICKNESS_RANGE_MM,
  type LengthUnit,
  type ThicknessChoice,
} from './quantity/thickness.ts';

// Material: base metals and the work in hand
export { BASE_METAL_TABLE, BASE_METALS, metalName } from './material/base-metal.ts';
export {
  CIRCUMSTANCE_NAME,
  CIRCUMSTANCES,
  GAP_RANGE_MM,
  gaugeTableFor,
  isFilletJoint,
  JOINT_NAME,
  JOINTS,
  LEG_RANGE_MM,
  NUMBER_OFF_RANGE,
  PASSES_RANGE,
  PLACE_NAME,
  PLACES,
  POSITION_NAME,
  POSITIONS,
  PRIORITIES,
  PRIORITY_NAME,
  PRODUCTS,
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
  type Surface,
  type Work,
} from './material/work.ts';

export { metalPair, type WeldMetal } from './material/metal-pair.ts';

// Wire
export { WIRE_DIAMETERS_MM, type WireDiameterMm } from './wire/wire-diameter.ts';
export { WAY_NAME, WAYS, type Way } from './wire/way.ts';
export { usualClass, WIRE_CLASSES, wireClassRow, type WireClass } from './wire/wire-class.ts';
export { WIRE_CLASS_TABLE } from './wire/wire-class-table.ts';
export { isSameWire, type ShelfWire } from './wire/shelf-wire.ts';

// Gas
export { COMMON_GASES, gasNamed, gasOf, type Gas, type GasId } from './gas/gas.ts';

// Transfer and polarity
export {
  MODE_NAME,
  PLANNED_MODES,
  TRANSFER_MODES,
  type PlannedMode,
  type TransferMode,
} from './transfer/transfer-mode.ts';
export { POLARITIES, type Polarity } from './polarity/polarity.ts';

// Families: where the numbers of each way on each metal come from
export { FAMILIES } from './family/families.ts';

// Runs: what each is laid at, and where it lies in the section
export { isNewSetting, RUN_ROLE_NAME, type Run } from './runs/run.ts';
export type { RunCell } from './runs/run-cells.ts';

// Ways and schools
export { WAY_MODES, wayModeName } from './transfer/way-mode.ts';
export { SCHOOL_TABLE, settledSchools, type SchoolRow, type Schools } from './school/school.ts';

// Feed path
export type { LinerMaterial, RollForm } from './feed-path/feed-path.ts';

// Setup: the planner
export {
  OWN_CTWD_RANGE_MM,
  OWN_GAS_FLOW_RANGE_L_PER_MIN,
  OWN_VOLTS_RANGE,
  OWN_WIRE_SPEED_RANGE_M_PER_MIN,
  planSetup,
} from './setup/plan-setup.ts';
export {
  planReport,
  type PlannedReport,
  type PlanReport,
  type RefusedReport,
  type ReportedReason,
  type ReportedRun,
  type ReportedSpan,
  type ReportedTotals,
  type ReportedWay,
} from './report/plan-report.ts';
export type { ReportedStation } from './report/station-report.ts';
export {
  evenSteps,
  transferRegions,
  windowAt,
  windowCurve,
  type TransferRegion,
} from './setup/window-curve.ts';
export { comparedPlans, type ComparedRow } from './setup/compare.ts';
export type { Shelf } from './resources/resources.ts';
export type { Span } from './quantity/span.ts';
export {
  MODEL_VERSION,
  type OtherWay,
  type OwnNumbers,
  type PlannedSetup,
  type RefusedSetup,
  type Setup,
} from './setup/setup.ts';
export type { DemandRow } from './demand/current-demand.ts';
export type { Caution, CautionLevel } from './caution/caution.ts';

// Records: taken apart into fields, so that two people may change two of them at once
export {
  canonicalJson,
  changeBack,
  changeBetween,
  changeOf,
  fieldsAfter,
  fieldsOf,
  isSameValue,
  patchOf,
  recordOf,
  type FieldChange,
  type Fields,
  type Json,
} from './record/field-change.ts';
export { isBooking, WELDED } from './record/booking.ts';
export {
  AWAY,
  JOB_BRANCHES,
  MACHINE_BRANCHES,
  FAULT_CASE_BRANCHES,
  INSPECTION_BRANCHES,
  RECORD_KINDS,
  SHOP_BRANCHES,
  type RecordKind,
} from './record/record-kind.ts';

// Rig: the stations of a machine, and how it stands
export {
  standingMarks,
  STATION_IDS,
  stationsOf,
  type Station,
  type StationId,
  type StationMark,
} from './rig/stations.ts';

// Quick line: a job as people type it
export { effectiveWork, parseQuickLine } from './quick-line/parse.ts';
export { LINE_MOST, WRITTEN_LINE_MOST } from './quick-line/line-length.ts';
export { A_THING, NOTHING, OWN_WORD, type ShopWords } from './quick-line/own-meanings.ts';
export { canStandFor, readShopWords } from './quick-line/shop-words.ts';
export { columnAt, linesOfTable, type PastedList, readPastedList } from './quick-line/pasted-list.ts';
export { KEPT_RANGES } from './quick-line/kept-ranges.ts';
export { renderQuickLine } from './quick-line/render.ts';
export { readProgramLines } from './quick-line/program-lines.ts';
export { readsAsWork } from './quick-line/reads-as-work.ts';
export { completeWork, USUAL_WORK, workTitle, type CompletedWork } from './quick-line/complete-work.ts';
export { resourcesOf, type Shop } from './resources/shop.ts';
export type { QuickContext, QuickFragment, QuickReading, QuickWork } from './quick-line/quick-work.ts';

// Machine
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
} from './machine/machine-ranges.ts';
export {
  loadedWire,
  GAS_STANDS,
  POLARITY_CHANGES,
  type RollPressure,
  SPOOL_GUN_PORTS,
  type DriveRoll,
  type Machine,
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
export { MACHINE_FEATURES, type MachineFeature } from './machine-setting/machine-feature.ts';
export type { SecondarySetting } from './secondary-setting/secondary-setting.ts';
export { SETTING_IDS, SETTING_TABLE, type SettingId } from './machine-setting/setting.ts';
export {
  SCALE_RANGE,
  SCALE_STEP_RANGE,
  SCALE_UNITS,
  scaleFault,
  type MachineSetting,
  type ScaleUnit,
  type SettingScale,
} from './machine-setting/setting-scale.ts';
export { machineSettingText } from './machine-setting/setting-text.ts';
export { programsFault, type MachineProgram, type ProgramTerm } from './program/program.ts';
export { differenceText, programForText } from './program/program-text.ts';
export { ROLL_WORD } from './rig/station-words.ts';
export { readingFault } from './dial-calibration/reading-fault.ts';
export { MACHINE_KINDS } from './volts-calibration/machine-kind.ts';

// Test beads, what they teach of a machine, and dialling in
export {
  ARC_SOUNDS,
  BACK_SIDES,
  BEAD_ENDS,
  BEAD_FACES,
  BEAD_FLAGS,
  BEAD_VERDICTS,
  DOUBT_ANSWERS,
  HEAT_VERDICTS,
  SPATTERS,
  type ArcSound,
  type BackSide,
  type BeadEnds,
  type BeadFace,
  type BeadFlag,
  type BeadReport,
  type BeadVerdict,
  type DoubtAnswer,
  type HeatVerdict,
  type Spatter,
  type TestBead,
} from './window-search/bead-report.ts';
export type { BeadSetting } from './window-search/bead-setting.ts';
export { beadVerdict } from './window-search/reading-level.ts';
export { DIAL_WAYS, type DialWay } from './window-search/dial-model.ts';
export {
  learnedOffset,
  machineLearning,
  type BeadsTold,
  type LearnedGroup,
  type MachineLearning,
  type ProvenSetting,
} from './learning/learned-offset.ts';
export { driftOf } from './learning/drift.ts';
export { learnedClaim, offsetWords } from './learning/learned-words.ts';
export { laddersOf, provenSetting, type WeldedBead } from './proof/proven-setting.ts';
export { weldedWith, type WeldedWith } from './proof/welded-with.ts';
export { dialIn, type DialIn, type LadderBead } from './dial-in/dial-in.ts';
export { jobLadders } from './dial-in/current-ladder.ts';
export { reachFault, type ReachFault } from './dial-in/reach-fault.ts';
export type { DialledPlan } from './dial-in/settable.ts';
export { dialWayFor, dialWayRows } from './dial-in/dial-ways.ts';

// A booth to practise dialling in
export {
  boothArc,
  boothBead,
  boothMiddleV,
  practiceBooth,
  type BoothBead,
  type PracticeBooth,
} from './practice-booth/practice-booth.ts';

// Check values: outside figures beside the planner's
export { dialledInChecks, residuals, startingRowChecks } from './check-value/check-values.ts';
export { coredRowChecks } from './check-value/cored-rows.ts';
export type { CheckValue } from './check-value/check-value.ts';

// Machine book: dial calibration, volts, duty, and a plan in the machine's own terms
export { dialOf, type Dial, type DialDoubt } from './dial-calibration/dial.ts';
export { dialEnds, dialSpeed } from './dial-calibration/dial-band.ts';
export { dialBend, nextKnob } from './dial-calibration/dial-advice.ts';
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
  type TimedReading,
  type TimedRun,
  WHOLE_MINUTE_S,
} from './dial-calibration/timed-run.ts';
export { positionFor, positionVolts, type VoltsPosition } from './volts-calibration/position-volts.ts';
export {
  fallingPlaces,
  nextVoltsPlace,
  voltsOverKnob,
  withReading,
  type VoltsKnobReading,
  type VoltsPlace,
} from './volts-calibration/volts-knob.ts';
export { bandAt, curveEnds, type BandedCurve } from './quantity/banded-curve.ts';
export { loadedDoubt, type LoadedDoubt, type LoadedReading } from './volts-calibration/droop.ts';
export { dutyPercent, dutyPlan, type DutyPlan, type DutyRating, type SeamRest } from './duty/duty.ts';
export { breakerVerdict, mainsDrawA } from './mains/mains-draw.ts';
export { shownOffset, type MeterReading } from './volts-calibration/shown-volts.ts';
export {
  ENTRY_UNITS,
  entryLineFault,
  isSameLine,
  type EntryFor,
  type EntryLine,
  type EntryPoint,
  type EntrySetting,
  type EntryUnit,
  TRIM_UNITS,
  type TrimUnit,
  type OneEntry,
} from './one-entry/one-entry.ts';
export {
  NEAR_LETTER_SHARE,
  NEAR_POSITION_V,
  voltsTerm,
  wireTerm,
  type OutOfReach,
  type VoltsOutOfReach,
  type VoltsTerm,
  type WireTerm,
} from './machine-terms/knob-terms.ts';
export { isFarPosition, planFit, type PositionFit } from './machine-terms/position-fit.ts';
export {
  machineTerms,
  planReach,
  positionLines,
  type MachineTerms,
  type PositionLine,
} from './machine-terms/machine-terms.ts';
export {
  lidChart,
  type LidBasis,
  type LidCell,
  type LidChartInput,
  type LidColumn,
  type LidRow,
} from './machine-terms/lid-chart.ts';

// Faults: what may be wrong, and the look that finds most for its trouble
export { FAULT_PROCESS_NAME, FAULT_PROCESSES, type FaultProcess } from './faults/fault-process.ts';
export {
  causeRow,
  type CauseId,
  CAUSES,
  causesIn,
  causeText,
  LINKS,
  type TableCause,
} from './faults/causes.ts';
export { linkOf } from './faults/link-of.ts';
export {
  FAULT_STATION_NAME,
  FAULT_STATIONS,
  type FaultStation,
  LINK_STRENGTHS,
  type LinkStrength,
} from './faults/fault-cause.ts';
export {
  isSymptomOf,
  SYMPTOM_GROUPS,
  type SymptomGroup,
  type SymptomId,
  SYMPTOMS,
  symptomsIn,
  symptomText,
  type TableSymptom,
} from './faults/symptoms.ts';
export { FAULT_FACTS, type FaultFact, faultFactRow, faultFactText } from './faults/fault-fact.ts';
export { FAULT_SIGNS, faultSignRow } from './faults/fault-sign.ts';
export { type FaultJob, SUSPICIONS } from './faults/suspicion.ts';
export { type FaultReport, leftUnexplained, rankCauses, type RankedCause } from './faults/rank-causes.ts';
export { type NextCheck, nextChecks } from './faults/next-checks.ts';
export { faultReasons } from './faults/fault-reasons.ts';
export { type CauseCounts, shopSteps } from './faults/shop-steps.ts';
export { type EvidenceSource, faultEvidence, type FaultEvidence } from './faults/fault-evidence.ts';
export { isAsItShould, knownTogether } from './faults/known-together.ts';
export { beadSymptoms } from './faults/bead-symptoms.ts';
export { faultJob, faultProcess, machineLacks, rigWhenRight } from './faults/fault-context.ts';
export { reportDoubt } from './faults/report-doubt.ts';
export { stationSymptoms } from './faults/station-symptoms.ts';
export { tellingSymptoms } from './faults/telling-symptoms.ts';
export { findSymptoms } from './faults/find-symptoms.ts';

// Practice feeder: a simulated machine to learn on
export {
  PRACTICE_KNOB,
  PRACTICE_SHAPES,
  PRACTICE_VALVE_TURNS,
  practiceFeeder,
  practiceFlow,
  practiceRun,
  practiceSpeed,
  practiceKnobRead,
  practiceKnobVolts,
  practiceVolts,
  type PracticeFeeder,
} from './practice-feeder/practice-feeder.ts';
export { seededRandom } from './quantity/seeded-random.ts';

// Rig state, changeover and Stores
export {
  isRigAttribute,
  type RigAttribute,
  RIG_ATTRIBUTE_NAMES,
  rigAttributeRow,
  rigValueText,
} from './rig-state/rig-attribute.ts';
export { type Attributes, type RigFact, type RigFacts, standingOf } from './rig-state/rig-fact.ts';
export { afterWelding, isOtherTip, TEST_BEAD_ARC_MIN, type Welding } from './rig-state/tip-life.ts';
export { keptPressure } from './changeover/rig-need.ts';
export { rigFact, rigField, rigFieldValue, withRigValue } from './changeover/machine-rig.ts';
export type { Gate } from './changeover/rig-step-row.ts';
export { RIG_STEPS } from './changeover/rig-steps.ts';
export { RIG_LOOKS } from './changeover/rig-looks.ts';
export type { ChangeoverStep } from './changeover/changeover.ts';
export { rigVerb, stepEffect } from './changeover/changeover.ts';
export { partsNeeded, type PartNeeded } from './stock/parts-needed.ts';
export {
  changeoverMinutesText,
  type CheckedLook,
  closeDown,
  jobChangeover,
  type JobChangeover,
  machineCheck,
  type RigQuestion,
} from './changeover/job-changeover.ts';
export {
  CYLINDER_PRESSURE_RANGE_BAR,
  CYLINDER_WATER_RANGE_L,
  CYLINDER_TEMPERATURE_RANGE_C,
  gaugeDoubt,
  isLiquidGas,
} from './stock/gas-volume.ts';
export {
  type Cylinder,
  CYLINDER_GAS_RANGE_KG,
  CYLINDER_TARE_RANGE_KG,
  cylinderLeft,
  isLow,
  isUsedUp,
  type Left,
  type Part,
  PART_COUNT_RANGE,
  PART_KINDS,
  type Spool,
  SPOOL_SIZES,
  SPOOL_TARE_KG,
  SPOOL_TARE_RANGE_KG,
  SPOOL_WIRE_RANGE_KG,
  type SpoolSize,
  spoolLeft,
  stockFault,
  type StockItem,
} from './stock/stock-item.ts';
export { afterEntry, type StockEntry } from './stock/stock-entry.ts';
export {
  cylindersFor,
  type Finish,
  type Lasts,
  type LastsVerdict,
  spoolsFor,
  willItFinish,
} from './stock/enough.ts';

// the day
export { TASK_WEIGHTS, type TaskWeight, type DayValue, compareValues } from './day-order/day-problem.ts';
export { dayOrder, type DayOrder, settled } from './day-order/day-order.ts';
export { dayBound } from './day-order/day-bound.ts';
export {
  type DayInput,
  type DayJob,
  type LeftOut,
  planDay,
  type PlannedDay,
  planOn,
  type PlanOn,
  taskMinutes,
} from './day/plan-day.ts';
export { placedDay, type PlaceOfDay } from './day/placed-day.ts';
export { type Pin, type PinFault } from './day/pins.ts';
export {
  ARC_SHARE_RANGE_PERCENT,
  clockMinutes,
  clockText,
  minutesFrom,
  type ShopDay,
  USUAL_DAY,
} from './day/shop-day.ts';
export { shortages, type Shortage, taskTakes, type TaskTakes } from './day/day-stock.ts';

// several welds, one setting
export {
  type CannotShare,
  oneSetting,
  type OneSetting,
  type SettingGroup,
} from './one-setting/one-setting.ts';
export { weldAt, weldBand } from './one-setting/weld-band.ts';

// runs as they were welded
export {
  RUN_AMPS_RANGE,
  RUN_ARC_RANGE_S,
  RUN_COUNT_RANGE,
  RUN_GAS_RANGE_L,
  RUN_RESULTS,
  type RunResult,
  RUN_TEMPERATURE_RANGE_C,
  RUN_WIRE_RANGE_KG,
  type TracePower,
  WELD_RUN_LENGTH_RANGE_MM,
  type WeldRun,
} from './run/weld-run.ts';
export {
  isHeat,
  type MissingForHeat,
  runArcMin,
  runCount,
  type RunFeed,
  runHeat,
  runTotals,
  runTravelMmPerMin,
  runUse,
} from './run/run-figures.ts';
export { recentArcMinutes, runDuty } from './run/run-duty.ts';
export { nextRunNumber } from './run/next-run.ts';
export type { Draw } from './stock/drawn.ts';
export { LEFT_FIELDS, type LedgerEntry, reckoned } from './stock/ledger.ts';
export {
  arcPower,
  type ArcPower,
  LEAST_TRACE_SAMPLES,
  type TraceFault,
  traceFault,
  type TraceSample,
} from './heat/arc-power.ts';

// inspection
export {
  INSPECTED_LEG_RANGE_MM,
  INSPECTED_LENGTH_RANGE_MM,
  NOMINAL_RANGE_MM,
  INSPECTED_PLATE_RANGE_MM,
  INSPECTED_SIZE_RANGE_MM,
  type InspectedPhoto,
  type Inspection,
  type ItemRead,
  type PhotoMark,
  type PhotoPoint,
  type SizeRead,
} from './inspection/inspection.ts';
export { type GaugeId, GAUGE_IDS, GAUGES, gaugeU95Mm } from './inspection/gauges.ts';
export {
  type InspectionItem,
  type InspectionItemId,
  INSPECTION_ITEM_IDS,
  inspectionItem,
  ITEM_GRADES,
  itemsOf,
} from './inspection/inspection-items.ts';
export {
  type JudgedInspection,
  type JudgedItem,
  judgeInspection,
  offeredStandard,
} from './inspection/judge-inspection.ts';
export type { Verdict } from './inspection/judge-finding.ts';
export { WELD_LEVELS, WELD_STANDARDS, type WeldLevel, type WeldStandard } from './inspection/weld-limits.ts';
export { DEFECT_WORDS, defectWord } from './inspection/defect-words.ts';
export { EDGE_PX, LEAST_SCALE_PX, photoLength, TOE_MM } from './inspection/photo-measure.ts';

// cost
export { type CostRates, OPERATING_FACTORS, type WeldCost, type WorkKind } from './cost/weld-cost.ts';
export {
  type Quote,
  quote,
  QUOTE_MINUTES_RANGE,
  QUOTE_PARTS_RANGE,
  type QuoteSwing,
  quoteWelds,
  USUAL_FIT_UP_MIN,
  USUAL_RATES,
  USUAL_TIP_LIFE_H,
} from './cost/quote.ts';

// procedure sheets
export {
  type ProcedureSheet,
  procedureSheet,
  SHEET_DISCLAIMER,
  SHEET_RUN_COLUMNS,
  type SheetEssentials,
  type SheetLine,
} from './procedure/procedure-sheet.ts';
export { type SheetChange, sheetChanges } from './procedure/sheet-changes.ts';

// the arc as a model
export { heatFromPowerKJPerMm, THERMAL_EFFICIENCY } from './heat/heat-input.ts';
export { arcBead } from './arc-model/arc-bead.ts';
export { wireDiameterRow } from './wire/wire-diameter.ts';
export {
  ARC_RANGES,
  gasNotModelled,
  ARC_WIRES_MM,
  type ArcSetting,
  type ArcWireMm,
  loadVolts,
  notModelled,
  USUAL_INDUCTANCE_H,
  USUAL_SLOPE_V_PER_A,
} from './arc-model/arc-setting.ts';
export { ARC_CLASS_WORDS, arcText, evenWord } from './arc-model/arc-words.ts';
export { FAMILY_ARC } from './arc-model/sound-families.ts';
export { mapAxes, type MapCell, type MapSetting, windowMap } from './arc-model/window-map.ts';
export { plannerVolts } from './arc-model/planner-line.ts';
export { type TraceFeatures, traceFeatures } from './arc-model/trace-features.ts';
export { ARC_GASES } from './arc-model/arc-gas.ts';
export { ARC_PARAMETER_TABLE } from './arc-model/arc-parameters.ts';
export { type ArcRun, changeArc, startArc } from './arc-model/arc-state.ts';
export { ARC_SAMPLES_PER_S, arcSamples, type ArcSamples, runArc } from './arc-model/run-arc.ts';
export { type ArcFeatures, recordArc, SETTLES_S } from './arc-model/arc-features.ts';
export { ARC_CLASSES, type ArcClass, arcClass, type ArcLevel, levelOf } from './arc-model/arc-class.ts';

// reading a recording of an arc
export { readRecording, readStretch, type Sound, type SoundReading } from './sound-reading/read-sound.ts';
export { type PowerSpectrum, SPECTRUM_FRAME } from './sound-reading/sound-features.ts';
export { SOUND_REFUSALS } from './sound-reading/sound-refusal.ts';
export { SOUND_CLASSES } from './sound-reading/sound-weights.ts';

// training the ear
export { EAR_CARDS, EAR_KINDS, type EarCard, type EarKind, earQuestion } from './ear-training/ear-cards.ts';
export { EAR_LESSONS, type LessonStep } from './ear-training/ear-lessons.ts';
