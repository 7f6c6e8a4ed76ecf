import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT } from './workspace.mjs';

/** Installs and builds what is missing, then serves the demo shop ("demo") or the user's own database ("own"). */
ensureInstalled();
ensureBuilt({ web: true });
const args = process.argv[2] === 'demo' ? ['--demo'] : [];
const server = spawn(process.execPath, [join(ROOT, 'apps/server/dist/main.js'), ...args], {
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code, signal) => process.exit(code ?? (signal ? 0 : 1)));
