import {
  type DayInput,
  type DayOrder,
  dayBound,
  dayOrder,
  type DayValue,
  gasOf,
  type LeftOut,
  type PinFault,
  placedDay,
  type PlaceOfDay,
  planDay,
  type PlannedDay,
  type PlanOn,
  type TaskTakes,
} from '@hot-bead/core';

/** A task in its place, as the page shows it. */
export interface ShownPlace {
  readonly jobId: string;
  readonly title: string;
  readonly setupMin: number;
  readonly setupStartMin: number;
  readonly startMin: number;
  readonly endMin: number;
  readonly lateMin: number;
  /** Things of the machine that nobody knows: its changeover is the most that it can be. */
  readonly unknowns: number;
  readonly dueMin: number | undefined;
  readonly workMin: number;
  readonly minutesFrom: 'typed' | 'arc-time' | 'assumed';
  readonly why: string;
  readonly wire: string;
  readonly gas: string;
  readonly takes: TaskTakes;
  /** Stop cautions of its plan. */
  readonly stops: readonly { readonly code: string; readonly text: string }[];
  readonly isPinned: boolean;
}

/** The day in order, or the best so far. */
export interface DayResult {
  /** By the machine's id. */
  readonly lines: readonly { readonly machineId: string; readonly places: readonly ShownPlace[] }[];
  readonly value: DayValue;
  /** What our own order would be worth, where something is pinned. */
  readonly ours: DayValue | undefined;
  readonly method: DayOrder['method'];
  readonly because: DayOrder['because'];
  /** Least changeover that any order can have, where we can say. */
  readonly boundMin: number | undefined;
  readonly leftOut: readonly { readonly jobId: string; readonly title: string; readonly reason: string }[];
  readonly pinFaults: readonly PinFault[];
  /** Share of the search that is done; 1: it is over. */
  readonly done: number;
}

function shown({ task, plan, ...place }: PlaceOfDay): ShownPlace {
  const { job, workMin, minutesFrom, isDueSaid, dueMin } = task;
  const pieces = job.pieces ?? 1;
  const { machineIndex: _on, ...times } = place;
  return {
    ...times,
    jobId: job.id,
    title: job.title,
    workMin,
    minutesFrom,
    dueMin: isDueSaid ? dueMin : undefined,
    wire: `${plan.wire.diameterMm.toFixed(1)} mm ${plan.wire.wireClass}`,
    gas: gasOf(plan.gas.gas.id).name,
    takes: {
      wire: plan.wire,
      wireKg: plan.totals && plan.totals.wireKg * pieces,
      gas: plan.gas.gas.id,
      gasL: plan.totals && plan.gas.gas.shields ? plan.totals.gasL * pieces : undefined,
    },
    stops: plan.cautions.flatMap(({ level, code, text }) => (level === 'stop' ? [{ code, text }] : [])),
    isPinned: job.pin !== undefined,
  };
}

function leftOutText({ job, reason }: LeftOut): DayResult['leftOut'][number] {
  return { jobId: job.id, title: job.title, reason };
}

function resultOf(
  day: PlannedDay,
  order: DayOrder,
  rest: Pick<DayResult, 'ours' | 'boundMin' | 'done'>,
): DayResult {
  const { lines, value } = placedDay(day, order);
  return {
    lines: day.machines.map(({ id }, m) => ({ machineId: id, places: (lines[m] ?? []).map(shown) })),
    value,
    method: order.method,
    because: order.because,
    leftOut: day.leftOut.map(leftOutText),
    pinFaults: day.pinFaults,
    ...rest,
  };
}

/** Puts a day in order; every yield is the best so far, the last one the answer. */
export function* orderedDay(input: DayInput, plan?: PlanOn): Generator<DayResult> {
  const day = planDay(input, plan);
  let ours: DayValue | undefined;
  const isPinned = day.tasks.some(({ job }) => job.pin !== undefined);
  const search = dayOrder(day.problem);
  for (;;) {
    const step = search.next();
    if (step.done !== true) {
      yield resultOf(day, step.value.best, {
        ours,
        boundMin: undefined,
        done: Math.min(step.value.done, 0.99),
      });
      continue;
    }
    const order = step.value;
    if (isPinned) {
      const free = dayOrder(day.unpinned);
      for (let next = free.next(); ; next = free.next()) {
        ours = next.done === true ? next.value.value : next.value.best.value;
        if (next.done === true) break;
        yield resultOf(day, order, { ours, boundMin: undefined, done: 0.99 });
      }
    }
    const bound = order.method === 'search' ? dayBound(day.unpinned).changeoverMin : undefined;
    yield resultOf(day, order, { ours, boundMin: bound, done: 1 });
    return;
  }
}
