import { Injectable, Module, type OnApplicationBootstrap } from '@nestjs/common';
import { MACHINE_FILE_FORMAT, MACHINE_FILE_VERSION } from '@hot-bead/contract';
import type { RigFacts } from '@hot-bead/core';
import { ownCommand } from '../events/command.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { MachinesModule } from '../machines/machines.module.ts';
import { MachinesService } from '../machines/machines.service.ts';
import { StockModule } from '../stock/stock.module.ts';
import { StockService } from '../stock/stock.service.ts';
import { TestBeadsModule } from '../test-beads/test-beads.module.ts';
import { TestBeadsService } from '../test-beads/test-beads.service.ts';
import { UpkeepModule } from '../upkeep/upkeep.module.ts';
import { DEMO_JOBS, DEMO_MACHINES, DEMO_READ_DAYS_AGO, DEMO_READINGS } from './demo-shop.ts';
import { DEMO_STOCK } from './demo-stock.ts';

const DAY_MS = 86_400_000;
const DEVICE = 'the demo shop';

/** What a machine stands like, known since a time. */
function standsSince(stands: Readonly<Record<string, string>>, at: string): RigFacts {
  return Object.fromEntries(Object.entries(stands).map(([name, value]) => [name, { value, at }] as const));
}

/** Fills an empty database with the demo shop, by the same commands as a user's; one that has machines is left as it is. */
@Injectable()
export class DemoLoader implements OnApplicationBootstrap {
  constructor(
    private readonly machines: MachinesService,
    private readonly jobs: JobsService,
    private readonly beads: TestBeadsService,
    private readonly stock: StockService,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    if ((await this.machines.listNamed()).length > 0) return;
    await this.loadMachines();
    for (const item of DEMO_STOCK.toReversed()) await this.stock.create(item, ownCommand(DEVICE));
    for (const { line, beads } of DEMO_JOBS) {
      const { record } = await this.jobs.create({ line }, ownCommand(DEVICE));
      for (const bead of beads) await this.beads.create(record.id, bead, ownCommand(DEVICE));
    }
  }

  private async loadMachines(): Promise<void> {
    const at = new Date(Date.now() - DEMO_READ_DAYS_AGO * DAY_MS).toISOString();
    for (const { id, machine, isRead, stands = {} } of DEMO_MACHINES) {
      const readings = DEMO_READINGS[id] ?? [];
      await this.machines.take(
        {
          format: MACHINE_FILE_FORMAT,
          version: MACHINE_FILE_VERSION,
          id,
          machine: { ...machine, rig: standsSince(stands, at) },
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
  imports: [JobsModule, TestBeadsModule, StockModule, MachinesModule, UpkeepModule],
  providers: [DemoLoader],
})
export class DemoModule {}
