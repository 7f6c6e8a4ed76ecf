import { Injectable, Module, type OnApplicationBootstrap } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { MachineEntity } from '../database/machine.entity.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { MachinesModule } from '../machines/machines.module.ts';
import { MachinesService } from '../machines/machines.service.ts';
import { ShopModule } from '../shop/shop.module.ts';
import { ShopService } from '../shop/shop.service.ts';
import { TestBeadsModule } from '../test-beads/test-beads.module.ts';
import { TestBeadsService } from '../test-beads/test-beads.service.ts';
import { DEMO_JOBS, DEMO_MACHINES, DEMO_READINGS, DEMO_SHOP } from './demo-shop.ts';

/** Fills an empty database with the demo shop; one that has machines is left as it is. */
@Injectable()
export class DemoLoader implements OnApplicationBootstrap {
  constructor(
    private readonly source: DataSource,
    private readonly jobs: JobsService,
    private readonly beads: TestBeadsService,
    private readonly shop: ShopService,
    private readonly machines: MachinesService,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    const rows = this.source.getRepository(MachineEntity);
    if ((await rows.count()) > 0) return;
    await rows.insert(DEMO_MACHINES.map((machine) => ({ ...machine, retiredAt: null })));
    await this.shop.replace(DEMO_SHOP);
    for (const reading of DEMO_READINGS) await this.machines.addReading('demo-old-tom', reading);
    for (const { line, beads } of DEMO_JOBS) {
      const job = await this.jobs.create({ line });
      for (const bead of beads) await this.beads.create(job.id, bead);
    }
  }
}

@Module({ imports: [JobsModule, TestBeadsModule, ShopModule, MachinesModule], providers: [DemoLoader] })
export class DemoModule {}
