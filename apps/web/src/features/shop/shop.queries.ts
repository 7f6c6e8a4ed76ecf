import type { ShopSettings } from '@hot-bead/contract';
import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';

export const shopKeys = { all: ['shop'] as const };

const readShop = readBy<ShopSettings>((contract) => contract.shopSettingsSchema);

export const shopQuery = queryOptions({
  queryKey: shopKeys.all,
  queryFn: () => api('GET', '/shop', readShop),
  staleTime: 60_000,
});

/** Changes the shop's settings at once on screen; an error puts them back. */
export function useChangeShop() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (settings: ShopSettings) => api('PUT', '/shop', readShop, settings),
    scope: { id: 'shop' }, // changes are sent in order
    onMutate: async (settings) => {
      await client.cancelQueries({ queryKey: shopKeys.all });
      const before = client.getQueryData<ShopSettings>(shopKeys.all);
      client.setQueryData(shopKeys.all, settings);
      return { before };
    },
    onError: (_error, _settings, context) => client.setQueryData(shopKeys.all, context?.before),
  });
}
