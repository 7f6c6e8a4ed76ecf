import { createWriteStream } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import Database from 'better-sqlite3';
import { shopText } from './shop-file.ts';
import { packShop } from './shop-zip.ts';

/** Reads a shop as of one moment, whatever is written meanwhile. */
async function ofOneMoment(
  path: string,
  read: (database: Database.Database) => Promise<void>,
): Promise<void> {
  const database = new Database(path, { readonly: true, timeout: 5000 });
  try {
    database.exec('BEGIN');
    await read(database);
  } finally {
    database.close();
  }
}

/** Writes a whole shop to a file as text. */
export function writeShopJson(path: string, out: string): Promise<void> {
  return ofOneMoment(path, (database) => pipeline(Readable.from(shopText(database)), createWriteStream(out)));
}

/** Writes a whole shop to a file, packed. */
export function writeShopZip(path: string, out: string): Promise<void> {
  return ofOneMoment(path, (database) => packShop(database, out));
}
