import { amount } from '../base/words/amount.ts';
import { wordsOfMetricText } from '../base/words/metric-text.ts';
import { joined, words, type Words } from '../base/words/words.ts';
import { type DayOrder } from './order/day-order.ts';
import { type DaySequences, type DayUnit, type DayValue } from './order/day-problem.ts';
import { placedTasks, type PlacedTask, valueOf } from './order/schedule.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import type { PlannedDay, TaskOfDay } from './plan-day.ts';

/** What it would cost to have a task first on its machine. */
export interface FirstInstead {
  readonly changeoverMin: number;
  readonly lateness: number;
}

/** A task in its place, and why it stands there. */
export interface PlaceOfDay {
  readonly task: TaskOfDay;
  readonly machineIndex: number;
  readonly plan: PlannedSetup;
  readonly setupMin: number;
  readonly setupStartMin: number;
  readonly startMin: number;
  readonly endMin: number;
  readonly lateMin: number;
  /** Things of the machine that nobody knows and that its changeover counts as not as needed; 0 after the first task. */
  readonly unknowns: number;
  readonly why: Words;
}

/** The day in order, machine by machine. */
export interface PlacedDay {
  readonly lines: readonly (readonly PlaceOfDay[])[];
  readonly value: DayValue;
}

/** What two plans have in common on a machine: "0.8 mm ER70S-6 and Ar + 18 % CO₂". */
function shared(a: PlannedSetup, b: PlannedSetup): Words {
  const isWire = a.wire.wireClass === b.wire.wireClass && a.wire.diameterMm === b.wire.diameterMm;
  const isGas = a.gas.gas.id === b.gas.gas.id;
  const parts = [
    isWire ? words`${amount.wireSize(a.wire.diameterMm)} ${a.wire.wireClass}` : '',
    isGas && a.gas.gas.shields ? a.gas.gas.name : '',
  ];
  return joined(parts, ' and ');
}

function movedFirst(sequences: DaySequences, machine: number, unit: number): DaySequences {
  return sequences.map((line, m) => (m === machine ? [unit, ...line.filter((one) => one !== unit)] : line));
}

const plus = (minutes: number): Words => words`${minutes} min`;

function againstFirst(day: PlannedDay, order: DaySequences, value: DayValue, placed: PlacedTask): Words {
  const unit = day.problem.units.findIndex(({ tasks }) => tasks.includes(placed.task));
  if (order[placed.machine]?.[0] === unit) return '';
  const instead = valueOf(placedTasks(day.problem, movedFirst(order, placed.machine, unit)));
  const change = instead.changeoverMin - value.changeoverMin;
  const late = instead.lateness - value.lateness;
  if (late > 0) return words` First on the machine it would make others ${plus(late)} late.`;
  if (change > 0) return words` First on the machine it would cost ${plus(change)} more of changing over.`;
  return ' First on the machine it would cost no more; the earlier filed goes first.';
}

function whyOf(
  day: PlannedDay,
  order: DaySequences,
  value: DayValue,
  placed: PlacedTask,
  before: PlacedTask | undefined,
): Words {
  const task = day.tasks[placed.task] as TaskOfDay;
  const plan = task.plans[placed.machine] as PlannedSetup;
  const unit = day.problem.units.find(({ tasks }) => tasks.includes(placed.task)) as DayUnit;
  const isPinned = unit.machine !== undefined && task.job.pin !== undefined;
  const prior = before && (day.tasks[before.task] as TaskOfDay);
  const same = prior && shared(plan, prior.plans[placed.machine] as PlannedSetup);
  const change = placed.setupMin === 0 ? 'nothing to change' : words`${plus(placed.setupMin)} to change over`;
  const begin = prior
    ? words`After ${wordsOfMetricText(prior.job.title)}${same ? words`, because both run ${same}` : ''}: ${change}.`
    : words`First on ${day.machines[placed.machine]?.machine.name ?? ''}: ${change} from how it stands.`;
  const unknowns = prior ? 0 : unknownsOf(day, placed);
  const most =
    unknowns === 0
      ? ''
      : words` That is the most: what nobody knows of it (${unknowns === 1 ? '1 thing' : words`${unknowns} things`}) is counted as not as needed.`;
  const pinned = isPinned ? ' Pinned here by hand.' : '';
  return words`${begin}${most}${pinned || againstFirst(day, order, value, placed)}`;
}

/** What nobody knows of a machine that its first task asks for. */
function unknownsOf(day: PlannedDay, { task, machine }: PlacedTask): number {
  const need = day.problem.tasks[task]?.needs[machine];
  return need === undefined ? 0 : (day.setups[machine]?.unknowns(need) ?? 0);
}

/** An order as places with times and reasons. */
export function placedDay(day: PlannedDay, { sequences }: Pick<DayOrder, 'sequences'>): PlacedDay {
  const placed = placedTasks(day.problem, sequences);
  const value = valueOf(placed);
  const lines = day.machines.map((_, m) => {
    const line = placed.filter(({ machine }) => machine === m);
    return line.map((one, i): PlaceOfDay => {
      const task = day.tasks[one.task] as TaskOfDay;
      return {
        task,
        machineIndex: m,
        plan: task.plans[m] as PlannedSetup,
        setupMin: one.setupMin,
        setupStartMin: one.setupStartMin,
        startMin: one.startMin,
        endMin: one.endMin,
        unknowns: i === 0 ? unknownsOf(day, one) : 0,
        lateMin: task.isDueSaid ? Math.max(0, one.endMin - task.dueMin) : 0,
        why: whyOf(day, sequences, value, one, line[i - 1]),
      };
    });
  });
  return { lines, value };
}
