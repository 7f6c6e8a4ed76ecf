export { type Shortage, shortages, taskTakes, type TaskTakes } from './day-stock.ts';
export type { PinFault } from './pins.ts';
export { placedDay, type PlaceOfDay } from './placed-day.ts';
export {
  type DayInput,
  type DayJob,
  type LeftOut,
  planDay,
  type PlannedDay,
  type PlanOn,
  planOn,
  taskMinutes,
} from './plan-day.ts';
export { ARC_SHARE_RANGE_PERCENT, clockMinutes, clockText, type ShopDay, USUAL_DAY } from './shop-day.ts';

// One setting
export {
  type CannotShare,
  type OneSetting,
  oneSetting,
  type SettingGroup,
} from './one-setting/one-setting.ts';
export { weldAt, weldBand } from './one-setting/weld-band.ts';

// Order
export { dayBound } from './order/day-bound.ts';
export { dayOrder, type DayOrder, settled } from './order/day-order.ts';
export { compareValues, type DayValue, TASK_WEIGHTS, type TaskWeight } from './order/day-problem.ts';
