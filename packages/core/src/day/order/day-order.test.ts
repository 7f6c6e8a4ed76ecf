import { cases } from '../../../test/cases.ts';
import {
  drawnDay,
  plainDay,
  PLAIN_NEEDS,
  PLAIN_NEED_NAMES,
  plainMinutes,
  type PlainNeed,
  PlainSetup,
} from '../../../test/day-instances.ts';
import { dayOrder, settled } from './day-order.ts';
import { canDo, type DayProblem, type DaySequences, fitIntoHours, type SetupTable } from './day-problem.ts';
import { exactOrder } from './exact-order.ts';
import { comparePlaces, placedTasks, type PlacedTask, valueOf } from './schedule.ts';

/** Every order there is, weighed one by one: no table, no bound, nothing left out. */
function enumerated(problem: DayProblem): {
  readonly sequences: DaySequences;
  readonly placed: readonly PlacedTask[];
} {
  let best: { sequences: DaySequences; placed: readonly PlacedTask[] } | undefined;
  const lines: number[][] = problem.machines.map(() => []);
  const walk = (left: readonly number[]): void => {
    if (left.length === 0) {
      const sequences = lines.map((line) => [...line]);
      const placed = placedTasks(problem, sequences);
      if (!best || comparePlaces(placed, best.placed) < 0) best = { sequences, placed };
      return;
    }
    // the first that is left goes into every place of every machine: each order comes about exactly once
    const [unit = 0, ...rest] = left;
    lines.forEach((line, m) => {
      if (!canDo(problem, problem.units[unit] ?? { tasks: [] }, m)) return;
      for (let at = 0; at <= line.length; at += 1) {
        line.splice(at, 0, unit);
        walk(rest);
        line.splice(at, 1);
      }
    });
  };
  walk(problem.units.map((_, i) => i));
  if (!best) throw new Error('no order');
  return best;
}

const solved = (problem: DayProblem) => {
  const order = settled(dayOrder(problem));
  return { ...order, placed: placedTasks(problem, order.sequences) };
};

function namesOf(needs: readonly PlainNeed[], sequences: DaySequences): string {
  return (sequences[0] ?? []).map((task) => needs[task]).join(' ');
}

describe('the hours of a machine', () => {
  const hours = { opensMin: 420, closesMin: 960 };
  it('begin at the opening; what does not fit before the closing waits for the next', () => {
    expect(fitIntoHours(hours, 0, 30)).toBe(420);
    expect(fitIntoHours(hours, 500, 30)).toBe(500);
    expect(fitIntoHours(hours, 930, 30)).toBe(930);
    expect(fitIntoHours(hours, 931, 30)).toBe(1860);
    expect(fitIntoHours(hours, 1000, 540)).toBe(1860);
    expect(fitIntoHours(hours, 1000, 0)).toBe(1000);
  });
});

describe('the best order', () => {
  it('is that of plain enumeration, in value and in whole, on drawn days of up to seven tasks', () => {
    const kinds = [
      [3, 1],
      [4, 2],
      [5, 1],
      [5, 3],
      [6, 2],
      [4, 3],
      [3, 3],
      [6, 1],
    ] as const;
    const wrong: number[] = [];
    for (let seed = 0; seed < cases(400, 2000); seed += 1) {
      const isLarge = seed % 100 === 99;
      const [tasks, machines] = isLarge
        ? ([7, (seed % 3) + 1] as const)
        : (kinds[seed % kinds.length] ?? [3, 1]);
      const problem = drawnDay(seed, {
        tasks,
        machines,
        hours: seed % 5 === 0,
        coarse: seed % 4 === 1,
        slack: seed % 3 === 0 ? 0.5 : 1,
      });
      const right = enumerated(problem);
      const solution = solved(problem);
      if (solution.method !== 'exact' || comparePlaces(solution.placed, right.placed) !== 0) wrong.push(seed);
    }
    expect(wrong).toEqual([]);
  });

  it('keeps a rig that is good for later although the head start is lost in a wait', () => {
    // the shape of the case in the handbook, day order solved §2: a wait swallows the head start, the debt remains
    const needs = ['s08mix', 's08co2', 'fluxCore', 's08mix'] as const;
    const problem = plainDay(
      [
        { need: needs[0], workMin: 20 },
        { need: needs[1], workMin: 20, notBeforeMin: 120, dueMin: 150, weight: 3 },
        { need: needs[2], workMin: 25, dueMin: 90 },
        { need: needs[3], workMin: 15, notBeforeMin: 100, dueMin: 190 },
      ],
      [PLAIN_NEEDS.fluxCore],
    );
    const right = enumerated(problem);
    expect(comparePlaces(solved(problem).placed, right.placed)).toBe(0);
  });

  it('is the same again for the same input, and does not depend on an order that was known before', () => {
    const problem = drawnDay(4, { tasks: 9, machines: 2, coarse: true });
    const [first, second] = [solved(problem), solved(problem)];
    expect(second).toEqual(first);
    const loose = settled(exactOrder(problem, { lateness: 1e9, changeoverMin: 1e9, endMin: 1e9 }));
    expect(loose).toMatchObject({ status: 'solved', sequences: first.sequences });
  });

  it('gives up at too many partial orders, says so, and is no worse than its first search', () => {
    const problem = drawnDay(11, { tasks: 10, machines: 2 });
    expect(settled(exactOrder(problem, { lateness: 1e9, changeoverMin: 1e9, endMin: 1e9 }, 50))).toEqual({
      status: 'too-many',
    });
    const large = drawnDay(12, { tasks: 17, machines: 2 });
    expect(settled(dayOrder(large, 50))).toMatchObject({ method: 'search', because: 'too-many-tasks' });
  });

  it('may wait for a later task while another could be done', () => {
    const problem = plainDay(
      [
        { need: 's08mix', workMin: 100 },
        { need: 's08mix', workMin: 10, notBeforeMin: 5, dueMin: 20, weight: 3 },
      ],
      [PLAIN_NEEDS.s08mix],
    );
    expect(solved(problem)).toMatchObject({ sequences: [[1, 0]], value: { lateness: 0 } });
  });

  it('changes over before a task may begin', () => {
    const problem = plainDay([{ need: 'fluxCore', workMin: 10, notBeforeMin: 60 }], [PLAIN_NEEDS.s08mix]);
    const [place] = solved(problem).placed;
    // spool 6, rolls 3, polarity 2, feed test 2, tip and cap 1, beads 5, power 1
    expect(place).toMatchObject({ setupStartMin: 0, setupMin: 20, startMin: 60, endMin: 70 });
  });
});

