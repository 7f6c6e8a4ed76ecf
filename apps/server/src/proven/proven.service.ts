import type { Job, KeptProvenSetting } from '@hot-bead/contract';
import { provenSetting } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { JobsService } from '../jobs/jobs.service.ts';
import { PlanService } from '../plan/plan.service.ts';
import { TestBeadsService } from '../test-beads/test-beads.service.ts';

@Injectable()
export class ProvenService {
  constructor(
    private readonly jobs: JobsService,
    private readonly beads: TestBeadsService,
    private readonly plans: PlanService,
  ) {}

  /** Settings that test beads proved, of every job that names its machine, oldest first. */
  async list(): Promise<KeptProvenSetting[]> {
    const jobs = (await this.jobs.list()).filter(({ beadCount, work }) => beadCount > 0 && work.machineName);
    const found: KeptProvenSetting[] = [];
    for (const job of jobs.toReversed()) {
      const setting = await this.settingOf(job);
      if (setting) found.push(setting);
    }
    return found;
  }

  private async settingOf({ id, title, work }: Job): Promise<KeptProvenSetting | undefined> {
    const plan = await this.plans.setupOf(work, {});
    if (plan?.status !== 'planned') return undefined;
    const beads = await this.beads.list(id);
    const speed = beads.at(-1)?.wireFeedSpeedMPerMin;
    const there = await this.plans.setupOf(work, { wireFeedSpeedMPerMin: speed });
    const planned = there?.status === 'planned' ? there.volts.start : undefined;
    const setting = provenSetting(plan, beads, () => planned);
    return setting && { ...setting, machineName: work.machineName ?? '', jobId: id, title };
  }
}
