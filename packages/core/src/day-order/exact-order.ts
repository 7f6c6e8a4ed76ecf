import { canDo, compareValues, type DayProblem, type DaySequences, type DayValue } from './day-problem.ts';
import { MachineTable } from './machine-table.ts';
import { restBound } from './rest-bound.ts';
import { comparePlaces, placedTasks } from './schedule.ts';

/** Units and machines up to which every order is weighed. */
export const EXACT_UNITS = 16;
export const EXACT_MACHINES = 3;
/** Partial orders at which it is given up: about 30 MB. */
export const EXACT_LABELS = 1_000_000;
/** Splits between two moments at which the search can be stopped. */
const SPLITS_A_BREATH = 200_000;

/** The best order, or that there are too many partial orders to weigh. */
export type ExactOrder =
  | { readonly status: 'solved'; readonly sequences: DaySequences; readonly labels: number }
  | { readonly status: 'too-many' };

/** What each machine's table says of the sets that it may be given. */
interface Column {
  readonly table: MachineTable;
  /** Best label by set; -1: none. */
  readonly best: Int32Array;
  readonly sets: readonly number[];
}

function columnOf(table: MachineTable, units: number): Column {
  const best = new Int32Array(2 ** units);
  const sets: number[] = [];
  for (let set = 0; set < best.length; set += 1) {
    best[set] = table.best(set);
    if ((best[set] as number) >= 0) sets.push(set);
  }
  return { table, best, sets };
}

/** Sets of a column that lie within a set: the fewer of its own sets and of the subsets are walked. */
function* within({ best, sets }: Column, rest: number, bits: number): Generator<number> {
  if (2 ** bits > sets.length) {
    for (const set of sets) if ((set & ~rest) === 0) yield set;
    return;
  }
  for (let set = rest; ; set = (set - 1) & rest) {
    if ((best[set] as number) >= 0) yield set;
    if (set === 0) return;
  }
}

function bitsOf(set: number): number {
  let bits = 0;
  for (let rest = set; rest !== 0; rest &= rest - 1) bits += 1;
  return bits;
}

/** Every way to split the units over the machines, with what it is worth. */
function* splits(
  columns: readonly Column[],
  units: number,
): Generator<{ readonly sets: readonly number[]; readonly value: DayValue }> {
  const all = 2 ** units - 1;
  const chosen: number[] = [];
  const walk = function* (
    m: number,
    rest: number,
    value: DayValue,
  ): Generator<{ readonly sets: readonly number[]; readonly value: DayValue }> {
    const column = columns[m] as Column;
    const isLast = m === columns.length - 1;
    for (const set of isLast ? [rest] : within(column, rest, bitsOf(rest))) {
      const label = column.best[set] as number;
      if (label < 0) continue;
      const { store } = column.table;
      const next = {
        lateness: value.lateness + store.lateness(label),
        changeoverMin: value.changeoverMin + store.changeoverMin(label),
        endMin: set === 0 ? value.endMin : Math.max(value.endMin, store.clockMin(label)),
      };
      chosen[m] = set;
      if (isLast) yield { sets: chosen, value: next };
      else yield* walk(m + 1, rest & ~set, next);
    }
  };
  yield* walk(0, all, { lateness: 0, changeoverMin: 0, endMin: 0 });
}

/**
 * The best order of all, and of equal ones the one in which the earliest-filed tasks stand first. One table a machine
 * over the sets of units that it may be given, then the best split. No clock is read: the same input gives the same.
 *
 * @param known an order that is known, to leave out what is worse
 * @param most partial orders at which it gives up
 */
export function* exactOrder(
  problem: DayProblem,
  known: DayValue,
  most = EXACT_LABELS,
): Generator<number, ExactOrder> {
  const units = problem.units.length;
  const rest = restBound(problem);
  const columns: Column[] = [];
  let labels = 0;
  for (const [m] of problem.machines.entries()) {
    const table = new MachineTable(problem, m);
    const filling = table.fill(known, rest, most - labels);
    for (;;) {
      const step = filling.next();
      if (step.done !== true) {
        yield (m + step.value) / (problem.machines.length + 1);
        continue;
      }
      if (!step.value) return { status: 'too-many' };
      break;
    }
    labels += table.store.count;
    columns.push(columnOf(table, units));
  }
  let best: DayValue | undefined;
  let breath = 0;
  let equal: number[][] = [];
  for (const { sets, value } of splits(columns, units)) {
    const difference = best === undefined ? -1 : compareValues(value, best);
    if (difference < 0) {
      best = value;
      equal = [];
    }
    if (difference <= 0) equal.push([...sets]);
    breath += 1;
    if (breath % SPLITS_A_BREATH === 0) yield problem.machines.length / (problem.machines.length + 1);
  }
  if (!best) return { status: 'too-many' };
  return { status: 'solved', sequences: firstFiledOf(problem, columns, equal, best.endMin), labels };
}

/** Of splits that are worth the same, the order in which the earliest-filed tasks stand first. */
function firstFiledOf(
  problem: DayProblem,
  columns: readonly Column[],
  splitsOf: readonly (readonly number[])[],
  endMin: number,
): DaySequences {
  const orders = columns.map(() => new Map<number, readonly number[]>());
  const orderOf = (m: number, set: number): readonly number[] => {
    const kept = orders[m]?.get(set);
    if (kept) return kept;
    const { table } = columns[m] as Column;
    const order = table.store.sequence(table.firstFiled(set, endMin));
    orders[m]?.set(set, order);
    return order;
  };
  const [first = [], ...others] = splitsOf;
  const sequencesOf = (sets: readonly number[]): DaySequences => sets.map((set, m) => orderOf(m, set));
  let chosen = sequencesOf(first);
  let placed = placedTasks(problem, chosen);
  for (const sets of others) {
    const sequences = sequencesOf(sets);
    const places = placedTasks(problem, sequences);
    if (comparePlaces(places, placed) < 0) [chosen, placed] = [sequences, places];
  }
  return chosen;
}

/** Whether a problem is small enough to weigh every order of it. */
export function isExactSize({ machines, units }: DayProblem): boolean {
  return units.length <= EXACT_UNITS && machines.length <= EXACT_MACHINES;
}

/** Units that no machine can do. */
export function unplaceable(problem: DayProblem): readonly number[] {
  return problem.units.flatMap((unit, i) =>
    problem.machines.some((_, machine) => canDo(problem, unit, machine)) ? [] : [i],
  );
}
