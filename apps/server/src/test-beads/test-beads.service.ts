import { randomUUID } from 'node:crypto';
import type { KeptTestBead, NewTestBead, TestBeadChange } from '@hot-bead/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { JobEntity } from '../database/job.entity.ts';
import { TestBeadEntity } from '../database/test-bead.entity.ts';
import { notFound } from '../errors/domain-error.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { PlanService } from '../plan/plan.service.ts';
import { keptBead } from './bead-log.service.ts';

@Injectable()
export class TestBeadsService {
  constructor(
    @InjectRepository(TestBeadEntity) private readonly beads: Repository<TestBeadEntity>,
    private readonly jobs: JobsService,
    private readonly plans: PlanService,
  ) {}

  async create(jobId: string, input: NewTestBead): Promise<KeptTestBead> {
    const job = await this.jobs.read(jobId);
    const plan = await this.plans.snapshot(job.work, job.own);
    const id = randomUUID();
    const createdAt = new Date().toISOString();
    await this.beads.manager.transaction(async (manager) => {
      const last = await manager.findOne(TestBeadEntity, {
        where: { jobId },
        withDeleted: true,
        order: { number: 'DESC' },
      });
      const number = (last?.number ?? 0) + 1; // a removed bead keeps its number
      await manager.insert(TestBeadEntity, {
        ...input,
        note: input.note ?? '',
        id,
        jobId,
        number,
        plan,
        createdAt,
      });
      await manager.update(JobEntity, { id: jobId }, { updatedAt: createdAt });
    });
    return this.read(jobId, id);
  }

  async list(jobId: string): Promise<KeptTestBead[]> {
    await this.jobs.read(jobId);
    const rows = await this.beads.find({ where: { jobId }, order: { number: 'ASC' } });
    return rows.map(keptBead);
  }

  async read(jobId: string, id: string): Promise<KeptTestBead> {
    const row = await this.beads.findOneBy({ id, jobId });
    if (!row) throw notFound('test bead', id);
    return keptBead(row);
  }

  async change(jobId: string, id: string, change: TestBeadChange): Promise<KeptTestBead> {
    const result = await this.beads.update({ id, jobId }, change);
    if (result.affected === 0) throw notFound('test bead', id);
    return this.read(jobId, id);
  }

  async remove(jobId: string, id: string): Promise<void> {
    const result = await this.beads.softDelete({ id, jobId });
    if (result.affected === 0) throw notFound('test bead', id);
  }

  async restore(jobId: string, id: string): Promise<KeptTestBead> {
    await this.beads.restore({ id, jobId });
    return this.read(jobId, id);
  }
}
