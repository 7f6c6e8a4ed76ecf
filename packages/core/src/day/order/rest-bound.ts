import {
  canDo,
  type DayMachine,
  type DayProblem,
  type DayTask,
  type DayUnit,
  fitIntoHours,
} from './day-problem.ts';
import { leastEntry, type LeastEntry } from './rig-reach.ts';

/** A need of one machine, and the units that can come to it there. */
interface Visit {
  readonly machine: number;
  readonly need: number;
  readonly units: number;
  readonly entry: LeastEntry;
}

/** Units that one visit may serve, one through the other: what is paid for two such groups is never paid once. */
interface NeedGroup {
  readonly units: number;
  /** By unit that can be served in other ways than the others: the visits that would do. */
  readonly ways: readonly { readonly units: number; readonly visits: readonly Visit[] }[];
}

/** What is left to do can cost no less than this. */
export interface RestBound {
  /** Least weighted lateness of the units that are not in a set, one machine having come to a time; added up to a limit. */
  lateness(machine: number, done: number, clockMin: number, limit: number): number;
  /** Least changeover of the units that are not in a set, one machine standing in a rig. */
  changeoverMin(machine: number, done: number, rig: number): number;
}

function machineNeeds(problem: DayProblem, machine: number): readonly number[] {
  const needs = problem.units.flatMap((unit) =>
    canDo(problem, unit, machine)
      ? unit.tasks.map((task) => (problem.tasks[task] as DayTask).needs[machine] as number)
      : [],
  );
  return [...new Set(needs)];
}

/** Units of one task each by what they need; one of several tasks is left out: it costs at least nothing. */
function needGroups(problem: DayProblem): readonly NeedGroup[] {
  const needs = problem.machines.map((_, machine) => machineNeeds(problem, machine));
  const visits = new Map<string, Visit>();
  const ways = new Map<string, { units: number; keys: readonly string[] }>();
  problem.units.forEach((unit, i) => {
    const keys = problem.machines.flatMap(({ setup, rig }, machine) => {
      if (!canDo(problem, unit, machine)) return [];
      return unit.tasks.map((task) => {
        const need = (problem.tasks[task] as DayTask).needs[machine] as number;
        const key = `${machine}.${need}`;
        const units = (visits.get(key)?.units ?? 0) | (1 << i);
        const entry = visits.get(key)?.entry ?? leastEntry(setup, rig, needs[machine] as number[], need);
        visits.set(key, { machine, need, units, entry });
        return key;
      });
    });
    const way = keys.join();
    ways.set(way, { keys, units: unit.tasks.length > 1 ? 0 : (ways.get(way)?.units ?? 0) | (1 << i) });
  });
  const groups: { keys: Set<string>; ways: { units: number; keys: readonly string[] }[] }[] = [];
  for (const way of ways.values()) {
    const joined = groups.filter(({ keys }) => way.keys.some((key) => keys.has(key)));
    const group = {
      keys: new Set([...way.keys, ...joined.flatMap(({ keys }) => [...keys])]),
      ways: [way, ...joined.flatMap((one) => one.ways)],
    };
    for (const one of joined) groups.splice(groups.indexOf(one), 1);
    groups.push(group);
  }
  return groups.map((group) => ({
    units: group.ways.reduce((mask, { units }) => mask | units, 0),
    ways: group.ways.map(({ units, keys }) => ({
      units,
      visits: keys.flatMap((key) => visits.get(key) ?? []),
    })),
  }));
}

/** Least lateness of each unit on each machine that it begins from the machine's opening. */
function latenessFrom(problem: DayProblem, unit: DayUnit, machine: number, clockMin: number): number {
  const { hours } = problem.machines[machine] as DayMachine;
  let clock = clockMin;
  let sum = 0;
  for (const index of unit.tasks) {
    const { notBeforeMin, workMin, weight, dueMin } = problem.tasks[index] as DayTask;
    clock = fitIntoHours(hours, Math.max(clock, notBeforeMin), workMin) + workMin;
    sum += weight * Math.max(0, clock - dueMin);
  }
  return sum;
}

