import type { ShopEvent } from '@hot-bead/contract';
import { infiniteQueryOptions, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { undoCommand } from '../../commands/use-command.ts';

/** What happened in the shop, or to one record, newest first, a page at a time. */
export function eventsQuery(of: string | undefined) {
  return infiniteQueryOptions({
    queryKey: ['events', of ?? 'all'] as const,
    queryFn: ({ pageParam }) =>
      api(
        'GET',
        `/events?${new URLSearchParams({ ...(of && { of }), ...(pageParam && { after: pageParam }) })}`,
        readBy((contract) => contract.pageSchema<ShopEvent>(contract.shopEventSchema)),
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
      readBy((contract) => contract.setAsideListSchema),
    ),
});

export function useUndoEvent() {
  const client = useQueryClient();
  return useMutation({ mutationFn: (id: string) => undoCommand(client, id) });
}
