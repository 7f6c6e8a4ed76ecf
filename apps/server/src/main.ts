import 'reflect-metadata';
import { closeSync, existsSync, mkdirSync, openSync } from 'node:fs';
import { dirname } from 'node:path';
import { type Config, ConfigError, readConfig } from './config/config.ts';
import { createApp } from './create-app.ts';

const HOST = '127.0.0.1';

/** One clear line, and out. */
function stop(line: string): never {
  process.stderr.write(`${line}\n`);
  process.exit(1);
}

function reasonOf(error: unknown): string {
  return error instanceof Error ? (error.message.split('\n')[0] ?? error.name) : String(error);
}

/** Makes a folder level by level: a recursive mkdir never returns where the system takes no new names. */
function makeFolder(folder: string): void {
  if (existsSync(folder)) return;
  makeFolder(dirname(folder));
  mkdirSync(folder);
}

async function open(config: Config) {
  try {
    makeFolder(dirname(config.databasePath));
    closeSync(openSync(config.databasePath, 'a')); // says plainly what is wrong with the path
    return await createApp(config, false);
  } catch (error) {
    return stop(`Cannot open the database at ${config.databasePath}: ${reasonOf(error)}`);
  }
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
  app.useLogger(['error', 'warn']); // silent until here: a failed start is one line, ours
  const shop = config.demo ? ' with the demo shop' : '';
  process.stdout.write(`Hot Bead${shop}: http://${HOST}:${config.port}\n`);
}

await main();
