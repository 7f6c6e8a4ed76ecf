import { contract } from '../../api/contract.ts';
import type {
  KeptMachine,
  MachineChange,
  MachineClone,
  MachineFile,
  NewMachine,
} from '@hot-bead/contract/machine';
import { MACHINE_BRANCHES } from '@hot-bead/core/history';
import type { TimedReading } from '@hot-bead/core/machine';
import { api } from '../../api/client.ts';
import { JOBS_KEY } from '../../api/query-keys.ts';
import { listOf, pagesOf, queryOf, recordSpine } from '../../commands/record-spine.ts';

export const machineKeys = {
  all: ['machines'] as const,
  away: ['machines', 'away'] as const,
  history: (id: string) => ['machines', id, 'history'] as const,
  past: (id: string) => ['machines', id, 'past-readings'] as const,
};

const schema = async () => (await contract.machine()).machineSchema;
/** A machine's jobs follow its name. */
const machines = recordSpine<KeptMachine>({
  kind: 'machine',
  schema,
  branches: MACHINE_BRANCHES,
  path: ({ id }) => `/machines/${id}`,
  touches: [machineKeys.all, JOBS_KEY],
});
const { read: readMachine, useRecordCommand } = machines;

export const machineListQuery = listOf(machineKeys.all, { path: '/machines' }, schema, { staleTime: 60_000 });

export const machinesAwayQuery = listOf(machineKeys.away, { path: '/machines/away' }, schema);

export function dialHistoryQuery(id: string) {
  const readings = async () => (await contract.machine()).dialReadingListSchema;
  return queryOf(machineKeys.history(id), `/machines/${id}/dial-readings`, readings);
}

/** What was read of a machine's volts and one entry, and no longer counts. */
export function pastReadingsQuery(id: string) {
  const readings = async () => (await contract.machine()).pastReadingsListSchema;
  return queryOf(machineKeys.past(id), `/machines/${id}/past-readings`, readings);
}

export const useAddMachine = () => machines.useCreate<NewMachine>('/machines');
/** Changes a machine, as it was seen; what a form emptied is null, and no longer known. */
export const useChangeMachine = machines.useChange<Omit<MachineChange, 'version'>>;
/** Retires a machine, in the version that was seen. */
export const useRetireMachine = machines.usePutAway;

export function useCloneMachine(id: string) {
  return useRecordCommand((clone: MachineClone, command) =>
    api('POST', `/machines/${id}/clone`, readMachine, { body: { id: command, ...clone }, command }),
  );
}

export function useTakeMachineFile() {
  return useRecordCommand((file: MachineFile, command) =>
    api('POST', '/machines/file', readMachine, { body: file, command }),
  );
}

export function useRestoreMachine() {
  return useRecordCommand((id: string, command) =>
    api('POST', `/machines/${id}/restore`, readMachine, { command }),
  );
}

export function useAddReading(id: string) {
  return useRecordCommand((reading: TimedReading, command) =>
    api('POST', `/machines/${id}/dial-readings`, readMachine, { body: { id: command, ...reading }, command }),
  );
}

export function useTakeOutReading({ id, version }: KeptMachine) {
  return useRecordCommand((readingId: string, command) =>
    api('DELETE', `/machines/${id}/dial-readings/${readingId}`, readMachine, { version, command }),
  );
}

export function usePutBackReading(id: string) {
  return useRecordCommand((readingId: string, command) =>
    api('POST', `/machines/${id}/dial-readings/${readingId}/restore`, readMachine, { command }),
  );
}

export function useSupersedeReadings(id: string) {
  return useRecordCommand((_all: 'all', command) =>
    api('POST', `/machines/${id}/dial-readings/supersede`, readMachine, { command }),
  );
}

/** What test beads taught of every machine, by its id. */
export const learningQuery = queryOf(
  ['learning'],
  '/learning',
  async () => (await contract.window()).shopLearningSchema,
);

/** Settings that test beads proved on a machine, the last first, a page at a time. */
export function provenQuery(machineId: string) {
  return pagesOf(
    [...learningQuery.queryKey, 'proven', machineId],
    { path: `/machines/${machineId}/proven-settings`, asked: { limit: '20' } },
    async () => (await contract.window()).keptProvenSettingSchema,
  );
}
