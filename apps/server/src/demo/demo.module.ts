import { Injectable, Module, type OnApplicationBootstrap } from '@nestjs/common';
import { MACHINE_FILE_FORMAT, MACHINE_FILE_VERSION } from '@hot-bead/contract';
import { ownCommand } from '../events/command.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { MachinesModule } from '../machines/machines.module.ts';
import { MachinesService } from '../machines/machines.service.ts';
import { ShopModule } from '../shop/shop.module.ts';
import { ShopService } from '../shop/shop.service.ts';
import { TestBeadsModule } from '../test-beads/test-beads.module.ts';
import { TestBeadsService } from '../test-beads/test-beads.service.ts';
import { UpkeepModule } from '../upkeep/upkeep.module.ts';
import { DEMO_JOBS, DEMO_MACHINES, DEMO_READ_DAYS_AGO, DEMO_READINGS, DEMO_SHOP } from './demo-shop.ts';

const DAY_MS = 86_400_000;
const DEVICE = 'the demo shop';

/** Fills an empty database with the demo shop, by the same commands as a user's; one that has machines is left as it is. */
@Injectable()
export class DemoLoader implements OnApplicationBootstrap {
  constructor(
    private readonly machines: MachinesService,
    private readonly jobs: JobsService,
    private readonly beads: TestBeadsService,
    private readonly shop: ShopService,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    if ((await this.machines.listNamed()).length > 0) return;
    await this.loadMachines();
    await this.shop.replace(DEMO_SHOP, ownCommand(DEVICE));
    for (const { line, beads } of DEMO_JOBS) {
      const { record } = await this.jobs.create({ line }, ownCommand(DEVICE));
      for (const bead of beads) await this.beads.create(record.id, bead, ownCommand(DEVICE));
    }
  }

  private async loadMachines(): Promise<void> {
    const at = new Date(Date.now() - DEMO_READ_DAYS_AGO * DAY_MS).toISOString();
    for (const { id, machine, isRead } of DEMO_MACHINES) {
      const readings = DEMO_READINGS[id] ?? [];
      await this.machines.take(
        {
          format: MACHINE_FILE_FORMAT,
          version: MACHINE_FILE_VERSION,
          id,
          machine,
          voltsReadAt: isRead ? at : null,
          entryReadAt: machine.oneEntry ? at : null,
          dialReadings: readings.map((reading) => ({ ...reading, at, counts: true })),
        },
        ownCommand(DEVICE),
      );
    }
  }
}

@Module({
  imports: [JobsModule, TestBeadsModule, ShopModule, MachinesModule, UpkeepModule],
  providers: [DemoLoader],
})
export class DemoModule {}
