import type Database from 'better-sqlite3';

type Connection = Database.Database;

interface ColumnInfo {
  readonly name: string;
  /** As it was declared: text, integer, real, blob. */
  readonly type: string;
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

/** Names of columns as a statement takes them. */
export function quoted(names: readonly string[]): string {
  return names.map((name) => `"${name}"`).join(', ');
}

/** The last migration that a database has seen; undefined: none, it is empty. */
export function schemaOf(database: Connection): string | undefined {
  const there = database.prepare(`SELECT 1 FROM sqlite_master WHERE name = 'migrations'`).get();
  if (!there) return undefined;
  const last = database.prepare('SELECT name FROM migrations ORDER BY id DESC LIMIT 1').get() as
    { name: string } | undefined;
  return last?.name;
}
