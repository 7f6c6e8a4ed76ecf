export { KEPT_RANGES } from './kept-ranges.ts';
export { LINE_MOST, WRITTEN_LINE_MOST } from './line-length.ts';
export type { LineContext, LineFragment, LineReading } from './line-reading.ts';
export { A_THING, NOTHING, OWN_WORD, type ShopWords } from './own-meanings.ts';
export { effectiveWork, parseLine } from './parse.ts';
export { columnAt, linesOfTable, type PastedList, readPastedList } from './pasted-list.ts';
export { readProgramLines } from './program-lines.ts';
export { readsAsWork } from './reads-as-work.ts';
export { renderLine } from './render.ts';
export { canStandFor, readShopWords } from './shop-words.ts';

// Report
export {
  type PlannedReport,
  planReport,
  type PlanReport,
  type RefusedReport,
  type ReportedReason,
  type ReportedRun,
  type ReportedSpan,
  type ReportedTotals,
  type ReportedWay,
} from './report/plan-report.ts';
export type { ReportedStation } from './report/station-report.ts';
