import type { KeptTestBead } from '@hot-bead/contract';
import { beadVerdict } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { TestBeadEntity } from '../database/test-bead.entity.ts';

/** A bead's row as it is told, with the verdict that its report makes. */
export function keptBead(row: TestBeadEntity): KeptTestBead {
  const { id, jobId, number, wireFeedSpeedMPerMin, volts, face, sound, note, plan } = row;
  return {
    id,
    jobId,
    number,
    wireFeedSpeedMPerMin,
    volts,
    face,
    sound,
    note,
    plan,
    verdict: beadVerdict(row),
    createdAt: row.createdAt,
  };
}

/** The beads of all jobs, to be read and nothing else. */
@Injectable()
export class BeadLogService {
  constructor(@InjectRepository(TestBeadEntity) private readonly beads: Repository<TestBeadEntity>) {}

  /** The beads of every job that has some, in the order they were welded. */
  async listByJob(): Promise<ReadonlyMap<string, readonly KeptTestBead[]>> {
    const rows = await this.beads.find({ order: { number: 'ASC' } });
    const byJob = new Map<string, KeptTestBead[]>();
    for (const row of rows) byJob.set(row.jobId, [...(byJob.get(row.jobId) ?? []), keptBead(row)]);
    return byJob;
  }
}
