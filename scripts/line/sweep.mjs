import { join } from 'node:path';
import { builtCore } from '../built-core.mjs';
import { ensureBuilt, ROOT } from '../workspace.mjs';
import { JUDGED_LINES, judgedLines, linesFrom } from './lines.mjs';

/** Reads many lines and holds what is understood against the contract it would be kept by: `npm run sweep-lines -- 200000`. */
ensureBuilt({});
const { effectiveWork, parseLine } = await builtCore();
const { keptWorkSchema } = await import(join(ROOT, 'packages/contract/dist/work.js'));
const count = Number(process.argv[2] ?? 200_000);
let bad = 0;
let read = 0;
for (const say of linesFrom(judgedLines(JUDGED_LINES), count, 20_261_201)) {
  const line = say.slice(0, 400);
  for (const unit of ['mm', 'in']) {
    let problem;
    try {
      const reading = parseLine(line, { unit, machineNames: ['Old Tom'] });
      problem = keptWorkSchema.validate(effectiveWork(reading), { convert: false }).error?.message;
      const covered = reading.fragments.reduce((at, f) => (f.start === at ? f.end : -1), 0);
      if (covered !== line.length) problem = 'not covered whole';
    } catch (error) {
      problem = String(error);
    }
    read += 1;
    if (problem === undefined) continue;
    bad += 1;
    if (bad <= 20) console.log(`${JSON.stringify(line)} (${unit}): ${problem}`);
  }
}
console.log(`${read} readings, ${bad} that could not be kept`);
process.exitCode = bad === 0 ? 0 : 1;
