import {
  canDo,
  type DayMachine,
  type DayProblem,
  type DayTask,
  type DayUnit,
  type DayValue,
} from './day-problem.ts';
import { LabelStore } from './label-store.ts';
import type { RestBound } from './rest-bound.ts';
import { doTask, type MachineState, stateAtStart } from './schedule.ts';

/** Labels between two moments at which the search can be stopped. Source: our tuning. */
const LABELS_A_BREATH = 2000;

/** Starts of the tasks of a label, by task; -1: not done. Written into `into`. */
function writeStarts(
  problem: DayProblem,
  machine: number,
  store: LabelStore,
  label: number,
  into: Int32Array,
): void {
  into.fill(-1);
  for (let at = label; store.parent(at) >= 0; at = store.parent(at)) {
    const unit = problem.units[store.unit(at)] as DayUnit;
    const before = store.parent(at);
    if (unit.tasks.length === 1) {
      const task = unit.tasks[0] as number;
      into[task] = store.clockMin(at) - (problem.tasks[task] as DayTask).workMin;
      continue;
    }
    const on = problem.machines[machine] as DayMachine;
    const state: MachineState = {
      clockMin: store.clockMin(before),
      rig: store.rig(before),
      lateness: 0,
      changeoverMin: 0,
    };
    for (const task of unit.tasks) {
      const one = problem.tasks[task] as DayTask;
      into[task] = doTask(on, one, one.needs[machine] as number, state);
    }
  }
}

/** The best orders of one machine for every set of units that it may be given. */
export class MachineTable {
  readonly store: LabelStore;
  private readonly allowed: readonly boolean[];
  private readonly first: number;
  private readonly startsA: Int32Array;
  private readonly startsB: Int32Array;
  /** The machine after the unit that is looked at. */
  private readonly state: MachineState = { clockMin: 0, rig: 0, lateness: 0, changeoverMin: 0 };

  constructor(
    private readonly problem: DayProblem,
    private readonly machine: number,
  ) {
    this.store = new LabelStore(problem.units.length);
    this.allowed = problem.units.map((unit) => canDo(problem, unit, machine));
    this.first = problem.units.findIndex((unit) => unit.first === true && unit.machine === machine);
    this.startsA = new Int32Array(problem.tasks.length);
    this.startsB = new Int32Array(problem.tasks.length);
  }

  /**
   * Fills the table, set by set.
   *
   * @param most labels at which it gives up
   * @returns whether it was filled
   */
  *fill(upper: DayValue, rest: RestBound, most: number): Generator<number, boolean> {
    const { problem, machine, store } = this;
    const start = stateAtStart(problem.machines[machine] as DayMachine);
    store.add(0, start, -1, -1);
    const sets = 2 ** problem.units.length;
    let breath = LABELS_A_BREATH;
    for (let set = 0; set < sets; set += 1) {
      for (let label = store.first(set); label >= 0; label = store.next(label)) {
        for (let unit = 0; unit < this.allowed.length; unit += 1) {
          if (this.allowed[unit] !== true || (set >> unit) & 1) continue;
          if (set === 0 && this.first >= 0 && unit !== this.first) continue;
          this.extend(label, set | (1 << unit), unit, upper, rest);
        }
        if (store.count > most) return false;
        if (store.count > breath) {
          breath = store.count + LABELS_A_BREATH;
          yield set / sets;
        }
      }
    }
    return true;
  }

  private extend(label: number, set: number, unit: number, upper: DayValue, rest: RestBound): void {
    const { store, problem, machine } = this;
    const on = problem.machines[machine] as DayMachine;
    const { state } = this;
    state.clockMin = store.clockMin(label);
    state.rig = store.rig(label);
    state.lateness = store.lateness(label);
    state.changeoverMin = store.changeoverMin(label);
    for (const task of (problem.units[unit] as DayUnit).tasks) {
      const one = problem.tasks[task] as DayTask;
      doTask(on, one, one.needs[machine] as number, state);
    }
    if (this.isWorse(state, set, upper, rest)) return;
    this.keep(set, label, unit);
  }

