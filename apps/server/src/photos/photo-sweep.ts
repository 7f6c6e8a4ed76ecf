import { Injectable, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { DatabaseFile } from '../base/disk/database-file.ts';
import { Writes } from '../base/disk/writes.ts';
import { HeavyWork } from '../base/work/heavy-work.ts';
import { heavyTask } from '../base/work/heavy-task.ts';
import { PhotoEntity } from './photo.entity.ts';
import type { unnamedPhotos } from './unnamed-photos.ts';

const UNNAMED = heavyTask<typeof unnamedPhotos>(import.meta.url, './unnamed-photos', 'unnamedPhotos');
const DAY_MS = 86_400_000;
/** When it begins after the start, and how long it may look, ms. */
const FIRST_MS = 10 * 60_000;
const LOOKS_MOST_MS = 5 * 60_000;

/** Photos that were sent and then named by no record are swept after a day. */
@Injectable()
export class PhotoSweep implements OnApplicationBootstrap, OnApplicationShutdown {
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly file: DatabaseFile,
    private readonly writes: Writes,
    private readonly heavy: HeavyWork,
  ) {}

  onApplicationBootstrap(): void {
    this.next(FIRST_MS);
  }

  onApplicationShutdown(): void {
    clearTimeout(this.timer);
  }

  /** Sweeps those that were kept more than a day before a time; how many they were. */
  async sweep(nowMs: number): Promise<number> {
    const before = new Date(nowMs - DAY_MS).toISOString();
    const asked = { path: this.file.path, before };
    const { ids, lastEvent } = await this.heavy.run(UNNAMED, asked, { mostMs: LOOKS_MOST_MS });
    let swept = 0;
    for (const id of ids) {
      await this.writes.transaction(async (manager) => {
        const since = (await manager.query(
          `SELECT 1 FROM "event" WHERE "number" > ? AND (instr("after", ?) > 0 OR instr("about", ?) > 0) LIMIT 1`,
          [lastEvent, id, id],
        )) as unknown[];
        if (since.length > 0) return; // it was named meanwhile
        await manager.delete(PhotoEntity, { id });
        swept += 1;
      });
    }
    return swept;
  }

  private next(ms: number): void {
    this.timer = setTimeout(() => {
      // what cannot be swept today is swept tomorrow
      void this.sweep(Date.now()).catch(() => undefined);
      this.next(DAY_MS);
    }, ms).unref();
  }
}
