export type { LinerMaterial, RollForm } from './feed-path.ts';
export { POLARITIES } from './polarity.ts';

// Family
export { FAMILIES } from './family/families.ts';

// Gas
export { COMMON_GASES, type GasId, gasNamed, gasOf } from './gas/gas.ts';

// Heat
export {
  arcPower,
  type ArcPower,
  LEAST_TRACE_SAMPLES,
  type TraceFault,
  traceFault,
  type TraceSample,
} from './heat/arc-power.ts';
export { heatFromPowerKJPerMm, THERMAL_EFFICIENCY } from './heat/heat-input.ts';

// Material
export { BASE_METAL_TABLE, BASE_METALS, metalName } from './material/base-metal.ts';
export { metalPair, type WeldMetal } from './material/metal-pair.ts';
export {
  type Circumstance,
  CIRCUMSTANCE_NAME,
  CIRCUMSTANCES,
  gaugeTableFor,
  isFilletJoint,
  type Joint,
  JOINT_NAME,
  JOINTS,
  NUMBER_OFF_RANGE,
  PLACE_NAME,
  PLACES,
  type Position,
  POSITION_NAME,
  POSITIONS,
  PRIORITIES,
  type Priority,
  PRIORITY_NAME,
  PRODUCTS,
  PROFILES,
  SEAM_RANGE_MM,
  SURFACE_NAME,
  SURFACES,
  type Work,
} from './material/work.ts';

// Transfer
export {
  MODE_NAME,
  PLANNED_MODES,
  type PlannedMode,
  TRANSFER_MODES,
  type TransferMode,
} from './transfer/transfer-mode.ts';
export { WAY_MODES, wayModeName } from './transfer/way-mode.ts';

// Wire
export { isSameWire, type ShelfWire } from './wire/shelf-wire.ts';
export { type Way, WAY_NAME, WAYS } from './wire/way.ts';
export { WIRE_CLASS_TABLE } from './wire/wire-class-table.ts';
export { usualClass, WIRE_CLASSES, type WireClass, wireClassRow } from './wire/wire-class.ts';
export { WIRE_DIAMETERS_MM, type WireDiameterMm, wireDiameterRow } from './wire/wire-diameter.ts';
