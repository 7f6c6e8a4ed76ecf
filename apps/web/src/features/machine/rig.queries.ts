import { contract } from '../../api/contract.ts';
import type { KeptMachine, RigChange } from '@hot-bead/contract/machine';
import { withRigValue } from '@hot-bead/core/changeover';
import type { RigAttribute } from '@hot-bead/core/machine';
import { useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { useCommand } from '../../commands/use-command.ts';
import { machineListQuery } from './machines.queries.ts';

const readMachine = readBy<KeptMachine>(async () => (await contract.machine()).machineSchema);

/** The machine as it will stand once the change is kept: shown at once. */
function changed(machine: KeptMachine, { changes }: RigChange, at: string): KeptMachine {
  return Object.entries(changes).reduce(
    (next, [name, { to, doubted }]) => withRigValue(next, name as RigAttribute, to, at, doubted),
    machine,
  );
}

/**
 * Tells how a machine stands. It is shown at once and sent in order; what cannot be kept is taken back, and what another
 * device made of it meanwhile is read anew.
 */
export function useTellRig({ id }: Pick<KeptMachine, 'id'>) {
  const client = useQueryClient();
  const key = machineListQuery.queryKey;
  return useCommand<RigChange, KeptMachine, { before: readonly KeptMachine[] | undefined }>({
    scope: `rig ${id}`,
    send: (change, command) => api('POST', `/machines/${id}/rig`, readMachine, { body: change, command }),
    onMutate: async (change) => {
      await client.cancelQueries({ queryKey: key });
      const before = client.getQueryData(key);
      const at = new Date().toISOString();
      client.setQueryData(key, (list) =>
        list?.map((one) => (one.id === id ? changed(one, change, at) : one)),
      );
      return { before };
    },
    onError: (context) => {
      client.setQueryData(key, context?.before as KeptMachine[] | undefined);
      void client.invalidateQueries({ queryKey: key });
    },
    onDone: (kept) => {
      client.setQueryData(key, (list) => list?.map((one) => (one.id === kept.id ? kept : one)));
      void client.invalidateQueries({ queryKey: ['events'] });
    },
  });
}
