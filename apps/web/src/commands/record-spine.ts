import { changeOf, type RecordKind } from '@hot-bead/core/history';
import { queryOptions, type QueryKey, useQueryClient } from '@tanstack/react-query';
import { api, readBy } from '../api/client.ts';
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

/** What a kind of record says of itself; everything that is done with one follows from it. */
interface RecordSpine<Kept> {
  readonly kind: RecordKind;
  /** One as it is told. */
  readonly schema: SchemaOf<Kept>;
  /** Its fields that are taken apart into fields of their own. */
  readonly branches?: readonly string[];
  /** Where one lives. */
  readonly path: (kept: Kept) => string;
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
    /** Changes fields of one, as it was seen; changes of one scope are sent in order. */
    useChange: <Change extends object>(scope?: string) =>
      useRecordCommand(
        ({ kept, change }: Changed<Kept, Change>, command) =>
          sendChange<Kept>({
            kind,
            path: path(kept),
            read,
            branches,
            change: changeOf(change, branches),
            version: kept.version,
            command,
          }),
        scope === undefined ? {} : { scope },
      ),
    /** Puts one away, in the version that was seen. */
    usePutAway: () =>
      useRecordCommand((kept: Kept, command) =>
        sendAway({ kind, path: path(kept), version: kept.version, command }),
      ),
  };
}
