import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { INestApplication } from '@nestjs/common';
import type { Server } from 'node:http';
import { createApp } from '../create-app.ts';

/** A real application on a database file of its own, for one test file. */
export interface RunningServer {
  readonly http: Server;
  readonly databasePath: string;
  /** Stops the application and starts another on the same file. */
  restart(): Promise<RunningServer>;
  stop(): Promise<void>;
}

async function startOn(folder: string, demo: boolean): Promise<RunningServer> {
  const databasePath = join(folder, 'test.sqlite');
  const app: INestApplication = await createApp({ port: 0, databasePath, demo, webRoot: folder }, []);
  await app.init();
  return {
    http: app.getHttpServer() as Server,
    databasePath,
    async restart() {
      await app.close();
      return startOn(folder, demo);
    },
    async stop() {
      await app.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Starts the application on a temporary file. */
export function runningServer(demo = false): Promise<RunningServer> {
  return startOn(mkdtempSync(join(tmpdir(), 'hot-bead-')), demo);
}
