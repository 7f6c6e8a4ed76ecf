import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import numeric from 'numeric';
import { ensureBuilt, ROOT } from '../workspace.mjs';
import { misses } from './judge.mjs';

/**
 * Fits the costs of the line's reader to judged lines: `npm run fit-line [-- --write]`.
 *
 * Every line gives the readings that are nearly as cheap as its best, each right or wrong by what the line must give. The
 * risk of a set of costs is smooth in them: a line whose cheapest wrong reading undercuts the right one by the asking
 * margin is a silent error and costs twenty, one within the margin is asked and costs one. Costs are held to those set by
 * hand by a penalty. Lines are left out a round at a time to tell what the fit is worth on lines that it has not seen.
 */
ensureBuilt({});
const dist = join(ROOT, 'packages/core/dist/line');
const { readingsOf } = await import(join(dist, 'reading.js'));
const { readWhole, effectiveWork } = await import(join(dist, 'parse.js'));
const { lineTextOf } = await import(join(dist, 'lattice/edge.js'));
const { ASKING_MARGIN, WEIGHTS } = await import(join(dist, 'weights.js'));
const { HAND_WEIGHTS } = await import(join(dist, 'hand-weights.js'));

const SILENT_COST = 20;
const SOFTNESS = 0.25;
const PENALTY = 6;
const REACH = 5;
const READINGS_MOST = 16;
const ROUNDS_OF_LISTS = 3;
const ITERATIONS_MOST = 80;
const LINES = join(ROOT, 'packages/core/test/judged-lines');
const MACHINES = ['Marigold', 'Old Tom', 'Suitcase'];
const NAMES = Object.keys(HAND_WEIGHTS);
const INDEX = new Map(NAMES.map((name, i) => [name, i]));

/** Lines that must give figures; those that are to be asked or refused teach nothing about which reading is right. */
const lines = readdirSync(LINES)
  .filter((name) => name.endsWith('.json'))
  .flatMap((name) =>
    JSON.parse(readFileSync(join(LINES, name), 'utf8')).map((line, i) => ({
      ...line,
      // the rounds of the long list stand one behind the other
      group: name === 'rounds.json' ? `rounds ${Math.floor(i / 113) + 1}` : name,
    })),
  )
  .filter(
    ({ expect }) =>
      !expect.orRefused &&
      !expect.visible &&
      !expect.anyOf &&
      Object.keys(expect.understood ?? {}).length > 0,
  );

function isRight(say, reading, unit, expect) {
  const work = effectiveWork(readWhole(say, reading, [], unit));
  return (
    misses(work, expect.understood ?? {}).length === 0 &&
    (expect.absent ?? []).every((slot) => work[slot] === undefined)
  );
}

function counts(terms) {
  const row = new Map();
  for (const name of terms) row.set(INDEX.get(name), (row.get(INDEX.get(name)) ?? 0) + 1);
  return [...row];
}

/** The readings of a line under some costs, right and wrong. */
function listOf({ say, unit = 'mm', expect }, weights) {
  return readingsOf(lineTextOf(say, { unit, machineNames: MACHINES }), weights, REACH)
    .slice(0, READINGS_MOST)
    .map((reading) => {
      const base = reading.cost - reading.terms.reduce((sum, name) => sum + weights[name], 0);
      return { base, row: counts(reading.terms), right: isRight(say, reading, unit, expect) };
    });
}

const costOf = ({ base, row }, x) => row.reduce((sum, [i, n]) => sum + n * x[i], base);
const sigmoid = (z) => 1 / (1 + Math.exp(-z));

/** Softened least cost of some readings, with how much each of them has to do with it. */
function softLeast(readings, x) {
  const costs = readings.map((reading) => costOf(reading, x));
  const least = Math.min(...costs);
  const shares = costs.map((cost) => Math.exp(-(cost - least) / SOFTNESS));
  const total = shares.reduce((sum, share) => sum + share, 0);
  return { value: least - SOFTNESS * Math.log(total), shares: shares.map((share) => share / total) };
}

