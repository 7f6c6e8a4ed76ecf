import { type MutationOptions, type QueryClient, useMutation, useQueryClient } from '@tanstack/react-query';
import { v4 as uuid } from 'uuid';
import { useToast } from '../ui/toasts.tsx';
import { api } from '../api/client.ts';

/** Something to be done under an id of its own: sent again it is done once, and by it it can be undone. */
interface Asked<Input> {
  readonly input: Input;
  readonly command: string;
}

interface Options<Input, Output, Context> {
  /** Sends it; the command's id serves as the id of what it creates. */
  readonly send: (input: Input, command: string) => Promise<Output>;
  readonly onMutate?: (input: Input) => Context | Promise<Context>;
  readonly onError?: (context: Context | undefined) => void;
  /** Not awaited: the caller's own onSuccess must run before its row is redrawn away. */
  readonly onDone?: (output: Output, input: Input) => void;
  readonly mutationKey?: readonly unknown[];
  /** Commands of one scope are sent in order. */
  readonly scope?: string;
}

export interface Then<Output> {
  readonly onSuccess?: (output: Output, undo: () => void) => void;
  readonly onError?: (error: Error) => void;
}

export interface Command<Input, Output> {
  readonly mutate: (input: Input, then?: Then<Output>) => void;
  readonly isPending: boolean;
  readonly error: Error | null;
}

/** Takes back what a command did, and reads everything anew. */
export async function undoCommand(client: QueryClient, command: string): Promise<void> {
  const options: MutationOptions<void> = {
    mutationFn: () => api('POST', `/events/${command}/undo`, () => undefined, { command: uuid() }),
  };
  await client.getMutationCache().build(client, options).execute(undefined);
  // what was asked for the first time before it was undone would answer as things stood then
  await client.cancelQueries();
  await client.invalidateQueries();
}

/** A command of the user's; whoever is told of its success is handed the way back. */
export function useCommand<Input, Output, Context = unknown>({
  send,
  onMutate,
  onError,
  onDone,
  mutationKey,
  scope,
}: Options<Input, Output, Context>): Command<Input, Output> {
  const client = useQueryClient();
  const toast = useToast();
  const mutation = useMutation<Output, Error, Asked<Input>, Context>({
    mutationFn: ({ input, command }) => send(input, command),
    ...(mutationKey ? { mutationKey } : {}),
    ...(scope === undefined ? {} : { scope: { id: scope } }),
    ...(onMutate ? { onMutate: ({ input }) => onMutate(input) } : {}),
    onError: (_error, _asked, context) => onError?.(context),
    onSuccess: (output, { input }) => onDone?.(output, input),
  });
  const undo = (command: string) => (): void =>
    void undoCommand(client, command).catch((error: Error) => toast(`Not undone. ${error.message}`));
  return {
    isPending: mutation.isPending,
    error: mutation.error,
    mutate: (input, { onSuccess, onError: onFailure } = {}) => {
      const command = uuid();
      mutation.mutate(
        { input, command },
        {
          ...(onSuccess ? { onSuccess: (output) => onSuccess(output, undo(command)) } : {}),
          ...(onFailure ? { onError: (error) => onFailure(error) } : {}),
        },
      );
    },
  };
}
