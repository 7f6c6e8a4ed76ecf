import { randomUUID } from 'node:crypto';
import {
  type Job,
  type JobChange,
  type NewAcknowledgement,
  type NewJob,
  quickWorkOf,
} from '@hot-bead/contract';
import {
  completeWork,
  effectiveWork,
  MODEL_VERSION,
  parseQuickLine,
  type QuickWork,
  renderQuickLine,
  workTitle,
} from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { JobEntity } from '../database/job.entity.ts';
import { AcknowledgementEntity } from '../database/acknowledgement.entity.ts';
import { TestBeadEntity } from '../database/test-bead.entity.ts';
import { DomainError, notFound } from '../errors/domain-error.ts';
import { MachinesService } from '../machines/machines.service.ts';

function titleOf(work: QuickWork, line: string): string {
  const complete = completeWork(work);
  return complete ? workTitle(complete.work) : line || 'Untitled job';
}

function jobOf(row: JobEntity, beadCount: number): Job {
  return {
    id: row.id,
    title: titleOf(row.work, row.line),
    line: row.line,
    work: row.work,
    own: row.own,
    beadCount,
    acknowledged: row.acknowledgements
      .map(({ code, text, at }) => ({ code, text, at }))
      .toSorted((a, b) => a.at.localeCompare(b.at)),
    createdAt: row.createdAt,
    updatedAt: row.updatedAt,
  };
}

@Injectable()
export class JobsService {
  constructor(
    @InjectRepository(JobEntity) private readonly jobs: Repository<JobEntity>,
    private readonly machines: MachinesService,
  ) {}

  async create(input: NewJob): Promise<Job> {
    const work = await this.workOf(input);
    const now = new Date().toISOString();
    const row = this.jobs.create({
      id: randomUUID(),
      line: input.line ?? renderQuickLine(work),
      work,
      own: input.own ?? {},
      modelVersion: MODEL_VERSION,
      createdAt: now,
      updatedAt: now,
    });
    await this.jobs.save(row);
    return this.read(row.id);
  }

  async list(): Promise<Job[]> {
    const rows = await this.jobs.find({
      order: { updatedAt: 'DESC', createdAt: 'DESC' },
      relations: { acknowledgements: true },
    });
    const counts = await this.jobs.manager
      .createQueryBuilder(TestBeadEntity, 'bead')
      .select('bead.jobId', 'jobId')
      .addSelect('COUNT(*)', 'count')
      .groupBy('bead.jobId')
      .getRawMany<{ jobId: string; count: number }>();
    const countOf = new Map(counts.map(({ jobId, count }) => [jobId, Number(count)] as const));
    return rows.map((row) => jobOf(row, countOf.get(row.id) ?? 0));
  }

  async read(id: string): Promise<Job> {
    const row = await this.jobs.findOne({
      where: { id },
      relations: { beads: true, acknowledgements: true },
    });
    if (!row) throw notFound('job', id);
    return jobOf(row, row.beads.length);
  }

  async change(id: string, change: JobChange): Promise<Job> {
    const row = await this.jobs.findOneBy({ id });
    if (!row) throw notFound('job', id);
    if (change.line !== undefined) row.line = change.line;
    if (change.line !== undefined || change.work !== undefined) row.work = await this.workOf(change);
    if (change.own !== undefined) row.own = change.own;
    row.updatedAt = new Date().toISOString();
    await this.jobs.save(row);
    return this.read(id);
  }

  /** The same work as a new job: line and numbers, not the beads. */
  async duplicate(id: string): Promise<Job> {
    const { line, work, own } = await this.read(id);
    return this.create({ line, work, own });
  }

  /** Logs that a stop caution was read. */
  async acknowledge(id: string, { code, text }: NewAcknowledgement): Promise<Job> {
    await this.read(id);
    const at = new Date().toISOString();
    await this.jobs.manager.insert(AcknowledgementEntity, { id: randomUUID(), jobId: id, code, text, at });
    return this.read(id);
  }

  async remove(id: string): Promise<void> {
    const result = await this.jobs.softDelete({ id });
    if (result.affected === 0) throw notFound('job', id);
  }

  async restore(id: string): Promise<Job> {
    await this.jobs.restore({ id });
    return this.read(id);
  }

  private async workOf({ line, work }: NewJob): Promise<QuickWork> {
    if (work !== undefined) return quickWorkOf(work);
    const machineNames = (await this.machines.list()).map((machine) => machine.name);
    const reading = parseQuickLine(line ?? '', { unit: 'mm', machineNames });
    const bad = reading.fragments.find((fragment) => fragment.code !== undefined);
    if (bad) throw new DomainError(bad.code ?? 'thickness-unreadable', 400, bad.label, 'line');
    if (!reading.fragments.some((fragment) => fragment.status !== 'not-understood')) {
      throw new DomainError(
        'line-not-understood',
        400,
        `Nothing in “${line}” is a job we can read. Try: 3 mm steel tee flat.`,
        'line',
      );
    }
    return effectiveWork(reading);
  }
}
