import { normalFrom, seededRandom } from '../src/base/numeric/seeded-random.ts';
import type { DialModel } from '../src/window/dial-model.ts';
import { nextVolts, type NextVolts } from '../src/window/next-volts.ts';
import { GROSS_SHARE, type ReadingLevel, verdictOfLevel } from '../src/window/reading-level.ts';
import { GROSS_ASK, type VoltsBead } from '../src/window/volts-posterior.ts';
import { type PlainNext, type PlainRung, plainStep, type PlainSteps } from './plain-stepping.ts';

/**
 * How a simulated job differs from what the estimator believes. Source: handbook on dialling in §2: on purpose not the
 * estimator's own model: gross errors are shifts, the way to burning through varies from job to job.
 */
export interface SimulatedJobs {
  readonly model: DialModel;
  readonly jobs: number;
  readonly seed: number;
  /** Stepped through plainly in place of estimated. */
  readonly plain?: PlainSteps;
  /** Spread of the true middle about the book, and how far the book is off on average, V. */
  readonly middleSdV?: number;
  readonly bookOffV?: number;
  /** What the estimator believes of the spread, V. */
  readonly priorSdV?: number;
  readonly noiseV?: number;
  readonly grossShare?: number;
  /** Volts that can be set, V apart. */
  readonly settableStepV?: number;
  /** Whether they come in taps, 1 to 2.5 V apart, of each machine its own. */
  readonly taps?: boolean;
  readonly sevenLevels?: boolean;
  /** How much hotter each bead reads than the one before, V: the coupon is not cooled. */
  readonly warmsV?: number;
}

/** What came of many simulated jobs. */
export interface SimulatedResult {
  readonly meanBeads: number;
  readonly medianBeads: number;
  readonly p90Beads: number;
  /** Share of jobs whose volts lie in the true window, and within 0.3 V of its middle, percent. */
  readonly inWindow: number;
  readonly near: number;
  /** Of jobs whose window something that can be set reaches, those that lie in it; and those that took the nearest, percent. */
  readonly ofReachable: number;
  readonly nearestTaken: number;
  /** Beads that burnt through, a job. */
  readonly blown: number;
  /** Beads that stubbed far under the window, a job: in aluminium they burn back. */
  readonly farCold: number;
  /** Mean chance that the estimator claimed, percent. */
  readonly claimed: number;
  /** Share of jobs with more than two beads that burnt through, percent. */
  readonly overTwoBlown: number;
  readonly neverAboveBlown: boolean;
  /** Share of jobs without a gross error in which it asks about one, and of gross errors that it asks about, percent. */
  readonly askedOfClean: number;
  readonly grossFound: number;
}

const BOOK_V = 18.5;
const NO_STEPS: PlainSteps = { startOffV: 0, stepV: 1 };
/** A job that is still not done then is given up: the estimator ends long before. */
const MOST_LAID = 12;

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

function settableOf({ taps = false, settableStepV = 0.1 }: SimulatedJobs, random: () => number): number[] {
  const step = taps ? 1 + 1.5 * random() : settableStepV;
  const from = BOOK_V - 5 + (taps ? step * random() : 0);
  const count = Math.round(10 / step) + 1;
  return Array.from({ length: count }, (_, i) => Math.round((from + i * step) * 1000) / 1000);
}

const rungOf = ({ volts, level }: VoltsBead): PlainRung => {
  const verdict = verdictOfLevel(level);
  return { volts, verdict: verdict === 'blown' ? 'hot' : verdict };
};

/** The plain step: over volts, or tap by tap from the one under the book. */
function plainNext(
  steps: PlainSteps,
  beads: readonly VoltsBead[],
  taps: readonly number[] | undefined,
): PlainNext {
  if (!taps) return plainStep(BOOK_V, beads.map(rungOf), steps);
  const rungs = beads.map((bead) => ({ ...rungOf(bead), volts: taps.indexOf(bead.volts) }));
  const book = taps.findLastIndex((volts) => volts <= BOOK_V);
  const next = plainStep(book, rungs, { startOffV: 0, stepV: 1 });
  const tap = Math.min(taps.length - 1, Math.max(0, Math.ceil(next.volts - 0.5)));
  const volts = taps[tap] as number;
  // between a cold tap and a hot one there is nothing to set: the one that would be laid a third time is taken
  const isTaken = next.kind === 'take' || beads.filter((bead) => bead.volts === volts).length >= 2;
  return { kind: isTaken ? 'take' : 'weld', volts };
}

