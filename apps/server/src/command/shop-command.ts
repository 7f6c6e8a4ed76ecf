import { existsSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs';
import Database from 'better-sqlite3';
import { ConfigError, readConfig } from '../config/config.ts';
import { MIGRATION_NAMES } from '../database/data-source-options.ts';
import { DatabaseError, makeSureOf } from '../database/open-database.ts';
import { parseShopFile, ShopFileError } from '../shop-file/read-shop-file.ts';
import { readShop, shopText } from '../shop-file/shop-file.ts';
import { takeShop } from '../shop-file/take-shop.ts';
import type { CommandResult } from './command-result.ts';

const EXPORT_USAGE = `Usage: npm run -s export -- <file>
Writes the whole shop of HOT_BEAD_DB to a file.`;
const IMPORT_USAGE = `Usage: npm run -s import -- <file> [--replace]
Takes a whole shop from a file into HOT_BEAD_DB: into an empty one, or with --replace in place of what is there.`;
/** Largest file that is taken, bytes. */
const LARGEST_BYTES = 512 * 1024 * 1024;

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
  return refusing(() => {
    const { databasePath } = readConfig(env, []);
    if (!existsSync(databasePath)) throw new ShopFileError(`There is no shop at ${databasePath}.`);
    const database = new Database(databasePath, { readonly: true });
    try {
      const shop = readShop(database);
      const part = `${file}.part`;
      writeFileSync(part, shopText(shop));
      renameSync(part, file);
      const records = Object.values(shop.tables).reduce((sum, rows) => sum + rows.length, 0);
      return `${records} records of ${databasePath} written to ${file} (${statSync(file).size} bytes)`;
    } finally {
      database.close();
    }
  });
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
    if (statSync(file).size > LARGEST_BYTES) throw new ShopFileError(`${file} is larger than a shop can be.`);
    const shop = parseShopFile(readFileSync(file, 'utf8'), MIGRATION_NAMES);
    makeSureOf(databasePath, MIGRATION_NAMES);
    const taken = await takeShop(databasePath, shop, args.includes('--replace'));
    const lines = Object.entries(taken).map(([table, count]) => `  ${table}: ${count}`);
    return [`Taken into ${databasePath}:`, ...lines].join('\n');
  });
}
