import { KEPT_BEAD, type KeptTestBead } from '@hot-bead/contract';
import {
  laddersOf,
  machineLearning,
  provenSetting,
  type ProvenSetting,
  type WeldedBead,
} from '@hot-bead/core';
import { Injectable, Module, type OnApplicationBootstrap } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { JobEntity } from '../jobs/job.entity.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { JobsService, type JobToPlan } from '../jobs/jobs.service.ts';
import { PlanModule } from '../plan/plan.module.ts';
import { PlanService } from '../plan/plan.service.ts';
import { BeadRecord } from '../test-beads/bead-record.ts';
import { TestBeadEntity } from '../test-beads/test-bead.entity.ts';
import { TestBeadsModule } from '../test-beads/test-beads.module.ts';
import { UpkeepEntity } from './upkeep.entity.ts';

/** A job from before, its beads, and those of them that were recognised so far. */
interface OldJob {
  readonly job: JobToPlan;
  readonly beads: ReadonlyMap<string, KeptTestBead>;
  readonly welded: WeldedBead[];
}

/** Brings old records up to date where that takes the planner; each piece of work is done once. */
@Injectable()
export class UpkeepService implements OnApplicationBootstrap {
  constructor(
    private readonly source: DataSource,
    private readonly jobs: JobsService,
    private readonly plans: PlanService,
    private readonly beads: BeadRecord,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    await this.once('job-titles', (manager) => this.jobTitles(manager));
    await this.once('old-beads', (manager) => this.oldBeads(manager));
  }

  private async once(name: string, work: (manager: EntityManager) => Promise<void>): Promise<void> {
    if (await this.source.manager.existsBy(UpkeepEntity, { name })) return;
    await this.source.transaction(async (manager) => {
      await work(manager);
      await manager.insert(UpkeepEntity, { name, doneAt: new Date().toISOString() });
    });
  }

  /** Jobs from before titles were kept. */
  private async jobTitles(manager: EntityManager): Promise<void> {
    const rows = await manager.find(JobEntity, { where: { title: '' }, withDeleted: true });
    for (const row of rows) {
      const title = this.jobs.titleOf(row);
      if (title !== undefined) await manager.update(JobEntity, { id: row.id }, { title });
    }
  }

  /**
   * Beads from before it was kept what they were welded with, in the order they were welded. Where a plan as it was
   * made then gives the very numbers that were kept with the bead, it is the plan it was welded by; the rest stay "not
   * recorded", and teach nothing.
   */
  private async oldBeads(manager: EntityManager): Promise<void> {
    const rows = (await manager.query(
      'SELECT id, jobId FROM test_bead WHERE deletedAt IS NULL AND weldedWith IS NULL AND plan IS NOT NULL ORDER BY createdAt, number',
    )) as { id: string; jobId: string }[];
    const jobs = new Map<string, OldJob | undefined>();
    const taught = new Map<string, Map<string, readonly ProvenSetting[]>>();
    for (const { id, jobId } of rows) {
      if (!jobs.has(jobId)) jobs.set(jobId, await this.oldJob(manager, jobId));
      const old = jobs.get(jobId);
      const bead = old?.beads.get(id);
      if (!old || !bead?.plan) continue;
      const machineId = old.job.machine?.id ?? '';
      const byJob = taught.get(machineId) ?? new Map<string, readonly ProvenSetting[]>();
      const learning = machineLearning([...byJob.values()].flat());
      const welded = await this.plans.recognised(old.job, bead.plan, bead, learning);
      if (!welded) continue;
      old.welded.push({ ...bead, weldedWith: welded });
      const weldedWith = JSON.stringify(welded);
      await manager.update(TestBeadEntity, { id }, { weldedWith, shape: KEPT_BEAD.version });
      taught.set(
        machineId,
        byJob.set(
          jobId,
          laddersOf(old.welded).flatMap((ladder) => provenSetting(ladder) ?? []),
        ),
      );
    }
    for (const [jobId, old] of jobs) if (old && old.welded.length > 0) await this.beads.prove(manager, jobId);
  }

  private async oldJob(manager: EntityManager, jobId: string): Promise<OldJob | undefined> {
    const job = await this.jobs.toPlan(manager, jobId);
    if (!job) return undefined;
    const beads = await this.beads.ofJob(manager, jobId);
    return { job, beads: new Map(beads.map((bead) => [bead.id, bead] as const)), welded: [] };
  }
}

@Module({
  imports: [JobsModule, PlanModule, TestBeadsModule],
  providers: [UpkeepService],
  exports: [UpkeepService],
})
export class UpkeepModule {}
