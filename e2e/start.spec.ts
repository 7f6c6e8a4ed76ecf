import { spawnSync } from 'node:child_process';
import { copyFileSync, mkdtempSync, readdirSync, readFileSync, rmSync, truncateSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { expect, test } from '@playwright/test';
import { demoServer } from './demo-server.ts';

function start(env: NodeJS.ProcessEnv): { status: number | null; lines: string[] } {
  const main = join(import.meta.dirname, '../apps/server/dist/main.js');
  const { status, stdout, stderr } = spawnSync(process.execPath, [main], {
    env: { ...process.env, ...env },
    encoding: 'utf8',
    timeout: 20_000,
  });
  return { status, lines: `${stdout}${stderr}`.trim().split('\n') };
}

test('a taken port is one clear line and exit 1', async () => {
  const server = await demoServer({ empty: true });
  try {
    const { status, lines } = start({
      HOT_BEAD_PORT: new URL(server.url).port,
      HOT_BEAD_DB: `${server.databasePath}.other`,
    });
    expect(status).toBe(1);
    expect(lines).toEqual([
      expect.stringMatching(/^Port \d+ is taken: stop the other program or set HOT_BEAD_PORT\.$/),
    ]);
  } finally {
    await server.kill();
  }
});

for (const [what, path] of [
  ['takes no new files', '/proc/nowhere/shop.sqlite'],
  ['is a folder', '/tmp'],
  ['lies under a file', '/dev/null/shop.sqlite'],
] as const) {
  test(`a database path that ${what} is one clear line and exit 1`, () => {
    const { status, lines } = start({ HOT_BEAD_PORT: '4999', HOT_BEAD_DB: path });
    expect(status).toBe(1);
    expect(lines).toEqual([expect.stringContaining(`Cannot open the database at ${path}: `)]);
  });
}

test('a port that is none is one clear line and exit 1', () => {
  const { status, lines } = start({ HOT_BEAD_PORT: 'loud' });
  expect(status).toBe(1);
  expect(lines).toEqual(['HOT_BEAD_PORT is loud: it must be a port from 1 to 65535.']);
});

for (const [env, line] of [
  [{ HOT_BEAD_DB: '' }, 'HOT_BEAD_DB is empty: name a file, or leave it out.'],
  [{ HOT_BEAD_DB: ':memory:' }, 'HOT_BEAD_DB is :memory:: a shop’s records are kept in a file, so name one.'],
] as const) {
  test(`a database that is “${env.HOT_BEAD_DB}” is one clear line and exit 1`, () => {
    expect(start(env)).toEqual({ status: 1, lines: [line] });
  });
}

test('a database that is open in another server is one clear line and exit 1', async () => {
  const server = await demoServer({ empty: true });
  try {
    const { status, lines } = start({ HOT_BEAD_PORT: '4998', HOT_BEAD_DB: server.databasePath });
    expect(status).toBe(1);
    expect(lines).toEqual([
      `The database at ${server.databasePath} is open in another Hot Bead: use that one or stop it, or name another file with HOT_BEAD_DB.`,
    ]);
    // one that was killed holds it no longer
    await server.kill();
    await server.startAgain();
    expect((await fetch(`${server.url}/api/machines`)).status).toBe(200);
  } finally {
    await server.kill();
  }
});

test('a server that is asked to stop does, whoever stands still, and at once when it is asked again', async () => {
  const server = await demoServer({ empty: true });
  const { port, hostname } = new URL(server.url);
  /** An upload that stands still. */
  const stall = async (): Promise<void> => {
    const stalled = connect(Number(port), hostname);
    stalled.on('error', () => undefined);
    stalled.write(
      `POST /api/backup/restore HTTP/1.1\r\nHost: ${hostname}:${port}\r\nContent-Type: application/octet-stream\r\nContent-Length: 100000\r\n\r\nPK`,
    );
    await new Promise((resolve) => setTimeout(resolve, 300));
  };
  await stall();
  const began = Date.now();
  expect(await server.interrupt(1)).toBe(0);
  expect(Date.now() - began).toBeLessThan(8000);
  await server.startAgain();
  await stall();
  expect(await server.interrupt(2)).toBe(130);
});

test.describe('a file that cannot be served', () => {
  const OLD = join(import.meta.dirname, '../apps/server/test/before-foundations.sqlite');
  const sql = (path: string, statement: string): void => {
    const script = `new (require('better-sqlite3'))(process.argv[1]).exec(process.argv[2])`;
    const { status, stderr } = spawnSync(process.execPath, ['-e', script, path, statement], {
      encoding: 'utf8',
    });
    if (status !== 0) throw new Error(stderr);
  };
  let path: string;
  test.beforeEach(() => {
    path = join(mkdtempSync(join(tmpdir(), 'hot-bead-start-')), 'shop.sqlite');
    copyFileSync(OLD, path);
  });
  test.afterEach(() => rmSync(dirname(path), { recursive: true, force: true }));

  test('because a newer version wrote it is one clear line and exit 1', () => {
    sql(path, `INSERT INTO migrations ("timestamp", "name") VALUES (9, 'Later9')`);
    const { status, lines } = start({ HOT_BEAD_DB: path });
    expect(status).toBe(1);
    expect(lines).toEqual([expect.stringContaining('was written by a newer Hot Bead (Later9)')]);
  });

  test('because it is that of another program is one clear line and exit 1, and it is left as it is', () => {
    rmSync(path);
    sql(path, 'CREATE TABLE customers (name); INSERT INTO customers VALUES (1)');
    const before = readFileSync(path);
    const { status, lines } = start({ HOT_BEAD_DB: path });
    expect(status).toBe(1);
    expect(lines).toEqual([expect.stringContaining('is that of another program')]);
    expect(readFileSync(path).equals(before)).toBe(true);
  });

  test('because it is damaged is one clear line and exit 1', () => {
    truncateSync(path, 60_000);
    const { status, lines } = start({ HOT_BEAD_DB: path });
    expect(status).toBe(1);
    expect(lines).toEqual([expect.stringMatching(/is damaged \(.+\): put back a copy of yours/)]);
  });

  test('because a migration fails is one clear line and exit 1, and the old file is kept beside it', () => {
    sql(path, 'CREATE TABLE "event" (x)');
    const { status, lines } = start({ HOT_BEAD_DB: path });
    expect(status).toBe(1);
    expect(lines).toEqual([expect.stringContaining(`Cannot open the database at ${path}: `)]);
    expect(lines[0]).toContain('table "event" already exists');
    expect(readdirSync(dirname(path))).toContain('shop.before-Foundations1764500000000.sqlite');
  });
});
