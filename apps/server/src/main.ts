import 'reflect-metadata';
import { type Config, ConfigError, readConfig } from './config/config.ts';
import { createApp } from './create-app.ts';
import { MIGRATION_NAMES } from './database/data-source-options.ts';
import { DatabaseError, makeSureOf } from './database/open-database.ts';

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
    makeSureOf(config.databasePath, MIGRATION_NAMES);
    return await createApp(config, { logger: false });
  } catch (error) {
    if (error instanceof DatabaseError) return stop(error.message);
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
  if (config.beside) process.stdin.on('close', () => process.exit(0)).resume();
  app.useLogger(['error', 'warn']); // silent until here: a failed start is one line, ours
  const shop = config.demo ? ' with the demo shop' : '';
  process.stdout.write(`Hot Bead${shop}: http://${HOST}:${config.port}\n`);
}

await main();
