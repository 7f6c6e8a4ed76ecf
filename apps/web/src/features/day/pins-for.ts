import type { Job } from '@hot-bead/contract/plan';
import type { TaskChange } from './day.queries.ts';

/** A machine's tasks in order. */
export interface Line {
  readonly machineId: string;
  readonly ids: readonly string[];
}

interface TaskPin {
  readonly id: string;
  readonly change: TaskChange;
}

/**
 * What pins a task where it was put: on the machine, right after the one that then stands before it, or first. Whoever
 * was pinned right after the same is then pinned after it, and whoever was pinned after it follows its old forerunner.
 *
 * @param over the task that it was put onto, or `lane ID` for a machine's whole list
 */
export function pinsFor(
  lines: readonly Line[],
  jobs: readonly Job[],
  moved: string,
  over: string,
): readonly TaskPin[] {
  const lane = over.startsWith('lane ') ? over.slice(5) : undefined;
  const target = lines.find(({ machineId, ids }) =>
    lane === undefined ? ids.includes(over) : machineId === lane,
  );
  if (!target) return [];
  const from = target.ids.indexOf(moved);
  const rest = target.ids.filter((id) => id !== moved);
  const overAt = rest.indexOf(over);
  // moved down a list it comes after the one it is put onto, moved up or in from another machine before it
  const isDown = from >= 0 && from < target.ids.indexOf(over);
  const at = lane === undefined ? overAt + (isDown ? 1 : 0) : rest.length;
  const after = at === 0 ? 'first' : (rest[at - 1] ?? 'first');
  const before = jobs.find(({ id }) => id === moved)?.task;
  const others = jobs.flatMap(({ id, task }): TaskPin[] => {
    if (id === moved || task.pinMachineId === undefined) return [];
    if (task.pinAfter === moved) {
      const forerunner = before?.pinAfter ?? null;
      return [{ id, change: { pinAfter: forerunner } }];
    }
    const isSamePlace =
      task.pinAfter === after && (after !== 'first' || task.pinMachineId === target.machineId);
    return isSamePlace ? [{ id, change: { pinMachineId: target.machineId, pinAfter: moved } }] : [];
  });
  return [...others, { id: moved, change: { pinMachineId: target.machineId, pinAfter: after } }];
}
