import { contract } from '../../../api/contract.ts';
import type { KeptPiece, NewPiece, NewWelds, PieceChange, PieceWithWelds } from '@hot-bead/contract/day';
import type { Job } from '@hot-bead/contract/plan';
import { queryOptions, useQueryClient } from '@tanstack/react-query';
import { v4 as uuid } from 'uuid';
import { api, readBy } from '../../../api/client.ts';
import { sendAway, sendChange } from '../../../commands/send-change.ts';
import { useCommand } from '../../../commands/use-command.ts';
import { dayKey, pieceKey } from '../index.ts';
import { jobKeys } from '../../plan/jobs/index.ts';

const pieceKeys = {
  list: () => [...pieceKey, 'list'] as const,
  one: (id: string) => [...pieceKey, 'one', id] as const,
};

const readPiece = readBy<KeptPiece>(async () => (await contract.day()).keptPieceSchema);

export const pieceListQuery = queryOptions({
  queryKey: pieceKeys.list(),
  queryFn: () =>
    api(
      'GET',
      '/pieces',
      readBy<KeptPiece[]>(async () => (await contract.day()).pieceListSchema),
    ),
});

export function pieceQuery(id: string) {
  return queryOptions({
    queryKey: pieceKeys.one(id),
    queryFn: () =>
      api(
        'GET',
        `/pieces/${id}`,
        readBy<PieceWithWelds>(async () => (await contract.day()).pieceWithWeldsSchema),
      ),
  });
}

/** What a piece or its welds changed is read anew wherever it is shown. */
function useReadAnew() {
  const client = useQueryClient();
  return (): void => {
    for (const queryKey of [pieceKey, dayKey, jobKeys.lists()]) void client.invalidateQueries({ queryKey });
  };
}

export function useBeginPiece() {
  const onDone = useReadAnew();
  return useCommand({
    send: (piece: NewPiece, command) =>
      api('POST', '/pieces', readPiece, { body: { id: command, ...piece }, command }),
    onDone,
  });
}

/** Lines that become a piece with its welds. */
export interface LinesOfPiece {
  readonly id: string;
  readonly name: string;
  readonly welds: NewWelds['welds'];
  readonly unit: NonNullable<NewWelds['unit']>;
}

/** Begins a piece with a weld for each line; sent again it is the same piece with the same welds. */
export function usePieceOfLines() {
  const onDone = useReadAnew();
  return useCommand({
    send: async ({ id, name, welds, unit }: LinesOfPiece, command) => {
      const piece = await api('POST', '/pieces', readPiece, { body: { id, name }, command });
      await api('POST', `/pieces/${piece.id}/welds`, () => undefined, {
        body: { welds, unit },
        command: uuid(),
      });
      return piece;
    },
    onDone,
  });
}

/** Changes fields of a piece; null takes one away. */
export function useChangePiece(piece: KeptPiece) {
  const onDone = useReadAnew();
  return useCommand({
    scope: `piece ${piece.id}`,
    send: (change: Omit<PieceChange, 'version'>, command) =>
      sendChange({
        kind: 'piece',
        path: `/pieces/${piece.id}`,
        read: readPiece,
        branches: [],
        change: change as Parameters<typeof sendChange>[0]['change'],
        version: piece.version,
        command,
      }),
    onDone,
  });
}

/** Puts a piece away; its welds stay jobs. */
export function usePutPieceAway() {
  const onDone = useReadAnew();
  return useCommand({
    send: ({ id, version }: Pick<KeptPiece, 'id' | 'version'>, command) =>
      sendAway({ kind: 'piece', path: `/pieces/${id}`, version, command }),
    onDone,
  });
}

/** Adds welds to a piece, one a line: all of them or none. */
export function useAddWelds(pieceId: string) {
  const onDone = useReadAnew();
  return useCommand({
    send: (welds: NewWelds, command) =>
      api(
        'POST',
        `/pieces/${pieceId}/welds`,
        readBy<Job[]>(async () => (await contract.plan()).jobListSchema),
        { body: welds, command },
      ),
    onDone,
  });
}
