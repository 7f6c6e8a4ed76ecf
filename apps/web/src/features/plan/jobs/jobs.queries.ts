import { contract } from '../../../api/contract.ts';
import type { Job, JobDialIn, JobState, NewAcknowledgement, NewJob } from '@hot-bead/contract/plan';
import type { LengthUnit } from '@hot-bead/core/base';
import { changeBetween, type FieldChange, fieldsOf, JOB_BRANCHES } from '@hot-bead/core/history';
import type { OwnNumbers, StatedWork } from '@hot-bead/core/plan';
import { useQueryClient } from '@tanstack/react-query';
import { v4 as uuid } from 'uuid';
import { JOBS_KEY } from '../../../api/query-keys.ts';
import { api, readBy } from '../../../api/client.ts';
import { firstOf, pagesOf, queryOf } from '../../../commands/record-spine.ts';
import { sendAway, sendChange } from '../../../commands/send-change.ts';
import { type Then, useCommand } from '../../../commands/use-command.ts';

/** How a list of jobs is narrowed; empty: not. */
export interface JobFilter {
  readonly find: string;
  readonly piece: string;
  readonly machine: string;
  readonly state: JobState | '';
}

export const NO_FILTER: JobFilter = { find: '', piece: '', machine: '', state: '' };

/** What of a filter narrows, as it is asked for. */
function asked({ find, ...rest }: JobFilter): Record<string, string> {
  return Object.fromEntries(
    Object.entries({ find: find.trim(), ...rest }).filter(([, value]) => value !== ''),
  );
}

export const jobKeys = {
  all: JOBS_KEY,
  lists: () => [...jobKeys.all, 'list'] as const,
  list: (filter: JobFilter) => [...jobKeys.lists(), filter] as const,
  first: (find: string, limit: number) => [...jobKeys.lists(), 'first', find, limit] as const,
  one: (id: string) => [...jobKeys.all, 'one', id] as const,
};

const schema = async () => (await contract.plan()).jobSchema;
const readJob = readBy<Job>(schema);
const summarySchema = async () => (await contract.plan()).jobSummarySchema;

/** Jobs, narrowed, last changed first, a page at a time. */
export function jobListQuery(filter: JobFilter) {
  return pagesOf(jobKeys.list(filter), { path: '/jobs', asked: asked(filter) }, summarySchema);
}

/** The first few of them. */
export function firstJobsQuery(limit: number, find = '') {
  return firstOf(jobKeys.first(find, limit), { path: '/jobs', asked: { find } }, summarySchema, limit);
}

export function jobQuery(id: string) {
  return queryOf(jobKeys.one(id), `/jobs/${id}`, schema);
}

/** What a job changes to: the whole of each part that is named; only what differs in it is sent. */
export interface JobNext {
  readonly line?: string;
  readonly unit?: LengthUnit;
  readonly work?: StatedWork;
  readonly own?: OwnNumbers;
  readonly dialIn?: JobDialIn;
}

function changeOfJob(seen: Job | undefined, next: JobNext): FieldChange {
  if (next.line !== undefined) return { line: next.line, ...(next.unit ? { unit: next.unit } : {}) };
  const part = ({ work, own, dialIn }: JobNext): JobNext => ({
    ...(next.work ? { work: work ?? {} } : {}),
    ...(next.own ? { own: own ?? {} } : {}),
    ...(next.dialIn ? { dialIn: dialIn ?? {} } : {}),
  });
  return changeBetween(fieldsOf(part(seen ?? {}), JOB_BRANCHES), fieldsOf(part(next), JOB_BRANCHES));
}

function useJobCommand<Input>(send: (input: Input, command: string) => Promise<Job>) {
  const client = useQueryClient();
  return useCommand<Input, Job>({
    send,
    onDone: (job) => {
      client.setQueryData(jobKeys.one(job.id), job);
      void client.invalidateQueries({ queryKey: jobKeys.lists() });
    },
  });
}

export function useCreateJob() {
  return useJobCommand((job: NewJob, command) =>
    api('POST', '/jobs', readJob, { body: { id: command, ...job }, command }),
  );
}

/** Changes a job at once on screen; the server's answer follows, and an error puts the screen back. */
export function useChangeJob(id: string) {
  const client = useQueryClient();
  const key = jobKeys.one(id);
  const mutationKey = [...key, 'change'];
  const command = useCommand<{ next: JobNext; seen: Job | undefined }, Job, { before: Job | undefined }>({
    mutationKey,
    scope: `job-${id}`,
    send: async ({ next, seen }, commandId) => {
      const change = changeOfJob(seen, next);
      const now = client.getQueryData<Job>(key) ?? seen;
      if (Object.keys(change).length === 0 && now) return now;
      return sendChange({
        kind: 'job',
        path: `/jobs/${id}`,
        read: readJob,
        branches: JOB_BRANCHES,
        change,
        version: now?.version ?? 1,
        command: commandId,
      });
    },
    onMutate: async ({ next: { unit: _unit, ...next } }) => {
      await client.cancelQueries({ queryKey: key });
      const before = client.getQueryData<Job>(key);
      if (before) client.setQueryData<Job>(key, { ...before, ...next });
      return { before };
    },
    onError: (context) => {
      if (context?.before) client.setQueryData(key, context.before);
    },
    onDone: (job) => {
      const isLast = client.isMutating({ mutationKey }) <= 1;
      client.setQueryData<Job>(key, (shown) => (isLast || !shown ? job : { ...shown, version: job.version }));
      void client.invalidateQueries({ queryKey: jobKeys.lists() });
    },
  });
  return {
    ...command,
    mutate: (next: JobNext, then?: Then<Job>): void =>
      command.mutate({ next, seen: client.getQueryData<Job>(key) }, then),
  };
}

/** The same work as a new job. */
export function useDuplicateJob() {
  return useJobCommand((id: string, command) =>
    api('POST', `/jobs/${id}/duplicate`, readJob, { body: { id: command }, command }),
  );
}

/** Logs that a stop caution of a job was read. */
export function useAcknowledge(id: string) {
  return useJobCommand((caution: NewAcknowledgement, command) =>
    api('POST', `/jobs/${id}/acknowledgements`, readJob, { body: caution, command }),
  );
}

/** Logs that a stop caution was read that several jobs have: each of them keeps it. */
export function useAcknowledgeJobs() {
  const client = useQueryClient();
  return useCommand({
    send: async ({
      jobIds,
      caution,
    }: {
      readonly jobIds: readonly string[];
      readonly caution: NewAcknowledgement;
    }) => {
      for (const id of jobIds) {
        const job = await api('POST', `/jobs/${id}/acknowledgements`, readJob, {
          body: caution,
          command: uuid(),
        });
        client.setQueryData(jobKeys.one(id), job);
      }
    },
  });
}

/** Puts a job away, in the version that was seen. */
export function useRemoveJob() {
  const client = useQueryClient();
  return useCommand({
    send: ({ id, version }: Pick<Job, 'id' | 'version'>, command) =>
      sendAway({ kind: 'job', path: `/jobs/${id}`, version, command }),
    onDone: () => void client.invalidateQueries({ queryKey: jobKeys.lists() }),
  });
}
