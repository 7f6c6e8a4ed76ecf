import {
  DAY_TASKS_MOST,
  dayJobs,
  type DayOrderRequest,
  type DayTasks,
  type ToldDay,
} from '@hot-bead/contract/day';
import { Injectable } from '@nestjs/common';
import { JobsService } from '../plan/jobs/jobs.service.ts';
import { PiecesService } from './pieces/pieces.service.ts';
import { PlannerService } from '../plan/planner.service.ts';
import { ShopService } from '../shop/shop.service.ts';
import { HeavyWork } from '../base/work/heavy-work.ts';
import { heavyTask } from '../base/work/heavy-task.ts';
import type { AskedDay, toldDay } from './told-day.ts';

const DAY_ORDER = heavyTask<typeof toldDay>(import.meta.url, './told-day', 'toldDay');
/** Longest that a day is put in order, ms. */
const MOST_MS = 30_000;

@Injectable()
export class DayService {
  constructor(
    private readonly jobs: JobsService,
    private readonly pieces: PiecesService,
    private readonly planners: PlannerService,
    private readonly shop: ShopService,
    private readonly heavy: HeavyWork,
  ) {}

  /** What is on the Bench and not yet welded, with the pieces that it belongs to. */
  async tasks(): Promise<DayTasks> {
    const pieces = await this.pieces.all();
    const queued = pieces.filter((piece) => piece.queued === true).map(({ id }) => id);
    const jobs = await this.jobs.onBench(queued, DAY_TASKS_MOST + 1);
    const tasks = jobs.slice(0, DAY_TASKS_MOST);
    const used = new Set(tasks.map(({ task }) => task.pieceId));
    return { jobs: tasks, pieces: pieces.filter(({ id }) => used.has(id)), more: jobs.length - tasks.length };
  }

  /** The day in order: the same code as in the browser, in a thread of its own. */
  async order(
    { today, nowMin }: DayOrderRequest,
    at: { readonly now: string; readonly signal: AbortSignal },
  ): Promise<ToldDay> {
    const { day } = await this.shop.read();
    const { machines, shop } = await this.planners.planner();
    const asked: AskedDay = {
      jobs: dayJobs(await this.tasks()),
      machines: machines.map((machine) => ({ id: machine.id, machine })),
      shop,
      day,
      today,
      nowMin,
      now: at.now,
    };
    return this.heavy.run(DAY_ORDER, asked, { mostMs: MOST_MS, signal: at.signal });
  }
}
