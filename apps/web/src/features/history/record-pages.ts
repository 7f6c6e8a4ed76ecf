import type { RecordKind } from '@hot-bead/core/history';

/** The page of a record, by its id and that of the record that it is found under. */
export const RECORD_PAGE: Readonly<Record<RecordKind, (id: string, of: string) => string>> = {
  job: (id) => `/jobs/${id}`,
  machine: (id) => `/machines/${id}`,
  'test-bead': (_id, of) => `/jobs/${of}/dial-in`,
  shop: () => '/settings',
  stock: () => '/stores',
  piece: (id) => `/pieces/${id}`,
  'fault-case': (id) => `/faults/${id}`,
  run: (_id, of) => `/jobs/${of}/record`,
  inspection: (id, of) => `/jobs/${of}/record/inspections/${id}`,
  sheet: (_id, of) => `/jobs/${of}/record/sheet`,
  'ear-test': () => '/lab/ear',
};
