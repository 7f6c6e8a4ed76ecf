import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { once } from 'node:events';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromiumPath, HEADLESS_SHELL } from './chromium.mjs';

/** The repository's root folder. */
export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));

/** One clear line, and out. */
export function stop(line) {
  process.stderr.write(`${line}\n`);
  process.exit(1);
}

/** Runs a program in the root, everything it prints on standard error so that standard output stays ours. */
export function run(program, args, env = {}) {
  const result = spawnSync(program, args, {
    cwd: ROOT,
    stdio: ['ignore', process.stderr, process.stderr],
    env: { ...process.env, ...env },
  });
  return result.status ?? 1;
}

/** The file that a tool of ours starts by: "eslint", or "typescript:tsc" where its package is called otherwise. */
function toolFile(name) {
  const folder = join(ROOT, 'node_modules', name.split(':')[0]);
  const { bin } = JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8'));
  const wanted = name.split(':')[1] ?? name;
  return join(folder, typeof bin === 'string' ? bin : bin[wanted]);
}

/** Runs a locally installed tool through this very Node. */
export function runTool(name, args, env = {}) {
  return run(process.execPath, [toolFile(name), ...args], env);
}

/** The same beside others: what it says is held until it ends. */
export async function runToolBeside(name, args) {
  const child = spawn(process.execPath, [toolFile(name), ...args], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const output = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => output.push(part));
  const [status] = await once(child, 'close');
  process.stderr.write(Buffer.concat(output));
  return status ?? 1;
}

function hashOf(paths) {
  const hash = createHash('sha256');
  for (const path of paths) hash.update(path).update(readFileSync(join(ROOT, path)));
  return hash.digest('hex');
}

function filesUnder(folder) {
  const full = join(ROOT, folder);
  if (!existsSync(full)) return [];
  return readdirSync(full).flatMap((name) => {
    if (['node_modules', 'dist', 'dist-types'].includes(name)) return [];
    const path = join(folder, name);
    return statSync(join(ROOT, path)).isDirectory() ? filesUnder(path) : [path];
  });
}

function stampIs(name, value) {
  const path = join(ROOT, '.cache', name);
  return existsSync(path) && readFileSync(path, 'utf8') === value;
}

function writeStamp(name, value) {
  mkdirSync(join(ROOT, '.cache'), { recursive: true });
  writeFileSync(join(ROOT, '.cache', name), value);
}

/** Installs what the lock file says when that has not been done yet. */
export function ensureInstalled() {
  const wanted = hashOf(['package-lock.json']);
  if (existsSync(join(ROOT, 'node_modules', '.package-lock.json')) && stampIs('installed', wanted)) return;
  process.stderr.write('Installing packages; the database driver may compile for two minutes.\n');
  if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0) stop('npm ci failed.');
  writeStamp('installed', wanted);
}

function buildInputs(folders) {
  const roots = ['package-lock.json', 'tsconfig.base.json', 'tsconfig.json'];
  return [...roots, ...folders.flatMap(filesUnder).sort()];
}

/** Builds what the server runs; with `web`, the pages too. Skipped when nothing has changed. */
export function ensureBuilt({ web }) {
  const server = hashOf(buildInputs(['packages', 'apps/server']));
  if (!stampIs('server-built', server) || !existsSync(join(ROOT, 'apps/server/dist/main.js'))) {
    if (web) process.stderr.write('Building.\n');
    if (runTool('typescript:tsc', ['-b', 'apps/server']) !== 0) stop('The build failed.');
    writeStamp('server-built', server);
  }
  if (!web) return;
  const pages = hashOf(buildInputs(['packages', 'apps/web']));
  if (stampIs('web-built', pages) && existsSync(join(ROOT, 'apps/web/dist/index.html'))) return;
  if (run('npm', ['run', '--silent', 'build', '-w', '@hot-bead/web']) !== 0) stop('The build failed.');
  writeStamp('web-built', pages);
}

/** Installs a package of Debian's when a program of it is missing and we may; otherwise says how. */
function ensureProgram(path, what, packageName, how) {
  if (existsSync(path)) return;
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) stop(how);
  process.stderr.write(`Installing ${what}.\n`);
  const quiet = { DEBIAN_FRONTEND: 'noninteractive' };
  run('apt-get', ['update', '-qq'], quiet);
  if (run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', packageName], quiet) !== 0)
    stop(how);
}

/** Debian's Chromium, for whatever looks at the app; the whole one is as good where it is all there is. */
export function ensureChromium() {
  const how =
    'Chromium is missing: run "apt-get install chromium-headless-shell" as root, or set HOT_BEAD_CHROMIUM to its path.';
  if (existsSync(chromiumPath())) return;
  ensureProgram(HEADLESS_SHELL, 'Chromium', 'chromium-headless-shell', how);
}

/** What reads PDFs back, for the tests. */
export function ensurePdfReader() {
  const how = 'pdftotext is missing: run "apt-get install poppler-utils" as root.';
  ensureProgram('/usr/bin/pdftotext', 'pdftotext', 'poppler-utils', how);
}
