import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT, run, runTool } from './workspace.mjs';

/** Every test that takes but a few of its cases with each change, with all of them: here what is promised is held to. */
ensureInstalled();
ensureBuilt({ web: true });
const tests = ['packages/core/src', 'apps/server/test']
  .flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true }).map((name) => join(ROOT, folder, name)),
  )
  .filter((path) => path.endsWith('.test.ts'))
  .filter((path) => readFileSync(path, 'utf8').includes("test/cases.ts'"));
const all = { HOT_BEAD_ACCEPTANCE: '1' };
const browser = [
  join(ROOT, 'node_modules/@playwright/test/cli.js'),
  'test',
  '-c',
  'e2e/playwright.config.ts',
];
process.exitCode =
  runTool('jest', ['--ci', '--runTestsByPath', ...tests], all) ||
  run(process.execPath, [...browser, 'kill.spec.ts', 'restore.spec.ts'], all);
