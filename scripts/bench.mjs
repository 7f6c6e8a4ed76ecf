import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { CHROMIUM_LAUNCH } from './chromium.mjs';
import { withDemoServer } from './demo-server.mjs';
import { builtCore } from './built-core.mjs';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT } from './workspace.mjs';

/** Timings and sizes, printed as a table; nothing here passes or fails. */
ensureInstalled();
ensureChromium();
ensureBuilt({ web: true });
const core = await builtCore();

function percentiles(samples) {
  const sorted = samples.toSorted((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
  return { p50: at(0.5), p99: at(0.99) };
}

function timed(inputs, action) {
  for (const input of inputs.slice(0, 500)) action(input);
  return percentiles(
    inputs.map((input) => {
      const from = performance.now();
      action(input);
      return performance.now() - from;
    }),
  );
}

function report(name, value, aim) {
  process.stdout.write(`${name.padEnd(44)}${value.padEnd(34)}${aim}\n`);
}

const inMs = ({ p50, p99 }) => `p50 ${p50.toFixed(3)} ms, p99 ${p99.toFixed(3)} ms`;

/** 10 000 varied jobs: every list walked at its own stride, thickness over the whole range. */
function variedJobs() {
  return Array.from({ length: 10_000 }, (_, i) => ({
    work: {
      metal: core.BASE_METALS[i % core.BASE_METALS.length],
      thicknessMm: 0.5 + ((i * 7919) % 24_500) / 1000,
      joint: core.JOINTS[i % core.JOINTS.length],
      position: core.POSITIONS[Math.trunc(i / 6) % core.POSITIONS.length],
      surface: core.SURFACES[Math.trunc(i / 30) % core.SURFACES.length],
      place: 'indoors',
      windy: i % 17 === 0,
    },
    resources:
      i % 3 === 0 ? {} : { wireDiameterMm: core.WIRE_DIAMETERS_MM[i % core.WIRE_DIAMETERS_MM.length] },
  }));
}

const LINES = [
  '1/8 steel tee flat .030 75/25',
  '40x40x3 box to 6mm plate tee',
  '18ga lap old tm',
  '3mm stainles 308',
  'gasless 035 2mm',
  '3 mm steel tee flat 0.8 solid Ar+18',
];

report(
  'planSetup, 10 000 mixed jobs',
  inMs(timed(variedJobs(), (j) => core.planSetup(j.work, j.resources))),
  'aim p50 < 0.2 ms',
);
const lines = Array.from({ length: 6000 }, (_, i) => LINES[i % LINES.length]);
const context = { unit: 'mm', machineNames: ['Marigold', 'Old Tom', 'Suitcase'] };
report('parse of the quick line', inMs(timed(lines, (line) => core.parseLine(line, context))), '');

/** Changeovers from any way to any other: the state that one leaves is where the next begins. */
function changeovers() {
  const steel = { metal: 'carbon-steel', thicknessMm: 3, joint: 'tee', position: 'flat', surface: 'clean' };
  const work = { ...steel, place: 'indoors', windy: false };
  const aluminium = { ...work, metal: 'aluminium' };
  const argon = { wireDiameterMm: 1.0, gas: 'argon' };
  const plans = [
    core.planSetup(work, { wireClass: 'ER70S-6', wireDiameterMm: 0.8, gas: 'ar-co2-18' }),
    core.planSetup(work, { way: 'self-shielded' }),
    core.planSetup(aluminium, { way: 'aluminium-gun', ...argon }),
    core.planSetup(aluminium, { way: 'aluminium-spool-gun', ...argon }),
  ];
  const now = '2026-01-05T08:00:00.000Z';
  const machine = { name: 'Bench', loadedWireClass: 'ER70S-6', loadedWireDiameterMm: 0.8, loadedGas: 'co2' };
  const tom = { ...machine, standingPolarity: 'DCEP', polarityChange: 'links', gasStand: 'one' };
  const facts = (state) => ({ habits: { pressureMethod: 'block' }, machine: LINKS, state });
  const ends = plans.map((plan) => {
    const { need, state, steps } = core.jobChangeover(plan, tom, { now });
    return { need, state: { ...state, ...need, ...steps.at(-1)?.after, hot: 'no' } };
  });
  const pairs = Array.from({ length: 4000 }, (_, i) => ({
    ...facts(ends[i % ends.length].state),
    need: ends[Math.trunc(i / ends.length) % ends.length].need,
  }));
  return { pairs, jobs: plans.flatMap((plan) => Array.from({ length: 250 }, () => plan)), tom, now };
}
const LINKS = { polarityForm: 'links', spoolGunPort: 'shared', purgeButton: 'no', gasStand: 'one' };
const { changeover } = await import('../packages/core/dist/changeover/changeover.js');
const { pairs, jobs, tom, now } = changeovers();
report('changeover of a pair', inMs(timed(pairs, changeover)), 'aim < 1 ms');
report(
  'rig of a job on a machine nobody knows',
  inMs(timed(jobs, (plan) => core.jobChangeover(plan, tom, { now }))),
  'three changeovers',
);

const LID_MACHINE = {
  name: 'Bench',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: {
    kind: 'positions',
    positions: [17, 19, 20, 21.5, 24, 26, 30.5].map((openV, i) => ({ name: String(i + 1), openV })),
  },
};
const LID_INPUT = {
  machine: LID_MACHINE,
  dials: core.machineDials(
    LID_MACHINE,
    [2, 3, 5, 9, 14].map((speed, i) => ({
      knob: i * 2.5,
      run: { lengthMm: (speed / 0.06) * 10, timeS: 10 },
    })),
  ),
  joint: 'tee',
  position: 'flat',
  columns: [
    ['ER70S-6', 0.6],
    ['ER70S-6', 0.8],
    ['ER70S-6', 1.0],
    ['E71T-11', 0.9],
    ['ER308LSi', 0.8],
    ['ER5356', 1.0],
  ].map(([wireClass, diameterMm]) => ({ wireClass, diameterMm })),
};
const charts = Array.from({ length: 30 }, () => {
  const from = performance.now();
  core.lidChart(LID_INPUT);
  return performance.now() - from;
});
report(
  'lid chart, 12 thicknesses × 6 wires',
  `first ${charts[0].toFixed(0)} ms, ${inMs(percentiles(charts))}`,
  'aim < 100 ms',
);

/** Share of checks in which the stated 95 % band holds the hidden dial, by shape. */
function coverage() {
  const tallies = new Map(core.PRACTICE_SHAPES.map((shape) => [shape, { hits: 0, checks: 0 }]));
  for (let machine = 0; machine < 500; machine++) {
    const random = core.seededRandom(90_000 + machine);
    const shape = core.PRACTICE_SHAPES[machine % core.PRACTICE_SHAPES.length];
    const feeder = { ...core.practiceFeeder(random), shape, lateS: 0 };
    const count = 3 + (machine % 5);
    const dial = core.dialOf(
      Array.from({ length: count }, (_, i) => {
        const knob = (10 * i) / (count - 1);
        return { knob, run: core.practiceRun(feeder, { knob, timeS: 6 }, random) };
      }),
    );
    for (let check = 0; check < 20; check++) {
      const knob = random() * 10;
      const { low, high } = core.dialSpeed(dial, knob);
      const truth = core.practiceSpeed(feeder, knob);
      const tally = tallies.get(shape);
      tally.checks += 1;
      if (truth >= low && truth <= high) tally.hits += 1;
    }
  }
  return [...tallies].map(([shape, { hits, checks }]) => ({ shape, hits, checks, share: hits / checks }));
}
const shapes = coverage();
const pooled = shapes.reduce((sum, s) => sum + s.hits, 0) / shapes.reduce((sum, s) => sum + s.checks, 0);
const percent = (share) => `${(share * 100).toFixed(1)} %`;
report(
  'dial band holds the truth, 500 machines',
  `${percent(pooled)} (${shapes.map(({ shape, share }) => `${shape} ${percent(share)}`).join(', ')})`,
  'aim 93 to 97 %, none under 88 %',
);

await withDemoServer(async (url) => {
  const browser = await chromium.launch(CHROMIUM_LAUNCH);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const scripts = new Set();
  page.on(
    'response',
    (response) => response.url().endsWith('.js') && scripts.add(new URL(response.url()).pathname),
  );
  const html = await (await fetch(url)).text();
  const first = [...html.matchAll(/(?:src|href)="(\/assets\/[^"]+\.js)"/g)].map(([, path]) => path);
  const gzipped = (paths) =>
    [...paths].reduce(
      (sum, path) => sum + gzipSync(readFileSync(join(ROOT, 'apps/web/dist', path))).length,
      0,
    );
  const { items: jobs } = await (await fetch(`${url}/api/jobs`)).json();
  const job = jobs.find(({ line }) => line.includes('40x40x3'));
  await page.goto(url);
  await page.waitForLoadState('networkidle');
  report(
    'first load JS, gzipped',
    `${(gzipped(first) / 1000).toFixed(0)} kB before lazy parts`,
    'aim < 250 kB',
  );
  report('JS of the Bench, gzipped', `${(gzipped(scripts) / 1000).toFixed(0)} kB with its own parts`, '');
  await page.goto(`${url}/jobs/${job.id}`);
  await page.waitForLoadState('networkidle');
  const samples = [];
  for (let i = 0; i < 12; i++) {
    await page.getByRole('button', { name: /^Position:/ }).click();
    const name = i % 2 === 0 ? 'overhead' : 'flat';
    const option = page.getByRole('radio', { name, exact: true });
    samples.push(
      await option.evaluate(
        (element) =>
          new Promise((resolve) => {
            const title = document.querySelector('h1');
            const before = title.textContent;
            const from = performance.now();
            const seen = () =>
              title.textContent === before
                ? requestAnimationFrame(seen)
                : requestAnimationFrame(() => resolve(performance.now() - from));
            element.click();
            requestAnimationFrame(seen);
          }),
      ),
    );
    await page.waitForLoadState('networkidle');
  }
  const { p50, p99 } = percentiles(samples);
  const repaint = `p50 ${p50.toFixed(0)} ms, worst ${p99.toFixed(0)} ms`;
  report('chip change to repaint', repaint, 'aim < 50 ms');
  await page.goto(`${url}/machines/demo-old-tom/lid-chart`);
  for (const paper of ['A4', 'Letter']) {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: `PDF ${paper}` }).click();
    const { size } = statSync(await (await download).path());
    report(`lid chart as PDF, ${paper}`, `${(size / 1000).toFixed(1)} kB`, '');
  }
  await browser.close();
});
