import type { Page, PageRequest } from '@hot-bead/contract/base';
import type { KeptRun, NewRun, RunChange } from '@hot-bead/contract/records';
import { changeOf } from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { IsNull, Repository } from 'typeorm';
import { DomainError } from '../../base/errors/domain-error.ts';
import type { Command } from '../../history/command.ts';
import { EventsService } from '../../history/events.service.ts';
import { type Made, RecordsService } from '../../history/records.service.ts';
import { JobsService } from '../../plan/jobs/jobs.service.ts';
import { pageByTime } from '../../base/paging/page-by-time.ts';
import { PlanService } from '../../plan/plan.service.ts';
import { refuseBeyond, refuseFuture } from '../../plan/refuse-setting.ts';
import { StockService } from '../../stores/stock.service.ts';
import { RunEntity } from './run.entity.ts';
import { RunRecord } from './run-record.ts';

/** A page of runs; of one machine where that is asked. */
export interface RunsRequest extends PageRequest {
  readonly machine?: string;
}

@Injectable()
export class RunsService {
  constructor(
    @InjectRepository(RunEntity) private readonly rows: Repository<RunEntity>,
    private readonly record: RunRecord,
    private readonly records: RecordsService,
    private readonly jobs: JobsService,
    private readonly plans: PlanService,
    private readonly stock: StockService,
    events: EventsService,
  ) {
    events.register(record);
  }

  /** Runs of the shop, last welded first. */
  async page({ machine, ...request }: RunsRequest): Promise<Page<KeptRun>> {
    const query = this.rows.createQueryBuilder('run').where('run.awayAt IS NULL');
    if (machine !== undefined) query.andWhere('run.machineId = :machine', { machine });
    const { rows, next } = await pageByTime(query, 'weldedAt', request);
    return { items: rows.flatMap((row) => this.record.kept(row) ?? []), next };
  }

  /** Runs of a job, in the order welded. */
  async list(jobId: string): Promise<readonly KeptRun[]> {
    await this.jobs.read(jobId);
    const rows = await this.rows.find({
      where: { jobId, awayAt: IsNull() },
      order: { weldedAt: 'ASC', id: 'ASC' },
    });
    return rows.flatMap((row) => this.record.kept(row) ?? []);
  }

  async create(jobId: string, { id, ...run }: NewRun, command: Command): Promise<Made<KeptRun>> {
    const newId = id ?? command.id;
    const job = await this.jobs.read(jobId);
    refuseFuture('run', run.weldedAt, await this.records.lastMs());
    await this.refuseUnknownStock(run);
    const { wireFeedSpeedMPerMin, volts } = run;
    const at =
      wireFeedSpeedMPerMin === undefined || volts === undefined ? undefined : { wireFeedSpeedMPerMin, volts };
    const context = await this.plans.beadContext(job, at);
    refuseBeyond('run', context.beyond);
    const { plan, weldedWith } = context;
    const value = { ...run, ...(plan ? { plan } : {}), ...(weldedWith ? { weldedWith } : {}) };
    return this.records.create(this.record, command, {
      ...this.record.creation(newId, value, { jobId }, jobId),
      // the plan may move until it is sent again: what was told is what makes it the same run
      input: { ofJob: jobId, ...run },
    });
  }

  async change(
    jobId: string,
    id: string,
    { version: _seen, ...change }: RunChange,
    command: Command,
  ): Promise<KeptRun> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    refuseFuture('run', change.weldedAt ?? undefined, await this.records.lastMs());
    await this.refuseUnknownStock(change);
    return this.records.change(this.record, command, { id, kind: 'changed', change: changeOf(change, []) });
  }

  async putAway(jobId: string, id: string, command: Command): Promise<void> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    return this.records.putAway(this.record, command, id);
  }

  async restore(jobId: string, id: string, command: Command): Promise<KeptRun> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    return this.records.restore(this.record, command, id);
  }

  /** Wire is taken of a spool and gas of a cylinder that Stores know, and of nothing else. */
  private async refuseUnknownStock({ spoolId, cylinderId }: RunChange): Promise<void> {
    const asked = [
      ['spoolId', spoolId, 'spool'],
      ['cylinderId', cylinderId, 'cylinder'],
    ] as const;
    for (const [field, id, kind] of asked) {
      if (id === undefined || id === null || (await this.stock.isOf(id, kind))) continue;
      throw new DomainError('stock-unknown', 400, `Stores have no such ${kind}.`, field);
    }
  }
}
