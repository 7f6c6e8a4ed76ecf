import type { KeptTestBead, NewTestBead, TestBeadChange } from '@hot-bead/contract/dial-in';
import { changeOf, isSameValue } from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import type { EntityManager } from 'typeorm';
import { DomainError } from '../base/errors/domain-error.ts';
import type { Command } from '../history/command.ts';
import { EventsService } from '../history/events.service.ts';
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
export class TestBeadsService {
  constructor(
    private readonly record: BeadRecord,
    private readonly records: RecordsService,
    private readonly jobs: JobsService,
    private readonly plans: PlanService,
    events: EventsService,
  ) {
    events.register(record);
  }

  async create(jobId: string, input: NewTestBead, command: Command): Promise<Made<KeptTestBead>> {
    const { id = command.id, note = '', ...bead } = input;
    const job = await this.jobs.read(jobId);
    refuseFuture('bead', input.weldedAt, await this.records.lastMs());
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

  async list(jobId: string): Promise<readonly KeptTestBead[]> {
    await this.jobs.read(jobId);
    return this.record.ofJob(this.record.manager, jobId);
  }

  async read(jobId: string, id: string): Promise<KeptTestBead> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    return this.record.tell(id);
  }

  async change(
    jobId: string,
    id: string,
    { version: _seen, ...change }: TestBeadChange,
    command: Command,
  ): Promise<KeptTestBead> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    refuseFuture('bead', change.weldedAt ?? undefined, await this.records.lastMs());
    return this.records.change(this.record, command, { id, kind: 'changed', change: changeOf(change, []) });
  }

  async remove(jobId: string, id: string, command: Command): Promise<void> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    return this.records.putAway(this.record, command, id);
  }

  async restore(jobId: string, id: string, command: Command): Promise<KeptTestBead> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    return this.records.restore(this.record, command, id);
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
