import { createWriteStream, createReadStream, statSync } from 'node:fs';
import { basename, join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { RestoreReport } from '@hot-bead/contract/files';
import { Injectable } from '@nestjs/common';
import { DatabaseFile } from '../../base/disk/database-file.ts';
import { Writes } from '../../base/disk/writes.ts';
import { SetAsideService } from '../../history/set-aside.service.ts';
import { LearningService } from '../../window/learning.service.ts';
import { shopKindOf } from '../shop-file/shop-kind.ts';
import { heavyTask } from '../../base/work/heavy-task.ts';
import { HeavyWork } from '../../base/work/heavy-work.ts';
import { WorkFolder } from '../../base/work/work-folder.ts';

type Tasks = typeof import('./backup-tasks.ts');
const TASKS = './backup-tasks';
const BACKUPS = {
  database: heavyTask<Tasks['backupDatabase']>(import.meta.url, TASKS, 'backupDatabase'),
  json: heavyTask<Tasks['backupJson']>(import.meta.url, TASKS, 'backupJson'),
  zip: heavyTask<Tasks['backupZip']>(import.meta.url, TASKS, 'backupZip'),
};
const PREPARE = heavyTask<Tasks['prepareRestore']>(import.meta.url, TASKS, 'prepareRestore');
const REPLACE = heavyTask<Tasks['replaceRestored']>(import.meta.url, TASKS, 'replaceRestored');

/** A shop of many gigabytes takes its time; what takes longer than this has come to nothing, ms. */
const MOST_MS = 30 * 60_000;

/** Forms in which a whole shop goes out. */
export type BackupForm = 'database' | 'json' | 'zip';

/** A file that goes out as it is read, and is swept when it has. */
export interface OutgoingFile {
  readonly stream: Readable;
  readonly bytes: number;
}

/** A shop that was sent: as it comes in, with how much of it there is where that was said. */
export interface SentShop {
  readonly stream: Readable;
  readonly bytes: number | undefined;
}

/** Copies of the shop while it runs, and the way back from one: file to file, whatever the size. */
@Injectable()
export class BackupService {
  constructor(
    private readonly file: DatabaseFile,
    private readonly writes: Writes,
    private readonly heavy: HeavyWork,
    private readonly folder: WorkFolder,
    private readonly setAside: SetAsideService,
    private readonly learning: LearningService,
  ) {}

  /** The whole shop as of one moment, made while it is in use. */
  async backup(form: BackupForm, signal: AbortSignal): Promise<OutgoingFile> {
    this.folder.refuseWithoutRoom(statSync(this.file.path).size);
    const { path, sweep } = this.folder.begin();
    try {
      const out = join(path, 'shop');
      await this.heavy.run(BACKUPS[form], { path: this.file.path, out }, { mostMs: MOST_MS, signal });
      return { stream: createReadStream(out).once('close', sweep), bytes: statSync(out).size };
    } catch (error) {
      sweep();
      throw error;
    }
  }

  /**
   * Puts a shop in the place of this one: all of it or nothing. It is made ready beside the shop; then, while nobody
   * writes, the shop as it stands is kept as a file beside the database and the other put in its place.
   *
   * @throws {DomainError} `not-restored` with the reason, `disk-full`: then nothing has changed
   */
  async restore({ stream, bytes }: SentShop, signal: AbortSignal): Promise<RestoreReport> {
    // it stands there as it was sent, made ready, and beside the copy of what was there
    this.folder.refuseWithoutRoom(2 * (bytes ?? 0) + statSync(this.file.path).size);
    return this.folder.within(async (folder) => {
      const file = join(folder, 'sent');
      await pipeline(stream, createWriteStream(file));
      const kind = await shopKindOf(file);
      const prepared = await this.heavy.run(PREPARE, { file, kind, folder }, { mostMs: MOST_MS, signal });
      const keepAs = this.copyName();
      const counts = await this.writes.alone(() =>
        this.heavy.run(REPLACE, { path: this.file.path, prepared, keepAs }, { mostMs: MOST_MS }),
      );
      this.setAside.forgetAll();
      this.learning.forget();
      const records = Object.values(counts).reduce((sum, count) => sum + count, 0);
      return { kind, records, keptAs: basename(keepAs) };
    });
  }

  /** Where the shop is kept that another takes the place of. */
  private copyName(): string {
    const at = new Date().toISOString().replaceAll(':', '-').slice(0, 23);
    return `${this.file.path}.before-${at}`;
  }
}
