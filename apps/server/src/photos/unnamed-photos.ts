import Database from 'better-sqlite3';
import { columnsOf, shopTables } from '../base/disk/shop-tables.ts';

const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;
const PHOTOS = 'photo';

/** Photos that no record names, as of an event. */
export interface UnnamedPhotos {
  readonly ids: readonly string[];
  /** The last event that was looked at: what happened since may name one. */
  readonly lastEvent: number;
}

/** Takes the ids that a table's rows name out of a set. */
function takeNamed(database: Database.Database, table: string, unnamed: Set<string>): void {
  const texts = columnsOf(database, table).filter(({ type }) => type.toLowerCase() === 'text');
  if (texts.length === 0) return;
  const all = texts.map(({ name }) => `coalesce("${name}", '')`).join(` || ' ' || `);
  for (const text of database.prepare(`SELECT ${all} FROM "${table}"`).pluck().iterate())
    for (const [id] of String(text).matchAll(UUID)) unnamed.delete(id);
}

/**
 * Photos kept before a time that stand nowhere in any record, nor in anything that happened.
 *
 * @param before an ISO date: what was kept since may yet be named
 */
export function unnamedPhotos({
  path,
  before,
}: {
  readonly path: string;
  readonly before: string;
}): UnnamedPhotos {
  const database = new Database(path, { readonly: true, timeout: 5000 });
  try {
    database.exec('BEGIN');
    const kept = database.prepare(`SELECT "id" FROM "${PHOTOS}" WHERE "at" < ?`).pluck().all(before);
    const unnamed = new Set(kept as string[]);
    const lastEvent = database
      .prepare('SELECT coalesce(MAX("number"), 0) FROM "event"')
      .pluck()
      .get() as number;
    for (const table of shopTables(database))
      if (unnamed.size > 0 && table !== PHOTOS) takeNamed(database, table, unnamed);
    return { ids: [...unnamed], lastEvent };
  } finally {
    database.close();
  }
}
