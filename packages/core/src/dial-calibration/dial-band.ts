import { TWO_SIDED_95 } from '../quantity/normal-band.ts';
import type { Span } from '../quantity/span.ts';
import type { Dial } from './dial.ts';
import { curveAt, reachedAt, stretchAt } from '../quantity/monotone-curve.ts';

/** Half-width of the 95 % band at a knob, m/min: the readings' errors and what the curve may miss between them. */
export function halfBand(dial: Dial, knob: number): number {
  const { curve, points, commonSdShare } = dial;
  const i = stretchAt(curve, knob);
  const [a, b] = [points[i], points[i + 1]];
  const common = commonSdShare === 0 ? 0 : commonSdShare * curveAt(curve, knob);
  if (!a || !b) return TWO_SIDED_95 * Math.hypot(points[0]?.sdMPerMin ?? 0, common);
  const u = Math.min(Math.max((knob - a.knob) / (b.knob - a.knob), 0), 1);
  const variance = ((1 - u) * a.sdMPerMin) ** 2 + (u * b.sdMPerMin) ** 2 + common ** 2;
  const missed = (dial.mayMissMPerMin[i] ?? 0) * 4 * u * (1 - u);
  return Math.sqrt(TWO_SIDED_95 ** 2 * variance + missed ** 2);
}

/** Wire speed at a knob, with its 95 % band, m/min; undefined outside the readings. */
export function dialSpeed(dial: Dial, knob: number): Span | undefined {
  const [low, high] = dialEnds(dial);
  if (knob < low || knob > high) return undefined;
  const start = curveAt(dial.curve, knob);
  const half = halfBand(dial, knob);
  return { start, low: Math.max(start - half, 0), high: start + half };
}

/** The lowest and the highest knob that was read. */
export function dialEnds({ points }: Dial): readonly [low: number, high: number] {
  return [points[0]?.knob ?? 0, points.at(-1)?.knob ?? 0];
}

/** Where to set the knob for a wire speed. */
export type KnobSetting =
  | { readonly status: 'within'; readonly knob: Span }
  | { readonly status: 'below' | 'above'; readonly endMPerMin: number; readonly endKnob: number };

/**
 * The knob that gives a wire speed, with its 95 % band; never beyond the readings.
 *
 * @param speedMPerMin wire speed wanted, m/min
 */
export function knobFor(dial: Dial, speedMPerMin: number): KnobSetting {
  const [low, high] = dialEnds(dial);
  const [slowest, fastest] = [curveAt(dial.curve, low), curveAt(dial.curve, high)];
  if (speedMPerMin < slowest) return { status: 'below', endMPerMin: slowest, endKnob: low };
  if (speedMPerMin > fastest) return { status: 'above', endMPerMin: fastest, endKnob: high };
  const at = (offset: -1 | 0 | 1): number =>
    reachedAt((x) => curveAt(dial.curve, x) + offset * halfBand(dial, x), speedMPerMin, low, high);
  return { status: 'within', knob: { start: at(0), low: at(1), high: at(-1) } };
}
