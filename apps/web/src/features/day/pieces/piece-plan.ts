import type { Words } from '@hot-bead/core/base';
import { dayJob, type KeptPiece } from '@hot-bead/contract/day';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { planOn, type ShopDay, taskMinutes, taskTakes, type TaskTakes } from '@hot-bead/core/day';
import type { PlannedSetup, Shop } from '@hot-bead/core/plan';

/** A weld of a piece with its plan on a machine. */
export interface WeldOfPiece {
  readonly job: Job;
  /** Its plan; undefined where there is none. */
  readonly plan: PlannedSetup | undefined;
  /** Why there is no plan. */
  readonly reason: Words | undefined;
  readonly machine: KeptMachine | undefined;
  readonly workMin: number | undefined;
  readonly minutesFrom: 'typed' | 'arc-time' | 'assumed' | undefined;
}

/** What a piece takes, all of them together. */
export interface PieceTotals {
  readonly arcTimeMin: number;
  readonly wireKg: number;
  readonly gasL: number;
  readonly workMin: number;
  /** Welds whose length is not known: they are in none of the sums but the minutes, which are assumed. */
  readonly withoutLength: number;
  readonly withoutPlan: number;
  readonly takes: readonly TaskTakes[];
}

interface PlannedIn {
  readonly shop: Shop;
  readonly machines: readonly KeptMachine[];
  readonly day: ShopDay;
  /** Where welds are planned that name no machine. */
  readonly machineId: string | undefined;
}

/** Every weld of a piece on its machine: the one it names, or the one that is chosen for the rest. */
export function weldsOfPiece(
  piece: KeptPiece,
  jobs: readonly Job[],
  { shop, machines, day, machineId }: PlannedIn,
): readonly WeldOfPiece[] {
  const plan = planOn({
    shop,
    machines: machines.map((machine) => ({ id: machine.id, machine })),
  });
  return jobs.map((job): WeldOfPiece => {
    const id = job.machine?.id ?? machineId;
    const machine = machines.find((one) => one.id === id);
    const nothing = { job, machine, plan: undefined, workMin: undefined, minutesFrom: undefined };
    if (!machine)
      return {
        ...nothing,
        reason: job.machine ? `${job.machine.name} is retired.` : 'There is no machine yet.',
      };
    const asTask = dayJob(job, piece);
    const planned = plan(asTask, { id: machine.id, machine });
    if (planned.status === 'not-there') return { ...nothing, reason: planned.reason };
    const { workMin, from } = taskMinutes(asTask, planned, day);
    return { job, machine, plan: planned, reason: undefined, workMin, minutesFrom: from };
  });
}

/** What all of the pieces take together. */
export function totalsOf(welds: readonly WeldOfPiece[], pieces: number): PieceTotals {
  const planned = welds.flatMap(({ plan }) => (plan ? [plan] : []));
  const sum = (of: (plan: PlannedSetup) => number | undefined): number =>
    planned.reduce((total, plan) => total + (of(plan) ?? 0) * pieces, 0);
  return {
    arcTimeMin: sum(({ totals }) => totals?.arcTimeMin),
    wireKg: sum(({ totals }) => totals?.wireKg),
    gasL: sum(({ totals, gas }) => (gas.gas.shields ? totals?.gasL : 0)),
    workMin: welds.reduce((total, { workMin }) => total + (workMin ?? 0), 0),
    withoutLength: planned.filter(({ totals }) => totals === undefined).length,
    withoutPlan: welds.length - planned.length,
    takes: planned.map((plan) => taskTakes(plan, pieces)),
  };
}
