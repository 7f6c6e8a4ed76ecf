import type { KeptMachine } from '@hot-bead/contract';
import {
  completeWork,
  type MachineProven,
  type OwnNumbers,
  planSetup,
  type QuickWork,
  resourcesOf,
  type Setup,
  type Shop,
} from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { MachinesService } from '../machines/machines.service.ts';
import { ShopService } from '../shop/shop.service.ts';

/** Plans in a shop that has been read. */
export interface Planner {
  readonly machines: readonly KeptMachine[];
  /** The setup of a job as it stands; null while it has no thickness. */
  readonly setupOf: (said: QuickWork, own: OwnNumbers) => Setup | null;
  /** The same shop, with what test beads proved. */
  readonly taught: (proven: readonly MachineProven[]) => Planner;
}

function plannerOf(machines: readonly KeptMachine[], shop: Shop): Planner {
  return {
    machines,
    setupOf(said, own) {
      const complete = completeWork(said);
      return complete ? planSetup(complete.work, resourcesOf(said, shop), own) : null;
    },
    taught: (proven) => plannerOf(machines, { ...shop, proven }),
  };
}

@Injectable()
export class PlannerService {
  constructor(
    private readonly machines: MachinesService,
    private readonly shop: ShopService,
  ) {}

  /** The shop as it stands, read once, and the setup of any job in it by the book. */
  async planner(): Promise<Planner> {
    const { schools, shelf } = await this.shop.read();
    const machines = await this.machines.list();
    return plannerOf(machines, { machines, schools, shelf: shelf ?? undefined });
  }
}
