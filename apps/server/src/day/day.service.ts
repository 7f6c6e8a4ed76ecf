import { setImmediate } from 'node:timers/promises';
import {
  DAY_TASKS_MOST,
  dayJobs,
  type DayOrderRequest,
  type DayTasks,
  type ToldDay,
} from '@hot-bead/contract';
import { type DayOrder, dayOrder, placedDay, planDay } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { JobsService } from '../jobs/jobs.service.ts';
import { LearningService } from '../learning/learning.service.ts';
import { MachinesService } from '../machines/machines.service.ts';
import { PiecesService } from '../pieces/pieces.service.ts';
import { byMachineName } from '../plan/planner.service.ts';
import { ShopService } from '../shop/shop.service.ts';

@Injectable()
export class DayService {
  constructor(
    private readonly jobs: JobsService,
    private readonly pieces: PiecesService,
    private readonly machines: MachinesService,
    private readonly shop: ShopService,
    private readonly learning: LearningService,
  ) {}

  /** What is on the Bench and not yet welded, with the pieces that it belongs to. */
  async tasks(): Promise<DayTasks> {
    const pieces = await this.pieces.list();
    const queued = pieces.filter((piece) => piece.queued === true).map(({ id }) => id);
    const jobs = await this.jobs.onBench(queued, DAY_TASKS_MOST + 1);
    const told = jobs.slice(0, DAY_TASKS_MOST);
    const used = new Set(told.map(({ task }) => task.pieceId));
    return { jobs: told, pieces: pieces.filter(({ id }) => used.has(id)), more: jobs.length - told.length };
  }

  /** The day in order: the same code as in the browser, a breath between its steps so that others are answered. */
  async order({ today, nowMin }: DayOrderRequest): Promise<ToldDay> {
    const { schools, day, shelf } = await this.shop.read();
    const machines = await this.machines.list();
    const planned = planDay({
      jobs: dayJobs(await this.tasks()),
      machines: machines.map((machine) => ({ id: machine.id, machine })),
      shop: {
        schools,
        shelf: shelf ?? undefined,
        learning: byMachineName(machines, await this.learning.byMachine()),
      },
      day,
      today,
      nowMin,
      now: new Date().toISOString(),
    });
    const order = await unhurried(dayOrder(planned.problem));
    const { lines, value } = placedDay(planned, order);
    return {
      method: order.method,
      because: order.because ?? null,
      ...value,
      places: lines.flatMap((line, m) =>
        line.map(({ task, setupMin, setupStartMin, startMin, endMin, lateMin, why }) => ({
          jobId: task.job.id,
          title: task.job.title,
          machineId: planned.machines[m]?.id ?? '',
          setupMin,
          setupStartMin,
          startMin,
          endMin,
          lateMin,
          why,
        })),
      ),
      leftOut: planned.leftOut.map(({ job: { id, title }, reason }) => ({ jobId: id, title, reason })),
      pinFaults: planned.pinFaults,
    };
  }
}

/** Runs a search to its end without keeping the program from anything else. */
async function unhurried(search: Generator<unknown, DayOrder>): Promise<DayOrder> {
  for (;;) {
    const step = search.next();
    if (step.done === true) return step.value;
    await setImmediate();
  }
}
