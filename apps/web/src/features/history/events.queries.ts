import { contract } from '../../api/contract.ts';
import type { SetAside } from '@hot-bead/contract/history';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../../api/client.ts';
import { pagesOf, queryOf } from '../../commands/record-spine.ts';
import { undoCommand, useCommand } from '../../commands/use-command.ts';

/** What happened in the shop, or to one record, newest first, a page at a time. */
export function eventsQuery(of: string | undefined) {
  const schema = async () => (await contract.history()).shopEventSchema;
  const list = { path: '/events', ...(of && { asked: { of } }) };
  return pagesOf(['events', of ?? 'all'], list, schema, { staleTime: 0 });
}

// what was just read may have been set aside by it: it is asked for every time
export const setAsideQuery = queryOf(
  ['set-aside'],
  '/set-aside',
  async () => (await contract.history()).setAsideListSchema,
  { staleTime: 0 },
);

/** One of them as it stands in the database. */
export function setAsideRecordQuery({ kind, id }: SetAside) {
  const schema = async () => (await contract.history()).setAsideRecordSchema;
  return queryOf(['set-aside', kind, id], asideAddress({ kind, id }), schema, { staleTime: 0 });
}

function asideAddress({ kind, id }: Pick<SetAside, 'kind' | 'id'>): string {
  return `/set-aside/${kind}/${encodeURIComponent(id)}`;
}

export function usePutAsideAway() {
  const client = useQueryClient();
  return useCommand<SetAside, undefined>({
    send: (aside, command) => api('POST', `${asideAddress(aside)}/put-away`, () => undefined, { command }),
    onDone: () => void client.invalidateQueries(),
  });
}

export function useDeleteAside() {
  const client = useQueryClient();
  return useCommand<SetAside, undefined>({
    send: (aside, command) => api('DELETE', asideAddress(aside), () => undefined, { command }),
    onDone: () => void client.invalidateQueries(),
  });
}

export function useUndoEvent() {
  const client = useQueryClient();
  return useMutation({ mutationFn: (id: string) => undoCommand(client, id) });
}
