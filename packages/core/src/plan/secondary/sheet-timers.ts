import type { Span } from '../../base/numeric/span.ts';

/** Thickest metal that is spotted and stitched by a timer, mm. Source: common practice. */
export const SPOT_THICKEST_MM = 2;
export const STITCH_THICKEST_MM = 1.5;

/** Length that one stitch lays, mm: what a puddle of its sheet can carry before it sags. Source: our model. */
const STITCH_LENGTH_MM = { base: 3, eachMm: 3 } as const;
/** Pause after a stitch, as a share of its time: thinner sheet keeps its heat longer against what it can bear. Source: our model. */
const PAUSE_SHARE = { thinnest: 1.2, eachMm: -0.4, least: 0.5 } as const;
/** Time of one spot, s. Source: our model. */
const SPOT_TIME_S = { base: 0.3, eachMm: 0.6 } as const;
/** How far each may be moved, as a share. Source: our model. */
const SPREAD = 0.3;

/** What a stitched seam asks of its timers, and what it costs in gas. */
export interface StitchTimes {
  readonly onS: Span;
  readonly pauseS: Span;
  /** Gas for a metre of weld, L: it runs on through the pauses. */
  readonly gasLPerM: number;
  /** The same of a seam welded through, L. */
  readonly gasThroughLPerM: number;
}

function about(start: number): Span {
  return { start, low: start * (1 - SPREAD), high: start * (1 + SPREAD) };
}

/**
 * On and pause of the stitch timer for a sheet.
 *
 * @param thicknessMm of the thinner part, mm, (0, {@link STITCH_THICKEST_MM}]
 * @param travelMmPerMin travel while the arc burns, mm/min, over 0
 * @param flowLPerMin gas, L/min
 * @source our model
 */
export function stitchTimes(thicknessMm: number, travelMmPerMin: number, flowLPerMin: number): StitchTimes {
  const onS = (STITCH_LENGTH_MM.base + STITCH_LENGTH_MM.eachMm * thicknessMm) / (travelMmPerMin / 60);
  const share = Math.max(PAUSE_SHARE.thinnest + PAUSE_SHARE.eachMm * thicknessMm, PAUSE_SHARE.least);
  const gasThroughLPerM = (1000 / travelMmPerMin) * flowLPerMin;
  return {
    onS: about(onS),
    pauseS: about(onS * share),
    gasLPerM: gasThroughLPerM * (1 + share),
    gasThroughLPerM,
  };
}

/**
 * Time of one spot or tack by the timer, s.
 *
 * @param thicknessMm of the thinner part, mm, (0, {@link SPOT_THICKEST_MM}]
 * @source our model
 */
export function spotTimeS(thicknessMm: number): Span {
  return about(SPOT_TIME_S.base + SPOT_TIME_S.eachMm * thicknessMm);
}
