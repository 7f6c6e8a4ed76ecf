import { homedir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import Joi from 'joi';

/** Everything the server is told from outside, read once at the start. */
export interface Config {
  readonly port: number;
  readonly databasePath: string;
  /** Whether the database is the demo shop's: filled with it when empty. */
  readonly demo: boolean;
  /** Whether the demo shop may be opened beside it, as a server of its own; undefined: no. */
  readonly demoBeside?: boolean;
  /** Whether it belongs to another server, and ends with that. */
  readonly beside?: boolean;
  readonly webRoot: string;
}

/** A setting that cannot be used, in one line for the person who started the server. */
export class ConfigError extends Error {}

const portSchema = Joi.number().integer().min(1).max(65535);

function dataFolder(env: NodeJS.ProcessEnv): string {
  if (process.platform === 'win32' && env['APPDATA']) return join(env['APPDATA'], 'hot-bead');
  if (process.platform === 'darwin') return join(homedir(), 'Library', 'Application Support', 'hot-bead');
  return join(env['XDG_DATA_HOME'] ?? join(homedir(), '.local', 'share'), 'hot-bead');
}

/** A database's path that was given, or its usual place. */
function pathOf(env: NodeJS.ProcessEnv, name: string, usual: string): string {
  const given = env[name];
  if (given === undefined) return resolve(usual);
  if (given.trim() === '') throw new ConfigError(`${name} is empty: name a file, or leave it out.`);
  if (given.startsWith(':') || given.startsWith('file:')) {
    throw new ConfigError(`${name} is ${given}: a shop’s records are kept in a file, so name one.`);
  }
  return resolve(given);
}

/**
 * Reads the configuration from environment and arguments.
 *
 * @param env HOT_BEAD_PORT; HOT_BEAD_DB for the user's own database; HOT_BEAD_DEMO_DB for the demo shop's
 * @param args `--demo` serves the demo shop; `--beside` ends with the server that started it
 * @throws {ConfigError} for a port that is none, or a database that is no file
 */
export function readConfig(env: NodeJS.ProcessEnv, args: readonly string[]): Config {
  const port = portSchema.validate(env['HOT_BEAD_PORT'] ?? 4180);
  if (port.error)
    throw new ConfigError(`HOT_BEAD_PORT is ${env['HOT_BEAD_PORT']}: it must be a port from 1 to 65535.`);
  const demo = args.includes('--demo');
  const demoPath = pathOf(env, 'HOT_BEAD_DEMO_DB', join(dataFolder(env), 'demo.sqlite'));
  const databasePath = demo ? demoPath : pathOf(env, 'HOT_BEAD_DB', join(dataFolder(env), 'hot-bead.sqlite'));
  const here = dirname(fileURLToPath(new URL(import.meta.url)));
  return {
    port: port.value as number,
    databasePath,
    demo,
    // on one file the two would mix
    demoBeside: !demo && databasePath !== demoPath,
    beside: args.includes('--beside'),
    webRoot: resolve(here, '../../../../web/dist'),
  };
}
