import type { Page, PageRequest } from '@hot-bead/contract/base';
import type { KeptTestBead, NewTestBead, TestBeadChange } from '@hot-bead/contract/dial-in';
import { isSameValue } from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import type { EntityManager } from 'typeorm';
import { DomainError } from '../base/errors/domain-error.ts';
import type { Command } from '../history/command.ts';
import { EventsService } from '../history/events.service.ts';
import { ChangedRecords, type KeptRecords } from '../history/kept-records.ts';
import { type Made, RecordsService } from '../history/records.service.ts';
import { JobsService } from '../plan/jobs/jobs.service.ts';
import { type BeadContext, PlanService } from '../plan/plan.service.ts';
import { refuseBeyond, refuseFuture } from '../plan/refuse-setting.ts';
import { beadColumns, BeadRecord, reportedFields, type ReportedBead } from './bead-record.ts';
import { TestBeadEntity } from './test-bead.entity.ts';

/** A bead's number in its job: one that was taken away keeps its own. */
async function nextNumber(manager: EntityManager, jobId: string): Promise<number> {
  const last = await manager.findOne(TestBeadEntity, {
    where: { jobId },
    withDeleted: true,
    order: { number: 'DESC' },
  });
  return (last?.number ?? 0) + 1;
}

/** Nobody welds the same bead again in less, ms: it was sent twice. */
const TWICE_WITHIN_MS = 5_000;

/** Refuses a bead that was sent twice in a breath, as two: not the same command again, which is answered as before. */
async function refuseTwice(
  manager: EntityManager,
  jobId: string,
  at: string,
  bead: ReportedBead,
): Promise<void> {
  const last = await manager.findOne(TestBeadEntity, { where: { jobId }, order: { number: 'DESC' } });
  if (!last || Date.parse(at) - Date.parse(last.createdAt) > TWICE_WITHIN_MS) return;
  const { wireFeedSpeedMPerMin, volts, note, details } = last;
  const kept = { wireFeedSpeedMPerMin, volts, note, ...(JSON.parse(details) as object) };
  if (!isSameValue(kept, bead)) return;
  const message = `This is bead ${last.number} again, sent twice: it was logged once.`;
  throw new DomainError('bead-twice', 409, message, 'volts');
}

@Injectable()
export class TestBeadsService
  extends ChangedRecords<KeptTestBead, TestBeadChange>
  implements KeptRecords<KeptTestBead, NewTestBead, TestBeadChange>
{
  constructor(
    private readonly record: BeadRecord,
    records: RecordsService,
    events: EventsService,
    private readonly jobs: JobsService,
    private readonly plans: PlanService,
  ) {
    super(record, records, events);
  }

  async create(input: NewTestBead, command: Command, jobId: string): Promise<Made<KeptTestBead>> {
    const { id = command.id, note = '', ...bead } = input;
    const job = await this.jobs.one(jobId);
    await this.refuse(input);
    const context = await this.plans.beadContext(job, bead);
    refuseBeyond('bead', context.beyond);
    return this.records.create(this.record, command, {
      id,
      of: jobId,
      fields: reportedFields({ ...bead, note }),
      input: { ofJob: jobId, ...bead, note },
      insert: (manager, at) => this.insert(manager, { id, jobId, at, bead: { ...bead, note }, context }),
    });
  }

  async page(asked: PageRequest, jobId: string): Promise<Page<KeptTestBead>> {
    await this.jobs.one(jobId);
    return this.record.pageOfJob(jobId, asked);
  }

  protected override async refuse({ weldedAt }: Pick<TestBeadChange, 'weldedAt'>): Promise<void> {
    refuseFuture('bead', weldedAt ?? undefined, await this.records.lastMs());
  }

  private async insert(
    manager: EntityManager,
    {
      id,
      jobId,
      at,
      bead,
      context,
    }: {
      readonly id: string;
      readonly jobId: string;
      readonly at: string;
      readonly bead: ReportedBead;
      readonly context: BeadContext;
    },
  ): Promise<void> {
    await refuseTwice(manager, jobId, at, bead);
    await manager.insert(TestBeadEntity, {
      ...beadColumns(bead),
      id,
      jobId,
      number: await nextNumber(manager, jobId),
      plan: context.plan && JSON.stringify(context.plan),
      weldedWith: context.weldedWith && JSON.stringify(context.weldedWith),
      createdAt: at,
    });
    await this.jobs.touch(manager, jobId, at);
    await this.record.prove(manager, jobId);
    await this.record.weld(manager, id, {}, reportedFields(bead));
  }
}
