import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { builtCore } from './built-core.mjs';
import { CHROMIUM_LAUNCH } from './chromium.mjs';
import { withDemoServer } from './demo-server.mjs';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT } from './workspace.mjs';

/**
 * What the arc lab costs: simulated seconds a second, here and in a browser's worker; how soon the first sound is there; whether
 * the sound runs dry while a knob is dragged for a minute; how long a window map takes. With `--write` the figures go to
 * docs/arc-lab.md.
 */
ensureInstalled();
ensureChromium();
ensureBuilt({ web: true });
const { loadVolts, recordArc } = await builtCore();

const lines = [];
const say = (what, figure) => {
  lines.push([what, figure]);
  process.stdout.write(`${what}: ${figure}\n`);
};
const SETTING = { wireMm: 0.9, gas: 'ar-co2-25', tipToWorkMm: 12, wireFeedSpeedMPerMin: 6.35 };
const DRAGGED_S = 60;
const MAP_ROOM_MS = 120_000;

recordArc({ ...SETTING, source: loadVolts(18.5) }, { seed: 1, seconds: 3 });
const began = performance.now();
recordArc({ ...SETTING, source: loadVolts(18.5) }, { seed: 2, seconds: 20 });
say(
  'simulated seconds a second at 11.3 µs, one core, Node',
  (20_600 / (performance.now() - began)).toFixed(0),
);

await withDemoServer(async (url) => {
  const browser = await chromium.launch({
    ...CHROMIUM_LAUNCH,
    args: [...(CHROMIUM_LAUNCH.args ?? []), '--autoplay-policy=no-user-gesture-required'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${url}/lab?part=map`);
  await page
    .getByText(/shorts a second/)
    .first()
    .waitFor();

  const firsts = [];
  for (let i = 0; i < 3; i += 1) {
    await page.getByRole('button', { name: 'Hear it', exact: true }).click();
    await page.waitForFunction((n) => performance.getEntriesByName('arc sound begins').length > n, i);
    firsts.push(await page.evaluate((n) => performance.getEntriesByName('arc sound begins')[n].duration, i));
    if (i < 2) await page.getByRole('button', { name: 'Silence' }).click();
  }
  say(
    'first sound after the press, in the browser',
    `${firsts.map((one) => one.toFixed(0)).join(', ')} ms (first, second, third press)`,
  );

  await page.evaluate(() => {
    window.frameTimes = [];
    let last = performance.now();
    const tick = (now) => {
      window.frameTimes.push(now - last);
      last = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  const slider = page.getByRole('slider', { name: 'Volts, tip to work' });
  const until = performance.now() + 1000 * DRAGGED_S;
  for (let i = 0; performance.now() < until; i += 1)
    await slider.fill((17 + 3 * Math.abs(Math.sin(i / 20))).toFixed(1));
  const frames = await page.evaluate(() => window.frameTimes.toSorted((a, b) => a - b));
  const gaps = await page.getByText(/^The sound ran dry/).allTextContents();
  say(`the sound while a knob is dragged for ${DRAGGED_S} s`, gaps[0] ?? 'never ran dry');
  say(
    'frames drawn meanwhile',
    `median ${frames[Math.floor(frames.length / 2)].toFixed(1)} ms, 99 % within ${frames[Math.floor(0.99 * frames.length)].toFixed(0)} ms`,
  );
  await page.getByRole('button', { name: 'Silence' }).click();

  const drawing = performance.now();
  await page.getByRole('button', { name: /^Draw the map/ }).click();
  await page.getByRole('button', { name: 'Draw it again' }).waitFor({ timeout: MAP_ROOM_MS });
  const mapS = (performance.now() - drawing) / 1000;
  const cells = await page
    .getByRole('img', { name: /^Window map/ })
    .locator('rect')
    .count();
  say('a window map in the browser', `${mapS.toFixed(1)} s for ${cells} places`);
  // 1.8 s of arc for each place: settling and looking
  say('simulated seconds a second in a browser worker, by the map', ((1.8 * cells) / mapS).toFixed(0));
  await browser.close();
});

if (process.argv.includes('--write')) {
  const rows = lines.map(([what, figure]) => `| ${what} | ${figure} |`).join('\n');
  writeFileSync(
    join(ROOT, 'docs/arc-lab.md'),
    `# What the arc lab costs

Measured by \`node scripts/bench-arc.mjs --write\` on two cores.

| what | figure |
|---|---|
${rows}

## What a recording's reading reaches

All on simulated sound: the model's arcs under rooms, microphones and noises that were made up too. No real recording was used. The tests hold, on a set that nothing was chosen by (\`packages/core/src/arc-lab/sound/sound-acceptance.test.ts\`): of 198 recordings under six conditions at least 78 % answered, at least 85 % of the answers right, cold for hot at most twice; of 182 sounds that are no arc at most 3 read as one; clipped always refused; the same answer at a twentieth of the level. \`node scripts/fit-sound.mjs\` fits the weights anew by a library.
`,
  );
}
