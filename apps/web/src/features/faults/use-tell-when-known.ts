import type { KeptMachine, RigValueChange } from '@hot-bead/contract/machine';
import { rigFact } from '@hot-bead/core/changeover';
import type { RigAttribute } from '@hot-bead/core/machine';
import { useToast } from '../../ui/toasts.tsx';
import { useTellRig } from '../machine/index.ts';

/** Tells the rig of a machine what a look or a mending made known of it; null: what is kept of it is doubted. */
export function useTellWhenKnown(
  machine: KeptMachine | undefined,
): (attribute: RigAttribute, value: string | null) => void {
  const tell = useTellRig({ id: machine?.id ?? '' });
  const toast = useToast();
  return (attribute, value) => {
    if (!machine) return;
    const from = rigFact(machine, attribute)?.value ?? null;
    if (from === null && value === null) return;
    const change: RigValueChange = value === null ? { from, to: from, doubted: true } : { from, to: value };
    tell.mutate(
      { why: 'said', changes: { [attribute]: change } },
      {
        onSuccess: (_machine, undo) => toast(`Kept with ${machine.name}`, undo),
        onError: (error) => toast(`Not kept. ${error.message}`),
      },
    );
  };
}
