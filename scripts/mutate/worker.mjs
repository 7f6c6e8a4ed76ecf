import { createRequire } from 'node:module';
import { ROOT } from '../workspace.mjs';

const { runCLI } = createRequire(import.meta.url)('jest');

// one run of the tests per message; what they print is not asked for
process.stdout.write = () => true;
process.stderr.write = () => true;

process.on('message', async ({ mutant, config }) => {
  process.env.HOT_BEAD_MUTANT = JSON.stringify(mutant ?? null);
  // a process keeps what it has transformed by configuration: each run needs one of its own
  const own = {
    ...config,
    globals: { place: mutant ? `${mutant.path}:${mutant.start}:${mutant.text}` : '' },
  };
  const argv = {
    config: JSON.stringify(own),
    runInBand: true,
    bail: mutant ? 1 : 0,
    silent: true,
    ci: true,
    reporters: [],
  };
  const begun = Date.now();
  const { results } = await runCLI(argv, [ROOT]);
  const { success, numTotalTests, testResults } = results;
  const [failing] = testResults.flatMap(({ testFilePath, testResults: tests }) =>
    tests.filter(({ status }) => status === 'failed').map(({ fullName }) => ({ testFilePath, fullName })),
  );
  const times = testResults.map(({ testFilePath, perfStats }) => [testFilePath, perfStats.runtime]);
  process.send({ success, numTotalTests, failing, times, ms: Date.now() - begun });
});
