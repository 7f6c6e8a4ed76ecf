import type { RestoreKind } from '@hot-bead/contract/files';
import { copyDatabase } from '../../base/disk/copy-database.ts';
import { writeShopJson, writeShopZip } from '../shop-file/write-shop.ts';

/** From where a whole shop is written, and to which file. */
export interface BackupTask {
  readonly path: string;
  readonly out: string;
}

/** The database as it stands. */
export function backupDatabase({ path, out }: BackupTask): void {
  copyDatabase(path, out);
}

/** The whole shop as text. */
export function backupJson({ path, out }: BackupTask): Promise<void> {
  return writeShopJson(path, out);
}

/** The whole shop packed. */
export function backupZip({ path, out }: BackupTask): Promise<void> {
  return writeShopZip(path, out);
}

/** A file that was sent, made ready in a folder to be put in the place of a shop: where it stands. */
export async function prepareRestore({
  file,
  kind,
  folder,
}: {
  readonly file: string;
  readonly kind: RestoreKind;
  readonly folder: string;
}): Promise<string> {
  const { preparedShop } = await import('../shop-file/prepare-shop.ts'); // the migrations take their time to load
  return preparedShop(file, kind, folder);
}

/** What was made ready is put in the place of a shop; how many records of each table there are now. */
export async function replaceRestored({
  path,
  prepared,
  keepAs,
}: {
  readonly path: string;
  readonly prepared: string;
  readonly keepAs: string;
}): Promise<Readonly<Record<string, number>>> {
  const { replaceShop } = await import('../shop-file/replace-shop.ts');
  return replaceShop(path, prepared, keepAs);
}
