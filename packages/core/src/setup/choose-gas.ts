import type { Caution } from '../caution/caution.ts';
import { type Gas, gasOf } from '../gas/gas.ts';
import type { Work } from '../material/work.ts';
import { PRACTICE } from '../provenance/source.ts';
import { gasRefusal } from './refusal.ts';
import type { Resources } from './setup.ts';

export interface GasChoice {
  readonly gas: Gas;
  readonly origin: 'asked' | 'loaded' | 'assumed';
  readonly caution: Caution | undefined;
}

/** The gas to plan with: asked, else connected when it suits, else the usual shop mix with a note to get it. */
export function chooseGas(work: Work, resources: Resources): GasChoice {
  if (resources.gas !== undefined) return { gas: gasOf(resources.gas), origin: 'asked', caution: undefined };
  const assumed = gasOf('ar-co2-18-25');
  if (resources.machine === undefined) return { gas: assumed, origin: 'assumed', caution: undefined };
  const loaded = gasOf(resources.machine.loadedGas);
  if (loaded.id !== 'none' && !gasRefusal(work, loaded))
    return { gas: loaded, origin: 'loaded', caution: undefined };
  return {
    gas: assumed,
    origin: 'assumed',
    caution: {
      code: 'gas-to-get',
      level: 'warn',
      text: `${resources.machine.name} has ${loaded.name} connected, which does not suit. Get Ar + 18–25 % CO₂.`,
      source: PRACTICE,
    },
  };
}
