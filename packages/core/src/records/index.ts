// Cost
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
export { type CostRates, OPERATING_FACTORS, type WeldCost, type WorkKind } from './cost/weld-cost.ts';

// Inspection
export { DEFECT_WORDS, defectWord } from './inspection/defect-words.ts';
export { GAUGE_IDS, type GaugeId, GAUGES, gaugeU95Mm } from './inspection/gauges.ts';
export {
  INSPECTION_ITEM_IDS,
  inspectionItem,
  type InspectionItem,
  type InspectionItemId,
  ITEM_GRADES,
  itemsOf,
} from './inspection/inspection-items.ts';
export {
  INSPECTED_LEG_RANGE_MM,
  INSPECTED_LENGTH_RANGE_MM,
  INSPECTED_PLATE_RANGE_MM,
  INSPECTED_SIZE_RANGE_MM,
  type InspectedPhoto,
  type Inspection,
  type ItemRead,
  NOMINAL_RANGE_MM,
  type PhotoMark,
  type PhotoPoint,
  type SizeRead,
} from './inspection/inspection.ts';
export type { Verdict } from './inspection/judge-finding.ts';
export {
  type JudgedInspection,
  type JudgedItem,
  judgeInspection,
  offeredStandard,
} from './inspection/judge-inspection.ts';
export { EDGE_PX, LEAST_SCALE_PX, photoLength, TOE_MM } from './inspection/photo-measure.ts';
export { WELD_LEVELS, WELD_STANDARDS, type WeldLevel, type WeldStandard } from './inspection/weld-limits.ts';

// Sheet
export {
  type ProcedureSheet,
  procedureSheet,
  SHEET_DISCLAIMER,
  type SheetEssentials,
  type SheetLine,
} from './sheet/procedure-sheet.ts';
export { type SheetChange, sheetChanges } from './sheet/sheet-changes.ts';

// Run
export { nextRunNumber } from './run/next-run.ts';
export { recentArcMinutes, runDuty } from './run/run-duty.ts';
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
export {
  RUN_AMPS_RANGE,
  RUN_ARC_RANGE_S,
  RUN_COUNT_RANGE,
  RUN_GAS_RANGE_L,
  RUN_RESULTS,
  RUN_TEMPERATURE_RANGE_C,
  RUN_WIRE_RANGE_KG,
  type RunResult,
  type TracePower,
  WELD_RUN_LENGTH_RANGE_MM,
  type WeldedRun,
} from './run/weld-run.ts';
export { sheetRunHeadings, sheetRunTexts, sheetText } from './sheet/sheet-words.ts';
