import type { DayUnit } from './order/day-problem.ts';

/** Where a task is kept by hand: on a machine, and there first, or right after another task. */
export interface Pin {
  readonly machineId: string;
  /** Another task's id, or `first`; undefined: anywhere on the machine. */
  readonly after?: string | undefined;
}

/** A pin that cannot hold, and why, in words. */
export interface PinFault {
  readonly taskId: string;
  readonly text: string;
}

/** A task as far as pins go. */
export interface PinnedTask {
  readonly id: string;
  readonly title: string;
  readonly pin?: Pin | undefined;
}

/** Tasks in the order in which they follow each other, and what of the pins cannot hold. */
export interface PinnedUnits {
  readonly units: readonly DayUnit[];
  readonly faults: readonly PinFault[];
}

/**
 * Tasks taken together as their pins keep them. A pin that goes round in a circle, after a task that another follows
 * already, or beside one that is kept elsewhere, is said and does not hold; the task keeps its machine.
 *
 * @param machineIds the machines of the day, in order
 */
export function pinnedUnits(tasks: readonly PinnedTask[], machineIds: readonly string[]): PinnedUnits {
  const faults: PinFault[] = [];
  const index = new Map(tasks.map(({ id }, i) => [id, i] as const));
  const before = new Map<number, number>();
  const after = new Map<number, number>();
  const firsts = new Map<number, number>();
  const machineOf = (task: number): number | undefined => {
    const machine = machineIds.indexOf(tasks[task]?.pin?.machineId ?? '');
    return machine < 0 ? undefined : machine;
  };
  const titleOf = (task: number): string => tasks[task]?.title ?? '';
  tasks.forEach(({ id, pin }, i) => {
    if (pin === undefined) return;
    const refuse = (text: string): void => void faults.push({ taskId: id, text });
    const machine = machineOf(i);
    if (machine === undefined) return refuse('The machine that it is pinned to is not there today.');
    if (pin.after === undefined) return;
    if (pin.after === 'first') {
      const other = firsts.get(machine);
      if (other !== undefined) return refuse(`${titleOf(other)} is pinned first on that machine already.`);
      firsts.set(machine, i);
      return;
    }
    const prior = index.get(pin.after);
    // what it followed is done or was taken off the day
    if (prior === undefined) return;
    const follower = after.get(prior);
    if (follower !== undefined)
      return refuse(`${titleOf(follower)} is pinned right after ${titleOf(prior)} already.`);
    const priorMachine = machineOf(prior);
    if (priorMachine !== undefined && priorMachine !== machine) {
      return refuse(`${titleOf(prior)} is pinned to another machine.`);
    }
    for (let at: number | undefined = prior; at !== undefined; at = before.get(at)) {
      if (at === i) return refuse('It is pinned after a task that is pinned after it.');
    }
    before.set(i, prior);
    after.set(prior, i);
  });
  const units = tasks.flatMap((_, i): DayUnit[] => {
    if (before.has(i)) return [];
    const chain: number[] = [];
    for (let at: number | undefined = i; at !== undefined; at = after.get(at)) chain.push(at);
    const machine = chain.map(machineOf).find((one) => one !== undefined);
    const first = machine !== undefined && firsts.get(machine) === i;
    return [{ tasks: chain, ...(machine === undefined ? {} : { machine }), ...(first ? { first } : {}) }];
  });
  return { units, faults };
}
