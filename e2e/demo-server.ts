import { type ChildProcess, spawn } from 'node:child_process';
import { copyFileSync, existsSync, mkdtempSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** The real server as its users run it, on a database and a port of its own. */
export interface DemoServer {
  readonly url: string;
  readonly databasePath: string;
  /** Ends it the hard way, as a power cut would. */
  kill(): Promise<void>;
  /** Asks it so many times to stop, as the keyboard does: how it left. */
  interrupt(times: number): Promise<number | null>;
  /** Starts it again on the same database and port. */
  startAgain(): Promise<void>;
}

/** Databases of the tests lie in memory where that can be: every write waits for the disk otherwise. */
const SCRATCH = existsSync('/dev/shm') ? '/dev/shm' : tmpdir();

interface Options {
  /** Serve an empty database of one's own instead of the demo shop. */
  readonly empty?: boolean;
}

function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.on('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() =>
        typeof address === 'object' && address ? resolve(address.port) : reject(new Error('no port')),
      );
    });
  });
}

function launch(port: number, databasePath: string, empty: boolean): Promise<ChildProcess> {
  const main = join(import.meta.dirname, '../apps/server/dist/main.js');
  const child = spawn(process.execPath, [main, ...(empty ? [] : ['--demo'])], {
    env: {
      ...process.env,
      HOT_BEAD_PORT: String(port),
      HOT_BEAD_DB: databasePath,
      HOT_BEAD_DEMO_DB: empty ? `${databasePath}.demo` : databasePath,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  return new Promise((resolve, reject) => {
    let errors = '';
    child.stderr.on('data', (data: Buffer) => (errors += data.toString()));
    child.stdout.on('data', (data: Buffer) => data.toString().includes('http://') && resolve(child));
    child.on('exit', (code) => reject(new Error(`the server left with ${code}: ${errors}`)));
  });
}

/** Where the demo shop that all tests begin with lies, made once a run; see `demo-shop.ts`. */
export const DEMO_SHOP_PATH = 'HOT_BEAD_E2E_DEMO_SHOP';

function newDatabase(): string {
  return join(mkdtempSync(join(SCRATCH, 'hot-bead-e2e-')), 'e2e.sqlite');
}

/** The demo shop as a server makes it, on a file that none holds any more: to be copied. */
export async function newDemoShop(): Promise<string> {
  const databasePath = newDatabase();
  const child = await launch(await freePort(), databasePath, false);
  child.removeAllListeners('exit');
  const left = new Promise((resolve) => child.on('exit', resolve));
  child.kill('SIGINT');
  await left;
  return databasePath;
}

/** Starts a server on a database of its own: the demo shop, or an empty one. */
export async function demoServer({ empty = false }: Options = {}): Promise<DemoServer> {
  const port = await freePort();
  const databasePath = newDatabase();
  const made = process.env[DEMO_SHOP_PATH];
  if (!empty && made !== undefined) copyFileSync(made, databasePath);
  let child = await launch(port, databasePath, empty);
  return {
    url: `http://127.0.0.1:${port}`,
    databasePath,
    kill: () =>
      new Promise((resolve) => {
        child.removeAllListeners('exit');
        child.on('exit', () => resolve());
        child.kill('SIGKILL');
      }),
    interrupt: (times) =>
      new Promise((resolve) => {
        child.removeAllListeners('exit');
        child.on('exit', (code) => resolve(code));
        for (let i = 0; i < times; i += 1) setTimeout(() => child.kill('SIGINT'), i * 50);
      }),
    async startAgain() {
      child = await launch(port, databasePath, empty);
    },
  };
}
