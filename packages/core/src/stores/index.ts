export type { Draw } from './drawn.ts';
export {
  cylindersFor,
  type Finish,
  type Lasts,
  type LastsVerdict,
  spoolsFor,
  willItFinish,
} from './enough.ts';
export {
  CYLINDER_PRESSURE_RANGE_BAR,
  CYLINDER_TEMPERATURE_RANGE_C,
  CYLINDER_WATER_RANGE_L,
  gaugeDoubt,
  isLiquidGas,
} from './gas-volume.ts';
export { type LedgerEntry, LEFT_FIELDS, reckoned } from './ledger.ts';
export { type PartNeeded, partsNeeded } from './parts-needed.ts';
export { afterEntry, type StockEntry } from './stock-entry.ts';
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
  spoolLeft,
  type SpoolSize,
  stockFault,
  type StockItem,
} from './stock-item.ts';
