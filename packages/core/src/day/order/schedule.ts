import {
  compareValues,
  type DayMachine,
  type DayProblem,
  type DaySequences,
  type DayTask,
  type DayUnit,
  type DayValue,
  fitIntoHours,
} from './day-problem.ts';

/** Taken out of the global once: it is asked for millions of times. */
const { max } = Math;

/** A machine after some of its tasks. */
export interface MachineState {
  clockMin: number;
  rig: number;
  lateness: number;
  changeoverMin: number;
}

/** A task in its place, minutes from the midnight before the day. */
export interface PlacedTask {
  readonly task: number;
  readonly machine: number;
  readonly setupMin: number;
  readonly setupStartMin: number;
  readonly startMin: number;
  readonly endMin: number;
  readonly lateness: number;
}

/** How a machine stands before its first task. */
export function stateAtStart({ freeAtMin, rig }: DayMachine): MachineState {
  return { clockMin: freeAtMin, rig, lateness: 0, changeoverMin: 0 };
}

/**
 * Does one task on a machine: changes over, waits if it must, welds. Changing over may be done before the task may
 * begin; what must be done in one piece waits for the next opening where it does not fit.
 *
 * @param state the machine, which is changed
 * @returns when the work starts, minutes
 */
export function doTask(machine: DayMachine, task: DayTask, need: number, state: MachineState): number {
  const setupMin = machine.setup.minutes(state.rig, need);
  const setupStartMin = fitIntoHours(machine.hours, state.clockMin, setupMin);
  const readyMin = max(setupStartMin + setupMin, task.notBeforeMin);
  const startMin = fitIntoHours(machine.hours, readyMin, task.workMin);
  state.clockMin = startMin + task.workMin;
  state.rig = machine.setup.next(state.rig, need);
  state.changeoverMin += setupMin;
  state.lateness += task.weight * max(0, state.clockMin - task.dueMin);
  return startMin;
}

/** Every task in its place, machine by machine. */
export function placedTasks(problem: DayProblem, sequences: DaySequences): readonly PlacedTask[] {
  return sequences.flatMap((sequence, machine) => {
    const on = problem.machines[machine] as DayMachine;
    const state = stateAtStart(on);
    return sequence
      .flatMap((unit) => (problem.units[unit] as DayUnit).tasks)
      .map((task): PlacedTask => {
        const { lateness } = state;
        const one = problem.tasks[task] as DayTask;
        const need = one.needs[machine] as number;
        const setupMin = on.setup.minutes(state.rig, need);
        const setupStartMin = fitIntoHours(on.hours, state.clockMin, setupMin);
        const startMin = doTask(on, one, need, state);
        return {
          task,
          machine,
          setupMin,
          setupStartMin,
          startMin,
          endMin: state.clockMin,
          lateness: state.lateness - lateness,
        };
      });
  });
}

/** What an order is worth, from the places of its tasks. */
export function valueOf(placed: readonly PlacedTask[]): DayValue {
  return placed.reduce<DayValue>(
    (sum, { lateness, setupMin, endMin }) => ({
      lateness: sum.lateness + lateness,
      changeoverMin: sum.changeoverMin + setupMin,
      endMin: max(sum.endMin, endMin),
    }),
    { lateness: 0, changeoverMin: 0, endMin: 0 },
  );
}

/**
 * Whether one order goes before another: by its value, then the earliest-filed task first, then the first machine. A
 * total order, so that the answer is always the same one. Below 0: the first goes before.
 */
export function comparePlaces(a: readonly PlacedTask[], b: readonly PlacedTask[]): number {
  const byTask = (placed: readonly PlacedTask[]) => placed.toSorted((x, y) => x.task - y.task);
  const [first, second] = [byTask(a), byTask(b)];
  const firstOther = (of: (one: PlacedTask) => number): number =>
    first.map((one, i) => of(one) - of(second[i] as PlacedTask)).find((difference) => difference !== 0) ?? 0;
  return (
    compareValues(valueOf(a), valueOf(b)) ||
    firstOther(({ startMin }) => startMin) ||
    firstOther(({ machine }) => machine)
  );
}
