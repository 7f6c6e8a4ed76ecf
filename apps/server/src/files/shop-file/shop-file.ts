import type Database from 'better-sqlite3';
import { columnsOf, quoted, schemaOf, shopTables } from '../../base/disk/shop-tables.ts';

export const SHOP_FILE_FORMAT = 'hot-bead-shop';
export const SHOP_FILE_VERSION = 1;

/** A value of a row: what is no text and no number stands as base64. */
export type CellValue = string | number | null | { readonly base64: string };
export type ShopRow = Readonly<Record<string, CellValue>>;

type Connection = Database.Database;

function cellOf(value: unknown): CellValue {
  if (Buffer.isBuffer(value)) return { base64: value.toString('base64') };
  if (value === null || typeof value === 'string' || typeof value === 'number') return value;
  throw new TypeError(`a cell of ${typeof value}`);
}

/** A value as a row of a database takes it. */
export function boundCell(cell: CellValue): string | number | null | Buffer {
  return typeof cell === 'object' && cell !== null ? Buffer.from(cell.base64, 'base64') : cell;
}

function* rowsOf(database: Connection, table: string): Generator<ShopRow> {
  const columns = columnsOf(database, table);
  const key = columns.filter(({ pk }) => pk > 0).toSorted((a, b) => a.pk - b.pk);
  const order = quoted((key.length > 0 ? key : columns).map(({ name }) => name));
  const rows = database.prepare(`SELECT * FROM "${table}" ORDER BY ${order}`).iterate() as Iterable<
    Record<string, unknown>
  >;
  for (const row of rows) yield Object.fromEntries(columns.map(({ name }) => [name, cellOf(row[name])]));
}

/** How many records a shop has, by its tables. */
export function recordCounts(database: Connection): Readonly<Record<string, number>> {
  return Object.fromEntries(
    shopTables(database).map((table) => [
      table,
      database.prepare(`SELECT COUNT(*) FROM "${table}"`).pluck().get() as number,
    ]),
  );
}

/** How a row is written: most as they are; a photo may stand elsewhere. */
export type RowWriter = (table: string, row: ShopRow) => ShopRow;

/** Signs that are handed on at once. */
const PIECE_SIGNS = 64 * 1024;

/** Pieces put together until they are worth handing on. */
function* together(pieces: Iterable<string>): Generator<string> {
  let held = '';
  for (const piece of pieces) {
    held += piece;
    if (held.length < PIECE_SIGNS) continue;
    yield held;
    held = '';
  }
  if (held !== '') yield held;
}

/**
 * A whole shop as text, piece by piece: one record a line, in an order of its own, so that the same shop is the same text
 * and two can be held against one another. What is written meanwhile is in the next where the database is read within a
 * transaction.
 *
 * @throws {Error} where the database is empty of tables
 */
export function shopText(database: Connection, written: RowWriter = (_table, row) => row): Generator<string> {
  return together(linesOf(database, written));
}

function* linesOf(database: Connection, written: RowWriter): Generator<string> {
  const schema = schemaOf(database);
  if (schema === undefined) throw new Error('There is no shop in this database.');
  yield `{\n "format": ${JSON.stringify(SHOP_FILE_FORMAT)},\n "version": ${SHOP_FILE_VERSION},\n "schema": ${JSON.stringify(schema)},\n "tables": {`;
  let isFirstTable = true;
  for (const table of shopTables(database)) {
    yield `${isFirstTable ? '' : ','}\n  ${JSON.stringify(table)}: [`;
    let isFirst = true;
    for (const row of rowsOf(database, table)) {
      yield `${isFirst ? '' : ','}\n   ${JSON.stringify(written(table, row))}`;
      isFirst = false;
    }
    yield isFirst ? ']' : '\n  ]';
    isFirstTable = false;
  }
  yield '\n }\n}\n';
}
