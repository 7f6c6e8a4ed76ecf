import type { Span } from '../quantity/span.ts';
import { type BeadSetting, type BeadVerdict, beadVerdict, type TestBead } from './bead-report.ts';

/** How far under the middle the ladder begins, and its step in short-circuit, V. Source: common practice. */
export const LADDER_START_UNDER_V = 1;
export const LADDER_STEP_V = 0.5;
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

/** Volts to the nearest step that a hand sets. */
function toStep(volts: number): number {
  return Math.round(volts / LADDER_STEP_V) * LADDER_STEP_V;
}

/** First rung: 1 V under the middle, to the nearest half volt. */
export function firstRungVolts(middleVolts: number): number {
  return toStep(middleVolts - LADDER_START_UNDER_V);
}

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

/** Take the middle of the good run once a good bead has a colder and a hotter neighbour. */
function finished(rungs: readonly LadderRung[], wireFeedSpeedMPerMin: number): NextBead | undefined {
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

/**
 * The next test bead on the wire-first ladder: wire speed held, volts up by half a volt from 1 V under the
 * middle until a bead is clearly too hot, then the middle of the good run.
 *
 * @param plan volts and wire speed of the plan
 * @param beads reported beads, oldest first; only those at the held wire speed count
 * @source common practice (wire first); the stopping rule is our model
 */
export function nextBead(
  plan: { readonly volts: Span; readonly wireFeedSpeedMPerMin: Span },
  beads: readonly TestBead[],
): NextBead {
  const wireFeedSpeedMPerMin = beads.at(-1)?.wireFeedSpeedMPerMin ?? plan.wireFeedSpeedMPerMin.start;
  const all = beads
    .filter((bead) => Math.abs(bead.wireFeedSpeedMPerMin - wireFeedSpeedMPerMin) < 0.05)
    .map((bead) => ({ ...bead, verdict: beadVerdict(bead) }));
  const rungs = lastPerVolts(all);
  const setting = (volts: number): BeadSetting => ({ wireFeedSpeedMPerMin, volts: toStep(volts) });
  if (rungs.length === 0) {
    const first = setting(plan.volts.start - LADDER_START_UNDER_V);
    return {
      kind: 'weld',
      setting: first,
      why: 'Begin 1 V under the middle and come up: too low shows itself first.',
    };
  }
  const doubt = contradiction(rungs);
  if (doubt) {
    const why = `${doubt.volts} V read hotter than a bead above it. Weld it again on a cool coupon with the same stick-out.`;
    return { kind: 'repeat', setting: { wireFeedSpeedMPerMin, volts: doubt.volts }, why };
  }
  const done = finished(rungs, wireFeedSpeedMPerMin);
  if (done) return done;
  const coldest = rungs.at(0) as LadderRung;
  const hottest = rungs.at(-1) as LadderRung;
  if (hottest.verdict !== 'hot') {
    const why =
      hottest.verdict === 'cold'
        ? 'Still cold: half a volt up.'
        : 'Good. Half a volt up, to find where it gets too hot.';
    return { kind: 'weld', setting: setting(hottest.volts + LADDER_STEP_V), why };
  }
  if (coldest.verdict !== 'cold') {
    return {
      kind: 'weld',
      setting: setting(coldest.volts - LADDER_STEP_V),
      why: 'Look for the cold end: half a volt down.',
    };
  }
  const coldTop = rungs.filter((rung) => rung.verdict === 'cold').at(-1) as LadderRung;
  const hotBottom = rungs.find((rung) => rung.verdict === 'hot') as LadderRung;
  const middle = Math.round(((coldTop.volts + hotBottom.volts) / 2) * 4) / 4;
  if (hotBottom.volts - coldTop.volts > 0.3) {
    return {
      kind: 'weld',
      setting: { wireFeedSpeedMPerMin, volts: middle },
      why: 'Between the cold bead and the hot one.',
    };
  }
  return {
    kind: 'repeat',
    setting: { wireFeedSpeedMPerMin, volts: coldTop.volts },
    why: 'Cold and hot lie closer than a hand can set. Check stick-out, travel and the work clamp, then weld it again.',
  };
}
