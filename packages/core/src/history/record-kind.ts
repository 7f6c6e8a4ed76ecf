/** What a record can be. */
export const RECORD_KINDS = [
  'job',
  'machine',
  'test-bead',
  'shop',
  'stock',
  'piece',
  'fault-case',
  'run',
  'inspection',
  'sheet',
  'ear-test',
] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];

/** Parts of a job whose own keys are fields for themselves. */
export const JOB_BRANCHES = ['work', 'own', 'task', 'dialIn'] as const;
/** Of a machine: which of its readings count, and how it stands. */
export const MACHINE_BRANCHES = ['readingCounts', 'rig'] as const;
/** Of a fault case: what was said of each fact. */
export const FAULT_CASE_BRANCHES = ['said'] as const;
/** Of an inspection: what was read of each item. */
export const INSPECTION_BRANCHES = ['items'] as const;
/** Of the shop's settings. */
export const SHOP_BRANCHES = ['schools', 'words'] as const;

/** The field that says that a record was put away. */
export const AWAY = 'away';
