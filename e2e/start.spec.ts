import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
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
