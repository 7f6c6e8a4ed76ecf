import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { RESTORE_KINDS, type RestoreKind, type RestoreReport } from '@hot-bead/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import Database from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { MIGRATION_NAMES } from '../database/data-source-options.ts';
import { DomainError } from '../errors/domain-error.ts';
import { parseShopFile, ShopFileError } from '../shop-file/read-shop-file.ts';
import { readShop, schemaOf, type ShopFile, shopText } from '../shop-file/shop-file.ts';
import { isZip, shopZip, unzippedShop } from '../shop-file/shop-zip.ts';
import { takeShop } from '../shop-file/take-shop.ts';

const SQLITE_MARK = 'SQLite format 3\u0000';

/** What a file is, by how it begins. */
function kindOf(bytes: Buffer): RestoreKind | undefined {
  if (bytes.subarray(0, SQLITE_MARK.length).toString('latin1') === SQLITE_MARK) return 'database';
  if (isZip(bytes)) return 'zip';
  return /^\uFEFF?\s*\{/.test(bytes.subarray(0, 200).toString('utf8')) ? 'json' : undefined;
}

/** A file in a folder of its own, for as long as something is done with it. */
async function inFolder<T>(run: (path: string) => Promise<T>): Promise<T> {
  const folder = mkdtempSync(join(tmpdir(), 'hot-bead-'));
  try {
    return await run(join(folder, 'shop.sqlite'));
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/**
 * A shop from a database file.
 *
 * @throws {ShopFileError} where it is damaged, is no shop, or comes from a newer version
 */
function shopOf(path: string): ShopFile {
  const database = new Database(path, { readonly: true, fileMustExist: true });
  try {
    const [found] = database.pragma('integrity_check') as { integrity_check: string }[];
    if (found?.integrity_check !== 'ok') {
      throw new ShopFileError(`This backup is damaged: ${found?.integrity_check ?? 'it cannot be read'}.`);
    }
    const schema = schemaOf(database);
    if (schema === undefined) throw new ShopFileError('There is no shop in this database.');
    if (!MIGRATION_NAMES.includes(schema)) {
      throw new ShopFileError(
        `This backup was made by another Hot Bead (${schema}): restore it with that or a newer one.`,
      );
    }
    return readShop(database);
  } catch (error) {
    if (error instanceof ShopFileError) throw error;
    throw new ShopFileError(`This backup cannot be read: ${(error as Error).message}.`);
  } finally {
    database.close();
  }
}

/** Copies of the shop while it runs, and the way back from one. */
@Injectable()
export class BackupService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  private get path(): string {
    return String(this.source.options.database);
  }

  /** The database as it stands, copied while it is in use. */
  backup(): Promise<Buffer> {
    return inFolder(async (path) => {
      const database = new Database(this.path, { readonly: true });
      try {
        await database.backup(path);
      } finally {
        database.close();
      }
      return readFile(path);
    });
  }

  /** The whole shop as text, or packed with its photos as files. */
  exported(form: 'json' | 'zip'): Buffer {
    const database = new Database(this.path, { readonly: true });
    try {
      const shop = readShop(database);
      return form === 'zip' ? Buffer.from(shopZip(shop)) : Buffer.from(shopText(shop));
    } finally {
      database.close();
    }
  }

  /**
   * Puts a shop in the place of this one: all of it or nothing, in one transaction. What was there before is kept as a file
   * beside the database.
   *
   * @throws {DomainError} `not-restored` with the reason: then nothing has changed
   */
  async restore(sent: unknown): Promise<RestoreReport> {
    const bytes = Buffer.isBuffer(sent) ? sent : Buffer.alloc(0);
    const kind = kindOf(bytes);
    if (kind === undefined) {
      const message = 'This is no backup: it takes a backup, a ZIP or a JSON of a whole shop.';
      throw new DomainError('not-restored', 400, message, 'file');
    }
    try {
      const shop = await this.shopIn(kind, bytes);
      const keptAs = await this.keepOld();
      const taken = await takeShop(this.path, shop, true);
      const records = Object.values(taken).reduce((sum, count) => sum + count, 0);
      return { kind, records, keptAs };
    } catch (error) {
      if (!(error instanceof ShopFileError)) throw error;
      throw new DomainError('not-restored', 400, error.message, 'file');
    }
  }

  private shopIn(kind: (typeof RESTORE_KINDS)[number], bytes: Buffer): Promise<ShopFile> {
    if (kind !== 'database') {
      const text = kind === 'zip' ? unzippedShop(bytes) : bytes.toString('utf8');
      return Promise.resolve(parseShopFile(text, MIGRATION_NAMES));
    }
    return inFolder((path) => {
      writeFileSync(path, bytes);
      return Promise.resolve(shopOf(path));
    });
  }

  /** A copy of the shop as it stands, beside its database. */
  private async keepOld(): Promise<string> {
    const at = new Date().toISOString().replaceAll(':', '-').slice(0, 23);
    const path = `${this.path}.before-${at}`;
    if (existsSync(path)) rmSync(path);
    const database = new Database(this.path, { readonly: true });
    try {
      await database.backup(path);
    } finally {
      database.close();
    }
    return path.split(/[\\/]/).at(-1) ?? path;
  }
}
