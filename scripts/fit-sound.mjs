// Fits the weights that recordings are read by anew, on sound of our own model: a second opinion on those that are shipped.
// node scripts/fit-sound.mjs
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { builtCore } from './built-core.mjs';
import { testModules } from './test-modules.mjs';
import { ROOT } from './workspace.mjs';

const SEED = 11;
const ARCS = 96;
const OTHERS = 14;
const CONDITIONS = ['clean', 'wn10', 'echo3', 'phone'];
const SECONDS = 3;

const [sets, spoil, spectrumOf, fit] = await testModules([
  'sound-set',
  'spoiled-sound',
  'library-spectrum',
  'sound-fit',
]);
const { recordArc, loadVolts, readStretch, SOUND_CLASSES } = await builtCore();
const spectrum = spectrumOf.librarySpectrum();
const rows = [];
const add = (sound, soundClass, name) => {
  for (const condition of CONDITIONS) {
    const { samples, rate } = spoil.spoiled(sound, condition, spoil.randomBy(SEED, name, condition));
    rows.push({ soundClass, features: readStretch(samples, rate, spectrum).features });
  }
};
const loudness = (x) => Math.sqrt(x.reduce((sum, one) => sum + one * one, 0));

const arcs = sets
  .labelledArcs(SEED, ARCS, SECONDS)
  .map(({ dipClass, recorded }) => ({ dipClass, sound: recorded.samples.sound }));
arcs.forEach(({ dipClass, sound }, i) => add(sound, dipClass, `arc ${i}`));
const spray = { wireMm: 0.9, gas: 'ar-co2-10', tipToWorkMm: 16 };
for (let i = 0; i < OTHERS; i++) {
  const heard = (setting) =>
    recordArc({ ...spray, ...setting }, { seed: SEED + i, seconds: SECONDS }).samples.sound;
  add(
    heard({ wireFeedSpeedMPerMin: 4 + 0.5 * i, source: { kind: 'pulse', gapMm: 4 } }),
    'pulse',
    `pulse ${i}`,
  );
  add(heard({ wireFeedSpeedMPerMin: 9 + 0.3 * i, source: loadVolts(28) }), 'hiss', `spray ${i}`);
  const [a, b] = [arcs[5 * i].sound, arcs[5 * i + 13].sound];
  const even = loudness(a) / loudness(b);
  add(
    a.map((one, j) => one + even * b[j]),
    'two',
    `two ${i}`,
  );
}
const weights = fit.fittedWeights(rows);
const figures = (list) => list.map((one) => one.toFixed(2)).join(', ');
const lines = Object.entries(weights.features).map(
  ([name, { mean, deviation, weights: of }]) =>
    `    ${name}: { mean: ${mean.toFixed(2)}, deviation: ${deviation.toFixed(2)}, weights: [${figures(of)}] },`,
);
writeFileSync(
  join(ROOT, 'packages/core/test/own-sound-weights.ts'),
  `import type { SoundWeights } from '../src/arc-lab/sound/sound-weights.ts';

/**
 * Our own fit: ${rows.length} stretches of 3 s of simulated sound (${SOUND_CLASSES.length} classes; ${CONDITIONS.join(', ')}), by a library's BFGS. Written by scripts/fit-sound.mjs.
 */
export const OWN_SOUND_WEIGHTS: SoundWeights = {
  features: {
${lines.join('\n')}
  },
  constants: [${figures(weights.constants)}],
};
`,
);
console.log(`${rows.length} stretches fitted`);
