import type { RecordKind } from '@hot-bead/core/history';

/** How a kind of record is spoken of, and where one is found. */
interface KindOfRecord {
  /** What one is called to its user. */
  readonly word: string;
  /** What is said of it when it begins, and when it is put away. */
  readonly begun: string;
  readonly away: string;
  /** The page of one, by its id and that of the record that it is found under. */
  readonly at: (id: string, of: string) => string;
}

/** Every kind of record, as the history speaks of it. */
export const RECORD_KIND: Readonly<Record<RecordKind, KindOfRecord>> = {
  job: { word: 'job', begun: 'saved', away: 'put away', at: (id) => `/jobs/${id}` },
  machine: { word: 'machine', begun: 'added', away: 'retired', at: (id) => `/machines/${id}` },
  'test-bead': { word: 'bead', begun: 'logged', away: 'taken away', at: (_id, of) => `/jobs/${of}/dial-in` },
  shop: { word: 'shop', begun: 'set up', away: 'put away', at: () => '/settings' },
  stock: { word: 'thing in Stores', begun: 'put into Stores', away: 'put away', at: () => '/stores' },
  piece: { word: 'piece', begun: 'begun', away: 'put away', at: (id) => `/pieces/${id}` },
  'fault-case': { word: 'fault case', begun: 'begun', away: 'put away', at: (id) => `/faults/${id}` },
  run: { word: 'run', begun: 'welded', away: 'taken away', at: (_id, of) => `/jobs/${of}/record` },
  inspection: {
    word: 'inspection',
    begun: 'looked at',
    away: 'taken away',
    at: (id, of) => `/jobs/${of}/record/inspections/${id}`,
  },
  sheet: {
    word: 'procedure sheet',
    begun: 'kept as a revision',
    away: 'put away',
    at: (_id, of) => `/jobs/${of}/record/sheet`,
  },
  'ear-test': { word: 'ear test', begun: 'taken', away: 'put away', at: () => '/lab/ear' },
};
