import { readdirSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { COPIES_KEPT } from '../../database/open-database.ts';
import { copyDatabase } from '../../base/disk/copy-database.ts';
import { copyRows } from './copy-rows.ts';
import { recordCounts } from './shop-file.ts';

/** Copies that were kept before a shop was replaced: the last few. */
function forgetOldCopies(path: string): void {
  const folder = dirname(path);
  readdirSync(folder)
    .filter((name) => name.startsWith(`${basename(path)}.before-`))
    .map((name) => join(folder, name))
    .toSorted((a, b) => statSync(b).mtimeMs - statSync(a).mtimeMs)
    .slice(COPIES_KEPT)
    .forEach((old) => rmSync(old, { force: true }));
}

/**
 * Puts a shop in the place of another: all of it or nothing, in one transaction, so that a program that is killed
 * meanwhile leaves the shop as it was.
 *
 * @param prepared a database of today's form
 * @param keepAs where the shop that was there is kept; undefined: it is not
 * @returns how many records of each table there are now
 */
export function replaceShop(
  path: string,
  prepared: string,
  keepAs?: string,
): Readonly<Record<string, number>> {
  if (keepAs !== undefined) copyDatabase(path, keepAs);
  const database = new Database(path, { timeout: 5000 });
  try {
    database.pragma('synchronous = FULL');
    database.pragma('foreign_keys = OFF'); // all of it was checked before
    copyRows(database, prepared);
    const counts = recordCounts(database);
    if (keepAs !== undefined) forgetOldCopies(path);
    return counts;
  } catch (error) {
    if (keepAs !== undefined) rmSync(keepAs, { force: true });
    throw error;
  } finally {
    database.close();
  }
}
