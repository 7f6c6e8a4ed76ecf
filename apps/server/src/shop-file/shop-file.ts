import Database from 'better-sqlite3';

export const SHOP_FILE_FORMAT = 'hot-bead-shop';
export const SHOP_FILE_VERSION = 1;

/** A value of a row: what is no text and no number stands as base64. */
export type CellValue = string | number | null | { readonly base64: string };
export type ShopRow = Readonly<Record<string, CellValue>>;

/** A whole shop as it travels: every record of every table, in an order of its own, so that the same shop is the same file. */
export interface ShopFile {
  readonly format: typeof SHOP_FILE_FORMAT;
  readonly version: typeof SHOP_FILE_VERSION;
  /** The last migration of the database that it came from. */
  readonly schema: string;
  readonly tables: Readonly<Record<string, readonly ShopRow[]>>;
}

type Connection = Database.Database;

interface ColumnInfo {
  readonly name: string;
  /** Place in the primary key, from 1; 0: none. */
  readonly pk: number;
}

/** What the search of the log is kept in: it follows from the log. */
const SEARCH_TABLES = 'log_text';

/** Tables that hold the shop's records; the database's own bookkeeping is none. */
export function shopTables(database: Connection): readonly string[] {
  const rows = database
    .prepare(
      `SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name <> 'migrations' ORDER BY name`,
    )
    .all() as { name: string }[];
  return rows.map(({ name }) => name).filter((name) => !name.startsWith(SEARCH_TABLES));
}

/** Columns of a table, by name. */
export function columnsOf(database: Connection, table: string): readonly ColumnInfo[] {
  const columns = database.pragma(`table_info("${table}")`) as ColumnInfo[];
  return columns.toSorted((a, b) => (a.name < b.name ? -1 : 1));
}

/** The last migration that a database has seen; undefined: none, it is empty. */
export function schemaOf(database: Connection): string | undefined {
  const there = database.prepare(`SELECT 1 FROM sqlite_master WHERE name = 'migrations'`).get();
  if (!there) return undefined;
  const last = database.prepare('SELECT name FROM migrations ORDER BY id DESC LIMIT 1').get() as
    { name: string } | undefined;
  return last?.name;
}

function cellOf(value: unknown): CellValue {
  if (Buffer.isBuffer(value)) return { base64: value.toString('base64') };
  if (value === null || typeof value === 'string' || typeof value === 'number') return value;
  throw new TypeError(`a cell of ${typeof value}`);
}

function rowsOf(database: Connection, table: string): readonly ShopRow[] {
  const columns = columnsOf(database, table);
  const key = columns.filter(({ pk }) => pk > 0).toSorted((a, b) => a.pk - b.pk);
  const order = (key.length > 0 ? key : columns).map(({ name }) => `"${name}"`).join(', ');
  const rows = database.prepare(`SELECT * FROM "${table}" ORDER BY ${order}`).all() as Record<
    string,
    unknown
  >[];
  return rows.map((row) => Object.fromEntries(columns.map(({ name }) => [name, cellOf(row[name])])));
}

/** How many records a shop has: what it is taken for as empty. */
export function recordCount(database: Connection): number {
  return shopTables(database).reduce((sum, table) => {
    const { n } = database.prepare(`SELECT COUNT(*) AS n FROM "${table}"`).get() as { n: number };
    return sum + n;
  }, 0);
}

/**
 * A whole shop from its database, as of one moment: what is written meanwhile is in the next.
 *
 * @throws {Error} where the database is empty of tables
 */
export function readShop(database: Connection): ShopFile {
  const read = database.transaction((): ShopFile => {
    const schema = schemaOf(database);
    if (schema === undefined) throw new Error('There is no shop in this database.');
    const tables = Object.fromEntries(
      shopTables(database).map((table) => [table, rowsOf(database, table)] as const),
    );
    return { format: SHOP_FILE_FORMAT, version: SHOP_FILE_VERSION, schema, tables };
  });
  return read.deferred();
}

/** A whole shop as text: one record a line, so that two can be held against one another. */
export function shopText({ format, version, schema, tables }: ShopFile): string {
  const parts = Object.entries(tables).map(([table, rows]) => {
    const lines = rows.map((row) => `   ${JSON.stringify(row)}`).join(',\n');
    return `  ${JSON.stringify(table)}: [${rows.length === 0 ? '' : `\n${lines}\n  `}]`;
  });
  const head = `{\n "format": ${JSON.stringify(format)},\n "version": ${version},\n "schema": ${JSON.stringify(schema)},\n`;
  return `${head} "tables": {\n${parts.join(',\n')}\n }\n}\n`;
}
