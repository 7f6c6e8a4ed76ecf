// Caution
export type { Caution, CautionLevel } from './caution/caution.ts';

// Demand
export type { DemandRow } from './demand/current-demand.ts';

// Runs
export type { RunCell } from './runs/run-cells.ts';
export { isNewSetting, type PlannedRun, RUN_ROLE_NAME } from './runs/run.ts';

// Secondary
export type { SecondarySetting } from './secondary/secondary-setting.ts';

// Setup
export { comparedPlans, type ComparedRow } from './setup/compare.ts';
export {
  OWN_CTWD_RANGE_MM,
  OWN_GAS_FLOW_RANGE_L_PER_MIN,
  OWN_VOLTS_RANGE,
  OWN_WIRE_SPEED_RANGE_M_PER_MIN,
  planSetup,
} from './setup/plan-setup.ts';
export {
  MODEL_VERSION,
  type OtherWay,
  type OwnNumbers,
  type PlannedSetup,
  type RefusedSetup,
  type Setup,
} from './setup/setup.ts';
export {
  evenSteps,
  startSetting,
  type TransferRegion,
  transferRegions,
  windowAt,
  windowCurve,
} from './setup/window-curve.ts';

// Work
export { type CompletedWork, completeWork, USUAL_WORK, workTitle } from './work/complete-work.ts';
export type { Shelf } from './work/resources.ts';
export {
  jobInShop,
  type JobOfShop,
  type KeptShopParts,
  resourcesOf,
  type Shop,
  shopOf,
} from './work/shop.ts';
export type { StatedWork } from './work/stated-work.ts';
