import type { Page, PageRequest } from '@hot-bead/contract/base';
import type { KeptRun, NewRun, RunChange, RunRecordValue } from '@hot-bead/contract/records';
import { Injectable } from '@nestjs/common';
import { pageBy } from '../../base/paging/page-by.ts';
import { DomainError } from '../../base/errors/domain-error.ts';
import type { Command } from '../../history/command.ts';
import { EventsService } from '../../history/events.service.ts';
import { JsonRecords } from '../../history/json-records.ts';
import { type Made, RecordsService } from '../../history/records.service.ts';
import { JobsService } from '../../plan/jobs/jobs.service.ts';
import { PlanService } from '../../plan/plan.service.ts';
import { refuseBeyond, refuseFuture } from '../../plan/refuse-setting.ts';
import { StockService } from '../../stores/stock.service.ts';
import type { RunEntity } from './run.entity.ts';
import { RunRecord } from './run-record.ts';

/** A page of the shop's runs; of one machine where that is asked. */
export interface LastRunsRequest extends PageRequest {
  readonly machine?: string;
}

@Injectable()
export class RunsService extends JsonRecords<RunEntity, RunRecordValue, KeptRun, RunChange> {
  protected readonly order = { by: 'weldedAt', holds: 'time', is: 'rising' } as const;

  constructor(
    record: RunRecord,
    records: RecordsService,
    events: EventsService,
    private readonly jobs: JobsService,
    private readonly plans: PlanService,
    private readonly stock: StockService,
  ) {
    super(record, records, events);
  }

  /** Runs of the shop, last welded first. */
  async last({ machine, ...request }: LastRunsRequest): Promise<Page<KeptRun>> {
    const query = this.record.query('run').where('run.awayAt IS NULL');
    if (machine !== undefined) query.andWhere('run.machineId = :machine', { machine });
    const { rows, next } = await pageBy(query, { ...this.order, is: 'falling' }, request);
    return { items: await this.record.toldRows(rows), next };
  }

  /** Records a run with what the plan says of it now. */
  override async create({ id, ...run }: NewRun, command: Command, jobId: string): Promise<Made<KeptRun>> {
    const job = await this.jobs.one(jobId);
    await this.refuse(run);
    const { wireFeedSpeedMPerMin, volts } = run;
    const at =
      wireFeedSpeedMPerMin === undefined || volts === undefined ? undefined : { wireFeedSpeedMPerMin, volts };
    const context = await this.plans.beadContext(job, at);
    refuseBeyond('run', context.beyond);
    const { plan, weldedWith } = context;
    const value = { ...run, ...(plan ? { plan } : {}), ...(weldedWith ? { weldedWith } : {}) };
    return this.records.create(this.record, command, {
      ...this.record.creation(id ?? command.id, value, {}, jobId),
      // the plan may move until it is sent again: what was told is what makes it the same run
      input: { ofJob: jobId, ...run },
    });
  }

  protected override under(jobId: string): Promise<unknown> {
    return this.jobs.one(jobId);
  }

  /** It was not welded in the future; wire is taken of a spool and gas of a cylinder that Stores know, and of nothing else. */
  protected override async refuse({ weldedAt, spoolId, cylinderId }: RunChange): Promise<void> {
    refuseFuture('run', weldedAt ?? undefined, await this.records.lastMs());
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
