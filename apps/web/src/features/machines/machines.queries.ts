import { machineListSchema, validated } from '@hot-bead/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client.ts';

export const machineKeys = { all: ['machines'] as const };

export const machineListQuery = queryOptions({
  queryKey: machineKeys.all,
  queryFn: () => api('GET', '/machines', (body) => validated(machineListSchema, body)),
  staleTime: 60_000,
});
