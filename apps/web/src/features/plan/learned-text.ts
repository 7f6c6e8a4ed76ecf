import { words, type Words } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { learnedClaim, offsetWords } from '@hot-bead/core/window';

/** By how much this machine wanted other volts than the book, and whether the plan follows; undefined: not known, or as the book says. */
export function learnedText(
  { learned, own }: PlannedSetup,
  machine: Pick<KeptMachine, 'name'> | undefined,
): Words | undefined {
  if (!machine || !learned || offsetWords(learned).isByTheBook) return undefined;
  const moved =
    own.volts !== undefined ? 'your own volts stand' : learned.followed ? 'followed' : 'kept to the book';
  return words`${learnedClaim(learned, machine.name)}: ${moved}`;
}