/** The one task of each unit; -1: it has several. */
function singleUnits({ units }: DayProblem): Int32Array {
  return Int32Array.from(units, ({ tasks }) => (tasks.length === 1 ? (tasks[0] as number) : -1));
}

/**
 * Bounds for what is left of a problem, of at most 30 units: no order can cost less, so a partial order that already
 * costs more than the best known with this added is not gone on with.
 *
 * Lateness: each unit that is left is late by no less than if it were next, here or on the machine where it would be
 * least late from the opening on; the sum of these is no more than any order pays, for one unit only delays another.
 *
 * Changeover: units that the same visit could serve are one group. Of each group at least one visit is paid for, so the
 * dearest of its cheapest ways in is a bound, and groups that no visit joins add up.
 *
 * @source the handbook, day order solved §5; the derivation is ours
 */
export function restBound(problem: DayProblem): RestBound {
  const { machines, units } = problem;
  const groups = needGroups(problem);
  const allowed = machines.map((_, m) => units.map((unit) => canDo(problem, unit, m)));
  const fromOpening = machines.map((machine, m) =>
    units.map((unit, i) =>
      allowed[m]?.[i] === true ? latenessFrom(problem, unit, m, machine.freeAtMin) : Infinity,
    ),
  );
  const elsewhere = machines.map((_, m) =>
    units.map((_unit, i) =>
      Math.min(...fromOpening.map((list, other) => (other === m ? Infinity : (list[i] as number)))),
    ),
  );
  const single = singleUnits(problem);
  const alone = (unit: number, machine: number, clockMin: number): number => {
    const task = single[unit] as number;
    if (task < 0) return latenessFrom(problem, units[unit] as DayUnit, machine, clockMin);
    const { notBeforeMin, workMin, weight, dueMin } = problem.tasks[task] as DayTask;
    const { hours } = machines[machine] as DayMachine;
    const ready = notBeforeMin > clockMin ? notBeforeMin : clockMin;
    const late = fitIntoHours(hours, ready, workMin) + workMin - dueMin;
    return late > 0 ? weight * late : 0;
  };
  const entryCost = (visit: Visit, machine: number, done: number, rig: number): number => {
    if (visit.machine !== machine || (visit.units & done) === 0) return visit.entry.first;
    const { setup } = machines[machine] as DayMachine;
    return Math.min(visit.entry.again, setup.minutes(rig, visit.need));
  };
  // nothing is gained by looking at a unit that another machine does without being late
  const late = machines.map((_, m) =>
    units.reduce((mask, _unit, i) => (elsewhere[m]?.[i] === 0 ? mask : mask | (1 << i)), 0),
  );
  return {
    lateness(machine, done, clockMin, limit) {
      const others = elsewhere[machine] as number[];
      const mine = allowed[machine] as boolean[];
      let sum = 0;
      // one unit after the other, as bits: `rest & -rest` is the lowest, `rest & (rest - 1)` leaves it out
      for (let rest = (late[machine] as number) & ~done; rest !== 0 && sum <= limit; rest &= rest - 1) {
        const i = 31 - Math.clz32(rest & -rest);
        const other = others[i] as number;
        const here = mine[i] === true ? alone(i, machine, clockMin) : Infinity;
        sum += here < other ? here : other;
      }
      return sum;
    },
    changeoverMin(machine, done, rig) {
      let sum = 0;
      for (const group of groups) {
        if ((group.units & ~done) === 0) continue;
        let most = 0;
        for (const way of group.ways) {
          if ((way.units & ~done) === 0) continue;
          let least = Infinity;
          for (const visit of way.visits) least = Math.min(least, entryCost(visit, machine, done, rig));
          most = Math.max(most, least);
        }
        sum += most;
      }
      return sum;
    },
  };
}
