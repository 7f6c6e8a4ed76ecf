import type { RestoreKind } from '@hot-bead/contract';
import type { AskedDay } from '../day/told-day.ts';
import type { LongQuery } from './long-query.ts';
import type { SentTable } from '../tables/read-table.ts';

/** What takes long, or much room, and is done beside the server: by name, with all it needs said. Each is loaded when it is asked for. */
export const HEAVY_TASKS = {
  /** The database as it stands, as a file. */
  'backup-database': async ({ path, out }: { path: string; out: string }): Promise<void> =>
    (await import('../database/copy-database.ts')).copyDatabase(path, out),

  /** The whole shop as text. */
  'backup-json': async ({ path, out }: { path: string; out: string }): Promise<void> =>
    (await import('../shop-file/write-shop.ts')).writeShopJson(path, out),

  /** The whole shop packed. */
  'backup-zip': async ({ path, out }: { path: string; out: string }): Promise<void> =>
    (await import('../shop-file/write-shop.ts')).writeShopZip(path, out),

  /** A file that was sent, made ready to be put in the place of the shop. */
  'restore-prepare': async ({ file, kind, folder }: { file: string; kind: RestoreKind; folder: string }) =>
    (await import('../shop-file/prepare-shop.ts')).preparedShop(file, kind, folder),

  /** What was made ready is put in the place of the shop. */
  'restore-replace': async ({ path, prepared, keepAs }: { path: string; prepared: string; keepAs: string }) =>
    (await import('../shop-file/replace-shop.ts')).replaceShop(path, prepared, keepAs),

  /** A day put in order. */
  'day-order': async (asked: AskedDay) => (await import('../day/told-day.ts')).toldDay(asked),

  /** A query that looks at much. */
  'long-query': async (asked: LongQuery) => (await import('./long-query.ts')).longQuery(asked),

  /** Photos that no record names. */
  'photos-unnamed': async (asked: { path: string; before: string }) =>
    (await import('../photos/unnamed-photos.ts')).unnamedPhotos(asked),

  /** A table that was sent, line by line. */
  'table-read': async (sent: SentTable) => (await import('../tables/read-table.ts')).readTable(sent),
} as const satisfies Readonly<Record<string, (input: never) => Promise<unknown>>>;

export type HeavyTasks = typeof HEAVY_TASKS;
export type HeavyTask = keyof HeavyTasks;
