import type { KeptMachine } from '@hot-bead/contract';
import { LEARNED_WORTH_SAYING_V, type PlannedSetup } from '@hot-bead/core';

/** By how much this machine wanted other volts than the book, and whether the plan follows; undefined: not known, or as the book says. */
export function learnedText(
  { learned, own }: PlannedSetup,
  machine: Pick<KeptMachine, 'name'> | undefined,
): string | undefined {
  if (!machine || !learned || Math.abs(learned.offsetV.start) < LEARNED_WORTH_SAYING_V) return undefined;
  const { start } = learned.offsetV;
  const settings = learned.settings === 1 ? '1 setting' : `${learned.settings} settings`;
  const moved =
    own.volts !== undefined ? 'your own volts stand' : learned.followed ? 'followed' : 'kept to the book';
  return `${machine.name} wanted ${Math.abs(start).toFixed(1)} V ${start < 0 ? 'less' : 'more'} than the book, from ${settings}: ${moved}`;
}
