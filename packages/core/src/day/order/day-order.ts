import { type DayProblem, type DaySequences, type DayValue } from './day-problem.ts';
import { withDenseSetups } from './dense-setup.ts';
import { exactOrder, isExactSize } from './exact-order.ts';
import { heuristicOrder } from './heuristic-order.ts';
import { placedTasks, valueOf } from './schedule.ts';

/** Rounds of the search before every order is weighed, and where there are too many to weigh. Source: our tuning. */
export const WARM_ROUNDS = 60;
export const SEARCH_ROUNDS = 3000;
/** Tasks from which a round costs so much more that fewer are made: their number falls with the square. */
const MANY_TASKS = 80;

/** Rounds of a search for so many tasks. */
export function searchRounds(tasks: number): number {
  return Math.ceil(SEARCH_ROUNDS * Math.min(1, (MANY_TASKS / tasks) ** 2));
}

/** How an order was found: all weighed, or searched for. */
export type DayMethod = 'exact' | 'search';

/** The order of the day, or the best so far. */
export interface DayOrder {
  readonly sequences: DaySequences;
  readonly value: DayValue;
  readonly method: DayMethod;
  /** Why not every order was weighed, where it was not. */
  readonly because?: 'too-many-tasks' | 'too-many-orders' | 'stopped' | undefined;
}

/** What is known on the way. */
export interface DayProgress {
  readonly best: DayOrder;
  /** Share of the work that is done, 0 to 1. */
  readonly done: number;
}

/**
 * Puts the day in order: late least, then changing over least, then ending first. Up to 16 tasks on 3 machines every
 * order is weighed; beyond, or where there are too many partial orders, the best of a search is given and it says so.
 * It can be stopped at every yield: the best so far is what was yielded last.
 *
 * @param rounds of the search; more are not worse
 * @source lexicographic objective and method: our model
 */
export function* dayOrder(
  asked: DayProblem,
  rounds: number = searchRounds(asked.tasks.length),
): Generator<DayProgress, DayOrder> {
  const problem = withDenseSetups(asked);
  const because = isExactSize(problem) ? undefined : ('too-many-tasks' as const);
  let best: DayOrder = {
    sequences: problem.machines.map(() => []),
    value: { lateness: 0, changeoverMin: 0, endMin: 0 },
    method: 'search',
    because: because ?? 'stopped',
  };
  const search = function* (count: number, why: DayOrder['because']): Generator<DayProgress> {
    for (const { sequences, value, rounds: done } of heuristicOrder(problem, count)) {
      best = { sequences, value, method: 'search', because: why };
      yield { best, done: done / count };
    }
  };
  if (because !== undefined) {
    yield* search(rounds, because);
    return best;
  }
  yield* search(WARM_ROUNDS, 'stopped');
  const solving = exactOrder(problem, best.value);
  for (;;) {
    const step = solving.next();
    if (step.done !== true) {
      yield { best, done: step.value };
      continue;
    }
    if (step.value.status === 'solved') {
      return {
        ...best,
        sequences: step.value.sequences,
        value: valueOf(placedTasks(problem, step.value.sequences)),
        method: 'exact',
        because: undefined,
      };
    }
    break;
  }
  yield* search(rounds, 'too-many-orders');
  return best;
}

/** Runs a search to its end. */
export function settled<T>(search: Generator<unknown, T>): T {
  for (;;) {
    const step = search.next();
    if (step.done === true) return step.value;
  }
}
