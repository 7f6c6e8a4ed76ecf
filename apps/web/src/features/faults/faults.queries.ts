import { contract } from '../../api/contract.ts';
import type { FaultCase, FaultCaseChange, KeptFaultCase, NewFaultCase } from '@hot-bead/contract/faults';
import { changeOf, FAULT_CASE_BRANCHES, fieldsAfter, fieldsOf, recordOf } from '@hot-bead/core/history';
import { useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { pagesOf, queryOf } from '../../commands/record-spine.ts';
import { sendAway, sendChange } from '../../commands/send-change.ts';
import { useCommand } from '../../commands/use-command.ts';

/** What changes of a case, field by field; null takes one away. */
export type CaseChange = Omit<FaultCaseChange, 'version'>;

const faultKeys = {
  all: ['faults'] as const,
  list: ['faults', 'list'] as const,
  counts: ['faults', 'counts'] as const,
  one: (id: string) => ['faults', 'one', id] as const,
};

const schema = async () => (await contract.faults()).keptFaultCaseSchema;
const readCase = readBy<KeptFaultCase>(schema);

/** Cases, last touched first, a page at a time. */
export const faultCasesQuery = pagesOf(faultKeys.list, { path: '/faults' }, schema);

export const faultCountsQuery = queryOf(
  faultKeys.counts,
  '/faults/counts',
  async () => (await contract.faults()).faultCountListSchema,
);

export function faultCaseQuery(id: string) {
  return queryOf(faultKeys.one(id), `/faults/${id}`, schema);
}

/** Commands of one case are sent in order: each sees what the one before it made. */
const scopeOf = (id: string): string => `fault case ${id}`;

/** Begins a case under an id that is chosen here: it is there at once, and sent. */
export function useBeginCase(id: string) {
  const client = useQueryClient();
  const key = faultKeys.one(id);
  return useCommand<FaultCase, KeptFaultCase>({
    scope: scopeOf(id),
    send: (faultCase, command) => {
      const body: NewFaultCase = { ...faultCase, id };
      return api('POST', '/faults', readCase, { body, command });
    },
    onMutate: (faultCase) => {
      client.setQueryData(key, {
        ...faultCase,
        id,
        version: 1,
        updatedAt: faultCase.beganAt,
        away: false,
      });
    },
    onDone: () => void client.invalidateQueries({ queryKey: faultKeys.list }),
  });
}

/** A case with some of its fields changed; null takes one away. */
export function caseAfter<Case extends FaultCase>(faultCase: Case, change: CaseChange): Case {
  const fields = fieldsAfter(fieldsOf(faultCase, FAULT_CASE_BRANCHES), changeOf(change, FAULT_CASE_BRANCHES));
  return recordOf(fields, FAULT_CASE_BRANCHES) as unknown as Case;
}

/** Changes a case: shown at once, sent in order. */
export function useChangeCase(id: string) {
  const client = useQueryClient();
  const key = faultKeys.one(id);
  return useCommand<CaseChange, KeptFaultCase, { before: KeptFaultCase | undefined }>({
    scope: scopeOf(id),
    send: (change, command) =>
      sendChange<KeptFaultCase>({
        kind: 'fault-case',
        path: `/faults/${id}`,
        read: readCase,
        branches: FAULT_CASE_BRANCHES,
        change: changeOf(change, FAULT_CASE_BRANCHES),
        // as the one before it left the case
        version: client.getQueryData<KeptFaultCase>(key)?.version ?? 1,
        command,
      }),
    onMutate: async (change) => {
      await client.cancelQueries({ queryKey: key });
      const before = client.getQueryData<KeptFaultCase>(key);
      if (before) client.setQueryData(key, caseAfter(before, change));
      return { before };
    },
    onError: (context) => {
      if (context?.before) client.setQueryData(key, context.before);
      void client.invalidateQueries({ queryKey: key });
    },
    onDone: ({ version, updatedAt }) => {
      // what was changed after it stands until its own answer comes
      client.setQueryData<KeptFaultCase>(key, (now) => now && { ...now, version, updatedAt });
      void client.invalidateQueries({ queryKey: faultKeys.list });
      void client.invalidateQueries({ queryKey: faultKeys.counts });
    },
  });
}

export function usePutCaseAway({ id, version }: KeptFaultCase) {
  const client = useQueryClient();
  return useCommand({
    scope: scopeOf(id),
    send: (_none: undefined, command) =>
      sendAway({ kind: 'fault-case', path: `/faults/${id}`, version, command }),
    onDone: () => void client.invalidateQueries({ queryKey: faultKeys.all }),
  });
}
