import { createWriteStream } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type Database from 'better-sqlite3';
import { type Entry, openPromise, type ZipFile } from 'yauzl';
import { ZipFile as Packing } from 'yazl';
import { type CellValue, type ShopRow, shopText } from './shop-file.ts';
import { ShopFileError } from './shop-file-error.ts';

const SHOP_NAME = 'shop.json';
export const PHOTO_TABLE = 'photo';
const PHOTO_COLUMN = 'jpeg';
/** What stands in a photo's row in place of its bytes. */
const PHOTO_MARK = 'photos/';
/** The same shop is the same file: packed at no time in particular. */
const PACKED_AT = new Date(1980, 0, 1);
/** Largest photo that is kept, bytes: they are written anew and small. */
const PHOTO_BYTES_MOST = 32_000_000;
/** A photo is squeezed already; text shrinks to a tenth, and never to a thousandth. */
const SQUEEZED_MOST = 300;

function photoName(row: ShopRow): string {
  return `${PHOTO_MARK}${String(row['id']).replace(/[^A-Za-z0-9-]/g, '_')}.jpg`;
}

/** Packs a whole shop into a file: its records as text, each photo as a file of its own, as they are read. */
export async function packShop(database: Database.Database, path: string): Promise<void> {
  const zip = new Packing();
  const ids = database.prepare(`SELECT "id" FROM "${PHOTO_TABLE}" ORDER BY "id"`).pluck().all() as string[];
  const jpeg = database.prepare(`SELECT "${PHOTO_COLUMN}" FROM "${PHOTO_TABLE}" WHERE "id" = ?`).pluck();
  const text = shopText(database, (table, row) =>
    table === PHOTO_TABLE ? { ...row, [PHOTO_COLUMN]: photoName(row) } : row,
  );
  const options = { mtime: PACKED_AT } as const;
  zip.addReadStream(Readable.from(text, { objectMode: false }), SHOP_NAME, options);
  for (const id of ids) {
    zip.addReadStreamLazy(photoName({ id }), { ...options, compress: false }, (done) =>
      done(null, Readable.from([jpeg.get(id) as Buffer])),
    );
  }
  zip.end();
  await pipeline(zip.outputStream, createWriteStream(path));
}

/** A packed shop: its text, and the photos that its rows name. */
export interface PackedShop {
  readonly text: AsyncIterable<Uint8Array>;
  /** A row with its photo in its place. */
  whole(row: ShopRow): Promise<ShopRow>;
  close(): void;
}

async function bytesOf(zip: ZipFile, entry: Entry): Promise<Buffer> {
  if (entry.uncompressedSize > PHOTO_BYTES_MOST) {
    throw new ShopFileError(`${entry.fileName} is larger than a photo can be.`);
  }
  const parts: Buffer[] = [];
  for await (const part of await zip.openReadStreamPromise(entry)) parts.push(part as Buffer);
  return Buffer.concat(parts);
}

function cannotBeOpened(error: unknown): never {
  if (error instanceof ShopFileError) throw error;
  throw new ShopFileError(`This packed file cannot be opened: ${(error as Error).message}.`);
}

/**
 * Opens a packed shop.
 *
 * @throws {ShopFileError} for what is no such file, or unpacks to more than such a file can hold
 */
export async function openShopZip(path: string): Promise<PackedShop> {
  const zip = await openPromise(path, { lazyEntries: true, autoClose: false }).catch(cannotBeOpened);
  const entries = new Map<string, Entry>();
  try {
    for await (const entry of zip.eachEntry()) entries.set(entry.fileName, entry);
    const shop = entries.get(SHOP_NAME);
    if (!shop) throw new ShopFileError(`There is no ${SHOP_NAME} in this packed file.`);
    if (shop.uncompressedSize > shop.compressedSize * SQUEEZED_MOST) {
      throw new ShopFileError('Unpacked it is larger than a shop can be.');
    }
    const text = await zip.openReadStreamPromise(shop);
    return {
      text: text as AsyncIterable<Uint8Array>,
      async whole(row) {
        const cell: CellValue | undefined = row[PHOTO_COLUMN];
        if (typeof cell !== 'string' || !cell.startsWith(PHOTO_MARK)) return row;
        const entry = entries.get(cell);
        if (!entry) throw new ShopFileError(`The photo ${cell} is missing from this packed file.`);
        const photo = await bytesOf(zip, entry).catch(cannotBeOpened);
        return { ...row, [PHOTO_COLUMN]: { base64: photo.toString('base64') } };
      },
      close: () => zip.close(),
    };
  } catch (error) {
    zip.close();
    return cannotBeOpened(error);
  }
}
