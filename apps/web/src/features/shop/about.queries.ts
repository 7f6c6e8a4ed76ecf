import { contract } from '../../api/contract.ts';
import type { About, DemoAddress } from '@hot-bead/contract/shop';
import { queryOptions, useMutation } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';

const readAbout = readBy<About>(async () => (await contract.shop()).aboutSchema);
const readAddress = readBy<DemoAddress>(async () => (await contract.shop()).demoAddressSchema);

export const aboutQuery = queryOptions({
  queryKey: ['about'],
  queryFn: () => api('GET', '/about', readAbout),
  staleTime: Infinity,
});

/** Starts the demo shop beside the user's own, and tells where it stands. */
export function useOpenDemo() {
  return useMutation({ mutationFn: () => api('POST', '/demo-shop', readAddress, { body: {} }) });
}
