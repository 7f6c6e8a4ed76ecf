import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { CHROMIUM_LAUNCH, withDemoServer } from './demo-server.mjs';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT } from './workspace.mjs';

/** Timings and sizes, printed as a table; nothing here passes or fails. */
ensureInstalled();
ensureChromium();
ensureBuilt({ web: true });
const core = await import('../packages/core/dist/index.js');

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
report('parse of the quick line', inMs(timed(lines, (line) => core.parseQuickLine(line, context))), '');

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
  const jobs = await (await fetch(`${url}/api/jobs`)).json();
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
  report('chip change to repaint', `p50 ${p50.toFixed(0)} ms, worst ${p99.toFixed(0)} ms`, 'aim < 50 ms');
  await browser.close();
});
