import { createWriteStream, existsSync, mkdtempSync, renameSync, rmSync, statSync } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import Database from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { ConfigError, readConfig } from '../base/config/config.ts';
import { dataSourceOptions, MIGRATION_NAMES } from '../database/data-source-options.ts';
import { holdDatabase } from '../base/disk/database-file.ts';
import { makeSureOf } from '../database/open-database.ts';
import { DatabaseError } from '../base/disk/database-error.ts';
import { preparedShop } from '../files/shop-file/prepare-shop.ts';
import { replaceShop } from '../files/shop-file/replace-shop.ts';
import { recordCounts, shopText } from '../files/shop-file/shop-file.ts';
import { shopKindOf } from '../files/shop-file/shop-kind.ts';
import { ShopFileError } from '../files/shop-file/shop-file-error.ts';
import type { CommandResult } from './command-result.ts';

const EXPORT_USAGE = `Usage: npm run -s export -- <file>
Writes the whole shop of HOT_BEAD_DB to a file.`;
const IMPORT_USAGE = `Usage: npm run -s import -- <file> [--replace]
Takes a whole shop from a file into HOT_BEAD_DB: into an empty one, or with --replace in place of what is there.`;

/** What is wrong is one line and exit 2: as called it can be used, and it was refused. */
async function refusing(run: () => Promise<string> | string): Promise<CommandResult> {
  try {
    return { output: await run(), exitCode: 0 };
  } catch (error) {
    const isOurs =
      error instanceof ShopFileError || error instanceof DatabaseError || error instanceof ConfigError;
    const { code, message } = error as NodeJS.ErrnoException;
    if (isOurs || typeof code === 'string') return { output: message, exitCode: 2 };
    throw error;
  }
}

/**
 * Writes the whole shop to a file; one that is there is replaced once the new one is whole.
 *
 * @param args words of the command line after its name
 */
export function exportCommand(args: readonly string[], env: NodeJS.ProcessEnv): Promise<CommandResult> {
  const [file, ...more] = args;
  if (file === undefined || file.startsWith('-') || more.length > 0) {
    return Promise.resolve({ output: EXPORT_USAGE, exitCode: 1 });
  }
  return refusing(async () => {
    const { databasePath } = readConfig(env, []);
    if (!existsSync(databasePath)) throw new ShopFileError(`There is no shop at ${databasePath}.`);
    const database = new Database(databasePath, { readonly: true });
    try {
      database.exec('BEGIN'); // as of one moment
      const part = `${file}.part`;
      await pipeline(Readable.from(shopText(database)), createWriteStream(part));
      renameSync(part, file);
      const records = Object.values(recordCounts(database)).reduce((sum, count) => sum + count, 0);
      return `${records} records of ${databasePath} written to ${file} (${statSync(file).size} bytes)`;
    } finally {
      database.close();
    }
  });
}

/** What was taken, table by table. */
function countsText(path: string, counts: Readonly<Record<string, number>>): string {
  const lines = Object.entries(counts).map(([table, count]) => `  ${table}: ${count}`);
  return [`Taken into ${path}:`, ...lines].join('\n');
}

function refuseHeld(path: string, replace: boolean): void {
  const database = new Database(path, { readonly: true });
  try {
    const held = Object.values(recordCounts(database)).reduce((sum, count) => sum + count, 0);
    if (held === 0 || replace) return;
    throw new ShopFileError(
      `There is a shop in ${path} already (${held} records): say --replace to put this one in its place.`,
    );
  } finally {
    database.close();
  }
}

/**
 * Takes a whole shop from a file.
 *
 * @param args words of the command line after its name
 */
export function importCommand(args: readonly string[], env: NodeJS.ProcessEnv): Promise<CommandResult> {
  const [file, ...more] = args.filter((word) => word !== '--replace');
  if (file === undefined || file.startsWith('-') || more.length > 0) {
    return Promise.resolve({ output: IMPORT_USAGE, exitCode: 1 });
  }
  return refusing(async () => {
    const { databasePath } = readConfig(env, []);
    statSync(file); // says plainly that it is not there
    const letGo = holdDatabase(databasePath);
    const folder = mkdtempSync(`${databasePath}.import-`);
    try {
      const prepared = await preparedShop(file, await shopKindOf(file), folder);
      makeSureOf(databasePath, MIGRATION_NAMES);
      const source = await new DataSource(dataSourceOptions(databasePath)).initialize();
      await source.destroy();
      refuseHeld(databasePath, args.includes('--replace'));
      return countsText(databasePath, replaceShop(databasePath, prepared));
    } finally {
      rmSync(folder, { recursive: true, force: true });
      letGo();
    }
  });
}
