import { contract } from '../../api/contract.ts';
import type {
  KeptMachine,
  MachineChange,
  MachineClone,
  MachineFile,
  NewMachine,
} from '@hot-bead/contract/machine';
import { changeBetween, changeOf, fieldsOf, MACHINE_BRANCHES } from '@hot-bead/core/history';
import type { TimedReading } from '@hot-bead/core/machine';
import { infiniteQueryOptions, queryOptions, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { sendAway, sendChange } from '../../commands/send-change.ts';
import { type Then, useCommand } from '../../commands/use-command.ts';
import { JOBS_KEY } from '../../api/query-keys.ts';

export const machineKeys = {
  all: ['machines'] as const,
  retired: ['machines', 'retired'] as const,
  history: (id: string) => ['machines', id, 'history'] as const,
  past: (id: string) => ['machines', id, 'past-readings'] as const,
};

const readMachine = readBy<KeptMachine>(async () => (await contract.machine()).machineSchema);

export const machineListQuery = queryOptions({
  queryKey: machineKeys.all,
  queryFn: () =>
    api(
      'GET',
      '/machines',
      readBy(async () => (await contract.machine()).machineListSchema),
    ),
  staleTime: 60_000,
});

export const retiredMachinesQuery = queryOptions({
  queryKey: machineKeys.retired,
  queryFn: () =>
    api(
      'GET',
      '/machines/retired',
      readBy(async () => (await contract.machine()).machineListSchema),
    ),
});

export function dialHistoryQuery(id: string) {
  return queryOptions({
    queryKey: machineKeys.history(id),
    queryFn: () =>
      api(
        'GET',
        `/machines/${id}/dial-readings`,
        readBy(async () => (await contract.machine()).dialReadingListSchema),
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
        readBy(async () => (await contract.machine()).pastReadingsListSchema),
      ),
  });
}

/** A command on machines: the list is read again; not awaited, so that the caller's own onSuccess runs first. */
function useMachineCommand<Input, Output>(send: (input: Input, command: string) => Promise<Output>) {
  const client = useQueryClient();
  return useCommand({
    send,
    onDone: () => void client.invalidateQueries({ queryKey: machineKeys.all }),
  });
}

export function useAddMachine() {
  return useMachineCommand((machine: NewMachine, command) =>
    api('POST', '/machines', readMachine, { body: { id: command, ...machine }, command }),
  );
}

/** What a machine changes to, and the machine as it was when that was begun: only what differs is sent. */
interface MachineStep {
  readonly seen: KeptMachine;
  readonly next: MachineChange;
}

async function sendMachine({ seen, next }: MachineStep, command: string): Promise<KeptMachine> {
  const wanted = changeOf(next, MACHINE_BRANCHES);
  const before = fieldsOf(seen, MACHINE_BRANCHES);
  const of = (fields: object) =>
    Object.fromEntries(
      Object.entries(fields).filter(([path, value]) => path in wanted && value !== null),
    ) as typeof before;
  const change = changeBetween(of(before), of(wanted));
  if (Object.keys(change).length === 0) return seen;
  return sendChange({
    kind: 'machine',
    path: `/machines/${seen.id}`,
    read: readMachine,
    branches: MACHINE_BRANCHES,
    change,
    version: seen.version,
    command,
  });
}

/** Changes fields of a machine as it now stands. */
export function useChangeMachine(machine: KeptMachine) {
  const { mutate, ...rest } = useMachineCommand(sendMachine);
  return {
    ...rest,
    mutate: (next: MachineChange, then?: Then<KeptMachine>): void => mutate({ seen: machine, next }, then),
  };
}

/** Takes the whole machine as the form says it: what was emptied is no longer known; its jobs follow a new name. */
export function useSaveMachine() {
  const client = useQueryClient();
  return useMachineCommand(async (step: MachineStep, command) => {
    const kept = await sendMachine(step, command);
    void client.invalidateQueries({ queryKey: JOBS_KEY });
    return kept;
  });
}

export function useCloneMachine(id: string) {
  return useMachineCommand((clone: MachineClone, command) =>
    api('POST', `/machines/${id}/clone`, readMachine, { body: { id: command, ...clone }, command }),
  );
}

export function useTakeMachineFile() {
  return useMachineCommand((file: MachineFile, command) =>
    api('POST', '/machines/file', readMachine, { body: file, command }),
  );
}

/** Retires a machine, in the version that was seen. */
export function useRetireMachine() {
  return useMachineCommand(({ id, version }: KeptMachine, command) =>
    sendAway({ kind: 'machine', path: `/machines/${id}`, version, command }),
  );
}

export function useRestoreMachine() {
  const client = useQueryClient();
  return useMachineCommand(async (id: string, command) => {
    const machine = await api('POST', `/machines/${id}/restore`, readMachine, { command });
    void client.invalidateQueries({ queryKey: JOBS_KEY });
    return machine;
  });
}

export function useAddReading(id: string) {
  return useMachineCommand((reading: TimedReading, command) =>
    api('POST', `/machines/${id}/dial-readings`, readMachine, { body: { id: command, ...reading }, command }),
  );
}

export function useTakeOutReading({ id, version }: KeptMachine) {
  return useMachineCommand((readingId: string, command) =>
    api('DELETE', `/machines/${id}/dial-readings/${readingId}`, readMachine, { version, command }),
  );
}

export function usePutBackReading(id: string) {
  return useMachineCommand((readingId: string, command) =>
    api('POST', `/machines/${id}/dial-readings/${readingId}/restore`, readMachine, { command }),
  );
}

export function useSupersedeReadings(id: string) {
  return useMachineCommand((_all: 'all', command) =>
    api('POST', `/machines/${id}/dial-readings/supersede`, readMachine, { command }),
  );
}

/** What test beads taught of every machine, by its id. */
export const learningQuery = queryOptions({
  queryKey: ['learning'] as const,
  queryFn: () =>
    api(
      'GET',
      '/learning',
      readBy(async () => (await contract.window()).shopLearningSchema),
    ),
});

/** Settings that test beads proved on a machine, the last first, a page at a time. */
export function provenQuery(machineId: string) {
  return infiniteQueryOptions({
    queryKey: [...learningQuery.queryKey, 'proven', machineId] as const,
    queryFn: ({ pageParam }) =>
      api(
        'GET',
        `/machines/${machineId}/proven-settings?${new URLSearchParams({ limit: '20', ...(pageParam && { after: pageParam }) })}`,
        readBy(async () => (await contract.window()).provenPageSchema),
      ),
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
  });
}
