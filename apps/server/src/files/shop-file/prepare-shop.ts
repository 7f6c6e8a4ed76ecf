import { createReadStream } from 'node:fs';
import { join } from 'node:path';
import type { RestoreKind } from '@hot-bead/contract/files';
import Database from 'better-sqlite3';
import { DataSource, type DataSourceOptions } from 'typeorm';
import { dataSourceOptions, MIGRATION_NAMES, migrationsUpTo } from '../../database/data-source-options.ts';
import { copyRows } from './copy-rows.ts';
import { readShopJson, type ShopReader } from './read-shop-json.ts';
import { columnsOf, quoted, schemaOf, shopTables } from '../../base/disk/shop-tables.ts';
import { boundCell, type ShopRow } from './shop-file.ts';
import { ShopFileError } from './shop-file-error.ts';
import { openShopZip, PHOTO_TABLE } from './shop-zip.ts';

type Connection = Database.Database;

function refuseUnknown(schema: string): void {
  if (MIGRATION_NAMES.includes(schema)) return;
  throw new ShopFileError(
    `This shop was written by another Hot Bead (${schema}): take it with that version or a newer one.`,
  );
}

async function migrated(path: string, migrations?: DataSourceOptions['migrations']): Promise<void> {
  const options = { ...dataSourceOptions(path), ...(migrations ? { migrations } : {}), migrationsRun: false };
  const source = new DataSource(options as DataSourceOptions);
  await source.initialize();
  try {
    await source.runMigrations();
  } finally {
    await source.destroy();
  }
}

/** An empty shop of a form, open to be filled: it is thrown away where it is not filled whole. */
async function emptyShop(path: string, schema: string): Promise<Connection> {
  refuseUnknown(schema);
  await migrated(path, migrationsUpTo(schema));
  const database = new Database(path);
  database.pragma('synchronous = OFF');
  database.pragma('foreign_keys = OFF'); // records come table by table; all are checked at the end
  for (const table of shopTables(database)) database.prepare(`DELETE FROM "${table}"`).run();
  database.exec('BEGIN');
  return database;
}

/** Puts the records that are read into a new database of their own form. */
class Filling implements ShopReader {
  database: Connection | undefined;
  private readonly inserts = new Map<string, readonly [Database.Statement, readonly string[]]>();

  constructor(
    private readonly path: string,
    private readonly whole: (table: string, row: ShopRow) => Promise<ShopRow>,
  ) {}

  async begin(schema: string): Promise<void> {
    if (this.database) throw new ShopFileError('This is no shop of Hot Bead: it says its schema twice.');
    this.database = await emptyShop(this.path, schema);
  }

  async row(table: string, shopRow: ShopRow, place: number): Promise<void> {
    const row = await this.whole(table, shopRow);
    const [insert, columns] = this.insertInto(table);
    const names = Object.keys(row);
    const wrong = names.find((name) => !columns.includes(name)) ?? columns.find((name) => !(name in row));
    if (wrong !== undefined) {
      throw new ShopFileError(`Record ${place} of ${table}: ${wrong} is no field of it, or is missing.`);
    }
    try {
      insert.run(...columns.map((name) => boundCell(row[name] ?? null)));
    } catch (error) {
      throw new ShopFileError(`Record ${place} of ${table} cannot be kept: ${(error as Error).message}.`);
    }
  }

  private insertInto(table: string): readonly [Database.Statement, readonly string[]] {
    const known = this.inserts.get(table);
    if (known) return known;
    const { database } = this;
    if (!database || !shopTables(database).includes(table)) {
      throw new ShopFileError(`There is no table ${table.slice(0, 60)}.`);
    }
    const columns = columnsOf(database, table).map(({ name }) => name);
    const marks = columns.map(() => '?').join(', ');
    const made = [
      database.prepare(`INSERT INTO "${table}" (${quoted(columns)}) VALUES (${marks})`),
      columns,
    ] as const;
    this.inserts.set(table, made);
    return made;
  }
}

interface SchemaObject {
  readonly name: string;
  readonly sql: string | null;
}

/** What a database is made of: its tables, indexes and triggers as they were written. */
function madeOf(database: Connection): readonly SchemaObject[] {
  return database
    .prepare(
      `SELECT name, sql FROM sqlite_master WHERE name NOT LIKE 'sqlite_%' AND name NOT LIKE 'log_text_%' AND name NOT LIKE 'migrations' AND sql IS NOT NULL ORDER BY name`,
    )
    .all() as SchemaObject[];
}

