import {
  canDo,
  compareValues,
  type DayMachine,
  type DayProblem,
  type DaySequences,
  type DayTask,
  type DayUnit,
  type DayValue,
} from './day-problem.ts';
import { doTask, type MachineState, stateAtStart } from './schedule.ts';

/** Where a unit can go, and what the whole order is then worth. */
export interface Insertion {
  readonly machine: number;
  readonly at: number;
  readonly value: DayValue;
}

/** One machine's units, and how it stands before each of them and after the last. */
interface Line {
  readonly units: number[];
  states: MachineState[];
}

/** An order that is worked on: units are taken out and put in again, and what that costs is known at once. */
export class WorkingOrder {
  private readonly lines: readonly Line[];
  private readonly allowed: readonly (readonly boolean[])[];

  constructor(
    readonly problem: DayProblem,
    sequences: DaySequences,
  ) {
    this.allowed = problem.machines.map((_, m) => problem.units.map((unit) => canDo(problem, unit, m)));
    this.lines = problem.machines.map((_, m) => ({ units: [...(sequences[m] ?? [])], states: [] }));
    this.lines.forEach((_, m) => this.recount(m, 0));
  }

  get sequences(): DaySequences {
    return this.lines.map(({ units }) => [...units]);
  }

  isAllowed(unit: number, machine: number): boolean {
    return this.allowed[machine]?.[unit] === true;
  }

  /** What the order is worth. */
  get value(): DayValue {
    return this.valueWith(-1, undefined);
  }

  private valueWith(machine: number, end: MachineState | undefined): DayValue {
    let lateness = 0;
    let changeoverMin = 0;
    let endMin = 0;
    for (let m = 0; m < this.lines.length; m += 1) {
      const { units } = this.lines[m] as Line;
      const state = m === machine && end ? end : this.endOf(m);
      lateness += state.lateness;
      changeoverMin += state.changeoverMin;
      if (units.length > 0 || m === machine) endMin = Math.max(endMin, state.clockMin);
    }
    return { lateness, changeoverMin, endMin };
  }

  private advance(machine: number, unit: number, state: MachineState): void {
    const { machines, tasks, units } = this.problem;
    for (const task of (units[unit] as DayUnit).tasks) {
      const one = tasks[task] as DayTask;
      doTask(machines[machine] as DayMachine, one, one.needs[machine] as number, state);
    }
  }

  private recount(machine: number, from: number): void {
    const line = this.lines[machine] as Line;
    const state =
      from === 0
        ? stateAtStart(this.problem.machines[machine] as DayMachine)
        : { ...(line.states[from] as MachineState) };
    line.states.length = from;
    line.states.push({ ...state });
    for (let at = from; at < line.units.length; at += 1) {
      this.advance(machine, line.units[at] as number, state);
      line.states.push({ ...state });
    }
  }

  /**
   * How a machine ends if a unit goes in at a place; undefined where it is later than what is looked for.
   *
   * @param most lateness of the machine that is still of use
   */
  private endWith(machine: number, unit: number, at: number, most: number): MachineState | undefined {
    const { units, states } = this.lines[machine] as Line;
    const state = { ...(states[at] as MachineState) };
    this.advance(machine, unit, state);
    for (let i = at; i < units.length; i += 1) {
      const then = states[i] as MachineState;
      if (state.rig === then.rig && state.clockMin === then.clockMin) {
        const last = states[units.length] as MachineState;
        return {
          clockMin: last.clockMin,
          rig: last.rig,
          lateness: state.lateness + last.lateness - then.lateness,
          changeoverMin: state.changeoverMin + last.changeoverMin - then.changeoverMin,
        };
      }
      if (state.lateness > most) return undefined;
      this.advance(machine, units[i] as number, state);
    }
    return state;
  }

  /** The cheapest place for a unit; the first of equal ones. */
  cheapest(unit: number): Insertion | undefined {
    const { machine: _kept, first } = this.problem.units[unit] as DayUnit;
    let best: Insertion | undefined;
    for (let machine = 0; machine < this.lines.length; machine += 1) {
      if (!this.isAllowed(unit, machine)) continue;
      const { units } = this.lines[machine] as Line;
      const from = first !== true && this.isFirst(units[0]) ? 1 : 0;
      const others = this.value.lateness - this.endOf(machine).lateness;
      for (let at = from; at <= (first === true ? 0 : units.length); at += 1) {
        const end = this.endWith(machine, unit, at, (best?.value.lateness ?? Infinity) - others);
        if (!end) continue;
        const value = this.valueWith(machine, end);
        if (!best || compareValues(value, best.value) < 0) best = { machine, at, value };
      }
    }
    return best;
  }

  /** How a machine stands after its last unit. */
  private endOf(machine: number): MachineState {
    const { units, states } = this.lines[machine] as Line;
    return states[units.length] as MachineState;
  }

  private isFirst(unit: number | undefined): boolean {
    return unit !== undefined && (this.problem.units[unit] as DayUnit).first === true;
  }

  insert(unit: number, { machine, at }: Pick<Insertion, 'machine' | 'at'>): void {
    (this.lines[machine] as Line).units.splice(at, 0, unit);
    this.recount(machine, at);
  }

  /** Takes units out, wherever they stand. */
  remove(out: ReadonlySet<number>): void {
    this.lines.forEach((line, machine) => {
      const from = line.units.findIndex((unit) => out.has(unit));
      if (from < 0) return;
      const kept = line.units.filter((unit) => !out.has(unit));
      line.units.splice(0, line.units.length, ...kept);
      this.recount(machine, from);
    });
  }

  /** Puts other sequences in. */
  set(sequences: DaySequences): void {
    this.lines.forEach((line, m) => {
      line.units.splice(0, line.units.length, ...(sequences[m] ?? []));
      this.recount(m, 0);
    });
  }
}
