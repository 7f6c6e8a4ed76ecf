import type { KeptMachine, KeptProvenSetting } from '@hot-bead/contract';
import { learnedOffset, type PlannedSetup } from '@hot-bead/core';

/** Least offset that is worth a word, V. Source: our model. */
const WORTH_SAYING_V = 0.2;

/** By how much this machine wanted other volts than the book with this wire, gas and mode; undefined: not known, or as the book says. */
export function learnedText(
  plan: PlannedSetup,
  machine: KeptMachine | undefined,
  proven: readonly KeptProvenSetting[],
): string | undefined {
  if (!machine || plan.voltsKind === 'mean') return undefined;
  const learned = learnedOffset(
    proven.filter(({ machineName }) => machineName === machine.name),
    {
      wire: { wireClass: plan.wire.wireClass, diameterMm: plan.wire.diameterMm },
      gas: plan.gas.gas.id,
      mode: plan.transferMode,
    },
  );
  if (!learned || Math.abs(learned.offsetV.start) < WORTH_SAYING_V) return undefined;
  const { start } = learned.offsetV;
  const settings = learned.settings === 1 ? '1 setting' : `${learned.settings} settings`;
  return `${machine.name} wanted ${Math.abs(start).toFixed(1)} V ${start < 0 ? 'less' : 'more'} than the book, from ${settings}`;
}
