import { LOG_SORTS, type LogFilter, logFilterSchema, type LogSort } from '@hot-bead/contract/history';
import { useSearchParams } from 'react-router';

const FILTERS = [
  'kind',
  'machine',
  'wire',
  'gas',
  'joint',
  'thinnest',
  'thickest',
  'from',
  'to',
  'verdict',
  'text',
] as const satisfies readonly (keyof LogFilter)[];
export type FilterName = (typeof FILTERS)[number];

export interface LogFilterState {
  /** As it is typed. */
  readonly typed: Readonly<Partial<Record<FilterName, string>>>;
  /** What of it can be asked for; the rest is marked. */
  readonly filter: LogFilter;
  readonly faults: Readonly<Partial<Record<FilterName, string>>>;
  readonly sort: LogSort;
  readonly count: number;
  readonly set: (name: FilterName | 'sort', value: string) => void;
  readonly clear: () => void;
}

/** The filter of the log, in the address: it is there again when one comes back. */
export function useLogFilter(): LogFilterState {
  const [search, setSearch] = useSearchParams();
  const typed = Object.fromEntries(
    FILTERS.flatMap((name) => {
      const value = search.get(name);
      return value === null || value === '' ? [] : [[name, value] as const];
    }),
  );
  const { value, error } = logFilterSchema.validate(typed, { abortEarly: false });
  const faults = Object.fromEntries(
    error?.details.map(({ path, message }) => [String(path[0]), message]) ?? [],
  );
  const filter = Object.fromEntries(
    Object.entries((value ?? {}) as object).filter(([name]) => !(name in faults)),
  ) as LogFilter;
  const sort = LOG_SORTS.find((one) => one === search.get('sort')) ?? 'newest';
  const set = (name: FilterName | 'sort', next: string): void =>
    setSearch(
      (before) => {
        if (next === '') before.delete(name);
        else before.set(name, next);
        return before;
      },
      { replace: true, preventScrollReset: true },
    );
  const clear = (): void =>
    setSearch(
      (before) => {
        for (const name of FILTERS) before.delete(name);
        return before;
      },
      { replace: true },
    );
  return { typed, filter, faults, sort, count: Object.keys(typed).length, set, clear };
}
