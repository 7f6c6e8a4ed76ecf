import { open } from 'node:fs/promises';
import type { RestoreKind } from '@hot-bead/contract/files';
import { ShopFileError } from './shop-file-error.ts';

const SQLITE_MARK = 'SQLite format 3\u0000';
const BEGINS_MOST = 200;

/**
 * What a file is, by how it begins.
 *
 * @throws {ShopFileError} where it is none that a shop can be in
 */
export async function shopKindOf(path: string): Promise<RestoreKind> {
  const file = await open(path);
  try {
    const { buffer, bytesRead } = await file.read({ buffer: Buffer.alloc(BEGINS_MOST), position: 0 });
    const begins = buffer.subarray(0, bytesRead);
    if (begins.toString('latin1').startsWith(SQLITE_MARK)) return 'database';
    if (begins[0] === 0x50 && begins[1] === 0x4b) return 'zip';
    if (/^\uFEFF?\s*\{/.test(begins.toString('utf8'))) return 'json';
  } finally {
    await file.close();
  }
  throw new ShopFileError('This is no backup: it takes a backup, a ZIP or a JSON of a whole shop.');
}
