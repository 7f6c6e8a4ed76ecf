import { normalFrom, seededRandom } from '../src/quantity/seeded-random.ts';
import type { DialModel } from '../src/dial-in/dial-model.ts';
import { nextVolts } from '../src/dial-in/next-volts.ts';
import { GROSS_SHARE, type ReadingLevel } from '../src/dial-in/reading-level.ts';
import type { VoltsBead } from '../src/dial-in/volts-posterior.ts';

/**
 * How a simulated job differs from what the estimator believes. Source: handbook on dialling in §2: on purpose not the
 * estimator's own model: gross errors are shifts, the way to burning through varies from job to job.
 */
export interface SimulatedJobs {
  readonly model: DialModel;
  readonly jobs: number;
  readonly seed: number;
  /** Spread of the true middle about the book, and how far the book is off on average, V. */
  readonly middleSdV?: number;
  readonly bookOffV?: number;
  /** What the estimator believes of the spread, V. */
  readonly priorSdV?: number;
  readonly noiseV?: number;
  readonly grossShare?: number;
  /** Volts that can be set, V apart. */
  readonly settableStepV?: number;
  readonly sevenLevels?: boolean;
}

/** What came of many simulated jobs. */
export interface SimulatedResult {
  readonly meanBeads: number;
  readonly medianBeads: number;
  readonly p90Beads: number;
  /** Share of jobs whose volts lie in the true window, and within 0.3 V of its middle, percent. */
  readonly inWindow: number;
  readonly near: number;
  /** Beads that burnt through, a job. */
  readonly blown: number;
  /** Beads that stubbed far under the window, a job: in aluminium they burn back. */
  readonly farCold: number;
  /** Mean chance that the estimator claimed, percent. */
  readonly claimed: number;
  /** Share of jobs with more than two beads that burnt through, percent. */
  readonly overTwoBlown: number;
  readonly neverAboveBlown: boolean;
}

const BOOK_V = 18.5;

function logisticNoise(random: () => number): number {
  const u = Math.min(1 - 1e-12, Math.max(1e-12, random()));
  return Math.log(u / (1 - u));
}

interface Truth {
  readonly middle: number;
  readonly half: number;
  readonly blown: number;
}

function reading(x: number, { half, blown }: Truth, seven: boolean): ReadingLevel {
  if (x >= half + blown) return 'blown';
  if (!seven) return x < -half ? 'cold' : x < half ? 'right' : 'hot';
  const edges = [-half - 0.6, -half, -half / 3, half / 3, half, half + Math.min(0.6, 0.6 * blown)];
  return (edges.filter((edge) => x >= edge).length - 3) as ReadingLevel;
}

/** Dials many simulated jobs in and counts what came of it. */
export function simulated(asked: SimulatedJobs): SimulatedResult {
  const { model, jobs, seed, middleSdV = 0.7, bookOffV = 0, noiseV = 0.2, grossShare = 0.05 } = asked;
  const { priorSdV = 0.7, settableStepV = 0.1, sevenLevels = false } = asked;
  const random = seededRandom(seed);
  const settable = Array.from(
    { length: Math.round(10 / settableStepV) + 1 },
    (_, i) => Math.round((BOOK_V - 5 + i * settableStepV) * 1000) / 1000,
  );
  const prior = { middleV: BOOK_V, middleSdV: priorSdV, ...model };
  const beadCounts: number[] = [];
  let [inWindow, near, blown, farCold, claimed, overTwo] = [0, 0, 0, 0, 0, 0];
  let neverAboveBlown = true;
  for (let job = 0; job < jobs; job += 1) {
    const truth: Truth = {
      middle: BOOK_V + bookOffV + middleSdV * normalFrom(random),
      half: Math.max(0.1, model.halfWidthV + model.halfWidthSdV * normalFrom(random)),
      blown: model.blownBeyondV * (0.7 + 0.6 * random()),
    };
    const beads: VoltsBead[] = [];
    let lowestBlown = Infinity;
    let blownHere = 0;
    for (;;) {
      const next = nextVolts(prior, beads, model, settable);
      if (next.kind === 'take' || beads.length >= 20) {
        const off = Math.abs(next.volts - truth.middle);
        if (off <= truth.half) inWindow += 1;
        if (off <= 0.3) near += 1;
        claimed += next.known.inWindow(next.volts);
        if (next.volts >= lowestBlown) neverAboveBlown = false;
        break;
      }
      if (next.volts >= lowestBlown) neverAboveBlown = false;
      const gross = random() < grossShare ? (random() < 0.7 ? 1 : -1) * (0.5 + 0.5 * random()) : 0;
      const x = next.volts - truth.middle + gross + noiseV * logisticNoise(random);
      const level = reading(x, truth, sevenLevels);
      if (level === 'blown') {
        blownHere += 1;
        lowestBlown = Math.min(lowestBlown, next.volts);
      }
      if (next.volts - truth.middle < -truth.half - 0.6) farCold += 1;
      beads.push({ volts: next.volts, level, grossShare: GROSS_SHARE.usual });
    }
    blown += blownHere;
    if (blownHere > 2) overTwo += 1;
    beadCounts.push(beads.length);
  }
  const sorted = beadCounts.toSorted((a, b) => a - b);
  const at = (share: number): number => sorted[Math.min(jobs - 1, Math.floor(share * jobs))] ?? 0;
  return {
    meanBeads: beadCounts.reduce((sum, count) => sum + count, 0) / jobs,
    medianBeads: at(0.5),
    p90Beads: at(0.9),
    inWindow: (100 * inWindow) / jobs,
    near: (100 * near) / jobs,
    blown: blown / jobs,
    farCold: farCold / jobs,
    claimed: (100 * claimed) / jobs,
    overTwoBlown: (100 * overTwo) / jobs,
    neverAboveBlown,
  };
}
