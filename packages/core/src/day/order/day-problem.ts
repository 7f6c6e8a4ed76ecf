/** Taken out of the global once: it is asked for millions of times. */
const { floor } = Math;

/** Minutes of a day. */
export const DAY_MIN = 1440;

/** The hours of a machine, the same every day, minutes after midnight; opens < closes. */
export interface DayHours {
  readonly opensMin: number;
  readonly closesMin: number;
}

/** What it takes to bring a rig to a need, and how it stands then. Rigs and needs are numbers of the table. */
export interface SetupTable {
  /** Whole minutes from a rig to a need. */
  minutes(rig: number, need: number): number;
  /** The rig as it then stands: what the need does not use stays as it was. */
  next(rig: number, need: number): number;
}

/** A machine of the day. Times are whole minutes from the midnight before the day begins. */
export interface DayMachine {
  readonly hours: DayHours;
  /** From when on it can be used. */
  readonly freeAtMin: number;
  readonly rig: number;
  readonly setup: SetupTable;
}

/** How much it hurts to be late. */
export const TASK_WEIGHTS = [1, 2, 3] as const;
export type TaskWeight = (typeof TASK_WEIGHTS)[number];

/** A task of the day, in the order in which tasks were filed. */
export interface DayTask {
  /** Work at the machine, whole minutes, at least 1. */
  readonly workMin: number;
  readonly dueMin: number;
  readonly notBeforeMin: number;
  readonly weight: TaskWeight;
  /** What it needs of each machine; undefined where it cannot be done. */
  readonly needs: readonly (number | undefined)[];
}

/** Tasks that follow each other at once on one machine; most are of one task. */
export interface DayUnit {
  readonly tasks: readonly number[];
  /** The one machine it is kept to. */
  readonly machine?: number | undefined;
  /** Whether it is the first on its machine. */
  readonly first?: boolean | undefined;
}

/** What is put in order. */
export interface DayProblem {
  readonly machines: readonly DayMachine[];
  readonly tasks: readonly DayTask[];
  readonly units: readonly DayUnit[];
}

/** Units of each machine, in order. */
export type DaySequences = readonly (readonly number[])[];

/** What an order is judged by, least first: weighted lateness, then changeover, then the end of the last task. */
export interface DayValue {
  readonly lateness: number;
  readonly changeoverMin: number;
  readonly endMin: number;
}

/** Below 0: the first is the better order. */
export function compareValues(a: DayValue, b: DayValue): number {
  return a.lateness - b.lateness || a.changeoverMin - b.changeoverMin || a.endMin - b.endMin;
}

/**
 * The first time from which a piece of work fits into the hours without a break.
 *
 * @param fromMin minutes from midnight of the first day, 0 or above
 * @param lengthMin at most as long as the hours; nothing takes no time at any time
 */
export function fitIntoHours({ opensMin, closesMin }: DayHours, fromMin: number, lengthMin: number): number {
  if (lengthMin === 0) return fromMin;
  const day = floor(fromMin / DAY_MIN) * DAY_MIN;
  if (fromMin < day + opensMin) return day + opensMin;
  return fromMin + lengthMin <= day + closesMin ? fromMin : day + DAY_MIN + opensMin;
}

/** Whether a unit can be done on a machine: where all its tasks can, in one piece within the hours, and it may. */
export function canDo({ machines, tasks }: DayProblem, unit: DayUnit, machine: number): boolean {
  const { opensMin, closesMin } = (machines[machine] as DayMachine).hours;
  return (
    (unit.machine ?? machine) === machine &&
    unit.tasks.every((task) => {
      const { needs, workMin } = tasks[task] as DayTask;
      return needs[machine] !== undefined && workMin <= closesMin - opensMin;
    })
  );
}
