import { randomUUID } from 'node:crypto';
import { ContractError, type Problem } from '@hot-bead/contract/base';
import type { KeptPiece, NewPiece, NewWelds, PieceChange, PieceWithWelds } from '@hot-bead/contract/day';
import type { Job } from '@hot-bead/contract/plan';
import { changeOf } from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import { IsNull } from 'typeorm';
import { notFound } from '../../base/errors/domain-error.ts';
import type { Command } from '../../history/command.ts';
import { EventsService } from '../../history/events.service.ts';
import { type Made, RecordsService } from '../../history/records.service.ts';
import { JobsService } from '../../plan/jobs/jobs.service.ts';
import { PieceEntity } from './piece.entity.ts';
import { PieceRecord } from './piece-record.ts';

@Injectable()
export class PiecesService {
  constructor(
    private readonly record: PieceRecord,
    private readonly records: RecordsService,
    private readonly jobs: JobsService,
    events: EventsService,
  ) {
    events.register(record);
  }

  /** Every piece, last changed first. */
  async list(): Promise<readonly KeptPiece[]> {
    const rows = await this.record.manager.find(PieceEntity, {
      where: { awayAt: IsNull() },
      order: { updatedAt: 'DESC', id: 'ASC' },
    });
    return this.record.told(rows);
  }

  async read(id: string): Promise<PieceWithWelds> {
    const piece = await this.record.tell(id);
    return { piece, welds: await this.jobs.ofPiece(id) };
  }

  create({ id, ...piece }: NewPiece, command: Command): Promise<Made<KeptPiece>> {
    const newId = id ?? command.id;
    return this.records.create(this.record, command, this.record.creation(newId, piece));
  }

  /** Begins many pieces: all of them or none. */
  createAll(pieces: readonly NewPiece[], command: Command): Promise<void> {
    const creations = pieces.map(({ id, ...piece }) => this.record.creation(id ?? randomUUID(), piece));
    return this.records.createAll(this.record, command, creations);
  }

  change(id: string, { version: _seen, ...change }: PieceChange, command: Command): Promise<KeptPiece> {
    return this.records.change(this.record, command, { id, kind: 'changed', change: changeOf(change, []) });
  }

  putAway(id: string, command: Command): Promise<void> {
    return this.records.putAway(this.record, command, id);
  }

  restore(id: string, command: Command): Promise<KeptPiece> {
    return this.records.restore(this.record, command, id);
  }

  /**
   * Adds welds to a piece, one a line: all of them or none. What is wrong with a line is said at it.
   *
   * @throws {ContractError} with every line that is no job
   */
  async addWelds(
    pieceId: string,
    { welds, unit = 'mm' }: NewWelds,
    command: Command,
  ): Promise<readonly Job[]> {
    const piece = await this.record.tell(pieceId);
    if (piece.away) throw notFound(this.record.word, pieceId);
    const problems: Problem[] = [];
    for (const [i, { line }] of welds.entries()) {
      const problem = await this.jobs.faultOf(line, unit);
      if (problem) problems.push({ ...problem, field: `welds.${i}.line` });
    }
    if (problems.length > 0) throw new ContractError(problems);
    await this.jobs.addWelds(pieceId, welds, unit, command);
    const ids = new Set(welds.map(({ id }) => id));
    return (await this.jobs.ofPiece(pieceId)).filter(({ id }) => ids.has(id));
  }
}
