import { amount, words, type Words } from '@hot-bead/core/base';
import {
  type DayInput,
  type DayOrder,
  dayBound,
  dayOrder,
  type DayValue,
  type LeftOut,
  type PinFault,
  placedDay,
  type PlaceOfDay,
  planDay,
  type PlannedDay,
  type PlanOn,
  taskTakes,
  type TaskTakes,
} from '@hot-bead/core/day';
import { gasOf } from '@hot-bead/core/trade';

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
  readonly why: Words;
  readonly wire: Words;
  readonly gas: string;
  readonly takes: TaskTakes;
  /** Stop cautions of its plan. */
  readonly stops: readonly { readonly code: string; readonly text: Words }[];
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
  readonly leftOut: readonly { readonly jobId: string; readonly title: string; readonly reason: Words }[];
  readonly pinFaults: readonly PinFault[];
  /** Share of the search that is done; 1: it is over. */
  readonly done: number;
}

function shown({ task, plan, ...place }: PlaceOfDay): ShownPlace {
  const { job, workMin, minutesFrom, isDueSaid, dueMin } = task;
  const { machineIndex: _on, ...times } = place;
  return {
    ...times,
    jobId: job.id,
    title: job.title,
    workMin,
    minutesFrom,
    dueMin: isDueSaid ? dueMin : undefined,
    wire: words`${amount.wireSize(plan.wire.diameterMm)} ${plan.wire.wireClass}`,
    gas: gasOf(plan.gas.gas.id).name,
    takes: taskTakes(plan, job.pieces ?? 1),
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

/** How far a search has come; what it has found is put into words only when it is asked for. */
export interface DayMoment {
  readonly done: number;
  readonly result: () => DayResult;
}

/** Puts a day in order; every yield is the best so far, the last one the answer. */
export function* orderedDay(input: DayInput, plan?: PlanOn): Generator<DayMoment> {
  const day = planDay(input, plan);
  const moment = (
    order: DayOrder,
    done: number,
    rest: Partial<Pick<DayResult, 'ours' | 'boundMin'>> = {},
  ): DayMoment => ({
    done,
    result: () => resultOf(day, order, { ours: undefined, boundMin: undefined, done, ...rest }),
  });
  const search = dayOrder(day.problem);
  let step = search.next();
  for (; step.done !== true; step = search.next()) {
    yield moment(step.value.best, Math.min(step.value.done, 0.99));
  }
  const order = step.value;
  let ours: DayValue | undefined;
  if (day.tasks.some(({ job }) => job.pin !== undefined)) {
    const free = dayOrder(day.unpinned);
    let next = free.next();
    for (; next.done !== true; next = free.next()) {
      yield moment(order, 0.99, { ours: next.value.best.value });
    }
    ours = next.value.value;
  }
  const boundMin = order.method === 'search' ? dayBound(day.unpinned).changeoverMin : undefined;
  yield moment(order, 1, { ours, boundMin });
}
