import { contract } from '../../api/contract.ts';
import type { KeptStockItem, NewStockEntry, NewStockItem } from '@hot-bead/contract/stores';
import type { StockItem } from '@hot-bead/core/stores';
import { api } from '../../api/client.ts';
import { queryOf, recordSpine } from '../../commands/record-spine.ts';
import { shopKeys } from '../shop/index.ts';

const KEY = ['stock'] as const;
const stock = recordSpine<KeptStockItem>({
  kind: 'stock',
  schema: async () => (await contract.stores()).keptStockItemSchema,
  path: ({ id }) => `/stock/${id}`,
  touches: [KEY, shopKeys.all],
});

/** Everything in Stores. */
export const stockQuery = queryOf(KEY, '/stock', async () => (await contract.stores()).stockListSchema, {
  staleTime: 60_000,
});

/** Puts something into Stores. */
export const useAddStock = () => stock.useCreate<NewStockItem>('/stock');

/** Takes what is known of a thing as the form says it. */
export function useChangeStock({ id, version }: KeptStockItem) {
  return stock.useRecordCommand((item: StockItem, command) =>
    api('PUT', `/stock/${id}`, stock.read, { body: item, version, command }),
  );
}

/** Tells a weight, a gauge, a count. */
export function useTellStock(id: string) {
  return stock.useRecordCommand((entry: NewStockEntry, command) =>
    api('POST', `/stock/${id}/entries`, stock.read, { body: entry, command }),
  );
}

export const usePutStockAway = stock.usePutAway;
