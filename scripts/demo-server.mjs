import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './workspace.mjs';

export function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.on('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/** Serves a fresh demo shop while `use` runs, then ends it and throws its database away. */
export async function withDemoServer(use) {
  const port = await freePort();
  const folder = mkdtempSync(join(tmpdir(), 'hot-bead-demo-'));
  const server = spawn(process.execPath, [join(ROOT, 'apps/server/dist/main.js'), '--demo'], {
    env: { ...process.env, HOT_BEAD_PORT: String(port), HOT_BEAD_DEMO_DB: join(folder, 'demo.sqlite') },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  try {
    await new Promise((resolve, reject) => {
      server.stdout.on('data', (data) => data.toString().includes('http://') && resolve());
      server.on('exit', (code) => reject(new Error(`the server left with ${code}`)));
    });
    return await use(`http://127.0.0.1:${port}`);
  } finally {
    server.removeAllListeners('exit');
    const gone = new Promise((resolve) => server.on('exit', resolve));
    server.kill();
    await gone;
    rmSync(folder, { recursive: true, force: true });
  }
}