const plainSql = (sql: string | null): string => (sql ?? '').replaceAll(/[\s"'`[\]]+/g, ' ').trim();

/** Refuses a database that is made otherwise than ours: a column that reckons, a trigger that does something. */
function refuseOtherMake(given: Connection, ours: Connection): void {
  const expected = new Map(madeOf(ours).map(({ name, sql }) => [name, plainSql(sql)] as const));
  const other = madeOf(given).find(({ name, sql }) => expected.get(name) !== plainSql(sql));
  if (other)
    throw new ShopFileError(`This database is made otherwise than a shop’s (${other.name.slice(0, 60)}).`);
}

/** Takes the records of a database file, table by table. */
async function fromDatabase(path: string, into: string): Promise<Connection> {
  let given: Connection | undefined;
  try {
    given = new Database(path, { readonly: true, fileMustExist: true });
    given.pragma('trusted_schema = OFF');
    given.pragma('cell_size_check = ON');
    const schema = schemaOf(given);
    if (schema === undefined) throw new ShopFileError('There is no shop in this database.');
    const database = await emptyShop(into, schema);
    database.exec('COMMIT');
    refuseOtherMake(given, database);
    const [found] = given.pragma('integrity_check(1)') as { integrity_check: string }[];
    if (found?.integrity_check !== 'ok') {
      throw new ShopFileError(`This backup is damaged: ${found?.integrity_check ?? 'it cannot be read'}.`);
    }
    copyRows(database, path);
    database.exec('BEGIN');
    return database;
  } catch (error) {
    if (error instanceof ShopFileError) throw error;
    throw new ShopFileError(`This backup cannot be read: ${(error as Error).message}.`);
  } finally {
    given?.close();
  }
}

/** What a column may hold, by what it was declared as. */
const HOLDS: Readonly<Record<string, string>> = {
  text: `'text', 'null'`,
  integer: `'integer', 'null'`,
  real: `'real', 'integer', 'null'`,
  blob: `'blob', 'null'`,
};

function refuseOddCells(database: Connection): void {
  for (const table of shopTables(database)) {
    for (const { name, type } of columnsOf(database, table)) {
      const holds = HOLDS[type.toLowerCase().replace(/\(.*/, '')];
      if (holds === undefined) continue;
      const odd = database
        .prepare(`SELECT rowid FROM "${table}" WHERE typeof("${name}") NOT IN (${holds}) LIMIT 1`)
        .pluck()
        .get();
      if (odd !== undefined) {
        throw new ShopFileError(`Record ${String(odd)} of ${table}: its ${name} is not what stands there.`);
      }
    }
  }
  if (!shopTables(database).includes(PHOTO_TABLE)) return; // from before there were any
  const noPicture = database
    .prepare(
      `SELECT "id" FROM "${PHOTO_TABLE}" WHERE "jpeg" IS NULL OR substr("jpeg", 1, 2) <> x'FFD8' LIMIT 1`,
    )
    .pluck()
    .get();
  if (noPicture !== undefined)
    throw new ShopFileError(`The photo ${String(noPicture).slice(0, 60)} is no picture.`);
}

function refuseBrokenTies(database: Connection): void {
  const [broken] = database.pragma('foreign_key_check') as { table: string; parent: string }[];
  if (!broken) return;
  throw new ShopFileError(`A record of ${broken.table} names one of ${broken.parent} that is not there.`);
}

async function filledFrom(kind: RestoreKind, file: string, into: string): Promise<Connection> {
  if (kind === 'database') return fromDatabase(file, into);
  const zip = kind === 'zip' ? await openShopZip(file) : undefined;
  const filling = new Filling(into, async (table, row) =>
    zip && table === PHOTO_TABLE ? zip.whole(row) : row,
  );
  try {
    await readShopJson(zip?.text ?? (createReadStream(file) as AsyncIterable<Uint8Array>), filling);
  } catch (error) {
    filling.database?.close();
    if (error instanceof ShopFileError || zip === undefined) throw error;
    throw new ShopFileError(`This packed file cannot be opened: ${(error as Error).message}.`);
  } finally {
    zip?.close();
  }
  if (!filling.database) throw new ShopFileError('This is no shop of Hot Bead: it has no schema.');
  return filling.database;
}

/**
 * Makes a database of today's form from a file that a shop was written to, whatever its kind and form. Everything is
 * checked here, before anything of another shop is touched.
 *
 * @param folder for files of its own
 * @param kind what the file is
 * @returns where it stands
 * @throws {ShopFileError} with what is wrong, and where
 */
export async function preparedShop(file: string, kind: RestoreKind, folder: string): Promise<string> {
  const path = join(folder, 'prepared.sqlite');
  const database = await filledFrom(kind, file, path);
  try {
    refuseOddCells(database);
    refuseBrokenTies(database);
    database.exec('COMMIT');
  } finally {
    database.close();
  }
  await migrated(path);
  return path;
}
