import type { Job, KeptProvenSetting } from '@hot-bead/contract';
import { provenSetting, type TestBead } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { JobsService } from '../jobs/jobs.service.ts';
import { type Planner, PlannerService } from '../plan/planner.service.ts';
import { BeadLogService } from '../test-beads/bead-log.service.ts';

function provenOf(
  { id, title, work }: Job,
  beads: readonly TestBead[],
  { setupOf }: Planner,
): KeptProvenSetting[] {
  if (!work.machineName || beads.length === 0) return [];
  const plan = setupOf(work, {});
  if (plan?.status !== 'planned') return [];
  const setting = provenSetting(plan, beads, (wireFeedSpeedMPerMin) => {
    const there = setupOf(work, { wireFeedSpeedMPerMin });
    return there?.status === 'planned' ? there.volts.start : undefined;
  });
  return setting ? [{ ...setting, machineName: work.machineName, jobId: id, title }] : [];
}

@Injectable()
export class ProvenService {
  constructor(
    private readonly jobs: JobsService,
    private readonly beads: BeadLogService,
    private readonly planners: PlannerService,
  ) {}

  /** Settings that test beads proved, of every job that names its machine, oldest first; their offsets are off the book. */
  async list(): Promise<KeptProvenSetting[]> {
    return this.listIn(await this.planners.planner());
  }

  /** The same in a shop that has been read. */
  async listIn(planner: Planner): Promise<KeptProvenSetting[]> {
    const jobs = await this.jobs.list();
    const beads = await this.beads.listByJob();
    return jobs.toReversed().flatMap((job) => provenOf(job, beads.get(job.id) ?? [], planner));
  }
}
