import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { ensureBuilt, ensureInstalled, ROOT } from './workspace.mjs';

/** Timings of the day's order on drawn days, beside one label for all machines; nothing here passes or fails. */
ensureInstalled();
ensureBuilt({ web: false });
const dist = join(ROOT, 'packages/core/dist');
const source = readFileSync(join(ROOT, 'packages/core/test/day-instances.ts'), 'utf8');
const compilerOptions = { target: 'es2022', module: 'esnext', verbatimModuleSyntax: true };
const { outputText } = ts.transpileModule(source, { compilerOptions });
const cache = join(ROOT, '.cache');
mkdirSync(cache, { recursive: true });
const drawn = join(cache, 'day-instances.mjs');
writeFileSync(drawn, outputText.replace(/'\.\.\/src\/([^']+)\.ts'/g, `'${dist}/$1.js'`));
const { drawnDay } = await import(drawn);
const { dayOrder, settled } = await import(join(dist, 'day/order/day-order.js'));
const { dayBound } = await import(join(dist, 'day/order/day-bound.js'));
const { exactOrder } = await import(join(dist, 'day/order/exact-order.js'));
const { heuristicOrder } = await import(join(dist, 'day/order/heuristic-order.js'));
const { withDenseSetups } = await import(join(dist, 'day/order/dense-setup.js'));
const { doTask } = await import(join(dist, 'day/order/schedule.js'));

function spread(samples) {
  const sorted = samples.toSorted((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
  return `p50 ${at(0.5).toFixed(0)}, p90 ${at(0.9).toFixed(0)}, max ${sorted.at(-1).toFixed(0)}`;
}

function report(name, value) {
  process.stdout.write(`${name.padEnd(40)}${value}\n`);
}

for (const [tasks, machines, days] of [
  [12, 1, 100],
  [12, 2, 100],
  [12, 3, 100],
  [16, 1, 30],
  [16, 2, 30],
  [16, 3, 30],
]) {
  const exact = [];
  const times = Array.from({ length: days }, (_, seed) => {
    const day = drawnDay(seed + 100 * tasks + machines, { tasks, machines });
    const from = performance.now();
    exact.push(settled(dayOrder(day)).method === 'exact');
    return performance.now() - from;
  });
  report(
    `every order, ${tasks} × ${machines}, ms`,
    `${spread(times)}; ${exact.filter(Boolean).length} of ${days} exact`,
  );
}

/** The other way: one label for all machines together. Counts them, up to a most. */
function jointLabels(problem, upper, most) {
  const { machines, tasks } = problem;
  const sets = Array.from({ length: 2 ** tasks.length }, () => []);
  sets[0].push({
    clocks: machines.map((m) => m.freeAtMin),
    rigs: machines.map((m) => m.rig),
    late: 0,
    change: 0,
  });
  let count = 1;
  const isAsGood = (a, b) =>
    a.rigs.every((rig, m) => rig === b.rigs[m]) &&
    a.clocks.every((clock, m) => clock <= b.clocks[m]) &&
    (a.late < b.late || (a.late === b.late && a.change <= b.change));
  for (let set = 0; set < sets.length; set += 1) {
    for (const label of sets[set]) {
      for (let task = 0; task < tasks.length; task += 1) {
        if ((set >> task) & 1) continue;
        for (let m = 0; m < machines.length; m += 1) {
          const need = tasks[task].needs[m];
          if (need === undefined) continue;
          const state = {
            clockMin: label.clocks[m],
            rig: label.rigs[m],
            lateness: label.late,
            changeoverMin: label.change,
          };
          doTask(machines[m], tasks[task], need, state);
          if (state.lateness > upper.lateness) continue;
          if (state.lateness === upper.lateness && state.changeoverMin > upper.changeoverMin) continue;
          const next = {
            clocks: label.clocks.with(m, state.clockMin),
            rigs: label.rigs.with(m, state.rig),
            late: state.lateness,
            change: state.changeoverMin,
          };
          const to = set | (1 << task);
          if (sets[to].some((other) => isAsGood(other, next))) continue;
          sets[to] = sets[to].filter((other) => !isAsGood(next, other));
          sets[to].push(next);
          count += 1;
          if (count > most) return most;
        }
      }
    }
  }
  return count;
}

const MOST = 60_000;
const labels = Array.from({ length: 6 }, (_, seed) => {
  const problem = withDenseSetups(drawnDay(seed + 1203, { tasks: 10, machines: 3 }));
  const { value } = settled(heuristicOrder(problem, 60));
  return [settled(exactOrder(problem, value)).labels, jointLabels(problem, value, MOST)];
});
report('labels, 10 × 3, a table a machine', spread(labels.map(([split]) => split)));
report(`labels, 10 × 3, all in one (to ${MOST})`, spread(labels.map(([, joint]) => joint)));

for (const dueShare of [0.5, 0]) {
  for (const seed of [77, 78, 79]) {
    const day = drawnDay(seed, {
      tasks: 100,
      machines: 3,
      dueShare,
      notBeforeShare: dueShare === 0 ? 0 : 0.2,
    });
    const everywhere = day.tasks.map((task) => {
      const need = task.needs.find((one) => one !== undefined);
      return { ...task, needs: [need, need, need], dueMin: 1_000_000 };
    });
    const problem = dueShare === 0 ? { ...day, tasks: everywhere } : day;
    const from = performance.now();
    let [first, longest, at, last, changeover] = [0, 0, 0, from, Infinity];
    for (const { best } of dayOrder(problem)) {
      const now = performance.now();
      if (first === 0) first = now - from;
      else longest = Math.max(longest, now - last);
      last = now;
      if (best.value.changeoverMin < changeover) [changeover, at] = [best.value.changeoverMin, now - from];
    }
    const bound = dayBound(problem).changeoverMin;
    report(
      `100 × 3, ${dueShare === 0 ? 'nothing due' : 'half due'}, seed ${seed}`,
      `first ${first.toFixed(0)} ms, longest breath ${longest.toFixed(0)} ms, changeover ${changeover} after ${at.toFixed(0)} ms, bound ${bound}`,
    );
  }
}
