import { words } from '../../base/words/words.ts';
import type { Caution } from '../caution/caution.ts';
import type { Family } from '../../trade/family/family.ts';
import { type Gas, type GasId, gasOf } from '../../trade/gas/gas.ts';
import { gasVerdict, isGasless, preferredGases } from '../../trade/family/gas-verdict.ts';
import { PRACTICE } from '../../base/source.ts';
import type { WorkContext } from '../way/work-context.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';

export interface GasChoice {
  readonly gas: Gas;
  readonly origin: 'asked' | 'loaded' | 'shelf' | 'assumed';
  readonly caution: Caution | undefined;
}

/** The gas to plan with: asked, else connected when it suits, else on the shelf, else what to get. */
export function chooseGas(
  family: Family,
  wireClass: WireClass,
  { resources, schools }: WorkContext,
): GasChoice {
  const use = { family: family.id, wireClass, leanMix: schools.leanMix };
  const preferred = preferredGases(use, schools.stainlessDipGas);
  const choice = (id: GasId, origin: GasChoice['origin'], caution?: Caution): GasChoice => ({
    gas: gasOf(id),
    origin,
    caution,
  });
  if (isGasless(family.id)) return choice('none', 'assumed');
  if (resources.gas !== undefined) return choice(resources.gas, 'asked');
  const { machine, shelf } = resources;
  const fits = (id: GasId): boolean => gasVerdict(gasOf(id), use).status === 'fits';
  if (machine !== undefined && fits(machine.loadedGas)) return choice(machine.loadedGas, 'loaded');
  const held = shelf?.gases.filter(fits) ?? [];
  const shelved = preferred.find((id) => held.includes(id)) ?? held[0];
  if (shelved !== undefined) return choice(shelved, 'shelf');
  const best = preferred[0] as GasId;
  if (machine === undefined && shelf === undefined) return choice(best, 'assumed');
  const connected = machine === undefined ? undefined : gasOf(machine.loadedGas).name;
  const why =
    connected === undefined
      ? 'Nothing on the shelf suits.'
      : `${machine?.name ?? 'The machine'} has ${connected} connected, which does not suit.`;
  return choice(best, 'assumed', {
    code: 'gas-to-get',
    level: 'warn',
    text: words`${why} Get ${gasOf(best).name}.`,
    source: PRACTICE,
  });
}
