import { seededRandom } from '../src/base/numeric/seeded-random.ts';
import type { DayHours, DayProblem, DayTask, SetupTable, TaskWeight } from '../src/day/order/day-problem.ts';

/** A rig or a need of the plain model: what it leaves out stays as it was. */
export type PlainRig = Readonly<Record<string, string>>;

const MINUTES: Readonly<Record<string, number>> = {
  polarity: 2,
  gun: 3,
  spool: 6,
  sgSpool: 6,
  rolls: 3,
  gas: 6,
};
const CUTS_POWER = ['polarity', 'gun', 'spool', 'sgSpool', 'rolls', 'liner', 'neck', 'gas'];

/**
 * Minutes from a rig to a need by plain difference. Source: handbook, day order solved §1, worked by hand there.
 */
export function plainMinutes(rig: PlainRig, need: PlainRig): number {
  const differs = (name: string): boolean => need[name] !== undefined && need[name] !== rig[name];
  const any = (...names: readonly string[]): boolean => names.some(differs);
  const sum = Object.keys(MINUTES).reduce(
    (total, name) => total + (differs(name) ? (MINUTES[name] ?? 0) : 0),
    0,
  );
  return (
    sum +
    (any('liner', 'neck') ? 12 : 0) +
    (any('tip', 'nozzle') ? 1 : 0) +
    (any('spool', 'sgSpool', 'rolls', 'liner', 'neck') ? 2 : 0) +
    (any('gas') ? 1 : 0) +
    (any('spool', 'sgSpool', 'gas', 'gun', 'transfer') ? 5 : 0) +
    (any(...CUTS_POWER) ? 1 : 0)
  );
}

/** A table of set-ups over plain rigs, each numbered as it comes about. */
export class PlainSetup implements SetupTable {
  private readonly rigs: PlainRig[] = [];
  private readonly numbers = new Map<string, number>();
  private readonly costs = new Map<number, number>();
  private readonly nexts = new Map<number, number>();

  constructor(private readonly needs: readonly PlainRig[]) {}

  number(rig: PlainRig): number {
    const key = JSON.stringify(Object.entries(rig).toSorted(([a], [b]) => (a < b ? -1 : 1)));
    const known = this.numbers.get(key);
    if (known !== undefined) return known;
    this.numbers.set(key, this.rigs.length);
    return this.rigs.push(rig) - 1;
  }

  minutes(rig: number, need: number): number {
    const key = rig * 1000 + need;
    const known = this.costs.get(key);
    if (known !== undefined) return known;
    const minutes = plainMinutes(this.rigs[rig] as PlainRig, this.needs[need] as PlainRig);
    this.costs.set(key, minutes);
    return minutes;
  }

  next(rig: number, need: number): number {
    const key = rig * 1000 + need;
    const known = this.nexts.get(key);
    if (known !== undefined) return known;
    const next = this.number({ ...(this.rigs[rig] as PlainRig), ...(this.needs[need] as PlainRig) });
    this.nexts.set(key, next);
    return next;
  }
}

const steel = (size: string, gas: string): PlainRig => ({
  polarity: 'DCEP',
  gun: 'standard',
  spool: `S${size}`,
  rolls: `V${size}`,
  liner: 'steel',
  neck: 'none',
  tip: size,
  nozzle: '15',
  gas,
  transfer: 'dip',
});
/** Needs of a mixed shop, invented. */
export const PLAIN_NEEDS = {
  s08mix: steel('08', 'mix18'),
  s10mix: steel('10', 'mix18'),
  s08co2: steel('08', 'co2'),
  spray: { ...steel('10', 'mix8'), transfer: 'spray' },
  fluxCore: {
    polarity: 'DCEN',
    gun: 'standard',
    spool: 'F09',
    rolls: 'K09',
    liner: 'steel',
    neck: 'none',
    tip: '09',
    nozzle: 'cap',
    transfer: 'dip',
  },
  aluminium: {
    polarity: 'DCEP',
    gun: 'standard',
    spool: 'A10',
    rolls: 'U10',
    liner: 'plastic',
    neck: 'bronze',
    tip: 'A10',
    nozzle: '16',
    gas: 'argon',
    transfer: 'spray',
  },
  spoolGun: { polarity: 'DCEP', gun: 'spool-gun', sgSpool: 'A10', gas: 'argon', transfer: 'spray' },
} as const satisfies Readonly<Record<string, PlainRig>>;
export type PlainNeed = keyof typeof PLAIN_NEEDS;
export const PLAIN_NEED_NAMES = Object.keys(PLAIN_NEEDS) as readonly PlainNeed[];

