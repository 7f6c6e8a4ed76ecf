import { contract } from '../../../api/contract.ts';
import type { KeptPiece, NewPiece, NewWelds, PieceChange } from '@hot-bead/contract/day';
import type { Job } from '@hot-bead/contract/plan';
import { queryOptions } from '@tanstack/react-query';
import { v4 as uuid } from 'uuid';
import { api, readBy } from '../../../api/client.ts';
import { listOf, recordSpine } from '../../../commands/record-spine.ts';
import { dayKey, pieceKey } from '../index.ts';
import { jobKeys } from '../../plan/jobs/index.ts';

const pieceKeys = {
  list: () => [...pieceKey, 'list'] as const,
  one: (id: string) => [...pieceKey, 'one', id] as const,
};

const schema = async () => (await contract.day()).keptPieceSchema;
/** What a piece or its welds changed is read anew wherever it is shown. */
const pieces = recordSpine<KeptPiece>({
  kind: 'piece',
  schema,
  path: ({ id }) => `/pieces/${id}`,
  touches: [pieceKey, dayKey, jobKeys.lists()],
});

export const pieceListQuery = listOf(pieceKeys.list(), { path: '/pieces' }, schema);

const readWelds = readBy<Job[]>(async () => (await contract.plan()).jobListSchema);

/** A piece with its welds in order. */
export interface PieceWithWelds {
  readonly piece: KeptPiece;
  readonly welds: readonly Job[];
}

export function pieceQuery(id: string) {
  const queryFn = async (): Promise<PieceWithWelds> => {
    const path = `/pieces/${id}`;
    const [piece, welds] = await Promise.all([
      api('GET', path, pieces.read),
      api('GET', `${path}/welds`, readWelds),
    ]);
    return { piece, welds };
  };
  return queryOptions({ queryKey: pieceKeys.one(id), queryFn });
}

export const useBeginPiece = () => pieces.useCreate<NewPiece>('/pieces');

/** Lines that become a piece with its welds. */
export interface LinesOfPiece {
  readonly id: string;
  readonly name: string;
  readonly welds: NewWelds['welds'];
  readonly unit: NonNullable<NewWelds['unit']>;
}

/** Begins a piece with a weld for each line; sent again it is the same piece with the same welds. */
export function usePieceOfLines() {
  return pieces.useRecordCommand(async ({ id, name, welds, unit }: LinesOfPiece, command) => {
    const piece = await api('POST', '/pieces', pieces.read, { body: { id, name }, command });
    await api('POST', `/pieces/${piece.id}/welds`, () => undefined, {
      body: { welds, unit },
      command: uuid(),
    });
    return piece;
  });
}

/** Changes fields of a piece; null takes one away. */
export const useChangePiece = pieces.useChange<Omit<PieceChange, 'version'>>;
/** Puts a piece away; its welds stay jobs. */
export const usePutPieceAway = pieces.usePutAway;

/** Adds welds to a piece, one a line: all of them or none. */
export function useAddWelds(pieceId: string) {
  return pieces.useRecordCommand((welds: NewWelds, command) =>
    api('POST', `/pieces/${pieceId}/welds`, readWelds, { body: welds, command }),
  );
}
