import { contract } from '../../api/contract.ts';
import type { KeptStockItem, NewStockEntry, NewStockItem, StockChange } from '@hot-bead/contract/stores';
import type { StockItem } from '@hot-bead/core/stores';
import { api } from '../../api/client.ts';
import { listOf, recordSpine } from '../../commands/record-spine.ts';
import { shopKeys } from '../shop/index.ts';

const KEY = ['stock'] as const;
const schema = async () => (await contract.stores()).keptStockItemSchema;
const stock = recordSpine<KeptStockItem>({
  kind: 'stock',
  schema,
  path: ({ id }) => `/stock/${id}`,
  within: ({ item }) => item,
  touches: [KEY, shopKeys.all],
});

/** Everything in Stores. */
export const stockQuery = listOf(KEY, { path: '/stock' }, schema, { staleTime: 60_000 });

/** Puts something into Stores. */
export const useAddStock = () => stock.useCreate<NewStockItem>('/stock');

/** What a form says of a thing as a change of it: what it no longer says is no longer known. */
export function stockChange(kept: KeptStockItem, { kind: _kind, ...item }: StockItem) {
  const { kind: _same, ...before } = kept.item;
  const none = Object.fromEntries(Object.keys(before).map((field) => [field, null]));
  return { kept, change: { ...none, ...item } };
}
export const useChangeStock = stock.useChange<Omit<StockChange, 'version'>>;

/** Tells a weight, a gauge, a count. */
export function useTellStock(id: string) {
  return stock.useRecordCommand((entry: NewStockEntry, command) =>
    api('POST', `/stock/${id}/entries`, stock.read, { body: entry, command }),
  );
}

export const usePutStockAway = stock.usePutAway;