export const ALL_DAY: DayHours = { opensMin: 0, closesMin: 1440 };

/** One task of a hand-made day. */
export interface PlainTask {
  readonly need: PlainNeed;
  readonly workMin?: number;
  readonly dueMin?: number;
  readonly notBeforeMin?: number;
  readonly weight?: TaskWeight;
  /** Machines it can be done on; all unless said. */
  readonly on?: readonly number[];
}

/** A day over plain rigs, from 0 o’clock, without hours unless said. */
export function plainDay(
  tasks: readonly PlainTask[],
  rigs: readonly PlainRig[],
  {
    hours = ALL_DAY,
    dueMin = 1440,
    freeAtMin = 0,
  }: { hours?: DayHours; dueMin?: number; freeAtMin?: number } = {},
): DayProblem {
  const setup = new PlainSetup(PLAIN_NEED_NAMES.map((name) => PLAIN_NEEDS[name]));
  return {
    machines: rigs.map((rig) => ({ hours, freeAtMin, rig: setup.number(rig), setup })),
    tasks: tasks.map((task): DayTask => ({
      workMin: task.workMin ?? 30,
      dueMin: task.dueMin ?? dueMin,
      notBeforeMin: task.notBeforeMin ?? 0,
      weight: task.weight ?? 1,
      needs: rigs.map((_, m) =>
        task.on === undefined || task.on.includes(m) ? PLAIN_NEED_NAMES.indexOf(task.need) : undefined,
      ),
    })),
    units: tasks.map((_, i) => ({ tasks: [i] })),
  };
}

/** What kind of day is drawn. */
export interface DrawnDay {
  readonly tasks: number;
  readonly machines: number;
  readonly hours?: boolean;
  /** Times in halves of an hour: many orders are worth the same. */
  readonly coarse?: boolean;
  /** Shares of tasks that are due and that may not begin at once. */
  readonly dueShare?: number;
  readonly notBeforeShare?: number;
  /** Due times within so many minutes of work a machine. */
  readonly slack?: number;
}

/** A day drawn at random: the same for the same seed. Our own generator, after the handbook's. */
export function drawnDay(seed: number, kind: DrawnDay): DayProblem {
  const random = seededRandom(seed);
  const pick = (below: number): number => Math.floor(random() * below);
  const { tasks: count, machines, coarse = false, dueShare = 0.5, notBeforeShare = 0.2, slack = 1 } = kind;
  const round = (minutes: number): number => (coarse ? Math.ceil(minutes / 30) * 30 : Math.ceil(minutes));
  const names = PLAIN_NEED_NAMES.toSorted(() => random() - 0.5).slice(0, 2 + pick(4));
  const span = (count * 45 * slack) / machines;
  const opensMin = 420;
  const tasks = Array.from({ length: count }, (): PlainTask => {
    const on = Array.from({ length: machines }, (_, m) => m).filter(() => random() < 0.75);
    return {
      need: names[pick(names.length)] as PlainNeed,
      workMin: round(10 + random() * 60),
      weight: (1 + pick(3)) as TaskWeight,
      on: on.length === 0 ? [pick(machines)] : on,
      ...(random() < dueShare ? { dueMin: opensMin + round(20 + random() * span) } : { weight: 1 as const }),
      ...(random() < notBeforeShare ? { notBeforeMin: opensMin + round(random() * span * 0.6) } : {}),
    };
  });
  const rigs = Array.from({ length: machines }, () => PLAIN_NEEDS[PLAIN_NEED_NAMES[pick(7)] as PlainNeed]);
  const hours = kind.hours === true ? { opensMin, closesMin: opensMin + 150 + 30 * pick(6) } : ALL_DAY;
  return plainDay(tasks, rigs, { hours, freeAtMin: opensMin, dueMin: opensMin + 540 });
}
