export { isBooking, WELDED } from './booking.ts';
export {
  canonicalJson,
  changeBack,
  changeBetween,
  changeOf,
  differing,
  type FieldChange,
  type Fields,
  fieldsAfter,
  fieldsOf,
  isSameValue,
  type Json,
  patchOf,
  recordOf,
} from './field-change.ts';
export {
  AWAY,
  FAULT_CASE_BRANCHES,
  INSPECTION_BRANCHES,
  JOB_BRANCHES,
  MACHINE_BRANCHES,
  RECORD_KINDS,
  recordKindRow,
  type RecordKind,
  SHOP_BRANCHES,
} from './record-kind.ts';
