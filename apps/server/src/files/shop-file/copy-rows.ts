import type Database from 'better-sqlite3';
import { columnsOf, quoted, shopTables } from '../../base/disk/shop-tables.ts';

/** Puts all rows of another database of the same form in the place of those that are there, in one transaction. */
export function copyRows(database: Database.Database, from: string): void {
  database.prepare('ATTACH ? AS given').run(from);
  try {
    database
      .transaction(() => {
        for (const table of shopTables(database)) {
          const columns = quoted(columnsOf(database, table).map(({ name }) => name));
          database.prepare(`DELETE FROM main."${table}"`).run();
          database
            .prepare(`INSERT INTO main."${table}" (${columns}) SELECT ${columns} FROM given."${table}"`)
            .run();
        }
      })
      .immediate();
  } finally {
    database.exec('DETACH given');
  }
}
