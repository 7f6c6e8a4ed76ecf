import { readdirSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, extname, join } from 'node:path';
import Database from 'better-sqlite3';
import { copyDatabase } from '../base/disk/copy-database.ts';
import { DatabaseError, touch } from '../base/disk/database-error.ts';

/** Copies made before migrations that are kept. */
export const COPIES_KEPT = 3;

type Connection = Database.Database;

/** The name of a database without its ending, for the copies beside it. */
const stem = (path: string): string => basename(path, extname(path));

/** Copies beside a database, newest first. */
export function copiesOf(path: string): readonly string[] {
  const folder = dirname(path);
  return readdirSync(folder)
    .filter((name) => name.startsWith(`${stem(path)}.before-`) && name.endsWith('.sqlite'))
    .map((name) => join(folder, name))
    .toSorted((a, b) => statSync(b).mtimeMs - statSync(a).mtimeMs);
}

function damaged(path: string, what: string): DatabaseError {
  const [copy] = copiesOf(path);
  const instead =
    copy === undefined
      ? 'put back a copy of yours, or name another file with HOT_BEAD_DB'
      : `put back a copy (${copy} is the newest beside it), or name another file with HOT_BEAD_DB`;
  return new DatabaseError(`The database at ${path} is damaged (${what}): ${instead}.`);
}

function refuseDamaged(database: Connection, path: string): void {
  const [first] = database.pragma('quick_check(1)') as { quick_check: string }[];
  if (first?.quick_check !== 'ok')
    throw damaged(path, (first?.quick_check ?? 'no answer').split('\n')[0] ?? '');
}

function migrationsIn(database: Connection): readonly string[] {
  const there = database.prepare(`SELECT 1 FROM sqlite_master WHERE name = 'migrations'`).get();
  if (!there) return [];
  return (database.prepare('SELECT name FROM migrations ORDER BY id').all() as { name: string }[]).map(
    ({ name }) => name,
  );
}

/** A database of something else is left as it is. */
function refuseOther(
  database: Connection,
  path: string,
  done: readonly string[],
  known: readonly string[],
): void {
  const [first] = done;
  const holdsSome = database.prepare('SELECT COUNT(*) FROM sqlite_master').pluck().get() !== 0;
  if (first === undefined ? !holdsSome : known.includes(first)) return;
  throw new DatabaseError(
    `The database at ${path} is that of another program: name another file with HOT_BEAD_DB.`,
  );
}

function refuseNewer(path: string, done: readonly string[], known: readonly string[]): void {
  const newer = done.find((name) => !known.includes(name));
  if (newer === undefined) return;
  throw new DatabaseError(
    `The database at ${path} was written by a newer Hot Bead (${newer}): start that version, or name another file with HOT_BEAD_DB.`,
  );
}

/** Keeps the file as it is beside itself, before it is changed for good. */
function copyBefore(path: string, migration: string): void {
  copyDatabase(path, join(dirname(path), `${stem(path)}.before-${migration}.sqlite`));
  for (const old of copiesOf(path).slice(COPIES_KEPT)) rmSync(old, { force: true });
}

function refuseForeign(error: unknown, path: string): never {
  const code = (error as { code?: unknown }).code;
  if (code === 'SQLITE_NOTADB') throw damaged(path, 'this is no database');
  if (typeof code === 'string' && code.startsWith('SQLITE_CORRUPT'))
    throw damaged(path, (error as Error).message);
  throw error;
}

/**
 * Makes sure of a database's file before it is opened for work: it is there, whole, not newer than we are, and kept as
 * a copy where migrations are to come.
 *
 * @param known names of all migrations, in order
 * @throws {DatabaseError} for a damaged or newer file; an error of the system where the file cannot be used
 */
export function makeSureOf(path: string, known: readonly string[]): void {
  touch(path);
  let database: Connection | undefined;
  try {
    database = new Database(path);
    database.pragma('busy_timeout = 5000');
    refuseDamaged(database, path);
    const done = migrationsIn(database);
    refuseOther(database, path, done, known);
    refuseNewer(path, done, known);
    const [next] = known.filter((name) => !done.includes(name));
    if (done.length > 0 && next !== undefined) copyBefore(path, next);
  } catch (error) {
    refuseForeign(error, path);
  } finally {
    database?.close();
  }
}
