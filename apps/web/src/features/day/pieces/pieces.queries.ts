import { contract } from '../../../api/contract.ts';
import type { KeptPiece, NewPiece, NewWelds, PieceChange, PieceWithWelds } from '@hot-bead/contract/day';
import type { Job } from '@hot-bead/contract/plan';
import { v4 as uuid } from 'uuid';
import { api, readBy } from '../../../api/client.ts';
import { queryOf, recordSpine } from '../../../commands/record-spine.ts';
import { dayKey, pieceKey } from '../index.ts';
import { jobKeys } from '../../plan/jobs/index.ts';

const pieceKeys = {
  list: () => [...pieceKey, 'list'] as const,
  one: (id: string) => [...pieceKey, 'one', id] as const,
};

/** What a piece or its welds changed is read anew wherever it is shown. */
const pieces = recordSpine<KeptPiece>({
  kind: 'piece',
  schema: async () => (await contract.day()).keptPieceSchema,
  path: ({ id }) => `/pieces/${id}`,
  touches: [pieceKey, dayKey, jobKeys.lists()],
});

export const pieceListQuery = queryOf<KeptPiece[], ReturnType<typeof pieceKeys.list>>(
  pieceKeys.list(),
  '/pieces',
  async () => (await contract.day()).pieceListSchema,
);

export function pieceQuery(id: string) {
  return queryOf<PieceWithWelds, ReturnType<typeof pieceKeys.one>>(
    pieceKeys.one(id),
    `/pieces/${id}`,
    async () => (await contract.day()).pieceWithWeldsSchema,
  );
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
  const read = readBy<Job[]>(async () => (await contract.plan()).jobListSchema);
  return pieces.useRecordCommand((welds: NewWelds, command) =>
    api('POST', `/pieces/${pieceId}/welds`, read, { body: welds, command }),
  );
}
