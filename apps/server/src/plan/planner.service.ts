import type { KeptMachine } from '@hot-bead/contract';
import {
  completeWork,
  type MachineProven,
  type OwnNumbers,
  planSetup,
  type QuickWork,
  resourcesOf,
  type Setup,
} from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { MachinesService } from '../machines/machines.service.ts';
import { ShopService } from '../shop/shop.service.ts';

/** Plans in a shop that has been read. */
export interface Planner {
  readonly machines: readonly KeptMachine[];
  /** The setup of a job as it stands; null while it has no thickness. */
  readonly setupOf: (said: QuickWork, own: OwnNumbers) => Setup | null;
}

@Injectable()
export class PlannerService {
  constructor(
    private readonly machines: MachinesService,
    private readonly shop: ShopService,
  ) {}

  /**
   * The shop as it stands, read once, and the setup of any job in it.
   *
   * @param proven what test beads proved; without it every setup is by the book
   */
  async planner(proven?: readonly MachineProven[]): Promise<Planner> {
    const { schools, shelf } = await this.shop.read();
    const machines = await this.machines.list();
    const shop = { machines, schools, shelf: shelf ?? undefined, proven };
    return {
      machines,
      setupOf(said, own) {
        const complete = completeWork(said);
        return complete ? planSetup(complete.work, resourcesOf(said, shop), own) : null;
      },
    };
  }
}