describe('worked cases of the handbook', () => {
  it('A and C share wire and gas: B first or last costs one changeover, between them two; the bottle stays on', () => {
    // handbook, day order solved §6: A C B = 20; A B C = 40; B to C 20 true
    const needs = ['s08mix', 'fluxCore', 's08mix'] as const;
    const problem = plainDay(
      needs.map((need) => ({ need })),
      [PLAIN_NEEDS.s08mix],
    );
    expect(solved(problem)).toMatchObject({ sequences: [[0, 2, 1]], value: { changeoverMin: 20 } });
    expect(valueOf(placedTasks(problem, [[0, 1, 2]])).changeoverMin).toBe(40);
  });

  it('the minutes between two needs depend on what stayed on the machine: pairs are wrong', () => {
    // handbook, day order solved §6: sg, FC, Al = 55 true; sg, Al, FC = 65 true, and pairs choose it
    const needs = ['aluminium', 'spoolGun', 'fluxCore'] as const;
    const rig = { ...PLAIN_NEEDS.s08mix, ...PLAIN_NEEDS.spoolGun };
    const problem = plainDay(
      needs.map((need) => ({ need })),
      [rig],
    );
    const solution = solved(problem);
    expect([namesOf(needs, solution.sequences), solution.value.changeoverMin]).toEqual([
      'spoolGun fluxCore aluminium',
      55,
    ]);
    expect(valueOf(placedTasks(problem, [[1, 0, 2]])).changeoverMin).toBe(65);
    const pair = (from: PlainNeed, to: PlainNeed) => plainMinutes(PLAIN_NEEDS[from], PLAIN_NEEDS[to]);
    expect(pair('spoolGun', 'fluxCore') + pair('fluxCore', 'aluminium')).not.toBe(55);
  });

  it('what is due goes first although it costs more minutes', () => {
    const problem = plainDay(
      [
        { need: 's08mix', workMin: 60 },
        { need: 'fluxCore', workMin: 30, dueMin: 60 },
      ],
      [PLAIN_NEEDS.s08mix],
    );
    expect(solved(problem)).toMatchObject({ sequences: [[1, 0]], value: { lateness: 0, changeoverMin: 40 } });
  });

  it('aluminium goes to the machine that stands for it though it ends later, unless that makes one late', () => {
    const tasks = [
      { need: 'aluminium', workMin: 60 },
      { need: 'aluminium', workMin: 60 },
    ] as const;
    const rigs = [PLAIN_NEEDS.s08mix, PLAIN_NEEDS.aluminium];
    expect(solved(plainDay(tasks, rigs))).toMatchObject({
      sequences: [[], [0, 1]],
      value: { changeoverMin: 0 },
    });
    const due = tasks.map((task) => ({ ...task, dueMin: 100 }));
    const { sequences, value } = solved(plainDay(due, rigs));
    expect([sequences.map((line) => line.length), value.lateness]).toEqual([[1, 1], 0]);
  });
});

describe('tasks that are pinned', () => {
  const problem = (over: Partial<DayProblem>): DayProblem => ({
    ...plainDay(
      (['s08mix', 'fluxCore', 's08mix', 'fluxCore'] as const).map((need) => ({ need })),
      [PLAIN_NEEDS.s08mix, PLAIN_NEEDS.s08mix],
    ),
    ...over,
  });
  it('follow each other at once, stand first, and on the one machine; the rest is put in order about them', () => {
    const units = [{ tasks: [1, 0], machine: 1, first: true }, { tasks: [2] }, { tasks: [3] }];
    const pinned = problem({ units });
    const { placed } = solved(pinned);
    expect(
      placed
        .filter(({ machine }) => machine === 1)
        .map(({ task }) => task)
        .slice(0, 2),
    ).toEqual([1, 0]);
    const search = settled(dayOrder({ ...pinned, units }, 100));
    expect(search.sequences[1]?.[0]).toBe(0);
  });
});

describe('a day that is wrong where a solver is', () => {
  it('pairs instead of the rig as it stands would be found out by drawn days', () => {
    const blind = (setup: SetupTable): SetupTable => ({
      minutes: (rig, need) => setup.minutes(rig, need),
      next: (_rig, need) => (setup as PlainSetup).number(PLAIN_NEEDS[PLAIN_NEED_NAMES[need] as PlainNeed]),
    });
    let different = 0;
    for (let seed = 0; seed < 60; seed += 1) {
      const problem = drawnDay(seed, { tasks: 6, machines: 1 });
      const pairs = {
        ...problem,
        machines: problem.machines.map((one) => ({ ...one, setup: blind(one.setup) })),
      };
      const asPairs = settled(dayOrder(pairs)).sequences;
      const truth = solved(problem).placed;
      if (comparePlaces(placedTasks(problem, asPairs), truth) > 0) different += 1;
    }
    expect(different).toBeGreaterThan(0);
  });
});
