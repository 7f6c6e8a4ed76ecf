import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { changedSpecs } from './changed.mjs';
import {
  ensureBuilt,
  ensureChromium,
  ensureInstalled,
  ensurePdfReader,
  ROOT,
  run,
  runTool,
  runToolBeside,
} from './workspace.mjs';

/**
 * Installs what is missing, then runs every check: lint, types, unit and server tests, build, browser tests.
 * Each step runs even when one before it failed; the totals go to .cache/test-totals.json. With `--changed` only what the
 * uncommitted change touches is tested.
 */
ensureInstalled();
ensureChromium();
ensurePdfReader();
const results = join(ROOT, '.cache', 'results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
const jestFile = join(results, 'jest.json');
const browserFile = join(results, 'browser.json');

function step(name, action) {
  process.stderr.write(`\n== ${name}\n`);
  const from = performance.now();
  const ok = action() === 0;
  return { name, ok, seconds: (performance.now() - from) / 1000 };
}

/** Two tools one after the other, beside other steps; the second one runs where the first found nothing. */
async function stepBeside(name, tool, args, { then: [next, nextArgs] }) {
  const from = performance.now();
  const ok = (await runToolBeside(tool, args)) === 0 && (await runToolBeside(next, nextArgs)) === 0;
  return { name, ok, seconds: (performance.now() - from) / 1000 };
}

const PRETTIER = ['--check', '--cache', '--cache-location', '.cache/prettier', '--log-level', 'warn', '.'];
const isOfChange = process.argv.includes('--changed');
const specs = isOfChange ? changedSpecs() : undefined;

const steps = [
  // neither needs the other, and each keeps little more than one core busy
  ...(await Promise.all([
    stepBeside('lint', 'eslint', ['--cache', '--cache-location', '.cache/eslint', '.'], {
      then: ['prettier', PRETTIER],
    }),
    stepBeside('types', 'typescript:tsc', ['-b'], {
      then: ['typescript:tsc', ['-p', 'tsconfig.tests.json']],
    }),
  ])),
  step('unit and server tests', () =>
    runTool('jest', [
      '--json',
      `--outputFile=${jestFile}`,
      '--silent',
      ...(isOfChange ? ['--onlyChanged', '--passWithNoTests'] : []),
    ]),
  ),
  step('build', () => (ensureBuilt({ web: true }), 0)),
  step('browser tests', () =>
    specs?.length === 0
      ? 0
      : run(
          process.execPath,
          [
            join(ROOT, 'node_modules/@playwright/test/cli.js'),
            ...['test', '-c', 'e2e/playwright.config.ts'],
            ...(specs ?? []).map((name) => `${name}.spec.ts`),
          ],
          { PLAYWRIGHT_JSON_OUTPUT_NAME: browserFile },
        ),
  ),
];

function read(file) {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined;
}

const jest = read(jestFile);
const browser = read(browserFile)?.stats;
const brokenSteps = steps.filter((s) => !s.ok);
const testFailures =
  (jest?.numFailedTests ?? 0) +
  (jest?.numRuntimeErrorTestSuites ?? 0) +
  (browser?.unexpected ?? 0) +
  (browser?.flaky ?? 0);
const passed = (jest?.numPassedTests ?? 0) + (browser?.expected ?? 0);
const failed = testFailures > 0 ? testFailures : brokenSteps.length;
for (const broken of brokenSteps) process.stderr.write(`failed: ${broken.name}\n`);
writeFileSync(join(ROOT, '.cache', 'test-totals.json'), JSON.stringify({ passed, failed }));
for (const { name, seconds } of steps) process.stderr.write(`${name}: ${seconds.toFixed(0)} s\n`);
process.stderr.write(`\n${passed} passed, ${failed} failed\n`);
process.exitCode = failed > 0 || passed === 0 ? 1 : 0;
