import { completeWork } from '../src/plan/work/complete-work.ts';
import { effectiveWork, parseLine } from '../src/line/parse.ts';
import { resourcesOf } from '../src/plan/work/shop.ts';
import { planSetup } from '../src/plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../src/plan/setup/setup.ts';

/** The plan of a line, by a shop of which nothing is known. */
export function planned(line: string): PlannedSetup {
  const stated = effectiveWork(parseLine(line, { unit: 'mm', machineNames: [] }));
  const work = completeWork(stated)?.work;
  if (!work) throw new Error(line);
  const setup = planSetup(work, resourcesOf(stated, { machines: [] }));
  if (setup.status !== 'planned') throw new Error(`${line}: ${setup.reasons.join(' ')}`);
  return setup;
}
