import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { DataSource, type DataSourceOptions } from 'typeorm';
import { dataSourceOptions, MIGRATION_NAMES, migrationsUpTo } from '../database/data-source-options.ts';
import { ShopFileError } from './read-shop-file.ts';
import { type CellValue, columnsOf, readShop, recordCount, type ShopFile, shopTables } from './shop-file.ts';

type Connection = Database.Database;

/** How many records of each table were taken. */
export type Taken = Readonly<Record<string, number>>;

function bound(cell: CellValue): string | number | null | Buffer {
  return typeof cell === 'object' && cell !== null ? Buffer.from(cell.base64, 'base64') : cell;
}

/** Puts the records of a file into tables that are empty; what a table does not have is named. */
function fill(database: Connection, { tables }: ShopFile): void {
  const there = shopTables(database);
  const strange = Object.keys(tables).find((table) => !there.includes(table));
  if (strange !== undefined) throw new ShopFileError(`There is no table ${strange}.`);
  for (const table of there) {
    const columns = columnsOf(database, table).map(({ name }) => name);
    const insert = database.prepare(
      `INSERT INTO "${table}" (${columns.map((name) => `"${name}"`).join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
    );
    for (const [i, row] of (tables[table] ?? []).entries()) {
      const names = Object.keys(row);
      const wrong =
        names.find((name) => !columns.includes(name)) ?? columns.find((name) => !names.includes(name));
      if (wrong !== undefined) {
        throw new ShopFileError(`Record ${i + 1} of ${table}: ${wrong} is no field of it, or is missing.`);
      }
      try {
        insert.run(...columns.map((name) => bound(row[name] ?? null)));
      } catch (error) {
        throw new ShopFileError(`Record ${i + 1} of ${table} cannot be kept: ${(error as Error).message}.`);
      }
    }
  }
  const [broken] = database.pragma('foreign_key_check') as { table: string; parent: string }[];
  if (broken)
    throw new ShopFileError(`A record of ${broken.table} names one of ${broken.parent} that is not there.`);
}

async function migrated(path: string, migrations: DataSourceOptions['migrations']): Promise<void> {
  const options = { ...dataSourceOptions(path), ...(migrations ? { migrations } : {}), migrationsRun: false };
  const source = new DataSource(options as DataSourceOptions);
  await source.initialize();
  try {
    await source.runMigrations();
  } finally {
    await source.destroy();
  }
}

/** A shop as it is today: one that was written in an older form is brought forward as its database would have been. */
async function broughtForward(file: ShopFile): Promise<ShopFile> {
  if (file.schema === MIGRATION_NAMES.at(-1)) return file;
  const folder = mkdtempSync(join(tmpdir(), 'hot-bead-'));
  const path = join(folder, 'shop.sqlite');
  try {
    await migrated(path, migrationsUpTo(file.schema));
    const old = new Database(path);
    try {
      old.pragma('foreign_keys = OFF');
      old.transaction(() => fill(old, file))();
    } finally {
      old.close();
    }
    await migrated(path, undefined);
    const now = new Database(path, { readonly: true });
    try {
      return readShop(now);
    } finally {
      now.close();
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/**
 * Takes a whole shop into a database: all of it or nothing, in one transaction, so that a program that is killed meanwhile
 * leaves the shop as it was.
 *
 * @param replace whether what is there may go
 * @throws {ShopFileError} where the database holds records and they may not go, and for a record that cannot be kept
 */
export async function takeShop(path: string, file: ShopFile, replace: boolean): Promise<Taken> {
  const shop = await broughtForward(file);
  await migrated(path, undefined);
  const database = new Database(path);
  try {
    database.pragma('busy_timeout = 5000');
    database.pragma('synchronous = FULL');
    database.pragma('foreign_keys = OFF'); // within it records come table by table; all are checked at the end
    const take = database.transaction((): Taken => {
      const held = recordCount(database);
      if (held > 0 && !replace) {
        throw new ShopFileError(
          `There is a shop in ${path} already (${held} records): say --replace to put this one in its place.`,
        );
      }
      const tables = shopTables(database);
      for (const table of tables) database.prepare(`DELETE FROM "${table}"`).run();
      fill(database, shop);
      return Object.fromEntries(tables.map((table) => [table, shop.tables[table]?.length ?? 0]));
    });
    return take.immediate();
  } finally {
    database.close();
  }
}
