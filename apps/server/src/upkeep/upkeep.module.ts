import { KEPT_BEAD, type KeptTestBead } from '@hot-bead/contract/dial-in';
import { laddersOf, type WeldedBead } from '@hot-bead/core/dial-in';
import type { ShelfWire } from '@hot-bead/core/trade';
import type { BeadSetting } from '@hot-bead/core/window';
import { Injectable, Module, type OnApplicationBootstrap } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager } from 'typeorm';
import { Writes } from '../base/disk/writes.ts';
import { EventsService } from '../history/events.service.ts';
import { LogEntity } from '../history/log/log.entity.ts';
import { JobEntity } from '../plan/jobs/job.entity.ts';
import { JobsModule } from '../plan/jobs/jobs.module.ts';
import { JobsService, type JobToPlan } from '../plan/jobs/jobs.service.ts';
import { PlanModule } from '../plan/plan.module.ts';
import { PlanService } from '../plan/plan.service.ts';
import { BeadRecord } from '../dial-in/bead-record.ts';
import { TestBeadEntity } from '../dial-in/test-bead.entity.ts';
import { TestBeadsModule } from '../dial-in/test-beads.module.ts';
import { plainlyLearnedV, plainlySettled } from './plain-ladder.ts';
import { UpkeepEntity } from './upkeep.entity.ts';

/** A job from before, its beads, and those of them that were recognised so far. */
interface OldJob {
  readonly job: JobToPlan;
  readonly beads: ReadonlyMap<string, KeptTestBead>;
  readonly welded: OldBead[];
}

interface OldBead extends WeldedBead {
  readonly id: string;
}

/** Beads of a job with what each ladder had settled on taken with its last: nobody could say so when they were welded. */
function takenIn(beads: readonly OldBead[]): readonly OldBead[] {
  return laddersOf(beads).flatMap((ladder) => {
    const taken = plainlySettled(ladder);
    return ladder.map((bead, i) => (taken && i === ladder.length - 1 ? { ...bead, taken } : bead));
  });
}

/** How far from the book what was taken of old beads had lain, with what it was taken. */
function offsetsIn(beads: readonly OldBead[]): readonly OldOffset[] {
  return takenIn(beads).flatMap(({ taken, weldedWith }): OldOffset[] => {
    const { bookVolts, wire, gas, mode } = weldedWith;
    if (!taken || bookVolts === undefined) return [];
    return [{ key: groupKey(wire, gas, mode), offsetV: taken.volts - bookVolts }];
  });
}

interface OldOffset {
  readonly key: string;
  readonly offsetV: number;
}

function groupKey(wire: ShelfWire, gas: string, mode: string): string {
  return [wire.wireClass, wire.diameterMm, gas, mode].join(' ');
}

/** Brings old records up to date where that takes the planner; each piece of work is done once. */
@Injectable()
export class UpkeepService implements OnApplicationBootstrap {
  constructor(
    @InjectEntityManager() private readonly manager: EntityManager,
    private readonly writes: Writes,
    private readonly jobs: JobsService,
    private readonly plans: PlanService,
    private readonly beads: BeadRecord,
    private readonly events: EventsService,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    await this.once('job-titles', (manager) => this.jobTitles(manager));
    await this.once('old-beads', (manager) => this.oldBeads(manager));
    await this.once('log', (manager) => this.log(manager));
  }

  private async once(name: string, work: (manager: EntityManager) => Promise<void>): Promise<void> {
    if (await this.manager.existsBy(UpkeepEntity, { name })) return;
    await this.writes.transaction(async (manager) => {
      await work(manager);
      await manager.insert(UpkeepEntity, { name, doneAt: new Date().toISOString() });
    });
  }

  /** The log of a shop from before there was one. */
  private async log(manager: EntityManager): Promise<void> {
    if (await manager.exists(LogEntity)) return;
    await this.events.writeLogAnew(manager);
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
      'SELECT id, jobId FROM test_bead WHERE awayAt IS NULL AND weldedWith IS NULL AND plan IS NOT NULL ORDER BY createdAt, number',
    )) as { id: string; jobId: string }[];
    const jobs = new Map<string, OldJob | undefined>();
    const taught = new Map<string, Map<string, readonly OldOffset[]>>();
    for (const { id, jobId } of rows) {
      if (!jobs.has(jobId)) jobs.set(jobId, await this.oldJob(manager, jobId));
      const old = jobs.get(jobId);
      const bead = old?.beads.get(id);
      if (!old || !bead?.plan) continue;
      const machineId = old.job.machine?.id ?? '';
      const byJob = taught.get(machineId) ?? new Map<string, readonly OldOffset[]>();
      const offsets = [...byJob.values()].flat();
      const welded = await this.plans.recognised(old.job, bead.plan, bead, ({ wire, gas, transferMode }) => {
        const key = groupKey(wire, gas.gas.id, transferMode);
        return plainlyLearnedV(offsets.filter((one) => one.key === key).map(({ offsetV }) => offsetV));
      });
      if (!welded) continue;
      old.welded.push({ ...bead, weldedWith: welded });
      const weldedWith = JSON.stringify(welded);
      await manager.update(TestBeadEntity, { id }, { weldedWith, shape: KEPT_BEAD.version });
      taught.set(machineId, byJob.set(jobId, offsetsIn(old.welded)));
    }
    for (const [jobId, old] of jobs) {
      if (!old || old.welded.length === 0) continue;
      for (const { id, taken } of takenIn(old.welded)) {
        if (taken) await this.take(manager, id, taken);
      }
      await this.beads.prove(manager, jobId);
    }
  }

  private async take(manager: EntityManager, id: string, taken: BeadSetting): Promise<void> {
    await manager.query(`UPDATE test_bead SET details = json_set(details, '$.taken', json(?)) WHERE id = ?`, [
      JSON.stringify(taken),
      id,
    ]);
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
