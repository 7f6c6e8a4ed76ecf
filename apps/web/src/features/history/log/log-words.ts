import type { LogEntry, LogKind, LogSort, LogVerdict } from '@hot-bead/contract/history';

export const KIND_WORD: Readonly<Record<LogKind, string>> = {
  bead: 'Test bead',
  run: 'Run',
  inspection: 'Inspection',
  sheet: 'Procedure sheet',
  rig: 'Rig',
  calibration: 'Calibration',
  fault: 'Fault',
  stock: 'Stores',
};

/** How it came out, each with its mark. */
export const VERDICT_WORD: Readonly<Record<LogVerdict, string>> = {
  cold: '▼ cold',
  right: '● right',
  hot: '▲ hot',
  blown: '■ blown through',
  ok: '● all right',
  redo: '◆ to do again',
  scrap: '■ scrap',
  pass: '● pass',
  fail: '■ fail',
  'not-decided': '◆ not decided',
  mended: '● mended',
  left: '◆ left as it is',
};

export const SORT_WORD: Readonly<Record<LogSort, string>> = {
  newest: 'Newest first',
  oldest: 'Oldest first',
  thinnest: 'Thinnest first',
  thickest: 'Thickest first',
};

/** Where what a line tells of is found. */
export function placeOf({ kind, jobId, machineId, subjectId }: LogEntry): string {
  switch (kind) {
    case 'bead':
      return `/jobs/${jobId}/dial-in`;
    case 'run':
      return `/jobs/${jobId}/record`;
    case 'inspection':
      return `/jobs/${jobId}/record/inspections/${subjectId}`;
    case 'sheet':
      return `/jobs/${jobId}/record/sheet`;
    case 'rig':
    case 'calibration':
      return `/machines/${machineId ?? subjectId}`;
    case 'fault':
      return `/faults/${subjectId}`;
    case 'stock':
      return '/stores';
  }
}
