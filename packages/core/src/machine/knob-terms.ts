import { type Dial, knobFor } from '../dial-calibration/dial.ts';
import { knobWords } from '../dial-calibration/knob-words.ts';
import type { Span } from '../quantity/span.ts';
import { type PositionChoice, positionFor } from '../volts-calibration/position-volts.ts';
import type { Machine } from './machine.ts';

/** A wire speed in the machine's own terms. */
export type WireTerm =
  | { readonly status: 'shown' }
  | { readonly status: 'not-measured' }
  | { readonly status: 'knob'; readonly knob: Span; readonly words: string }
  | { readonly status: 'out-of-reach'; readonly text: string };

/** Volts in the machine's own terms. */
export type VoltsTerm =
  | { readonly status: 'shown' }
  | { readonly status: 'not-measured' }
  | { readonly status: 'position'; readonly choice: PositionChoice; readonly near: boolean };

/** How far a tap may be off and still be called near, V: half a short-circuit window. Source: our model. */
export const NEAR_POSITION_V = 1;

/**
 * Where to set the machine's wire control for a wire speed.
 *
 * @param dial what was measured of it; undefined: nothing
 * @param speedMPerMin wire speed wanted, m/min
 */
export function wireTerm(machine: Machine, dial: Dial | undefined, speedMPerMin: number): WireTerm {
  if (machine.wireControl?.kind === 'units') return { status: 'shown' };
  if (!dial || dial.points.length < 2) return { status: 'not-measured' };
  const found = knobFor(dial, speedMPerMin);
  if (found.status === 'within') {
    return { status: 'knob', knob: found.knob, words: knobWords(found.knob.start) };
  }
  const end = `${found.status === 'below' ? 'slowest' : 'fastest'} reading is ${found.endMPerMin.toFixed(1)} m/min at ${knobWords(found.endKnob)}`;
  const way = found.status === 'below' ? 'take a larger wire' : 'take a smaller current or a larger wire';
  return { status: 'out-of-reach', text: `out of reach: the ${end}; ${way}, or measure further` };
}

/** Which position of the volts control gives wanted arc volts at a current. */
export function voltsTerm(machine: Machine, volts: number, currentA: number): VoltsTerm {
  const control = machine.voltsControl;
  if (control?.kind === 'displayed') return { status: 'shown' };
  const choice = control && positionFor(control.positions, machine.kind ?? 'transformer', volts, currentA);
  if (!choice) return { status: 'not-measured' };
  return { status: 'position', choice, near: Math.abs(choice.offV) <= NEAR_POSITION_V };
}
