/** How a kind of record is spoken of to its user. */
export interface RecordKindRow {
  /** What one is called. */
  readonly word: string;
  /** What is said of it when it begins, and when it is put away. */
  readonly begun: string;
  readonly away: string;
}

/** Every kind of record there is. */
export const RECORD_KIND_ROWS = {
  job: { word: 'job', begun: 'saved', away: 'put away' },
  machine: { word: 'machine', begun: 'added', away: 'retired' },
  'test-bead': { word: 'bead', begun: 'logged', away: 'taken away' },
  shop: { word: 'shop', begun: 'set up', away: 'put away' },
  stock: { word: 'thing in Stores', begun: 'put into Stores', away: 'put away' },
  piece: { word: 'piece', begun: 'begun', away: 'put away' },
  'fault-case': { word: 'fault case', begun: 'begun', away: 'put away' },
  run: { word: 'run', begun: 'welded', away: 'taken away' },
  inspection: { word: 'inspection', begun: 'looked at', away: 'taken away' },
  sheet: { word: 'procedure sheet', begun: 'kept as a revision', away: 'put away' },
  'ear-test': { word: 'ear test', begun: 'taken', away: 'put away' },
} as const satisfies Readonly<Record<string, RecordKindRow>>;
export type RecordKind = keyof typeof RECORD_KIND_ROWS;
export const RECORD_KINDS = Object.keys(RECORD_KIND_ROWS) as readonly RecordKind[];

/** How a kind of record is spoken of. */
export function recordKindRow(kind: RecordKind): RecordKindRow {
  return RECORD_KIND_ROWS[kind];
}

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
