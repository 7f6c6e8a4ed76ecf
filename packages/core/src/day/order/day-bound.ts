import { type DayMachine, type DayProblem, type DayTask, DAY_MIN } from './day-problem.ts';
import { settled } from './day-order.ts';
import { EXACT_UNITS, exactOrder } from './exact-order.ts';
import { heuristicOrder } from './heuristic-order.ts';
import { reachableRigs } from './rig-reach.ts';
import { placedTasks, valueOf } from './schedule.ts';

/** Rounds that find the first order of the visits. Source: our tuning. */
const ROUNDS = 60;
const MOST_LABELS = 100_000;
const SWEEPS = 40;

/** What no order can be better than; undefined where we cannot say. */
export interface DayBound {
  readonly changeoverMin: number | undefined;
}

/** All day and night: a visit has no hours. */
const ALWAYS = { opensMin: 0, closesMin: DAY_MIN };

/**
 * Whether leaving a visit out never makes the rest dearer, on one machine: from a rig as it is, whatever follows costs
 * at most the visit more than from the rig as the visit leaves it.
 */
function mayLeaveOut({ setup, rig }: DayMachine, needs: readonly number[]): boolean {
  const rigs = reachableRigs(setup, rig, needs);
  if (!rigs || rigs.length > 120) return false;
  const index = new Map(rigs.map((one, i) => [one, i] as const));
  const cost = (x: number, need: number): number => setup.minutes(rigs[x] as number, need);
  const next = (x: number, need: number): number => index.get(setup.next(rigs[x] as number, need)) as number;
  // most that cumulative minutes from x can exceed those from y, as the least fixed point
  const excess = rigs.map(() => new Float64Array(rigs.length));
  for (let sweep = 0; sweep < SWEEPS; sweep += 1) {
    let isSettled = true;
    for (let x = 0; x < rigs.length; x += 1) {
      for (let y = 0; y < rigs.length; y += 1) {
        let most = 0;
        for (const need of needs) {
          const then = (excess[next(x, need)] as Float64Array)[next(y, need)] as number;
          most = Math.max(most, cost(x, need) - cost(y, need) + then);
        }
        if (most > ((excess[x] as Float64Array)[y] as number)) {
          (excess[x] as Float64Array)[y] = most;
          isSettled = false;
        }
      }
    }
    if (isSettled) {
      return rigs.every((_, x) =>
        needs.every((need) => ((excess[x] as Float64Array)[next(x, need)] as number) <= cost(x, need)),
      );
    }
  }
  return false;
}

/** Tasks that one visit may serve, taken as one that can be done wherever one of them can: that costs no more. */
function visitsOf({ tasks }: DayProblem): readonly DayTask[] {
  const visits: (number | undefined)[][] = [];
  for (const { needs } of tasks) {
    const shared = visits.filter((visit) => visit.some((need, m) => need !== undefined && need === needs[m]));
    const merged = needs.map(
      (need, m) => need ?? shared.map((visit) => visit[m]).find((one) => one !== undefined),
    );
    for (const visit of shared) visits.splice(visits.indexOf(visit), 1);
    visits.push(merged);
  }
  return visits.map((needs) => ({ needs, workMin: 1, dueMin: Infinity, notBeforeMin: 0, weight: 1 }));
}

/**
 * The least changeover that any order can have: each need is come to once, whatever is due. It is stated only where it
 * holds: where leaving a visit out never makes the rest dearer.
 *
 * @source our model: a relaxation, solved exactly
 */
export function dayBound(problem: DayProblem): DayBound {
  const tasks = visitsOf(problem);
  const machines = problem.machines.map((machine) => ({ ...machine, hours: ALWAYS, freeAtMin: 0 }));
  if (tasks.length > EXACT_UNITS - 2 || machines.length > 3) return { changeoverMin: undefined };
  const isValid = machines.every((machine, m) =>
    mayLeaveOut(machine, [...new Set(tasks.flatMap(({ needs }) => needs[m] ?? []))]),
  );
  if (!isValid) return { changeoverMin: undefined };
  const visits: DayProblem = { machines, tasks, units: tasks.map((_, i) => ({ tasks: [i] })) };
  const { value } = settled(heuristicOrder(visits, ROUNDS));
  const solved = settled(exactOrder(visits, value, MOST_LABELS));
  if (solved.status !== 'solved') return { changeoverMin: undefined };
  return { changeoverMin: valueOf(placedTasks(visits, solved.sequences)).changeoverMin };
}
