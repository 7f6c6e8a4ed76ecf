import { words, type Words } from '../base/words/words.ts';
import type { DayMachine, DayProblem, DayTask, TaskWeight } from './order/day-problem.ts';
import { canDo, DAY_MIN } from './order/day-problem.ts';
import type { Machine } from '../machine/machine.ts';
import type { StatedWork } from '../plan/work/stated-work.ts';
import { jobInShop, type Shop } from '../plan/work/shop.ts';
import type { OwnNumbers, PlannedSetup } from '../plan/setup/setup.ts';
import { type Pin, type PinFault, pinnedUnits } from './pins.ts';
import { RigSetup } from './rig-setup.ts';
import { endOfHours, hoursOf, minutesFrom, type ShopDay, USUAL_DAY } from './shop-day.ts';

/** Minutes that a task is taken for while nobody knows its length. Source: our model: an assumption to correct. */
export const ASSUMED_TASK_MIN = 30;
/** Setting the knobs and clamping up, minutes a task. Source: common practice. */
export const CLAMP_UP_MIN = 2;

/** A job as a task of the day. */
export interface DayJob {
  readonly id: string;
  readonly title: string;
  readonly work: StatedWork;
  readonly own: OwnNumbers;
  /** How many of the piece that it is a weld of; 1 for a job by itself. */
  readonly pieces?: number | undefined;
  /** Typed minutes at the machine. */
  readonly minutes?: number | undefined;
  /** Local times as 2026-03-01T14:00. */
  readonly due?: string | undefined;
  readonly notBefore?: string | undefined;
  readonly weight?: TaskWeight | undefined;
  readonly pin?: Pin | undefined;
}

/** A machine as the day knows it. */
export interface MachineOfDay {
  readonly id: string;
  readonly machine: Machine;
}

/** Everything that the day's order hangs on. */
export interface DayInput {
  readonly jobs: readonly DayJob[];
  readonly machines: readonly MachineOfDay[];
  readonly shop: Omit<Shop, 'machines'>;
  readonly day: ShopDay;
  /** The day, as 2026-03-01, and the time of it, minutes after midnight, both local. */
  readonly today: string;
  readonly nowMin: number;
  /** The same moment as an ISO date in UTC: how old what is known of a rig is. */
  readonly now: string;
}

/** How the minutes of a task came about. */
export type MinutesFrom = 'typed' | 'arc-time' | 'assumed';

/** A task that is put in order. */
export interface TaskOfDay {
  readonly job: DayJob;
  readonly workMin: number;
  readonly minutesFrom: MinutesFrom;
  readonly dueMin: number;
  /** Whether somebody said when it is due; otherwise it is due at the end of the hours. */
  readonly isDueSaid: boolean;
  readonly notBeforeMin: number;
  readonly weight: TaskWeight;
  /** Its plan on each machine of the day; undefined where it cannot be welded there. */
  readonly plans: readonly (PlannedSetup | undefined)[];
}

/** A job that is on no machine's list, and why. */
export interface LeftOut {
  readonly job: DayJob;
  readonly reason: Words;
}

/** The day as it is put in order. */
export interface PlannedDay {
  readonly machines: readonly MachineOfDay[];
  readonly setups: readonly RigSetup[];
  readonly tasks: readonly TaskOfDay[];
  readonly problem: DayProblem;
  /** The same without pins: what our own order would be. */
  readonly unpinned: DayProblem;
  readonly leftOut: readonly LeftOut[];
  readonly pinFaults: readonly PinFault[];
}

/** Why a job is not welded on a machine. */
export interface NotThere {
  readonly status: 'not-there';
  readonly reason: Words;
}

/** Plans a job on one machine of the shop, or on none; a plan, or why there is none. */
export type PlanOn = (job: DayJob, machine: MachineOfDay) => PlannedSetup | NotThere;

const notThere = (reason: Words): NotThere => ({ status: 'not-there', reason });

/** Plans each job on each machine that it does not rule out. */
export function planOn({ shop, machines }: Pick<DayInput, 'shop' | 'machines'>): PlanOn {
  const whole = { ...shop, machines: machines.map(({ machine }) => machine) };
  const names = new Set(machines.map(({ machine }) => machine.name));
  return (job, { machine }) => {
    if (job.work.thicknessMm === undefined) return notThere('It has no thickness yet.');
    const { machineName } = job.work;
    if (machineName !== undefined && machineName !== machine.name) {
      return notThere(
        names.has(machineName)
          ? words`It is for ${machineName}.`
          : words`It is for ${machineName}, which is not in use.`,
      );
    }
    const here = jobInShop({ work: { ...job.work, machineName: machine.name }, own: job.own }, whole);
    const setup = here.status === 'answered' ? here.setup : undefined;
    return setup?.status === 'planned' ? setup : notThere(setup?.reasons[0] ?? 'It cannot be welded there.');
  };
}

/** Minutes of a task at a machine, and how they came about. */
export function taskMinutes(
  { minutes, pieces = 1 }: Pick<DayJob, 'minutes' | 'pieces'>,
  plan: PlannedSetup,
  { arcSharePercent = USUAL_DAY.arcSharePercent }: ShopDay,
): { readonly workMin: number; readonly from: MinutesFrom } {
  if (minutes !== undefined) return { workMin: Math.round(minutes), from: 'typed' };
  if (!plan.totals) return { workMin: ASSUMED_TASK_MIN, from: 'assumed' };
  const atTheArc = (plan.totals.arcTimeMin * pieces * 100) / arcSharePercent;
  return { workMin: Math.ceil(atTheArc + CLAMP_UP_MIN), from: 'arc-time' };
}

