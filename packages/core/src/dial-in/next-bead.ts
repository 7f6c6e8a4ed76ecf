import type { Span } from '../quantity/span.ts';
import { sentence } from '../words/sentence.ts';
import {
  BEGIN_WHY,
  type BeadLadder,
  firstRungVolts,
  SHORT_CIRCUIT_LADDER,
  stepWords,
  toStep,
} from './bead-ladder.ts';
import { type BeadSetting, type BeadVerdict, beadVerdict, type TestBead } from './bead-report.ts';

/** Most beads at one wire speed before the ladder asks to change it. Source: our model. */
export const LADDER_MOST_BEADS = 8;

export interface LadderRung extends BeadSetting {
  readonly verdict: BeadVerdict;
}

export type NextBead =
  | { readonly kind: 'weld'; readonly setting: BeadSetting; readonly why: string }
  | { readonly kind: 'repeat'; readonly setting: BeadSetting; readonly why: string }
  | {
      readonly kind: 'take';
      readonly setting: BeadSetting;
      readonly window: readonly [low: number, high: number];
      readonly why: string;
    };

/** A colder setting that read hotter than one above it, if there is one. */
function contradiction(rungs: readonly LadderRung[]): LadderRung | undefined {
  const rank = { cold: 0, right: 1, hot: 2 } as const;
  const byVolts = rungs.toSorted((a, b) => a.volts - b.volts);
  return byVolts.find((rung, i) =>
    byVolts
      .slice(i + 1)
      .some((hotter) => hotter.volts > rung.volts && rank[hotter.verdict] < rank[rung.verdict]),
  );
}

function lastPerVolts(rungs: readonly LadderRung[]): LadderRung[] {
  const byVolts = new Map(rungs.map((rung) => [rung.volts, rung] as const));
  return [...byVolts.values()].toSorted((a, b) => a.volts - b.volts);
}

/** The setting to take, once beads have settled it. */
export type TakeBead = NextBead & { readonly kind: 'take' };

/** Take the middle of the good run once a good bead has a colder and a hotter neighbour. */
function finished(rungs: readonly LadderRung[], wireFeedSpeedMPerMin: number): TakeBead | undefined {
  const good = rungs.filter((rung) => rung.verdict === 'right').map((rung) => rung.volts);
  const coldest = rungs.filter((rung) => rung.verdict === 'cold').at(-1);
  const hottest = rungs.find((rung) => rung.verdict === 'hot');
  const low = Math.min(...good);
  const high = Math.max(...good);
  if (good.length === 0 || !coldest || !hottest) return undefined;
  const window = [(coldest.volts + low) / 2, (hottest.volts + high) / 2] as const;
  const volts = Math.round(((window[0] + window[1]) / 2) * 10 - 1e-6) / 10; // a half goes down: cooler first
  return {
    kind: 'take',
    setting: { wireFeedSpeedMPerMin, volts },
    window,
    why: `Good from about ${window[0].toFixed(2)} to ${window[1].toFixed(2)} V: take the middle.`,
  };
}

function weld(wireFeedSpeedMPerMin: number, volts: number, why: string): NextBead {
  return { kind: 'weld', setting: { wireFeedSpeedMPerMin, volts }, why };
}

/** One step further up, or further down, from the beads so far; undefined once both ends are known. */
function nextStep(
  rungs: readonly LadderRung[],
  ladder: BeadLadder,
  wireFeedSpeedMPerMin: number,
): NextBead | undefined {
  const coldest = rungs.at(0) as LadderRung;
  const hottest = rungs.at(-1) as LadderRung;
  const step = stepWords(ladder.stepV);
  const up = (): NextBead | undefined => {
    if (hottest.verdict === 'hot') return undefined;
    const why =
      hottest.verdict === 'cold'
        ? `Still cold: ${step} up.`
        : `Good. ${sentence(step)} up, to find where it gets too hot.`;
    return weld(wireFeedSpeedMPerMin, toStep(hottest.volts + ladder.stepV, ladder.stepV), why);
  };
  const down = (): NextBead | undefined => {
    if (coldest.verdict === 'cold') return undefined;
    const why =
      coldest.verdict === 'hot' ? `Still hot: ${step} down.` : `Look for the cold end: ${step} down.`;
    return weld(wireFeedSpeedMPerMin, toStep(coldest.volts - ladder.stepV, ladder.stepV), why);
  };
  return ladder.begins === 'over' ? (down() ?? up()) : (up() ?? down());
}

