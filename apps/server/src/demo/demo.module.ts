import { randomUUID } from 'node:crypto';
import { Injectable, Module, type OnApplicationBootstrap } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { MachineEntity } from '../database/machine.entity.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { DialReadingEntity } from '../database/dial-reading.entity.ts';
import { MachinesModule } from '../machines/machines.module.ts';
import { ShopModule } from '../shop/shop.module.ts';
import { ShopService } from '../shop/shop.service.ts';
import { TestBeadsModule } from '../test-beads/test-beads.module.ts';
import { TestBeadsService } from '../test-beads/test-beads.service.ts';
import { DEMO_JOBS, DEMO_MACHINES, DEMO_READ_DAYS_AGO, DEMO_READINGS, DEMO_SHOP } from './demo-shop.ts';

const DAY_MS = 86_400_000;

/** Fills an empty database with the demo shop; one that has machines is left as it is. */
@Injectable()
export class DemoLoader implements OnApplicationBootstrap {
  constructor(
    private readonly source: DataSource,
    private readonly jobs: JobsService,
    private readonly beads: TestBeadsService,
    private readonly shop: ShopService,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    const rows = this.source.getRepository(MachineEntity);
    if ((await rows.count()) > 0) return;
    const at = new Date(Date.now() - DEMO_READ_DAYS_AGO * DAY_MS).toISOString();
    await rows.insert(
      DEMO_MACHINES.map((machine) => ({
        ...machine,
        voltsReadAt: machine.id === 'demo-suitcase' ? null : at,
        entryReadAt: machine.profile.oneEntry ? at : null,
        retiredAt: null,
      })),
    );
    await this.source.getRepository(DialReadingEntity).insert(
      DEMO_READINGS.map(({ knob, run, position, underArc }) => ({
        id: randomUUID(),
        machineId: 'demo-old-tom',
        knob,
        run,
        shortRun: null,
        position: position ?? null,
        underArc: underArc ?? false,
        at,
        supersededAt: null,
      })),
    );
    await this.shop.replace(DEMO_SHOP);
    for (const { line, beads } of DEMO_JOBS) {
      const job = await this.jobs.create({ line });
      for (const bead of beads) await this.beads.create(job.id, bead);
    }
  }
}

@Module({ imports: [JobsModule, TestBeadsModule, ShopModule, MachinesModule], providers: [DemoLoader] })
export class DemoModule {}
