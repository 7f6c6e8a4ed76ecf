import type { About, DemoAddress } from '@hot-bead/contract';
import { queryOptions, useMutation } from '@tanstack/react-query';
import { api, readBy } from '../../api/client.ts';

const readAbout = readBy<About>((contract) => contract.aboutSchema);
const readAddress = readBy<DemoAddress>((contract) => contract.demoAddressSchema);

export const aboutQuery = queryOptions({
  queryKey: ['about'],
  queryFn: () => api('GET', '/about', readAbout),
  staleTime: Infinity,
});

/** Starts the demo shop beside the user's own, and tells where it stands. */
export function useOpenDemo() {
  return useMutation({ mutationFn: () => api('POST', '/demo-shop', readAddress, { body: {} }) });
}