/** Dials many simulated jobs in and counts what came of it; the jobs of a seed are the same for every way to dial in. */
export function simulated(asked: SimulatedJobs): SimulatedResult {
  const { model, jobs, seed, plain, middleSdV = 0.7, bookOffV = 0, noiseV = 0.2, grossShare = 0.05 } = asked;
  const { priorSdV = 0.7, taps = false, sevenLevels = false, warmsV = 0 } = asked;
  const prior = { middleV: BOOK_V, middleSdV: priorSdV, ...model };
  const beadCounts: number[] = [];
  let [inWindow, near, blown, farCold, claimed, overTwo] = [0, 0, 0, 0, 0, 0];
  let [reachable, ofReachable, nearestTaken] = [0, 0, 0];
  let [clean, askedOfClean, gross, grossFound] = [0, 0, 0, 0];
  let neverAboveBlown = true;
  for (let job = 0; job < jobs; job += 1) {
    const random = seededRandom(seed * 1_000_003 + job);
    const truth: Truth = {
      middle: BOOK_V + bookOffV + middleSdV * normalFrom(random),
      half: Math.max(0.1, model.halfWidthV + model.halfWidthSdV * normalFrom(random)),
      blown: model.blownBeyondV * (0.7 + 0.6 * random()),
    };
    const settable = settableOf(asked, random);
    const beads: VoltsBead[] = [];
    const isGross: boolean[] = [];
    let lowestBlown = Infinity;
    let blownHere = 0;
    for (;;) {
      const led = plain ? undefined : nextVolts(prior, beads, model, { settable, isTaps: taps });
      const next: PlainNext | NextVolts =
        led ?? plainNext(plain ?? NO_STEPS, beads, taps ? settable : undefined);
      const nearest = (to: number): number =>
        settable.reduce((a, b) => (Math.abs(b - to) < Math.abs(a - to) ? b : a));
      const { volts } = next;
      if (!plain && volts >= lowestBlown) neverAboveBlown = false;
      if (next.kind === 'take' || beads.length >= MOST_LAID) {
        const off = Math.abs(volts - truth.middle);
        const best = nearest(truth.middle);
        const canReach = Math.abs(best - truth.middle) <= truth.half;
        if (off <= truth.half) inWindow += 1;
        if (off <= 0.3) near += 1;
        if (canReach) reachable += 1;
        if (canReach && off <= truth.half) ofReachable += 1;
        if (best === volts) nearestTaken += 1;
        if (led) {
          const { known } = led;
          claimed += known.inWindow(volts);
          const asks = beads.map((bead) => known.grossChance(bead) > GROSS_ASK);
          if (!isGross.includes(true)) {
            clean += 1;
            if (asks.includes(true)) askedOfClean += 1;
          }
          gross += isGross.filter(Boolean).length;
          grossFound += isGross.filter((one, i) => one && asks[i] === true).length;
        }
        break;
      }
      const shift = random() < grossShare ? (random() < 0.7 ? 1 : -1) * (0.5 + 0.5 * random()) : 0;
      isGross.push(shift !== 0);
      const warmth = warmsV * beads.length;
      const x = volts - truth.middle + warmth + shift + noiseV * logisticNoise(random);
      const level = reading(x, truth, sevenLevels);
      if (level === 'blown') {
        blownHere += 1;
        lowestBlown = Math.min(lowestBlown, volts);
      }
      if (volts - truth.middle < -truth.half - 0.6) farCold += 1;
      beads.push({ volts, level, grossShare: GROSS_SHARE.usual });
    }
    blown += blownHere;
    if (blownHere > 2) overTwo += 1;
    beadCounts.push(beads.length);
  }
  const sorted = beadCounts.toSorted((a, b) => a - b);
  const at = (share: number): number => sorted[Math.min(jobs - 1, Math.floor(share * jobs))] ?? 0;
  const percent = (count: number, of = jobs): number => (100 * count) / Math.max(1, of);
  return {
    meanBeads: beadCounts.reduce((sum, count) => sum + count, 0) / jobs,
    medianBeads: at(0.5),
    p90Beads: at(0.9),
    inWindow: percent(inWindow),
    near: percent(near),
    ofReachable: percent(ofReachable, reachable),
    nearestTaken: percent(nearestTaken),
    blown: blown / jobs,
    farCold: farCold / jobs,
    claimed: percent(claimed),
    overTwoBlown: percent(overTwo),
    neverAboveBlown,
    askedOfClean: percent(askedOfClean, clean),
    grossFound: percent(grossFound, gross),
  };
}
