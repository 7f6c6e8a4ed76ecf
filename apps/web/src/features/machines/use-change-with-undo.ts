import type { KeptMachine, MachineChange } from '@hot-bead/contract';
import { useToast } from '../../ui/toasts.tsx';
import { useChangeMachine } from './machines.queries.ts';

/** What of a machine a change would take the place of. */
function before(machine: KeptMachine, change: MachineChange): MachineChange {
  const names = Object.keys(change) as (keyof MachineChange)[];
  return Object.fromEntries(names.map((name) => [name, machine[name]]));
}

/** A change of a machine's controls, with the way back. */
export function useChangeWithUndo(machine: KeptMachine) {
  const change = useChangeMachine(machine.id);
  const toast = useToast();
  const set = (next: MachineChange, done: string, settle?: (error?: Error) => void): void => {
    const back = before(machine, next);
    change.mutate(next, {
      onSuccess: () => {
        settle?.();
        toast(done, () => change.mutate(back));
      },
      onError: (error) => (settle ? settle(error) : toast(`Not kept. ${error.message}`)),
    });
  };
  return { set, saving: change.isPending };
}
