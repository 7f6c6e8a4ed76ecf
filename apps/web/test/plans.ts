import { planSetup, type PlannedSetup } from '@hot-bead/core/plan';
import type { Work } from '@hot-bead/core/trade';

/** A plain piece of work: 3 mm steel, tee, flat. */
export const STEEL_TEE: Work = {
  metal: 'carbon-steel',
  thicknessMm: 3,
  joint: 'tee',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};

/** The plan of the plain work, changed here and there. */
export function planOf(
  over: Partial<Work> = {},
  resources: Parameters<typeof planSetup>[1] = {},
): PlannedSetup {
  const setup = planSetup({ ...STEEL_TEE, ...over }, resources);
  if (setup.status !== 'planned') throw new Error(setup.code);
  return setup;
}
