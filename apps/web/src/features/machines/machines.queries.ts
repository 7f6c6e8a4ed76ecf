import type { KeptMachine, MachineChange, MachineClone, MachineFile, NewMachine } from '@hot-bead/contract';
import type { TimedReading } from '@hot-bead/core';
import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { jobKeys } from '../jobs/index.ts';

export const machineKeys = {
  all: ['machines'] as const,
  retired: ['machines', 'retired'] as const,
  history: (id: string) => ['machines', id, 'history'] as const,
  past: (id: string) => ['machines', id, 'past-readings'] as const,
};

const readMachine = readBy<KeptMachine>((contract) => contract.machineSchema);

export const machineListQuery = queryOptions({
  queryKey: machineKeys.all,
  queryFn: () =>
    api(
      'GET',
      '/machines',
      readBy((contract) => contract.machineListSchema),
    ),
  staleTime: 60_000,
});

export const retiredMachinesQuery = queryOptions({
  queryKey: machineKeys.retired,
  queryFn: () =>
    api(
      'GET',
      '/machines/retired',
      readBy((contract) => contract.machineListSchema),
    ),
});

export function dialHistoryQuery(id: string) {
  return queryOptions({
    queryKey: machineKeys.history(id),
    queryFn: () =>
      api(
        'GET',
        `/machines/${id}/dial-readings`,
        readBy((contract) => contract.dialReadingListSchema),
      ),
  });
}

/** What was read of a machine's volts and one entry, and no longer counts. */
export function pastReadingsQuery(id: string) {
  return queryOptions({
    queryKey: machineKeys.past(id),
    queryFn: () =>
      api(
        'GET',
        `/machines/${id}/past-readings`,
        readBy((contract) => contract.pastReadingsListSchema),
      ),
  });
}

/** A change of machines: the list is read again; not awaited, so that the caller's own onSuccess runs first. */
function useMachineMutation<Input, Output>(mutationFn: (input: Input) => Promise<Output>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn,
    onSuccess: () => void client.invalidateQueries({ queryKey: machineKeys.all }),
  });
}

export function useAddMachine() {
  return useMachineMutation((machine: NewMachine) => api('POST', '/machines', readMachine, machine));
}

export function useChangeMachine(id: string) {
  return useMachineMutation((change: MachineChange) => api('PATCH', `/machines/${id}`, readMachine, change));
}

/** Takes the whole machine as the form says it: what was emptied is no longer known; its jobs follow a new name. */
export function useReplaceMachine(id: string) {
  const client = useQueryClient();
  return useMachineMutation(async (machine: NewMachine) => {
    const kept = await api('PUT', `/machines/${id}`, readMachine, machine);
    void client.invalidateQueries({ queryKey: jobKeys.all });
    return kept;
  });
}

export function useCloneMachine(id: string) {
  return useMachineMutation((clone: MachineClone) =>
    api('POST', `/machines/${id}/clone`, readMachine, clone),
  );
}

export function useTakeMachineFile() {
  return useMachineMutation((file: MachineFile) => api('POST', '/machines/file', readMachine, file));
}

export function useRetireMachine() {
  return useMachineMutation((id: string) => api('DELETE', `/machines/${id}`, () => id));
}

export function useRestoreMachine() {
  return useMachineMutation((id: string) => api('POST', `/machines/${id}/restore`, readMachine));
}

export function useAddReading(id: string) {
  return useMachineMutation((reading: TimedReading) =>
    api('POST', `/machines/${id}/dial-readings`, readMachine, reading),
  );
}

export function useTakeOutReading(id: string) {
  return useMachineMutation((readingId: string) =>
    api('DELETE', `/machines/${id}/dial-readings/${readingId}`, readMachine),
  );
}

export function usePutBackReading(id: string) {
  return useMachineMutation((readingId: string) =>
    api('POST', `/machines/${id}/dial-readings/${readingId}/restore`, readMachine),
  );
}

export function useSupersedeReadings(id: string) {
  return useMachineMutation((_all: 'all') =>
    api('POST', `/machines/${id}/dial-readings/supersede`, readMachine),
  );
}

/** Settings that test beads proved, of all machines. */
export const provenQuery = queryOptions({
  queryKey: ['proven-settings'] as const,
  queryFn: () =>
    api(
      'GET',
      '/proven-settings',
      readBy((contract) => contract.provenListSchema),
    ),
});