  /** Whether an order that begins so is worse than one that is known, whatever comes after. */
  private isWorse(state: MachineState, set: number, upper: DayValue, rest: RestBound): boolean {
    const left = upper.lateness - state.lateness;
    if (left < 0) return true;
    const lateness = state.lateness + rest.lateness(this.machine, set, state.clockMin, left);
    if (lateness !== upper.lateness) return lateness > upper.lateness;
    const changeover = state.changeoverMin + rest.changeoverMin(this.machine, set, state.rig);
    if (changeover !== upper.changeoverMin) return changeover > upper.changeoverMin;
    return state.clockMin > upper.endMin;
  }

  /** Keeps what was worked out unless a label of its set is as good in every way; those that it is as good as go. */
  private keep(set: number, parent: number, unit: number): void {
    const { store, state } = this;
    for (let other = store.first(set); other >= 0; other = store.next(other)) {
      if (store.rig(other) === state.rig && this.isBetter(other)) return;
    }
    const added = store.add(set, state, parent, unit);
    let before = added;
    for (let other = store.next(added); other >= 0; other = store.next(other)) {
      if (store.rig(other) !== state.rig) before = other;
      else if (this.dominates(other, added)) {
        store.takeBack(set);
        return;
      } else if (this.dominates(added, other)) store.drop(other, before);
      else before = other;
    }
  }

  /** Whether a label of the same set and rig is better than what was worked out, whoever is filed first. */
  private isBetter(label: number): boolean {
    const { store, state } = this;
    if (store.clockMin(label) > state.clockMin) return false;
    const late = store.lateness(label) - state.lateness;
    return late < 0 || (late === 0 && store.changeoverMin(label) < state.changeoverMin);
  }

  /** Whether whatever follows the one can follow the other and ends no better: both of one set and one rig. */
  private dominates(a: number, b: number): boolean {
    const { store } = this;
    if (store.clockMin(a) > store.clockMin(b)) return false;
    const late = store.lateness(a) - store.lateness(b);
    if (late !== 0) return late < 0;
    const change = store.changeoverMin(a) - store.changeoverMin(b);
    return change === 0 ? this.compareStarts(a, b) <= 0 : change < 0;
  }

  /** Below 0: the first has its earliest-filed tasks earlier. */
  compareStarts(a: number, b: number): number {
    writeStarts(this.problem, this.machine, this.store, a, this.startsA);
    writeStarts(this.problem, this.machine, this.store, b, this.startsB);
    for (let task = 0; task < this.startsA.length; task += 1) {
      const difference = (this.startsA[task] as number) - (this.startsB[task] as number);
      if (difference !== 0) return difference;
    }
    return 0;
  }

  /** The best label of a set, by value; -1: none was kept. */
  best(set: number): number {
    const { store } = this;
    let best = store.first(set);
    for (let label = best; label >= 0; label = store.next(label)) {
      const difference =
        store.lateness(label) - store.lateness(best) ||
        store.changeoverMin(label) - store.changeoverMin(best) ||
        store.clockMin(label) - store.clockMin(best);
      if (difference < 0) best = label;
    }
    return best;
  }

  /** Of the labels of a set that are worth as much as the best and end in time, the one filed first. */
  firstFiled(set: number, byMin: number): number {
    const { store } = this;
    const best = this.best(set);
    let chosen = best;
    for (let label = store.first(set); label >= 0; label = store.next(label)) {
      if (label === chosen || store.clockMin(label) > byMin) continue;
      if (store.lateness(label) !== store.lateness(best)) continue;
      if (store.changeoverMin(label) !== store.changeoverMin(best)) continue;
      if (this.compareStarts(label, chosen) < 0) chosen = label;
    }
    return chosen;
  }
}
