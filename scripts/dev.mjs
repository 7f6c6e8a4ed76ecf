import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT } from './workspace.mjs';

/** Server and pages, both rebuilt as the source changes: pages on 5173, API behind them. */
ensureInstalled();
ensureBuilt({ web: false });
const tool = (path) => join(ROOT, 'node_modules', path);
const children = [
  [tool('typescript/bin/tsc'), '-b', '-w', '--preserveWatchOutput', 'apps/server'],
  ['--watch', join(ROOT, 'apps/server/dist/main.js'), '--demo'],
  [tool('vite/bin/vite.js'), join(ROOT, 'apps/web')],
].map((args) => spawn(process.execPath, args, { cwd: ROOT, stdio: 'inherit' }));
const end = () => children.forEach((child) => child.kill());
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, end);
for (const child of children) child.on('exit', end);
