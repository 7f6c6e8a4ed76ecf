import type { DayMachine, DayProblem, SetupTable } from './day-problem.ts';
import { reachableRigs } from './rig-reach.ts';

/** The same table as rows of numbers, for the rigs that can come about. */
class DenseSetup implements SetupTable {
  private readonly minutesOf: Int32Array;
  private readonly nextOf: Int32Array;

  constructor(
    setup: SetupTable,
    rigs: readonly number[],
    private readonly width: number,
    needs: readonly number[],
  ) {
    const index = new Map(rigs.map((rig, i) => [rig, i] as const));
    this.minutesOf = new Int32Array(rigs.length * width);
    this.nextOf = new Int32Array(rigs.length * width);
    rigs.forEach((rig, i) => {
      for (const need of needs) {
        this.minutesOf[i * width + need] = setup.minutes(rig, need);
        this.nextOf[i * width + need] = index.get(setup.next(rig, need)) as number;
      }
    });
  }

  minutes(rig: number, need: number): number {
    return this.minutesOf[rig * this.width + need] as number;
  }

  next(rig: number, need: number): number {
    return this.nextOf[rig * this.width + need] as number;
  }
}

function dense(machine: DayMachine, needs: readonly number[]): DayMachine {
  const rigs = reachableRigs(machine.setup, machine.rig, needs);
  if (!rigs) return machine;
  const setup = new DenseSetup(machine.setup, rigs, Math.max(0, ...needs) + 1, needs);
  return { ...machine, rig: 0, setup };
}

/** The problem with set-ups that are looked up at once; where a machine can stand in too many rigs, as it was. */
export function withDenseSetups(problem: DayProblem): DayProblem {
  return {
    ...problem,
    machines: problem.machines.map((machine, m) =>
      dense(machine, [...new Set(problem.tasks.flatMap(({ needs }) => needs[m] ?? []))]),
    ),
  };
}
