import { TWO_SIDED_95 } from '../../base/numeric/normal-band.ts';
import type { Span } from '../../base/numeric/span.ts';
import { METER_ERROR_V } from './position-volts.ts';

/** What the machine showed while a meter stood on the arc. */
export interface MeterReading {
  readonly shownV: number;
  readonly meterV: number;
}

/** By how much a machine's display reads above a meter at the arc. */
export interface ShownOffset {
  /** V, what it shows less what the meter reads; the 95 % band around it. */
  readonly offsetV: Span;
  readonly readings: number;
}

/** Scatter of display against meter from one reading to the next, 95 %, V. Source: our model. */
export const SHOWN_SCATTER_V = 0.4;

/**
 * How far a display is off, from readings of a meter held to the arc; undefined without one.
 *
 * The lead's own drop stands between the two: a display at the source reads high.
 *
 * @source our model
 */
export function shownOffset(meter: readonly MeterReading[]): ShownOffset | undefined {
  if (meter.length === 0) return undefined;
  const offsets = meter.map(({ shownV, meterV }) => shownV - meterV);
  const n = offsets.length;
  const start = offsets.reduce((sum, v) => sum + v, 0) / n;
  const spread = n < 3 ? 0 : Math.sqrt(offsets.reduce((sum, v) => sum + (v - start) ** 2, 0) / (n - 1));
  // the meter's own error does not shrink with repeats; the scatter does
  const half = Math.hypot(METER_ERROR_V / 2, Math.max(SHOWN_SCATTER_V, TWO_SIDED_95 * spread) / Math.sqrt(n));
  return { offsetV: { start, low: start - half, high: start + half }, readings: n };
}

/** What to set on the display for arc volts. */
export function voltsToShow(offset: ShownOffset, arcVolts: number): Span {
  const { start, low, high } = offset.offsetV;
  return { start: arcVolts + start, low: arcVolts + low, high: arcVolts + high };
}
