import { seededRandom } from '../../base/numeric/seeded-random.ts';
import {
  compareValues,
  type DayProblem,
  type DaySequences,
  type DayTask,
  type DayUnit,
  type DayValue,
} from './day-problem.ts';
import { WorkingOrder } from './working-order.ts';

/** Rounds without a better order after which another beginning is tried. Source: our tuning. */
const PATIENCE = 400;
/** Most units that are taken out at once. */
const MOST_OUT = 12;
/** Rounds between two moments at which it can be stopped, times the tasks. */
const BREATH_TASKS = 400;
const SEED = 20260301;

/** The best order so far. */
export interface FoundOrder {
  readonly sequences: DaySequences;
  readonly value: DayValue;
  readonly rounds: number;
}

function earliestDue({ units, tasks }: DayProblem, unit: number): number {
  return Math.min(...(units[unit] as DayUnit).tasks.map((task) => (tasks[task] as DayTask).dueMin));
}

/** What a unit begins by needing: units that need alike are taken out together. */
function needsOf({ units, tasks }: DayProblem, unit: number): string {
  return (tasks[(units[unit] as DayUnit).tasks[0] as number] as DayTask).needs.join();
}

/** Each unit in turn where it is cheapest. */
function inserted(problem: DayProblem, units: readonly number[]): WorkingOrder {
  const order = new WorkingOrder(problem, []);
  for (const unit of units) {
    const place = order.cheapest(unit);
    if (place) order.insert(unit, place);
  }
  return order;
}

/**
 * A good order, found by putting each task in where it is cheapest, then again and again taking some out (alike in need,
 * next to each other, or any) and putting them in anew, keeping what is not worse. Seeded; counted in rounds, not time.
 * A swap, a move to another machine and a move of a whole run of tasks are each one such round.
 *
 * @param rounds how many, 0 or more
 * @returns every better order as it is found; the last is the best
 */
export function* heuristicOrder(
  problem: DayProblem,
  rounds: number,
  seed: number = SEED,
): Generator<FoundOrder, FoundOrder> {
  const random = seededRandom(seed);
  const pick = (below: number): number => Math.floor(random() * below);
  const units = problem.units.map((_, i) => i);
  // what must be first goes in first: nothing can then come before it
  const isFirst = (unit: number): number => ((problem.units[unit] as DayUnit).first === true ? 0 : 1);
  const byDue = units.toSorted(
    (a, b) => isFirst(a) - isFirst(b) || earliestDue(problem, a) - earliestDue(problem, b) || a - b,
  );
  let order = inserted(problem, byDue);
  let best: FoundOrder = { sequences: order.sequences, value: order.value, rounds: 0 };
  yield best;
  let current = best;
  let idle = 0;
  // a round of many tasks takes longer
  const breath = Math.max(1, Math.floor(BREATH_TASKS / problem.units.length));
  for (let round = 1; round <= rounds; round += 1) {
    if (idle > PATIENCE) {
      idle = 0;
      if (pick(2) === 0) {
        order = inserted(
          problem,
          shuffled(byDue, pick).toSorted((a, b) => isFirst(a) - isFirst(b)),
        );
        current = { sequences: order.sequences, value: order.value, rounds: round };
      } else {
        order.set(best.sequences);
        current = best;
      }
    }
    const out = takenOut(problem, order, pick);
    order.remove(new Set(out));
    for (const unit of out) {
      const place = order.cheapest(unit);
      if (place) order.insert(unit, place);
    }
    const value = order.value;
    const difference = compareValues(value, current.value);
    if (difference > 0) order.set(current.sequences);
    else current = { sequences: order.sequences, value, rounds: round };
    idle = difference < 0 ? 0 : idle + 1;
    if (compareValues(current.value, best.value) < 0) {
      best = current;
      yield best;
    } else if (round % breath === 0) {
      yield best;
    }
  }
  return { ...best, rounds };
}

function shuffled(list: readonly number[], pick: (below: number) => number): number[] {
  const out = [...list];
  for (let i = out.length - 1; i > 0; i -= 1) {
    const j = pick(i + 1);
    [out[i], out[j]] = [out[j] as number, out[i] as number];
  }
  return out;
}

/** The units of one round, in the order in which they are put in again. */
function takenOut(
  problem: DayProblem,
  order: WorkingOrder,
  pick: (below: number) => number,
): readonly number[] {
  const count = problem.units.length;
  const most = Math.min(MOST_OUT, Math.max(2, Math.ceil(count * 0.4)));
  const size = 1 + pick(most);
  const seed = pick(count);
  const kind = pick(3);
  if (kind === 0) return shuffled([...problem.units.keys()], pick).slice(0, size);
  if (kind === 1) {
    const alike = [...problem.units.keys()].filter(
      (unit) => needsOf(problem, unit) === needsOf(problem, seed),
    );
    return shuffled(alike, pick).slice(0, size);
  }
  const line = order.sequences.find((sequence) => sequence.includes(seed)) ?? [];
  const from = line.indexOf(seed);
  const run = line.slice(from, from + size);
  return pick(2) === 0 ? run : shuffled(run, pick);
}
