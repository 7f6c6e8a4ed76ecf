import type { KeptMachine } from '@hot-bead/contract';
import type { VoltsControl } from '@hot-bead/core';
import { useToast } from '../../ui/toasts.tsx';
import { useChangeMachine } from './machines.queries.ts';

/** A change of the volts control, with the way back. */
export function useChangeVolts(machine: KeptMachine) {
  const change = useChangeMachine(machine.id);
  const toast = useToast();
  const set = (voltsControl: VoltsControl, done: string, settle?: (error?: Error) => void): void => {
    const before = machine.voltsControl;
    change.mutate(
      { voltsControl },
      {
        onSuccess: () => {
          settle?.();
          toast(done, before && (() => change.mutate({ voltsControl: before })));
        },
        onError: (error) => (settle ? settle(error) : toast(`Not kept. ${error.message}`)),
      },
    );
  };
  return { set, saving: change.isPending };
}
