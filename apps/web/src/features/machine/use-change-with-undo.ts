import type { KeptMachine, MachineChange } from '@hot-bead/contract/machine';
import { useToast } from '../../ui/toasts.tsx';
import { useChangeMachine } from './machines.queries.ts';

/** A change of a machine's controls, with the way back. */
export function useChangeWithUndo(machine: KeptMachine) {
  const change = useChangeMachine();
  const toast = useToast();
  const set = (next: MachineChange, done: string, settle?: (error?: Error) => void): void =>
    change.mutate(
      { kept: machine, change: next },
      {
        onSuccess: (_machine, undo) => {
          settle?.();
          toast(done, undo);
        },
        onError: (error) => (settle ? settle(error) : toast(`Not kept. ${error.message}`)),
      },
    );
  return { set, saving: change.isPending };
}
