export { type RestoreKind, type RestoreReport, restoreReportSchema } from './backup.ts';
export { type RecordTable, tableCsv, tableReading, type TableReading } from './record-table.ts';
export {
  LOG_TABLE,
  PIECE_TABLE,
  REPORT_LINES_MOST,
  STOCK_TABLE,
  TABLE_BYTES_MOST,
  TABLE_LINES_MOST,
  TABLE_NAMES,
  type TableName,
  type TableReport,
  tableReportSchema,
  type ToldLine,
} from './tables.ts';
