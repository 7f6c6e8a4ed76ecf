import { decodedText } from '@hot-bead/contract/base';
import {
  LOG_TABLE,
  PIECE_TABLE,
  type RecordTable,
  STOCK_TABLE,
  TABLE_LINES_MOST,
  type TableName,
  tableReading,
  type TableReading,
} from '@hot-bead/contract/files';

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

/** A cell may hold line ends of its own: so many lines of text there may be to a line of the table. */
const TEXT_LINES_MOST = 4;
/** Longest heading, bytes: far more than all columns with all their names. */
const HEADING_BYTES_MOST = 20_000;
const LINE_END = 0x0a;

/** What is too much of a text before it is taken apart; undefined: nothing. */
function tooMuchIn(bytes: Uint8Array, most: number): string | undefined {
  const heading = bytes.indexOf(LINE_END);
  if ((heading < 0 ? bytes.length : heading) > HEADING_BYTES_MOST)
    return 'Its heading is longer than any can be.';
  let lines = 0;
  for (let at = heading; at >= 0; at = bytes.indexOf(LINE_END, at + 1)) lines += 1;
  return lines > (most + 1) * TEXT_LINES_MOST
    ? `That is ${lines} lines: ${most} are the most at once.`
    : undefined;
}

/** Reads a table to its end; where anything of it cannot be kept, none of its lines is handed on. */
export function readTable({ name, bytes }: SentTable): ReadTable {
  const tooMuch = tooMuchIn(bytes, TABLE_LINES_MOST[name]);
  if (tooMuch !== undefined) {
    const refused = [{ line: undefined, message: tooMuch }];
    return { rows: [], lines: 0, refused, dialect: undefined, encoding: 'UTF-8' };
  }
  const { text, encoding = 'UTF-8' } = decodedText(bytes, TextDecoder);
  const reading = tableReading(TABLES[name] as RecordTable<object>, text);
  const refused = refusedIn(reading, TABLE_LINES_MOST[name]);
  const rows = refused.length === 0 ? reading.rows : [];
  return { ...reading, rows, refused, encoding };
}
