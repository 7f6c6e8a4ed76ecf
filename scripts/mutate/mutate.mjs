import { fork } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import jestConfig from '../../jest.config.js';
import { ROOT, stop } from '../workspace.mjs';
import { EQUIVALENT } from './equivalent.mjs';
import { mutantsOf, sampleOf, shuffled } from './mutants.mjs';

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    seed: { type: 'string', default: '1' },
    most: { type: 'string', default: '200' },
    minutes: { type: 'string', default: '10' },
    slowest: { type: 'string', default: '4' },
  },
});
const [room] = positionals;
const folder = join(ROOT, 'packages/core/src', room ?? '');
if (!room || !existsSync(folder))
  stop('Usage: npm run mutate -- WING or WING/ROOM [--seed 1] [--most 200] [--minutes 10]');

const files = readdirSync(folder, { recursive: true }).filter((name) => name.endsWith('.ts'));
const sources = files.filter((name) => !name.endsWith('.test.ts') && name !== 'index.ts').toSorted();
const all = sources.flatMap((name) => mutantsOf(name, readFileSync(join(folder, name), 'utf8')));
const reasonFor = (mutant) =>
  EQUIVALENT.find(
    (one) =>
      one.at === `${room}/${mutant.file}` &&
      one.was === mutant.was &&
      one.text === mutant.text &&
      lineOf(mutant).includes(one.in),
  );
const lineOf = ({ file, line }) => readFileSync(join(folder, file), 'utf8').split('\n')[line - 1];
const listed = all.filter((mutant) => reasonFor(mutant));
const sample = sampleOf(
  all.filter((mutant) => !reasonFor(mutant)),
  Number(values.most),
  Number(values.seed),
);

const [packages] = jestConfig.projects;
const [pattern] = Object.keys(packages.transform);
const config = {
  ...packages,
  rootDir: ROOT,
  roots: ['<rootDir>/packages/core/src'],
  testMatch: [`<rootDir>/packages/core/src/${room}/**/*.test.ts`],
  testSequencer: '<rootDir>/scripts/mutate/sequencer.mjs',
  transform: { [pattern]: ['<rootDir>/scripts/mutate/transform.mjs', packages.transform[pattern][1]] },
};

/** A process that runs the room's tests as often as it is asked to, one place changed each time. */
class Worker {
  #child;

  run(mutant, env, mostMs) {
    this.#child ??= fork(fileURLToPath(new URL('worker.mjs', import.meta.url)), {
      env: { ...process.env, ...env },
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    });
    const child = this.#child;
    return new Promise((resolve) => {
      const end = (result) => {
        clearTimeout(timer);
        child.removeAllListeners();
        if (!result.success && result.ended) this.stop();
        resolve(result);
      };
      const timer = setTimeout(() => end({ success: false, ended: 'no end' }), mostMs);
      child.once('message', end);
      child.once('exit', () => end({ success: false, ended: 'process ended' }));
      child.send({ mutant: mutant && { ...mutant, path: join(folder, mutant.file) }, config });
    });
  }

  stop() {
    this.#child?.kill('SIGKILL');
    this.#child = undefined;
  }
}

if (!files.some((name) => name.endsWith('.test.ts'))) stop(`${room} has no tests of its own.`);
const first = new Worker();
const baseline = await first.run(undefined, {}, 300_000);
first.stop();
if (!baseline.success)
  stop(`The tests of ${room} fail as they stand: ${baseline.failing?.fullName ?? baseline.ended}`);
const times = JSON.stringify(Object.fromEntries(baseline.times));
const tooSlow = baseline.times.filter(([, ms]) => ms > Number(values.slowest) * 1000).map(([path]) => path);
const quickMs = baseline.times.reduce((sum, [path, ms]) => sum + (tooSlow.includes(path) ? 0 : ms), 0);
config.testPathIgnorePatterns = [...config.testPathIgnorePatterns, ...tooSlow];
console.log(
  `${room}: ${all.length} places, ${sample.length} tried (seed ${values.seed}), ` +
    `${baseline.numTotalTests} tests in ${(baseline.ms / 1000).toFixed(1)} s` +
    (tooSlow.length === 0
      ? ''
      : `, without ${tooSlow.map((path) => path.split('/').at(-1)).join(', ')} (slow)`),
);

const begun = Date.now();
const until = begun + Number(values.minutes) * 60_000;
// tried in a seeded order of its own, so that a run cut short is a fair sample too
const order = shuffled(
  sample.map((mutant, place) => ({ mutant, place })),
  Number(values.seed) + 1,
);
const survivors = [];
const killers = new Map();
let tried = 0;
async function work() {
  const worker = new Worker();
  for (let next = order.shift(); next && Date.now() < until; next = order.shift()) {
    const result = await worker.run(next.mutant, { HOT_BEAD_TEST_TIMES: times }, quickMs * 5 + 10_000);
    tried += 1;
    if (result.success) survivors.push(next);
    const by = result.failing?.testFilePath.split('/').at(-1) ?? result.ended;
    if (by) killers.set(by, (killers.get(by) ?? 0) + 1);
  }
  worker.stop();
}
await Promise.all(Array.from({ length: Math.min(availableParallelism(), 4) }, work));

for (const { mutant } of survivors.toSorted((a, b) => a.place - b.place)) {
  console.log(`  ${mutant.file}:${mutant.line}  ${mutant.was} -> ${mutant.text}   ${lineOf(mutant).trim()}`);
}
const score = (100 * (tried - survivors.length)) / Math.max(1, tried);
const by = [...killers].toSorted((a, b) => b[1] - a[1]).map(([name, count]) => `${name} ${count}`);
console.log(`found by: ${by.join(', ')}`);
console.log(
  `${room}: ${score.toFixed(1)} % found (${tried - survivors.length} of ${tried}), ` +
    `${listed.length} left out as equal, ${((Date.now() - begun) / 1000).toFixed(0)} s`,
);
