import { KEPT_PIECE, type KeptPiece, type Piece, pieceSchema } from '@hot-bead/contract/day';
import { Injectable } from '@nestjs/common';
import { type JsonKind, JsonRecord, type ToldBeside } from '../../history/json-record.ts';
import { PieceEntity } from './piece.entity.ts';

/** How many welds a piece has, and how many of them are done. */
type WeldCount = Pick<KeptPiece, 'welds' | 'welded'>;

/** How pieces are kept. */
@Injectable()
export class PieceRecord extends JsonRecord<PieceEntity, 'piece', Piece, KeptPiece> {
  protected readonly about: JsonKind<PieceEntity, 'piece', Piece> = {
    kind: 'piece',
    entity: PieceEntity,
    column: 'piece',
    shape: KEPT_PIECE,
    schema: pieceSchema,
    branches: [],
  };

  protected titleOf({ name }: Piece): string {
    return name;
  }

  protected toldOf(piece: Piece, beside: ToldBeside): KeptPiece {
    return { ...piece, ...beside, welds: 0, welded: 0 };
  }

  override async tell(id: string): Promise<KeptPiece> {
    const [counted] = await this.counted([await super.tell(id)]);
    return counted as KeptPiece;
  }

  override async toldRows(rows: readonly PieceEntity[]): Promise<readonly KeptPiece[]> {
    return this.counted(await super.toldRows(rows));
  }

  private async counted(pieces: readonly KeptPiece[]): Promise<readonly KeptPiece[]> {
    const counts = await this.weldCounts(pieces.map(({ id }) => id));
    return pieces.map((piece) => ({ ...piece, ...counts.get(piece.id) }));
  }

  private async weldCounts(ids: readonly string[]): Promise<ReadonlyMap<string, WeldCount>> {
    if (ids.length === 0) return new Map();
    const rows = (await this.manager.query(
      `SELECT "pieceId" AS "id", COUNT(*) AS "welds", COUNT("weldedAt") AS "welded" FROM "job" WHERE "awayAt" IS NULL AND "pieceId" IN (${ids.map(() => '?').join()}) GROUP BY "pieceId"`,
      [...ids],
    )) as (WeldCount & { readonly id: string })[];
    return new Map(rows.map(({ id, welds, welded }) => [id, { welds, welded }] as const));
  }
}
