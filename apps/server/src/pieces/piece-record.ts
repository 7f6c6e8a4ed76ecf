import { KEPT_PIECE, type KeptPiece, type Piece, pieceSchema, validated } from '@hot-bead/contract';
import { AWAY, type Fields, fieldsOf } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager, In } from 'typeorm';
import { notFound } from '../errors/domain-error.ts';
import { awayField, type Loaded, type RecordType, type Step } from '../events/record-type.ts';
import { SetAsideService } from '../events/set-aside.service.ts';
import { PieceEntity } from './piece.entity.ts';

function pieceOf(fields: Fields): Piece {
  const { [AWAY]: _away, ...piece } = fields;
  return validated(pieceSchema, piece);
}

/** How many welds a piece has, and how many of them are done. */
type WeldCount = Pick<KeptPiece, 'welds' | 'welded'>;

/** How pieces are kept. */
@Injectable()
export class PieceRecord implements RecordType<KeptPiece> {
  readonly kind = 'piece';
  readonly word = 'piece';
  readonly derived = [];

  constructor(
    @InjectEntityManager() readonly manager: EntityManager,
    private readonly setAside: SetAsideService,
  ) {}

  async load(manager: EntityManager, id: string): Promise<Loaded | undefined> {
    const row = await manager.findOneBy(PieceEntity, { id });
    if (!row) return undefined;
    const { piece } = this.setAside.readOrThrow(KEPT_PIECE, this.keptRow(row), { piece: row.piece });
    const fields = { ...fieldsOf(piece, []), ...awayField(row.awayAt !== null) };
    return { fields, version: row.version, of: id };
  }

  settle(_manager: EntityManager, { after }: Step): Promise<Fields> {
    const isAway = after[AWAY] === true;
    return Promise.resolve({ ...fieldsOf(pieceOf(after), []), ...awayField(isAway) });
  }

  async store(
    manager: EntityManager,
    id: string,
    { after, version, at }: Step & { readonly version: number },
  ): Promise<void> {
    await manager.update(PieceEntity, id, {
      piece: JSON.stringify(pieceOf(after)),
      shape: KEPT_PIECE.version,
      updatedAt: at,
      awayAt: after[AWAY] === true ? at : null,
      version,
    });
  }

  async tell(id: string): Promise<KeptPiece> {
    const row = await this.manager.findOneBy(PieceEntity, { id });
    const [kept] = row ? await this.told([row]) : [];
    if (!kept) throw notFound(this.word, id);
    return kept;
  }

  /** Rows as they are told; those that cannot be read are set aside. */
  async told(rows: readonly PieceEntity[]): Promise<readonly KeptPiece[]> {
    const counts = await this.weldCounts(rows.map(({ id }) => id));
    return rows.flatMap((row): KeptPiece[] => {
      const parts = this.setAside.read(KEPT_PIECE, this.keptRow(row), { piece: row.piece });
      if (!parts) return [];
      const { id, version, updatedAt, awayAt } = row;
      const count = counts.get(id) ?? { welds: 0, welded: 0 };
      return [{ ...parts.piece, id, version, updatedAt, away: awayAt !== null, ...count }];
    });
  }

  async titles(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const rows = await manager.findBy(PieceEntity, { id: In([...ids]) });
    return new Map(
      rows.flatMap((row) => {
        const parts = this.setAside.read(KEPT_PIECE, this.keptRow(row), { piece: row.piece });
        return parts ? [[row.id, parts.piece.name] as const] : [];
      }),
    );
  }

  private async weldCounts(ids: readonly string[]): Promise<ReadonlyMap<string, WeldCount>> {
    if (ids.length === 0) return new Map();
    const rows = (await this.manager.query(
      `SELECT "pieceId" AS "id", COUNT(*) AS "welds", COUNT("weldedAt") AS "welded" FROM "job" WHERE "deletedAt" IS NULL AND "pieceId" IN (${ids.map(() => '?').join()}) GROUP BY "pieceId"`,
      [...ids],
    )) as (WeldCount & { readonly id: string })[];
    return new Map(rows.map(({ id, welds, welded }) => [id, { welds, welded }] as const));
  }

  private keptRow({ id, shape }: PieceEntity) {
    return { kind: 'piece', id, title: 'a piece', shape } as const;
  }
}
