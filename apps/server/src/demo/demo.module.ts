import { Injectable, Module, type OnApplicationBootstrap } from '@nestjs/common';
import { MACHINE_FILE_FORMAT, MACHINE_FILE_VERSION } from '@hot-bead/contract/machine';
import type { RigFacts } from '@hot-bead/core/machine';
import { ownCommand } from '../history/command.ts';
import { JobsModule } from '../plan/jobs/jobs.module.ts';
import { JobsService } from '../plan/jobs/jobs.service.ts';
import { MachinesModule } from '../machine/machines.module.ts';
import { MachinesService } from '../machine/machines.service.ts';
import { InspectionsModule } from '../records/inspection/inspections.module.ts';
import { InspectionsService } from '../records/inspection/inspections.service.ts';
import { RunsModule } from '../records/run/runs.module.ts';
import { RunsService } from '../records/run/runs.service.ts';
import { DEMO_WELDED, type DemoWelded } from './demo-runs.ts';
import { FaultsModule } from '../faults/faults.module.ts';
import { FaultsService } from '../faults/faults.service.ts';
import { PiecesModule } from '../day/pieces/pieces.module.ts';
import { PiecesService } from '../day/pieces/pieces.service.ts';
import { EarTestsModule, EarTestsService } from '../arc-lab/ear-tests.module.ts';
import { StockModule } from '../stores/stock.module.ts';
import { StockService } from '../stores/stock.service.ts';
import { TestBeadsModule } from '../dial-in/test-beads.module.ts';
import { TestBeadsService } from '../dial-in/test-beads.service.ts';
import { UpkeepModule } from '../upkeep/upkeep.module.ts';
import { DEMO_JOBS, DEMO_MACHINES, DEMO_READ_DAYS_AGO, DEMO_READINGS } from './demo-shop.ts';
import { DEMO_FAULTS, demoCase } from './demo-faults.ts';
import { DEMO_PIECES } from './demo-pieces.ts';
import { demoEarTests } from './demo-ears.ts';
import { DEMO_STOCK } from './demo-stock.ts';

const DAY_MS = 86_400_000;
const DEVICE = 'the demo shop';

/** What a machine stands like, known since a time. */
function standsSince(stands: Readonly<Record<string, string>>, at: string): RigFacts {
  return Object.fromEntries(Object.entries(stands).map(([name, value]) => [name, { value, at }] as const));
}

/** Until this hour the demo's day is today; later it is tomorrow. */
const DAY_BEGINS_TILL_H = 10;
const OPENS_H = 7;
/** How far apart runs were welded, ms. */
const RUN_APART_MS = 12 * 60_000;

/** A local time some hours after the demo's day has opened: 2026-03-01T14:00. */
function localTimeIn(hours: number): string {
  const at = new Date();
  at.setHours(at.getHours() < DAY_BEGINS_TILL_H ? OPENS_H + hours : 24 + OPENS_H + hours, 0, 0, 0);
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T${two(at.getHours())}:00`;
}

/** Fills an empty database with the demo shop, by the same commands as a user's; one that has machines is left as it is. */
@Injectable()
export class DemoLoader implements OnApplicationBootstrap {
  constructor(
    private readonly machines: MachinesService,
    private readonly jobs: JobsService,
    private readonly pieces: PiecesService,
    private readonly beads: TestBeadsService,
    private readonly stock: StockService,
    private readonly faults: FaultsService,
    private readonly runs: RunsService,
    private readonly ears: EarTestsService,
    private readonly inspections: InspectionsService,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    if ((await this.machines.listNamed()).length > 0) return;
    await this.loadMachines();
    for (const item of DEMO_STOCK.toReversed()) await this.stock.create(item, ownCommand(DEVICE));
    await this.loadPieces();
    await this.loadEars();
    for (const { line, beads, task } of DEMO_JOBS) {
      const { dueInH, ...rest } = task ?? {};
      const due = dueInH === undefined ? {} : { due: localTimeIn(dueInH) };
      const queued = task ? { task: { queued: true as const, ...rest, ...due } } : {};
      const { record } = await this.jobs.create({ line, ...queued }, ownCommand(DEVICE));
      for (const bead of beads) await this.beads.create(bead, ownCommand(DEVICE), record.id);
      for (const welded of DEMO_WELDED)
        if (line.startsWith(welded.line)) await this.loadWelded(record.id, welded);
    }
    for (const fault of DEMO_FAULTS) {
      const on = DEMO_MACHINES.find(({ machine }) => machine.name === fault.machine);
      await this.faults.create(demoCase(fault, on?.id), ownCommand(DEVICE));
    }
  }

  private async loadWelded(jobId: string, { daysAgo, runs, inspection }: DemoWelded): Promise<void> {
    const ago = Date.now() - daysAgo * DAY_MS;
    for (const [i, run] of runs.entries()) {
      const weldedAt = new Date(ago + i * RUN_APART_MS).toISOString();
      await this.runs.create({ ...run, weldedAt }, ownCommand(DEVICE), jobId);
    }
    if (!inspection) return;
    const at = new Date(ago + runs.length * RUN_APART_MS).toISOString();
    await this.inspections.create({ items: {}, photos: [], ...inspection, at }, ownCommand(DEVICE), jobId);
  }

  private async loadEars(): Promise<void> {
    for (const test of demoEarTests(Date.now())) await this.ears.create(test, ownCommand(DEVICE));
  }

  private async loadPieces(): Promise<void> {
    for (const { piece, dueInH, welds } of DEMO_PIECES) {
      const command = ownCommand(DEVICE);
      const { record } = await this.pieces.create({ ...piece, due: localTimeIn(dueInH) }, command);
      const lines = welds.map((line) => ({ id: ownCommand(DEVICE).id, line }));
      await this.pieces.addWelds(record.id, { welds: lines }, ownCommand(DEVICE));
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
  imports: [
    JobsModule,
    PiecesModule,
    FaultsModule,
    RunsModule,
    InspectionsModule,
    TestBeadsModule,
    StockModule,
    MachinesModule,
    EarTestsModule,
    UpkeepModule,
  ],
  providers: [DemoLoader],
})
export class DemoModule {}