function riskOf(lists, x, hand, gradient) {
  let risk = 0;
  for (const { right, wrong } of lists) {
    const [good, bad] = [softLeast(right, x), softLeast(wrong, x)];
    const lead = bad.value - good.value;
    const silent = sigmoid((-ASKING_MARGIN - lead) / SOFTNESS);
    const asked = sigmoid((ASKING_MARGIN - lead) / SOFTNESS);
    risk += SILENT_COST * silent + asked;
    const slope = -(SILENT_COST * silent * (1 - silent) + asked * (1 - asked)) / SOFTNESS;
    for (const [readings, { shares }, sign] of [
      [wrong, bad, 1],
      [right, good, -1],
    ])
      readings.forEach(({ row }, r) => {
        for (const [i, n] of row) gradient[i] += slope * sign * shares[r] * n;
      });
  }
  x.forEach((value, i) => {
    risk += PENALTY * (value - hand[i]) ** 2;
    gradient[i] += 2 * PENALTY * (value - hand[i]);
  });
  return risk;
}

function weightsOf(x) {
  return Object.fromEntries(NAMES.map((name, i) => [name, x[i]]));
}

function listsOf(some, weights) {
  return some.flatMap((line) => {
    const list = listOf(line, weights);
    const right = list.filter((reading) => reading.right);
    const wrong = list.filter((reading) => !reading.right);
    return right.length > 0 && wrong.length > 0 ? [{ right, wrong }] : [];
  });
}

function fitted(some) {
  const hand = NAMES.map((name) => HAND_WEIGHTS[name]);
  let x = [...hand];
  for (let round = 0; round < ROUNDS_OF_LISTS; round += 1) {
    const lists = listsOf(some, weightsOf(x));
    const slopeAt = (at) => {
      const gradient = NAMES.map(() => 0);
      riskOf(lists, at, hand, gradient);
      return gradient;
    };
    const risk = (at) =>
      riskOf(
        lists,
        at,
        hand,
        NAMES.map(() => 0),
      );
    x = numeric.uncmin(risk, x, 1e-4, slopeAt, ITERATIONS_MOST).solution;
  }
  return weightsOf(x.map((value) => Number(value.toFixed(2))));
}

/** Right, asked and silent among some lines under some costs. */
function tally(some, weights) {
  const count = { right: 0, asked: 0, wrong: 0 };
  for (const line of some) {
    const [best, ...others] = listOf(line, weights);
    const lead = (reading) =>
      costOf(
        reading,
        NAMES.map((name) => weights[name]),
      ) -
      costOf(
        best,
        NAMES.map((name) => weights[name]),
      );
    if (!best) continue;
    if (!best.right) count[others.some((o) => o.right && lead(o) < ASKING_MARGIN) ? 'asked' : 'wrong'] += 1;
    else count[others.some((o) => !o.right && lead(o) < ASKING_MARGIN) ? 'asked' : 'right'] += 1;
  }
  return `${count.right} right, ${count.asked} asked, ${count.wrong} wrong`;
}

const groups = [...new Set(lines.map(({ group }) => group))];
if (!process.argv.includes('--quick')) {
  for (const group of groups) {
    const kept = lines.filter((line) => line.group === group);
    const learnt = fitted(lines.filter((line) => line.group !== group));
    console.log(
      `${group}: by hand ${tally(kept, HAND_WEIGHTS)}; fitted to the others ${tally(kept, learnt)}`,
    );
  }
}
const all = fitted(lines);
console.log(
  `all: by hand ${tally(lines, HAND_WEIGHTS)}; now ${tally(lines, WEIGHTS)}; fitted ${tally(lines, all)}`,
);
const moved = NAMES.filter((name) => Math.abs(all[name] - HAND_WEIGHTS[name]) >= 0.01);
for (const name of moved) console.log(`  ${name}: ${HAND_WEIGHTS[name]} → ${all[name]}`);
if (process.argv.includes('--write')) {
  const body = moved.map((name) => `  ${name}: ${all[name]},`).join('\n');
  const date = new Date().toISOString().slice(0, 10);
  writeFileSync(
    join(ROOT, 'packages/core/src/line/fitted-weights.ts'),
    `import type { WeightName } from './hand-weights.ts';

/**
 * Costs that judged lines moved from where they were set by hand.
 *
 * @source our model; fitted on ${date} to ${lines.length} judged lines by \`npm run fit-line -- --write\`: ${tally(lines, all)}
 */
export const FITTED_WEIGHTS: Readonly<Partial<Record<WeightName, number>>> = {
${body}
};
`,
  );
}
