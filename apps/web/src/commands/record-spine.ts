import type { Page } from '@hot-bead/contract/base';
import { changeOf, differing, fieldsOf, type RecordKind } from '@hot-bead/core/history';
import {
  infiniteQueryOptions,
  keepPreviousData,
  queryOptions,
  type QueryKey,
  useQueryClient,
} from '@tanstack/react-query';
import { api, readBy } from '../api/client.ts';
import { contract } from '../api/contract.ts';
import { sendAway, sendChange } from './send-change.ts';
import { type Command, useCommand } from './use-command.ts';

type SchemaOf<T> = Parameters<typeof readBy<T>>[0];

/** A question to the server under its key; its answer is read by a schema of the contract. */
export function queryOf<T, const Key extends QueryKey>(
  queryKey: Key,
  path: string,
  schema: SchemaOf<T>,
  more: { readonly staleTime?: number } = {},
) {
  return queryOptions({ queryKey, queryFn: () => api('GET', path, readBy(schema)), ...more });
}

/** Where a list is asked for, and by what it is narrowed. */
interface List {
  readonly path: string;
  readonly asked?: Readonly<Record<string, string>>;
}

/** One page of a list, after an earlier one where that is said. */
async function pageOf<T>(
  { path, asked }: List,
  schema: SchemaOf<T>,
  more: Readonly<Record<string, string>>,
): Promise<Page<T>> {
  const read = readBy<Page<T>>(async () => (await contract.base()).pageSchema(await schema()));
  return api('GET', `${path}?${new URLSearchParams({ ...asked, ...more })}`, read);
}

/** Most of a list that is told at once. */
const PAGE_MOST = '200';

/** A whole list under its key, page by page. */
export function listOf<T, const Key extends QueryKey>(
  queryKey: Key,
  list: List,
  schema: SchemaOf<T>,
  more: { readonly staleTime?: number } = {},
) {
  const queryFn = async (): Promise<readonly T[]> => {
    const items: T[] = [];
    for (let after: string | null = ''; after !== null;) {
      const page: Page<T> = await pageOf(list, schema, { limit: PAGE_MOST, ...(after && { after }) });
      items.push(...page.items);
      after = page.next;
    }
    return items;
  };
  return queryOptions({ queryKey, queryFn, ...more });
}

/** How long an answer is good, and whether the one before it stands until it is there. */
interface PagesMore {
  readonly staleTime?: number;
  readonly staysShown?: true;
}

/** A list that is shown a page at a time. */
export function pagesOf<T, const Key extends QueryKey>(
  queryKey: Key,
  list: List,
  schema: SchemaOf<T>,
  { staysShown, ...more }: PagesMore = {},
) {
  return infiniteQueryOptions({
    ...more,
    ...(staysShown && { placeholderData: keepPreviousData }),
    queryKey,
    queryFn: ({ pageParam }) => pageOf(list, schema, { ...(pageParam && { after: pageParam }) }),
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
  });
}

/** The first few of a list. */
export function firstOf<T, const Key extends QueryKey>(
  queryKey: Key,
  list: List,
  schema: SchemaOf<T>,
  limit: number,
) {
  const queryFn = async () => (await pageOf(list, schema, { limit: String(limit) })).items;
  return queryOptions({ queryKey, queryFn });
}

/** What a kind of record says of itself; everything that is done with one follows from it. */
interface RecordSpine<Kept> {
  readonly kind: RecordKind;
  /** One as it is told. */
  readonly schema: SchemaOf<Kept>;
  /** Its fields that are taken apart into fields of their own. */
  readonly branches?: readonly string[];
  /** Where one lives. */
  readonly path: (kept: Kept) => string;
  /** What of one is changed field by field; itself, unless it stands within. */
  readonly within?: (kept: Kept) => object;
  /** Questions whose answers are old once one is changed, beside what happened. */
  readonly touches: readonly QueryKey[];
}

/** One as it was seen, and what of it changes; null takes a field away. */
export interface Changed<Kept, Change extends object> {
  readonly kept: Kept;
  readonly change: Change;
}

/** What is shown before the server has answered, and how it is taken back. */
interface AtOnce<Input, Before> {
  readonly onMutate: (input: Input) => Promise<Before>;
  readonly onError: (before: Before | undefined) => void;
}

type Send<Input, Output> = (input: Input, command: string) => Promise<Output>;

/** The commands of a kind of record, each as the user gives it and can take back. */
export function recordSpine<Kept extends { readonly id: string; readonly version: number }>({
  kind,
  schema,
  branches = [],
  path,
  within = (kept) => kept,
  touches,
}: RecordSpine<Kept>) {
  const read = readBy<Kept>(schema);

  function useRecordCommand<Input, Output, Before = unknown>(
    send: Send<Input, Output>,
    more: { readonly scope?: string } & Partial<AtOnce<Input, Before>> = {},
  ): Command<Input, Output> {
    const client = useQueryClient();
    const onDone = (): void => {
      for (const queryKey of [...touches, ['events']]) void client.invalidateQueries({ queryKey });
    };
    return useCommand<Input, Output, Before>({ send, ...more, onDone });
  }

  return {
    read,
    useRecordCommand,
    /** Creates one among those at a path, under the id of its command unless it has its own. */
    useCreate: <New extends object>(among: string) =>
      useRecordCommand((value: New, command) =>
        api('POST', among, read, { body: { id: command, ...value }, command }),
      ),
    /** Changes fields of one, as it was seen: what differs is sent, and changes of one scope in order. */
    useChange: <Change extends object>(scope?: string) =>
      useRecordCommand(
        async ({ kept, change }: Changed<Kept, Change>, command) => {
          const wanted = differing(fieldsOf(within(kept), branches), changeOf(change, branches));
          if (Object.keys(wanted).length === 0) return kept;
          return sendChange<Kept>({
            kind,
            path: path(kept),
            read,
            branches,
            change: wanted,
            version: kept.version,
            command,
          });
        },
        scope === undefined ? {} : { scope },
      ),
    /** Puts one away, in the version that was seen. */
    usePutAway: () =>
      useRecordCommand((kept: Kept, command) =>
        sendAway({ kind, path: path(kept), version: kept.version, command }),
      ),
  };
}
