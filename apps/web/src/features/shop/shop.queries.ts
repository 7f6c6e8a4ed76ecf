import { contract } from '../../api/contract.ts';
import { changeBetween, fieldsOf, SHOP_BRANCHES } from '@hot-bead/core/history';
import type { KeptShop, ShopSettings } from '@hot-bead/contract/shop';
import { useQueryClient } from '@tanstack/react-query';
import { readBy } from '../../api/client.ts';
import { queryOf } from '../../commands/record-spine.ts';
import { sendChange } from '../../commands/send-change.ts';
import { useCommand } from '../../commands/use-command.ts';

export const shopKeys = { all: ['shop'] as const };

const schema = async () => (await contract.shop()).keptShopSchema;
const readShop = readBy<KeptShop>(schema);

export const shopQuery = queryOf(shopKeys.all, '/shop', schema, { staleTime: 60_000 });

/** What a shop has chosen before it chose anything. */
export const NOTHING_CHOSEN: ShopSettings = { schools: {}, day: {}, rates: {}, words: {} };

interface Asked {
  readonly next: ShopSettings;
  readonly seen: KeptShop | undefined;
}

/** Changes the shop's settings at once on screen, and sends what differs; an error puts them back. */
export function useChangeShop() {
  const client = useQueryClient();
  const key = shopKeys.all;
  const command = useCommand<Asked, KeptShop, { before: KeptShop | undefined }>({
    scope: 'shop',
    send: async ({ next, seen }, commandId) => {
      const fields = ({ schools, day, rates, words }: ShopSettings) =>
        fieldsOf({ schools, day, rates, words }, SHOP_BRANCHES);
      const change = changeBetween(fields(seen ?? NOTHING_CHOSEN), fields(next));
      const now = client.getQueryData<KeptShop>(key) ?? seen;
      if (Object.keys(change).length === 0 && now) return now;
      return sendChange({
        kind: 'shop',
        path: '/shop',
        read: readShop,
        branches: SHOP_BRANCHES,
        change,
        version: now?.version ?? 1,
        command: commandId,
      });
    },
    onMutate: async ({ next }) => {
      await client.cancelQueries({ queryKey: key });
      const before = client.getQueryData<KeptShop>(key);
      if (before) client.setQueryData<KeptShop>(key, { ...before, ...next });
      return { before };
    },
    onError: (context) => client.setQueryData(key, context?.before),
    onDone: (kept) =>
      client.setQueryData<KeptShop>(key, (shown) => ({ ...(shown ?? kept), version: kept.version })),
  });
  return {
    error: command.error,
    /** Sends what differs; `onKept` is called once it is kept, not before. */
    mutate: (next: ShopSettings, onKept?: () => void): void =>
      command.mutate(
        { next, seen: client.getQueryData<KeptShop>(key) },
        {
          onSuccess: () => {
            void client.invalidateQueries({ queryKey: key });
            onKept?.();
          },
        },
      ),
  };
}
