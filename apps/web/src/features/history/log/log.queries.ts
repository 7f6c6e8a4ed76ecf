import { contract } from '../../../api/contract.ts';
import type { LogFilter, LogSort } from '@hot-bead/contract/history';
import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, readBy } from '../../../api/client.ts';

const KEY = ['log'] as const;

/** A filter as the address has it: what is not said is left out. */
export function filterParams(filter: LogFilter): URLSearchParams {
  const told = Object.entries(filter).filter(([, value]) => value !== undefined && value !== '');
  return new URLSearchParams(told.map(([name, value]) => [name, String(value)]));
}

/** The log, a page at a time. */
export function logQuery(filter: LogFilter, sort: LogSort) {
  const params = filterParams(filter);
  return infiniteQueryOptions({
    queryKey: [...KEY, 'page', sort, params.toString()],
    queryFn: ({ pageParam }) => {
      const asked = new URLSearchParams(params);
      asked.set('sort', sort);
      if (pageParam !== '') asked.set('after', pageParam);
      return api(
        'GET',
        `/log?${asked}`,
        readBy(async () => (await contract.history()).logPageSchema),
      );
    },
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
}

/** What the log comes to. */
export function logChartsQuery(filter: LogFilter) {
  const params = filterParams(filter);
  return queryOptions({
    queryKey: [...KEY, 'charts', params.toString()],
    queryFn: () =>
      api(
        'GET',
        `/log/charts?${params}`,
        readBy(async () => (await contract.history()).logChartsSchema),
      ),
    staleTime: 0,
  });
}

export function logEntryQuery(id: string) {
  return queryOptions({
    queryKey: [...KEY, 'entry', id],
    queryFn: () =>
      api(
        'GET',
        `/log/${encodeURIComponent(id)}`,
        readBy(async () => (await contract.history()).logEntrySchema),
      ),
    staleTime: 0,
  });
}

/** The last few lines that hold words. */
export function foundLogQuery(text: string, most: number) {
  const params = new URLSearchParams({ text, limit: String(most) });
  return queryOptions({
    queryKey: [...KEY, 'found', params.toString()],
    queryFn: () =>
      api(
        'GET',
        `/log?${params}`,
        readBy(async () => (await contract.history()).logPageSchema),
      ),
  });
}
