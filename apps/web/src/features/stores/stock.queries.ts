import { contract } from '../../api/contract.ts';
import type { KeptStockItem, NewStockEntry, NewStockItem } from '@hot-bead/contract/stores';
import type { StockItem } from '@hot-bead/core/stores';
import { queryOptions, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { sendAway } from '../../commands/send-change.ts';
import { useCommand } from '../../commands/use-command.ts';
import { shopKeys } from '../shop/index.ts';

const readItem = readBy<KeptStockItem>(async () => (await contract.stores()).keptStockItemSchema);
const KEY = ['stock'] as const;

/** Everything in Stores. */
export const stockQuery = queryOptions({
  queryKey: KEY,
  queryFn: () =>
    api(
      'GET',
      '/stock',
      readBy(async () => (await contract.stores()).stockListSchema),
    ),
  staleTime: 60_000,
});

function useStockCommand<Input, Output>(send: (input: Input, command: string) => Promise<Output>) {
  const client = useQueryClient();
  return useCommand({
    send,
    onDone: () => {
      void client.invalidateQueries({ queryKey: KEY });
      void client.invalidateQueries({ queryKey: shopKeys.all });
      void client.invalidateQueries({ queryKey: ['events'] });
    },
  });
}

/** Puts something into Stores. */
export function useAddStock() {
  return useStockCommand((item: NewStockItem, command) =>
    api('POST', '/stock', readItem, { body: { id: command, ...item }, command }),
  );
}

/** Takes what is known of a thing as the form says it. */
export function useChangeStock({ id, version }: KeptStockItem) {
  return useStockCommand((item: StockItem, command) =>
    api('PUT', `/stock/${id}`, readItem, { body: item, version, command }),
  );
}

/** Tells a weight, a gauge, a count. */
export function useTellStock(id: string) {
  return useStockCommand((entry: NewStockEntry, command) =>
    api('POST', `/stock/${id}/entries`, readItem, { body: entry, command }),
  );
}

export function usePutStockAway() {
  return useStockCommand(({ id, version }: KeptStockItem, command) =>
    sendAway({ kind: 'stock', path: `/stock/${id}`, version, command }),
  );
}
