import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './workspace.mjs';

/** Browser tests of each wing; of a wing that is not named, all of them. */
const SPECS = {
  trade: ['plan'],
  machine: ['machines', 'tabs'],
  terms: ['machines', 'plan'],
  window: ['first-bead'],
  plan: ['plan', 'jobs', 'first-bead'],
  changeover: ['rig'],
  line: ['quick-line'],
  stores: ['rig'],
  records: ['record'],
  day: ['day'],
  bench: ['day', 'jobs'],
  'dial-in': ['first-bead', 'tabs'],
  faults: ['faults'],
  'arc-lab': ['arc-lab'],
  practice: ['first-bead'],
  history: ['tabs', 'record'],
  files: ['restore'],
  truth: ['access'],
  settings: ['plan'],
};
const WING = /^(?:packages\/\w+\/src|apps\/server\/src|apps\/web\/src\/features)\/([^/]+)\//;

/** Files that differ from the last commit, new ones too. */
function changedFiles() {
  const git = (...args) => execFileSync('git', args, { cwd: ROOT, encoding: 'utf8' }).split('\n');
  const all = [...git('diff', '--name-only', 'HEAD'), ...git('ls-files', '--others', '--exclude-standard')];
  return all.filter((file) => file !== '');
}

/**
 * The browser tests that an uncommitted change touches: those of its wings, and a spec that was changed itself.
 *
 * @returns names of spec files; empty: none; undefined: all of them
 */
export function changedSpecs(files = changedFiles()) {
  const specs = new Set();
  for (const file of files) {
    const [, own] = /^e2e\/([\w-]+)\.spec\.ts$/.exec(file) ?? [];
    if (own !== undefined) {
      if (existsSync(join(ROOT, file))) specs.add(own);
      continue;
    }
    if (/\.md$|\.test\.tsx?$|\/__snapshots__\/|^(docs|architecture|scripts)\//.test(file)) continue;
    const [, wing] = WING.exec(file) ?? [];
    const named = wing === undefined ? undefined : SPECS[wing];
    if (!named) return undefined;
    for (const name of named) specs.add(name);
  }
  return [...specs].toSorted();
}
