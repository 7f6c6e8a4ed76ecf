import type { BeadSetting } from './bead-setting.ts';
import { readingOf } from './reading-level.ts';
import type { TestBead } from './bead-report.ts';
import type { VoltsBead } from './volts-posterior.ts';

/** How far the slope of the book's volts over the wire speed may be off, as a share. Source: our model. */
const SLOPE_SHARE = 0.15;
/** Within this a wire speed, m/min, and volts stand where they stood. Source: our model. */
const SAME_SPEED_M_PER_MIN = 0.05;
const SAME_V = 0.05;

/** A bead with the volts that the book gives at its wire speed. */
export interface LinedBead<Bead extends TestBead = TestBead> {
  readonly bead: Bead;
  readonly bookV: number;
}

function isSameV(a: BeadSetting, b: BeadSetting): boolean {
  return Math.abs(a.volts - b.volts) <= SAME_V;
}

/** Whether two settings lie on one line: at the same wire speed, or, where the wire speed is searched over, at the same volts. */
export function isOnOneLine(a: BeadSetting, b: BeadSetting): boolean {
  return Math.abs(a.wireFeedSpeedMPerMin - b.wireFeedSpeedMPerMin) <= SAME_SPEED_M_PER_MIN || isSameV(a, b);
}

/**
 * How much less sure a middle over the line is once the wire speed moved, V. Where the volts were held, the wire speed
 * is itself what is searched over: nothing is carried from one line to another.
 */
export function movedSdV(
  from: BeadSetting & { readonly bookV: number },
  to: BeadSetting & { readonly bookV: number },
): number {
  if (isSameV(from, to)) return 0;
  return SLOPE_SHARE * Math.abs(to.bookV - from.bookV);
}

/**
 * Beads as the estimator takes them: volts over the book's at their wire speed. One that tells nothing of the volts, or
 * was left out, is not among them.
 *
 * @param beads oldest first
 * @param confirms whether a bead lies where the setting that is looked for does
 */
export function beadsOverLine<Bead extends TestBead>(
  beads: readonly LinedBead<Bead>[],
  confirms: (bead: Bead) => boolean,
): readonly VoltsBead[] {
  let last: (BeadSetting & { readonly bookV: number }) | undefined;
  return beads.flatMap(({ bead, bookV }): VoltsBead[] => {
    const reading = readingOf(bead);
    if (!reading) return [];
    const here = { ...bead, bookV };
    const widenedV = last ? movedSdV(last, here) : 0;
    last = here;
    return [{ ...reading, volts: bead.volts - bookV, widenedV, isAside: !confirms(bead) }];
  });
}
