import { completeWork } from '../src/quick-line/complete-work.ts';
import { effectiveWork, parseQuickLine } from '../src/quick-line/parse.ts';
import { resourcesOf } from '../src/resources/shop.ts';
import { planSetup } from '../src/setup/plan-setup.ts';
import type { PlannedSetup } from '../src/setup/setup.ts';

/** The plan of a line, by a shop of which nothing is known. */
export function planned(line: string): PlannedSetup {
  const said = effectiveWork(parseQuickLine(line, { unit: 'mm', machineNames: [] }));
  const work = completeWork(said)?.work;
  if (!work) throw new Error(line);
  const setup = planSetup(work, resourcesOf(said, { machines: [] }));
  if (setup.status !== 'planned') throw new Error(`${line}: ${setup.reasons.join(' ')}`);
  return setup;
}
