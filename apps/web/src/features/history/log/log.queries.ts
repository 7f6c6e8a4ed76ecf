import { contract } from '../../../api/contract.ts';
import type { LogFilter, LogSort } from '@hot-bead/contract/history';
import { firstOf, pagesOf, queryOf } from '../../../commands/record-spine.ts';

const KEY = ['log'] as const;
const schema = async () => (await contract.history()).logEntrySchema;

/** A filter as the address has it: what is not said is left out. */
export function filterParams(filter: LogFilter): URLSearchParams {
  const filters = Object.entries(filter).filter(([, value]) => value !== undefined && value !== '');
  return new URLSearchParams(filters.map(([name, value]) => [name, String(value)]));
}

/** The log, a page at a time. */
export function logQuery(filter: LogFilter, sort: LogSort) {
  const params = filterParams(filter);
  const list = { path: '/log', asked: { ...Object.fromEntries(params), sort } };
  const more = { staleTime: 0, staysShown: true } as const;
  return pagesOf([...KEY, 'page', sort, params.toString()], list, schema, more);
}

/** What the log comes to. */
export function logChartsQuery(filter: LogFilter) {
  const params = filterParams(filter).toString();
  const charts = async () => (await contract.history()).logChartsSchema;
  return queryOf([...KEY, 'charts', params], `/log/charts?${params}`, charts, { staleTime: 0 });
}

export function logEntryQuery(id: string) {
  return queryOf([...KEY, 'entry', id], `/log/${encodeURIComponent(id)}`, schema, { staleTime: 0 });
}

/** The last few lines that hold words. */
export function foundLogQuery(text: string, most: number) {
  return firstOf([...KEY, 'found', text, most], { path: '/log', asked: { text } }, schema, most);
}
