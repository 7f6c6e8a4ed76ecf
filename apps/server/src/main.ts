import 'reflect-metadata';
import type { Server } from 'node:http';
import type { INestApplication } from '@nestjs/common';
import { type Config, ConfigError, readConfig } from './base/config/config.ts';
import { createApp } from './create-app.ts';
import { MIGRATION_NAMES } from './database/data-source-options.ts';
import { holdDatabase } from './base/disk/database-file.ts';
import { makeSureOf } from './database/open-database.ts';
import { DatabaseError } from './base/disk/database-error.ts';

const HOST = '127.0.0.1';

/** One clear line, and out. */
function stop(line: string): never {
  process.stderr.write(`${line}\n`);
  process.exit(1);
}

function reasonOf(error: unknown): string {
  return error instanceof Error ? (error.message.split('\n')[0] ?? error.name) : String(error);
}

async function open(config: Config) {
  try {
    holdDatabase(config.databasePath);
    makeSureOf(config.databasePath, MIGRATION_NAMES);
    return await createApp(config, { logger: false });
  } catch (error) {
    if (error instanceof DatabaseError) return stop(error.message);
    return stop(`Cannot open the database at ${config.databasePath}: ${reasonOf(error)}`);
  }
}

/** How long those that are being answered are waited for, ms. */
const GRACE_MS = 2000;

/** Ends when it is asked to: what is being answered is answered, what stands still is cut; asked again, it ends at once. */
function stopsWhenAsked(app: INestApplication): void {
  const server = app.getHttpServer() as Server;
  let isAsked = false;
  const stopNow = (signal: NodeJS.Signals): void => {
    if (isAsked) process.exit(signal === 'SIGINT' ? 130 : 143);
    isAsked = true;
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), GRACE_MS).unref();
    void app.close().then(
      () => process.exit(0),
      () => process.exit(1),
    );
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, stopNow);
}

async function main(): Promise<void> {
  let config: Config;
  try {
    config = readConfig(process.env, process.argv.slice(2));
  } catch (error) {
    if (error instanceof ConfigError) stop(error.message);
    throw error;
  }
  const app = await open(config);
  try {
    await app.listen(config.port, HOST);
  } catch (error) {
    const taken = (error as { code?: string }).code === 'EADDRINUSE';
    stop(
      taken
        ? `Port ${config.port} is taken: stop the other program or set HOT_BEAD_PORT.`
        : `Cannot listen: ${reasonOf(error)}`,
    );
  }
  stopsWhenAsked(app);
  if (config.beside) process.stdin.on('close', () => process.exit(0)).resume();
  app.useLogger(['error', 'warn']); // silent until here: a failed start is one line, ours
  const shop = config.demo ? ' with the demo shop' : '';
  process.stdout.write(`Hot Bead${shop}: http://${HOST}:${config.port}\n`);
}

await main();
