import type { RecordKind } from '@hot-bead/core/history';

/** What a record is called to its user. */
export const KIND_WORD: Readonly<Record<RecordKind, string>> = {
  job: 'job',
  machine: 'machine',
  'test-bead': 'bead',
  shop: 'shop',
  stock: 'thing in Stores',
  piece: 'piece',
  'fault-case': 'fault case',
  run: 'run',
  inspection: 'inspection',
  sheet: 'procedure sheet',
  'ear-test': 'ear test',
};
