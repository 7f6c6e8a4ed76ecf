import { ContractError, type Problem } from '@hot-bead/contract/base';
import type { KeptPiece, NewWelds, Piece, PieceChange } from '@hot-bead/contract/day';
import type { Job } from '@hot-bead/contract/plan';
import { Injectable } from '@nestjs/common';
import type { Command } from '../../history/command.ts';
import { EventsService } from '../../history/events.service.ts';
import { JsonRecords } from '../../history/json-records.ts';
import { RecordsService } from '../../history/records.service.ts';
import { JobsService } from '../../plan/jobs/jobs.service.ts';
import type { PieceEntity } from './piece.entity.ts';
import { PieceRecord } from './piece-record.ts';
import { noSuchRecord } from '../../history/no-such-record.ts';

@Injectable()
export class PiecesService extends JsonRecords<PieceEntity, Piece, KeptPiece, PieceChange> {
  protected readonly order = { by: 'updatedAt', holds: 'time', is: 'falling' } as const;

  constructor(
    record: PieceRecord,
    records: RecordsService,
    events: EventsService,
    private readonly jobs: JobsService,
  ) {
    super(record, records, events);
  }

  /** The welds of a piece, in order. */
  async welds(id: string): Promise<readonly Job[]> {
    await this.one(id);
    return this.jobs.ofPiece(id);
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
    if (piece.away) throw noSuchRecord(this.record.kind, pieceId);
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
