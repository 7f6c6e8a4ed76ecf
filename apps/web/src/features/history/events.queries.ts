import { contract } from '../../api/contract.ts';
import type { SetAside } from '@hot-bead/contract/history';
import { infiniteQueryOptions, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { undoCommand, useCommand } from '../../commands/use-command.ts';

/** What happened in the shop, or to one record, newest first, a page at a time. */
export function eventsQuery(of: string | undefined) {
  return infiniteQueryOptions({
    queryKey: ['events', of ?? 'all'] as const,
    queryFn: ({ pageParam }) =>
      api(
        'GET',
        `/events?${new URLSearchParams({ ...(of && { of }), ...(pageParam && { after: pageParam }) })}`,
        readBy(async () => (await contract.history()).eventPageSchema),
      ),
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
    staleTime: 0,
  });
}

export const setAsideQuery = queryOptions({
  queryKey: ['set-aside'] as const,
  queryFn: () =>
    api(
      'GET',
      '/set-aside',
      readBy(async () => (await contract.history()).setAsideListSchema),
    ),
  // what was just read may have been set aside by it
  staleTime: 0,
});

/** One of them as it stands in the database. */
export function setAsideRecordQuery({ kind, id }: SetAside) {
  return queryOptions({
    queryKey: ['set-aside', kind, id] as const,
    queryFn: () =>
      api(
        'GET',
        asideAddress({ kind, id }),
        readBy(async () => (await contract.history()).setAsideRecordSchema),
      ),
    staleTime: 0,
  });
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