/** Cold and hot are both known, and nothing good lies between them yet. */
function between(rungs: readonly LadderRung[], wireFeedSpeedMPerMin: number): NextBead {
  const coldTop = rungs.filter((rung) => rung.verdict === 'cold').at(-1) as LadderRung;
  const hotBottom = rungs.find((rung) => rung.verdict === 'hot') as LadderRung;
  const middle = Math.round(((coldTop.volts + hotBottom.volts) / 2) * 4) / 4;
  if (hotBottom.volts - coldTop.volts > 0.3) {
    return weld(wireFeedSpeedMPerMin, middle, 'Between the cold bead and the hot one.');
  }
  return {
    kind: 'repeat',
    setting: { wireFeedSpeedMPerMin, volts: coldTop.volts },
    why: 'Cold and hot lie closer than a hand can set. Check stick-out, travel and the work clamp, then weld it again.',
  };
}

/** Beads within this of a wire speed are of one ladder, m/min. Source: our model. */
const SAME_SPEED_M_PER_MIN = 0.05;

/** The beads of the ladder at a wire speed, the last one a voltage, by volts. */
function rungsAt(beads: readonly TestBead[], wireFeedSpeedMPerMin: number): readonly LadderRung[] {
  return lastPerVolts(
    beads
      .filter((bead) => Math.abs(bead.wireFeedSpeedMPerMin - wireFeedSpeedMPerMin) < SAME_SPEED_M_PER_MIN)
      .map((bead) => ({ ...bead, verdict: beadVerdict(bead) })),
  );
}

/**
 * What beads have settled: the setting to take, or undefined while they have not, or contradict one another.
 *
 * @param beads reported beads, oldest first; those at the last one's wire speed count
 */
export function settledSetting(beads: readonly TestBead[]): TakeBead | undefined {
  const last = beads.at(-1);
  if (!last) return undefined;
  const rungs = rungsAt(beads, last.wireFeedSpeedMPerMin);
  return contradiction(rungs) ? undefined : finished(rungs, last.wireFeedSpeedMPerMin);
}

/**
 * The next test bead on the wire-first ladder: wire speed held, volts moved a step at a time from where the ladder
 * begins until a colder and a hotter bead stand on both sides, then the middle of the good run.
 *
 * @param plan volts and wire speed of the plan
 * @param beads reported beads, oldest first; only those at the held wire speed count
 * @param ladder where it begins and how it steps; that of short-circuit unless told otherwise
 * @source common practice (wire first); the stopping rule is our model
 */
export function nextBead(
  plan: { readonly volts: Span; readonly wireFeedSpeedMPerMin: Span },
  beads: readonly TestBead[],
  ladder: BeadLadder = SHORT_CIRCUIT_LADDER,
): NextBead {
  const wireFeedSpeedMPerMin = beads.at(-1)?.wireFeedSpeedMPerMin ?? plan.wireFeedSpeedMPerMin.start;
  const rungs = rungsAt(beads, wireFeedSpeedMPerMin);
  if (rungs.length === 0) {
    return weld(wireFeedSpeedMPerMin, firstRungVolts(plan.volts.start, ladder), BEGIN_WHY[ladder.begins]);
  }
  const doubt = contradiction(rungs);
  if (doubt) {
    const why = `${doubt.volts} V read hotter than a bead above it. Weld it again on a cool coupon with the same stick-out.`;
    return { kind: 'repeat', setting: { wireFeedSpeedMPerMin, volts: doubt.volts }, why };
  }
  return (
    finished(rungs, wireFeedSpeedMPerMin) ??
    nextStep(rungs, ladder, wireFeedSpeedMPerMin) ??
    between(rungs, wireFeedSpeedMPerMin)
  );
}
