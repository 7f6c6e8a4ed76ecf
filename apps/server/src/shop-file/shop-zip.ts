import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { ShopFileError } from './read-shop-file.ts';
import { type CellValue, type ShopFile, type ShopRow, shopText } from './shop-file.ts';

const SHOP_NAME = 'shop.json';
const PHOTO_TABLE = 'photo';
const PHOTO_COLUMN = 'jpeg';
/** What stands in a photo's row in place of its bytes. */
const PHOTO_MARK = 'photos/';
/** Most bytes that a packed file may come to when it is unpacked. */
const UNPACKED_MOST = 2_000_000_000;

function photoName(row: ShopRow): string {
  return `${PHOTO_MARK}${String(row['id']).replace(/[^A-Za-z0-9-]/g, '_')}.jpg`;
}

/** A whole shop packed: its records as text, each photo as a file of its own. */
export function shopZip(shop: ShopFile): Uint8Array {
  const photos: Record<string, Uint8Array> = {};
  const rows = (shop.tables[PHOTO_TABLE] ?? []).map((row) => {
    const cell = row[PHOTO_COLUMN];
    if (typeof cell !== 'object' || cell === null) return row;
    const name = photoName(row);
    photos[name] = Buffer.from(cell.base64, 'base64');
    return { ...row, [PHOTO_COLUMN]: name };
  });
  const text = shopText({ ...shop, tables: { ...shop.tables, [PHOTO_TABLE]: rows } });
  const packed = Object.fromEntries(
    Object.entries(photos).map(([name, bytes]) => [name, [bytes, { level: 0 }] as const]),
  );
  return zipSync({ [SHOP_NAME]: strToU8(text), ...packed } as Parameters<typeof zipSync>[0], {
    level: 6,
    mtime: '1980-01-01T00:00:00Z',
  });
}

/** Whether bytes are a packed file. */
export function isZip(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b;
}

/**
 * The text of a shop from a packed file, its photos back in their rows.
 *
 * @throws {ShopFileError} for what is no such file
 */
export function unzippedShop(bytes: Uint8Array): string {
  let sum = 0;
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes, {
      filter: ({ originalSize }) => {
        sum += originalSize;
        if (sum > UNPACKED_MOST) throw new ShopFileError('Unpacked it is larger than a shop can be.');
        return true;
      },
    });
  } catch (error) {
    if (error instanceof ShopFileError) throw error;
    throw new ShopFileError(`This packed file cannot be opened: ${(error as Error).message}.`);
  }
  const text = files[SHOP_NAME];
  if (!text) throw new ShopFileError(`There is no ${SHOP_NAME} in this packed file.`);
  const told = JSON.parse(strFromU8(text)) as { tables?: Record<string, ShopRow[]> };
  const rows = told.tables?.[PHOTO_TABLE];
  if (!Array.isArray(rows)) return strFromU8(text);
  const photos = rows.map((row) => {
    const cell: CellValue | undefined = row[PHOTO_COLUMN];
    if (typeof cell !== 'string' || !cell.startsWith(PHOTO_MARK)) return row;
    const photo = files[cell];
    if (!photo) throw new ShopFileError(`The photo ${cell} is missing from this packed file.`);
    return { ...row, [PHOTO_COLUMN]: { base64: Buffer.from(photo).toString('base64') } };
  });
  return JSON.stringify({ ...told, tables: { ...told.tables, [PHOTO_TABLE]: photos } });
}
