import { cases } from '../../../test/cases.ts';
import { drawnDay, plainDay, PLAIN_NEEDS, PLAIN_NEED_NAMES } from '../../../test/day-instances.ts';
import { dayBound } from './day-bound.ts';
import { SEARCH_ROUNDS, settled, dayOrder } from './day-order.ts';
import { heuristicOrder } from './heuristic-order.ts';
import { placedTasks, valueOf } from './schedule.ts';

describe('the search for a good order', () => {
  it('finds the best of twelve tasks nearly always, none later, changeover at most a minute more on average', () => {
    let best = 0;
    const gaps: number[] = [];
    const days = cases(12, 30);
    for (let seed = 0; seed < days; seed += 1) {
      const problem = drawnDay(seed * 7 + 1, { tasks: 12, machines: (seed % 3) + 1 });
      const exact = settled(dayOrder(problem)).value;
      const { value, sequences } = settled(heuristicOrder(problem, SEARCH_ROUNDS));
      expect(valueOf(placedTasks(problem, sequences))).toEqual(value);
      expect(value.lateness).toBe(exact.lateness);
      gaps.push(value.changeoverMin - exact.changeoverMin);
      if (value.changeoverMin === exact.changeoverMin && value.endMin === exact.endMin) best += 1;
    }
    expect(best / days).toBeGreaterThanOrEqual(0.95);
    expect(gaps.reduce((sum, gap) => sum + gap, 0) / days).toBeLessThanOrEqual(1);
  });

  it('gives the same for the same input, every task once, and never gets worse', () => {
    const problem = drawnDay(5, { tasks: 40, machines: 3 });
    const run = [...heuristicOrder(problem, 200)];
    expect([...heuristicOrder(problem, 200)]).toEqual(run);
    const late = run.map(({ value }) => value.lateness);
    expect(late).toEqual(late.toSorted((a, b) => b - a));
    const units = run
      .at(-1)
      ?.sequences.flat()
      .toSorted((a, b) => a - b);
    expect(units).toEqual(problem.units.map((_, i) => i));
  });
});

describe('what no order can be better than', () => {
  it('holds, and is met where nothing is due', () => {
    for (let seed = 0; seed < 12; seed += 1) {
      const problem = drawnDay(seed, { tasks: 9, machines: (seed % 3) + 1 });
      const { changeoverMin } = dayBound(problem);
      expect(changeoverMin).toBeLessThanOrEqual(settled(dayOrder(problem)).value.changeoverMin);
    }
    const needs = PLAIN_NEED_NAMES.slice(0, 4);
    const many = plainDay(
      Array.from({ length: 40 }, (_, i) => ({ need: needs[i % 4] ?? 's08mix', workMin: 5 })),
      [PLAIN_NEEDS.s08mix, PLAIN_NEEDS.fluxCore],
    );
    expect(settled(dayOrder(many, 300)).value.changeoverMin).toBe(dayBound(many).changeoverMin);
  });
});
