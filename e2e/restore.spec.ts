import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { copyFileSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { demoServer } from './demo-server.ts';
import { cases } from '../packages/core/test/cases.ts';
import { expect, test } from './fixtures.ts';

const COMMANDS = new URL('../apps/server/dist/command/shop-command.js', import.meta.url).href;
/** Times that a restore is killed, each a little later. */
const KILLS = cases(5, 12);
const FIRST_MS = 150;
const STEP_MS = cases(200, 90);

/** Times that a server is killed within, or right after, a restore. */
const RESTORES = cases(3, 6);

/** Sets the copies by that stand beside a database now: only the last few stay there. */
function keep(databasePath: string, round: number): void {
  const folder = dirname(databasePath);
  for (const name of readdirSync(folder))
    if (name.includes('.before-') && !name.endsWith('.part') && !name.startsWith('set-by'))
      copyFileSync(join(folder, name), join(folder, `set-by-${round}-${name}`));
}

/** Ids of all jobs in a database and in the copies beside it: each of them can be opened. */
function idsIn(databasePath: string): ReadonlySet<string> {
  const folder = dirname(databasePath);
  const files = readdirSync(folder).filter(
    (name) => name === basename(databasePath) || (name.includes('.before-') && !name.endsWith('.part')),
  );
  const ids = files.flatMap((name) => {
    const database = new Database(join(folder, name), { readonly: true });
    try {
      return database.prepare('SELECT id FROM job').pluck().all() as string[];
    } finally {
      database.close();
    }
  });
  return new Set(ids);
}

interface Ended {
  readonly code: number | null;
  readonly killed: boolean;
}

/** Runs a command of the shop's on a database; killed after a while, where that is asked. */
function command(
  name: 'importCommand' | 'exportCommand',
  words: readonly string[],
  database: string,
  killAfterMs?: number,
): Promise<Ended> {
  const script = `const m = await import(${JSON.stringify(COMMANDS)}); const r = await m.${name}(${JSON.stringify(words)}, process.env); process.stdout.write(r.output); process.exitCode = r.exitCode;`;
  const child = spawn(process.execPath, ['--input-type=module', '-e', script], {
    env: { ...process.env, HOT_BEAD_DB: database },
    stdio: 'ignore',
  });
  const timer = killAfterMs === undefined ? undefined : setTimeout(() => child.kill('SIGKILL'), killAfterMs);
  return new Promise((resolve) => {
    child.on('exit', (code, signal) => {
      clearTimeout(timer);
      resolve({ code, killed: signal === 'SIGKILL' });
    });
  });
}

test('a restore that is killed leaves the old shop whole, and one that is not puts the new one in its place', async ({
  demo,
}) => {
  test.setTimeout(120_000);
  const folder = mkdtempSync(join(tmpdir(), 'hot-bead-'));
  const at = (name: string): string => join(folder, name);
  try {
    // the old shop is the demo as it stands; the new one has six thousand lines of log besides
    writeFileSync(
      at('old.sqlite'),
      Buffer.from(await (await fetch(`${demo.url}/api/backup/database`)).arrayBuffer()),
    );
    const shop = JSON.parse(await (await fetch(`${demo.url}/api/backup/json`)).text()) as {
      tables: { log_entry: Record<string, unknown>[] };
    };
    const [line] = shop.tables.log_entry;
    if (!line) throw new Error('no log');
    for (let i = 0; i < 60_000; i += 1)
      shop.tables.log_entry.push({ ...line, number: 1_000_000 + i, id: `more:${i}` });
    writeFileSync(at('new.json'), JSON.stringify(shop));
    copyFileSync(at('old.sqlite'), at('shop.sqlite'));
    expect(await command('exportCommand', [at('before.json')], at('shop.sqlite'))).toMatchObject({ code: 0 });
    const before = readFileSync(at('before.json'), 'utf8');
    let killed = 0;
    for (let i = 0; i < KILLS; i += 1) {
      const ended = await command(
        'importCommand',
        [at('new.json'), '--replace'],
        at('shop.sqlite'),
        FIRST_MS + i * STEP_MS,
      );
      if (!ended.killed) break;
      killed += 1;
      expect(await command('exportCommand', [at('after.json')], at('shop.sqlite'))).toMatchObject({
        code: 0,
      });
      expect(readFileSync(at('after.json'), 'utf8') === before).toBe(true);
    }
    expect(killed).toBeGreaterThan(2);
    expect(await command('importCommand', [at('new.json'), '--replace'], at('shop.sqlite'))).toMatchObject({
      code: 0,
    });
    await command('exportCommand', [at('after.json')], at('shop.sqlite'));
    expect(readFileSync(at('after.json'), 'utf8')).toContain('more:59999');
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});

test('a server that is killed within a restore, while four write, loses nothing that it acknowledged', async () => {
  test.setTimeout(120_000);
  const server = await demoServer({ empty: true });
  try {
    const file = Buffer.from(await (await fetch(`${server.url}/api/backup/database`)).arrayBuffer());
    const acknowledged: string[] = [];
    for (let i = 0; i < RESTORES; i += 1) {
      let isOver = false;
      const write = async (): Promise<void> => {
        while (!isOver) {
          const id = randomUUID();
          const body = JSON.stringify({ id, line: '3 mm tee' });
          const headers = { 'content-type': 'application/json' };
          const made = await fetch(`${server.url}/api/jobs`, { method: 'POST', headers, body });
          if (made.status === 201) acknowledged.push(id);
        }
      };
      const writers = Array.from({ length: 4 }, () => write().catch(() => undefined));
      await new Promise((resolve) => setTimeout(resolve, 200));
      const headers = { 'content-type': 'application/octet-stream' };
      const restored = fetch(`${server.url}/api/backup/restore`, { method: 'POST', headers, body: file });
      await Promise.race([
        restored.catch(() => undefined),
        // the first has its thread to load; every second comes to its end
        new Promise((resolve) => setTimeout(resolve, i % 2 === 0 ? 60 + i * 120 : 10_000)),
      ]);
      isOver = true;
      await server.kill();
      await Promise.all(writers);
      keep(server.databasePath, i);
      await server.startAgain();
    }
    // copies beside the database, and those set by from before the last few were forgotten
    const ids = idsIn(server.databasePath);
    expect(acknowledged.length).toBeGreaterThan(20);
    expect(acknowledged.filter((id) => !ids.has(id))).toEqual([]);
  } finally {
    await server.kill();
  }
});
