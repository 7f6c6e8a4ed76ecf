import { nextPlace } from '../../base/numeric/banded-curve.ts';
import type { Dial } from './dial.ts';
import type { KnobScale } from '../../base/quantity/knob-words.ts';

/** How far a straight line through the ends would be off, where it is worst. */
export interface Bend {
  readonly knob: number;
  readonly measuredMPerMin: number;
  readonly straightMPerMin: number;
  /** Share of the measured speed that the line is off by. */
  readonly offShare: number;
}

/** Share from which a dial is called bent. Source: our model. */
export const BENT_FROM_SHARE = 0.08;

/** The worst place of a dial that is not straight, or undefined for one that is. */
export function dialBend({ points }: Dial): Bend | undefined {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || points.length < 3) return undefined;
  const bends = points.slice(1, -1).map((p): Bend => {
    const share = (p.knob - first.knob) / (last.knob - first.knob);
    const straight = first.speedMPerMin + share * (last.speedMPerMin - first.speedMPerMin);
    return {
      knob: p.knob,
      measuredMPerMin: p.speedMPerMin,
      straightMPerMin: straight,
      offShare: straight / p.speedMPerMin - 1,
    };
  });
  const worst = bends.reduce((a, b) => (Math.abs(b.offShare) > Math.abs(a.offShare) ? b : a));
  return Math.abs(worst.offShare) >= BENT_FROM_SHARE ? worst : undefined;
}

/**
 * Where the next reading would take most doubt away: an unread end first, then where the band is widest, to what a hand
 * can set.
 */
export function nextKnob(dial: Dial | undefined, scale: KnobScale): number {
  return nextPlace(dial?.curve, scale);
}
