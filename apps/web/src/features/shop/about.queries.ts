import { contract } from '../../api/contract.ts';
import type { DemoAddress } from '@hot-bead/contract/shop';
import { useMutation } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';
import { queryOf } from '../../commands/record-spine.ts';

const readAddress = readBy<DemoAddress>(async () => (await contract.shop()).demoAddressSchema);

export const aboutQuery = queryOf(['about'], '/about', async () => (await contract.shop()).aboutSchema, {
  staleTime: Infinity,
});

/** Starts the demo shop beside the user's own, and tells where it stands. */
export function useOpenDemo() {
  return useMutation({ mutationFn: () => api('POST', '/demo-shop', readAddress, { body: {} }) });
}
