import { canDo, type DayProblem, type DaySequences, type DayValue } from './day-problem.ts';
import { MachineTable } from './machine-table.ts';
import { restBound } from './rest-bound.ts';
import { comparePlaces, placedTasks } from './schedule.ts';

/** Units and machines up to which every order is weighed. Source: our tuning. */
export const EXACT_UNITS = 16;
export const EXACT_MACHINES = 3;
/** Partial orders at which it is given up: about 30 MB. */
export const EXACT_LABELS = 1_000_000;
/** Sets of the first machine between two moments at which the search can be stopped. */
const SETS_A_BREATH = 16;

/** The best order, or that there are too many partial orders to weigh. */
export type ExactOrder =
  | { readonly status: 'solved'; readonly sequences: DaySequences; readonly labels: number }
  | { readonly status: 'too-many' };

/** What one machine's table says of every set that it may be given: the best value, by set; -1 in `end`: it was not kept. */
interface Column {
  readonly table: MachineTable;
  readonly lateness: Int32Array;
  readonly changeoverMin: Int32Array;
  readonly endMin: Int32Array;
  readonly sets: readonly number[];
}

const NOT_KEPT = -1;

function columnOf(table: MachineTable, units: number): Column {
  const size = 2 ** units;
  const [lateness, changeoverMin, endMin] = [
    new Int32Array(size),
    new Int32Array(size),
    new Int32Array(size),
  ];
  const sets: number[] = [];
  for (let set = 0; set < size; set += 1) {
    const label = table.best(set);
    endMin[set] = label < 0 ? NOT_KEPT : set === 0 ? 0 : table.store.clockMin(label);
    if (label < 0) continue;
    lateness[set] = table.store.lateness(label);
    changeoverMin[set] = table.store.changeoverMin(label);
    sets.push(set);
  }
  return { table, lateness, changeoverMin, endMin, sets };
}

/** A machine that is given nothing: it stands in where there are fewer than three. */
function emptyColumn(units: number, table: MachineTable): Column {
  const size = 2 ** units;
  const endMin = new Int32Array(size).fill(NOT_KEPT);
  endMin[0] = 0;
  return { table, lateness: new Int32Array(size), changeoverMin: new Int32Array(size), endMin, sets: [0] };
}

function bitsOf(set: number): number {
  let bits = 0;
  for (let rest = set; rest !== 0; rest &= rest - 1) bits += 1;
  return bits;
}

/**
 * The splits of all units over three machines that are worth most, and what they are worth. Once it is settled which set
 * of units each machine does, the machines no longer touch each other: what a split costs is the sum of their lateness
 * and of their changeover, and the later of their ends. So each machine's best order of each set is found once (its
 * column), and the splits are gone through: for every set of the first machine, every part of what is left for the
 * second; the third does the rest. A machine that is not there has a column of the empty set alone.
 *
 * @source the handbook, day order solved §4: tables by machine; sets and their parts as bits of a number
 */
class BestSplits {
  lateness = Infinity;
  changeoverMin = Infinity;
  endMin = Infinity;
  splits: (readonly number[])[] = [];

  constructor(
    private readonly firstColumn: Column,
    private readonly secondColumn: Column,
    private readonly thirdColumn: Column,
  ) {}

  /** Looks at every split that gives the first machine one set. */
  look(first: number, all: number): void {
    const rest = all & ~first;
    if ((this.firstColumn.lateness[first] as number) > this.lateness) return;
    if (2 ** bitsOf(rest) > this.secondColumn.sets.length) {
      for (const set of this.secondColumn.sets) if ((set & first) === 0) this.weigh(first, set, rest & ~set);
      return;
    }
    // every part of the rest, largest first, the empty one last
    for (let set = rest; ; set = (set - 1) & rest) {
      if ((this.secondColumn.endMin[set] as number) >= 0) this.weigh(first, set, rest & ~set);
      if (set === 0) return;
    }
  }

  private weigh(first: number, second: number, third: number): void {
    const { firstColumn: one, secondColumn: two, thirdColumn: three } = this;
    const lastEnd = three.endMin[third] as number;
    if (lastEnd < 0) return;
    const lateness =
      (one.lateness[first] as number) + (two.lateness[second] as number) + (three.lateness[third] as number);
    if (lateness > this.lateness) return;
    const changeoverMin =
      (one.changeoverMin[first] as number) +
      (two.changeoverMin[second] as number) +
      (three.changeoverMin[third] as number);
    const isLess = lateness < this.lateness;
    if (!isLess && changeoverMin > this.changeoverMin) return;
    const endMin = Math.max(one.endMin[first] as number, two.endMin[second] as number, lastEnd);
    const isBetter = isLess || changeoverMin < this.changeoverMin || endMin < this.endMin;
    if (!isBetter && endMin > this.endMin) return;
    if (isBetter) {
      this.lateness = lateness;
      this.changeoverMin = changeoverMin;
      this.endMin = endMin;
      this.splits = [];
    }
    this.splits.push([first, second, third]);
  }
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
  // the shortest list of sets is walked in full: it goes first
  const order = columns
    .map((_, m) => m)
    .toSorted((x, y) => (columns[x]?.sets.length ?? 0) - (columns[y]?.sets.length ?? 0));
  const [firstColumn, secondColumn, thirdColumn] = [0, 1, 2].map((i) => {
    const m = order[i];
    return m === undefined ? emptyColumn(units, (columns[0] as Column).table) : (columns[m] as Column);
  }) as [Column, Column, Column];
  const best = new BestSplits(firstColumn, secondColumn, thirdColumn);
  for (const [i, first] of firstColumn.sets.entries()) {
    best.look(first, 2 ** units - 1);
    if (i % SETS_A_BREATH === 0) yield problem.machines.length / (problem.machines.length + 1);
  }
  if (best.splits.length === 0) return { status: 'too-many' };
  const splits = best.splits.map((split) => columns.map((_, m) => split[order.indexOf(m)] as number));
  return { status: 'solved', sequences: firstFiledOf(problem, columns, splits, best.endMin), labels };
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