function timesOf(
  job: DayJob,
  input: DayInput,
  ends: number,
): Pick<TaskOfDay, 'dueMin' | 'isDueSaid' | 'notBeforeMin' | 'weight'> {
  const due = job.due === undefined ? NaN : minutesFrom(input.today, job.due);
  const notBefore = job.notBefore === undefined ? NaN : minutesFrom(input.today, job.notBefore);
  const isDueSaid = Number.isFinite(due);
  const notBeforeMin = Number.isFinite(notBefore) ? Math.max(0, notBefore) : 0;
  // what may begin on a later day is due at the end of that day
  const lastDay = Math.max(0, Math.ceil((notBeforeMin - ends) / DAY_MIN));
  return {
    isDueSaid,
    dueMin: isDueSaid ? due : ends + lastDay * DAY_MIN,
    notBeforeMin,
    weight: isDueSaid ? (job.weight ?? 1) : 1,
  };
}

/** A job on the machines that can do it, or why none can. */
function taskOf(job: DayJob, input: DayInput, plan: PlanOn, ends: number): TaskOfDay | LeftOut {
  const setups = input.machines.map((machine) => plan(job, machine));
  const plans = setups.map((one) => (one.status === 'planned' ? one : undefined));
  const first = plans.find((one) => one !== undefined);
  if (!first) {
    const named = input.machines.findIndex(({ machine }) => machine.name === job.work.machineName);
    const there = setups[Math.max(0, named)];
    return { job, reason: there?.status === 'not-there' ? there.reason : 'There is no machine yet.' };
  }
  const longest = input.machines.reduce((most, { id }) => {
    const { opensMin, closesMin } = hoursOf(input.day, id);
    return Math.max(most, closesMin - opensMin);
  }, 0);
  const { workMin, from } = taskMinutes(job, first, input.day);
  if (workMin > longest) {
    return {
      job,
      reason: words`It takes ${workMin} min, longer than the hours of any machine (${longest} min): split it.`,
    };
  }
  const times = timesOf(job, input, ends);
  if (job.notBefore !== undefined && times.isDueSaid && times.dueMin <= times.notBeforeMin) {
    return { job, reason: 'It is due before it may begin: correct one of the two.' };
  }
  return { job, workMin: Math.max(1, workMin), minutesFrom: from, plans, ...times };
}

/**
 * The day as a problem: each job's plan on each machine, what that needs of the rig, its minutes and times. A job that
 * no machine can do is left out with the planner's reason; the rest is still put in order.
 *
 * @param plan how jobs are planned; plans may be kept between two days that differ little
 */
export function planDay(input: DayInput, plan: PlanOn = planOn(input)): PlannedDay {
  const { machines, day, nowMin, now, shop } = input;
  const setups = machines.map(({ machine }) => new RigSetup(machine, { now, schools: shop.schools }));
  const hours = machines.map(({ id }) => hoursOf(day, id));
  const ends = Math.max(nowMin, ...hours.map((one) => endOfHours(one, nowMin)));
  const all = input.jobs.map((job) => taskOf(job, input, plan, ends));
  const leftOut: LeftOut[] = all.filter((one) => 'reason' in one);
  let tasks = all.filter((one) => 'workMin' in one);
  const asMachines = machines.map((_, m): DayMachine => {
    const setup = setups[m] as RigSetup;
    return { setup, rig: setup.rig, freeAtMin: nowMin, hours: hours[m] ?? { opensMin: 0, closesMin: 1440 } };
  });
  const problemOf = (): { readonly problem: DayProblem; readonly pinFaults: readonly PinFault[] } => {
    const asTasks = tasks.map((task): DayTask => ({
      workMin: task.workMin,
      dueMin: task.dueMin,
      notBeforeMin: task.notBeforeMin,
      weight: task.weight,
      needs: task.plans.map((one, m) => one && setups[m]?.need(one)),
    }));
    const pinned = tasks.map(({ job: { id, title, pin } }) => ({ id, title, pin }));
    const { units, faults } = pinnedUnits(
      pinned,
      machines.map(({ id }) => id),
    );
    return { problem: { machines: asMachines, tasks: asTasks, units }, pinFaults: faults };
  };
  let { problem, pinFaults } = problemOf();
  const impossible = problem.units.filter((unit) => !machines.some((_, m) => canDo(problem, unit, m)));
  if (impossible.length > 0) {
    // a pin that no machine can keep is let go, and said
    const freed = new Set(impossible.flatMap((unit) => unit.tasks));
    const kept = pinFaults;
    const refused = [...freed].flatMap((i): PinFault[] => {
      const job = tasks[i]?.job;
      return job?.pin ? [{ taskId: job.id, text: 'It cannot be welded where it is pinned.' }] : [];
    });
    tasks = tasks.map((task, i) => (freed.has(i) ? { ...task, job: { ...task.job, pin: undefined } } : task));
    ({ problem } = problemOf());
    pinFaults = [...kept, ...refused];
  }
  const unpinned = { ...problem, units: tasks.map((_, i) => ({ tasks: [i] })) };
  return { machines, setups, tasks, problem, unpinned, leftOut, pinFaults };
}
