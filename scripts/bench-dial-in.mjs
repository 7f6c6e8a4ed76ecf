import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { ensureBuilt, ensureInstalled, ROOT } from './workspace.mjs';

/**
 * Simulated dial-ins, many of each kind, beside stepping by the ladder on jobs of the same spread; nothing here passes or
 * fails. `node scripts/bench-dial-in.mjs 1000` says how many.
 */
ensureInstalled();
ensureBuilt({ web: false });
const dist = join(ROOT, 'packages/core/dist');
const cache = join(ROOT, '.cache');
mkdirSync(cache, { recursive: true });
const source = readFileSync(join(ROOT, 'packages/core/test/simulated-welder.ts'), 'utf8');
const compilerOptions = { target: 'es2022', module: 'esnext', verbatimModuleSyntax: true };
const { outputText } = ts.transpileModule(source, { compilerOptions });
const welder = join(cache, 'simulated-welder.mjs');
writeFileSync(welder, outputText.replace(/'\.\.\/src\/([^']+)\.ts'/g, `'${dist}/$1.js'`));
const { simulated } = await import(welder);
const { DIAL_MODELS } = await import(join(dist, 'dial-in/dial-model.js'));
const { nextBead } = await import(join(dist, 'dial-in/next-bead.js'));
const { normalFrom, seededRandom } = await import(join(dist, 'quantity/seeded-random.js'));

const jobs = Number(process.argv[2] ?? 1000);
const BOOK_V = 18.5;
const MOST = 12;
const REPORT = {
  cold: { face: 'tall', sound: 'popping' },
  right: { face: 'crowned', sound: 'sizzle' },
  hot: { face: 'concave', sound: 'crackle' },
  blown: { face: 'blown-through', sound: 'hiss' },
};
const LADDER = {
  dip: { begins: 'under', stepV: 0.5 },
  sheet: { begins: 'under', stepV: 0.25 },
  aluminium: { begins: 'over', stepV: 1 },
  'self-shielded': { begins: 'under', stepV: 0.5 },
  spray: { begins: 'middle', stepV: 1 },
};

/** The same truth, stepped through by the ladder. */
function stepped(kind, { middleSdV = 0.7, bookOffV = 0 }) {
  const random = seededRandom(11);
  const model = DIAL_MODELS[kind];
  const plan = {
    volts: { start: BOOK_V, low: BOOK_V - 1, high: BOOK_V + 1 },
    wireFeedSpeedMPerMin: { start: 7, low: 6, high: 8 },
  };
  let [beads, inWindow] = [0, 0];
  for (let job = 0; job < jobs; job += 1) {
    const middle = BOOK_V + bookOffV + middleSdV * normalFrom(random);
    const half = Math.max(0.1, model.halfWidthV + model.halfWidthSdV * normalFrom(random));
    const blown = model.blownBeyondV * (0.7 + 0.6 * random());
    const laid = [];
    let next = nextBead(plan, laid, LADDER[kind]);
    for (; next.kind !== 'take' && laid.length < MOST; next = nextBead(plan, laid, LADDER[kind])) {
      const gross = random() < 0.05 ? (random() < 0.7 ? 1 : -1) * (0.5 + 0.5 * random()) : 0;
      const u = Math.min(1 - 1e-12, Math.max(1e-12, random()));
      const x = next.setting.volts - middle + gross + 0.2 * Math.log(u / (1 - u));
      const level = x >= half + blown ? 'blown' : x < -half ? 'cold' : x < half ? 'right' : 'hot';
      laid.push({ ...next.setting, ...REPORT[level] });
    }
    beads += laid.length;
    if (Math.abs(next.setting.volts - middle) <= half) inWindow += 1;
  }
  return { beads: beads / jobs, inWindow: (100 * inWindow) / jobs };
}

const CASES = [
  ['dip', 'dip', {}],
  ['dip, seven levels', 'dip', { sevenLevels: true }],
  ['dip, learned', 'dip', { middleSdV: 0.43, priorSdV: 0.43 }],
  ['dip, book 1 V low', 'dip', { bookOffV: 1 }],
  ['thin sheet', 'sheet', {}],
  ['aluminium', 'aluminium', {}],
  ['self-shielded', 'self-shielded', {}],
  ['spray', 'spray', {}],
];
process.stdout.write(
  `${jobs} jobs each; beads: mean (median, p90); window and near: percent; the ladder beside it\n`,
);
for (const [name, kind, over] of CASES) {
  const from = performance.now();
  const found = simulated({ model: DIAL_MODELS[kind], jobs, seed: 11, ...over });
  const perBead = (performance.now() - from) / (jobs * found.meanBeads);
  const plain = stepped(kind, over);
  process.stdout.write(
    `${name.padEnd(20)}${found.meanBeads.toFixed(2)} (${found.medianBeads}, ${found.p90Beads}), window ${found.inWindow.toFixed(1)}, near ${found.near.toFixed(0)}, claimed ${found.claimed.toFixed(1)}, blown ${found.blown.toFixed(2)}; ladder ${plain.beads.toFixed(2)}, window ${plain.inWindow.toFixed(1)}; ${perBead.toFixed(1)} ms a bead\n`,
  );
}
