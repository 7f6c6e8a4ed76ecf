import {
  decodedText,
  LOG_TABLE,
  PIECE_TABLE,
  readingTable,
  type RecordTable,
  STOCK_TABLE,
  TABLE_LINES_MOST,
  type TableName,
  type TableReading,
} from '@hot-bead/contract';

/** Columns of each table, told with its file. */
export const TABLES = { log: LOG_TABLE, stores: STOCK_TABLE, pieces: PIECE_TABLE } as const;

/** A table as it was sent. */
export interface SentTable {
  readonly name: TableName;
  readonly bytes: Uint8Array;
}

/** A table as it was read, and how its text was written. */
export interface ReadTable extends TableReading<object> {
  readonly encoding: string;
}

function refusedIn({ lines, refused }: TableReading<object>, most: number): TableReading<object>['refused'] {
  if (lines > most)
    return [{ line: undefined, message: `That is ${lines} lines: ${most} are the most at once.` }];
  if (lines === 0 && refused.length === 0) {
    return [{ line: undefined, message: 'There is a heading, and no line under it.' }];
  }
  return refused;
}

/** Reads a table to its end; where anything of it cannot be kept, none of its lines is handed on. */
export function readTable({ name, bytes }: SentTable): ReadTable {
  const { text, encoding = 'UTF-8' } = decodedText(bytes, TextDecoder);
  const search = readingTable(TABLES[name] as RecordTable<object>, text);
  let step = search.next();
  while (step.done !== true) step = search.next();
  const refused = refusedIn(step.value, TABLE_LINES_MOST[name]);
  const rows = refused.length === 0 ? step.value.rows : [];
  return { ...step.value, rows, refused, encoding };
}
