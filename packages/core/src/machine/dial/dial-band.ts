import { bandAt, curveEnds, inverseAt } from '../../base/numeric/banded-curve.ts';
import type { Span } from '../../base/numeric/span.ts';
import type { Dial } from './dial.ts';

/** Wire speed at a knob, with its 95 % band, m/min; undefined outside the readings. */
export function dialSpeed({ curve }: Dial, knob: number): Span | undefined {
  return bandAt(curve, knob);
}

/** The lowest and the highest knob that was read. */
export function dialEnds({ curve }: Dial): readonly [low: number, high: number] {
  return curveEnds(curve);
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
export function knobFor({ curve }: Dial, speedMPerMin: number): KnobSetting {
  const knob = inverseAt(curve, speedMPerMin);
  return knob.status === 'within'
    ? { status: 'within', knob: knob.x }
    : { status: knob.status, endMPerMin: knob.endY, endKnob: knob.endX };
}
