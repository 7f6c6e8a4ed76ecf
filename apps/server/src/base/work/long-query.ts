import Database from 'better-sqlite3';

/** A query that looks at much: read only, and by what is said here alone. */
export interface LongQuery {
  readonly path: string;
  readonly sql: string;
  readonly parameters: readonly unknown[];
}

let open: { readonly path: string; readonly database: Database.Database } | undefined;

/** The rows of a query. The database stays open for the next. */
export function longQuery({ path, sql, parameters }: LongQuery): readonly unknown[] {
  if (open?.path !== path || !open.database.open) {
    open?.database.close();
    open = { path, database: new Database(path, { readonly: true, timeout: 5000 }) };
  }
  return open.database.prepare(sql).all(...parameters);
}
