import { dialEnds, dialSpeed, type KnobSetting, knobFor } from '../machine/dial/dial-band.ts';
import {
  type KnobFigure,
  knobFigure,
  knobMarks,
  type KnobScale,
  knobWords,
} from '../base/quantity/knob-words.ts';
import { dialAtPosition, type MachineDials, type PositionDial } from '../machine/dial/machine-dials.ts';
import { curveAt } from '../base/numeric/monotone-curve.ts';
import type { Span } from '../base/numeric/span.ts';
import { type PositionChoice, positionFor } from '../machine/volts/position-volts.ts';
import type { MachineKind } from '../machine/volts/machine-kind.ts';
import { voltsKnobFor, voltsOverKnob } from '../machine/volts/volts-knob.ts';
import { shownOffset, voltsToShow } from '../machine/volts/shown-volts.ts';
import type { Machine, VoltsControl } from '../machine/machine.ts';

/** A wire speed that lies past what was read of the machine. */
export interface OutOfReach {
  readonly status: 'out-of-reach';
  /** `below`: slower than the slowest reading, a thinner wire runs faster; `above`: a thicker wire runs slower. */
  readonly side: 'below' | 'above';
  /** m/min, under arc */
  readonly endMPerMin: number;
  readonly endWords: string;
}

/** Where a knob is to stand. */
interface KnobPlace {
  readonly knob: Span;
  /** What the hand sets, and its one doubt. */
  readonly figure: KnobFigure;
  /** The mark that a hand sets, or the two that it stands between. */
  readonly marks: readonly string[];
}

/** Volts that lie past what was read of the volts knob. */
export interface VoltsOutOfReach {
  readonly status: 'out-of-reach';
  readonly side: 'below' | 'above';
  /** V, at the arc */
  readonly endV: number;
  readonly endWords: string;
}

function knobPlace(knob: Span, scale: KnobScale): KnobPlace {
  return {
    knob,
    figure: knobFigure(knob, scale),
    marks: knobMarks(knob.start, scale),
  };
}

/** A wire speed in the machine's own terms. */
export type WireTerm =
  | { readonly status: 'shown' | 'entry' | 'not-measured' }
  | ({
      readonly status: 'knob';
      /** What the dial at this position of the volts control rests on. */
      readonly dialFrom: PositionDial['from'];
    } & KnobPlace)
  | {
      readonly status: 'letter';
      readonly name: string;
      /** Wire speed that the letter gives, m/min. */
      readonly gives: Span;
      /** What it gives over what is wanted, less 1. */
      readonly offShare: number;
      readonly near: boolean;
    }
  | OutOfReach;

/** Volts in the machine's own terms. */
export type VoltsTerm =
  | { readonly status: 'shown' | 'entry' | 'not-measured' }
  | { readonly status: 'shown-offset'; readonly set: Span; readonly offsetV: number }
  | { readonly status: 'position'; readonly choice: PositionChoice; readonly near: boolean }
  | ({ readonly status: 'knob' } & KnobPlace)
  | VoltsOutOfReach;

/** How far a tap may be off and still be called near, V: half a short-circuit window. Source: our model. */
export const NEAR_POSITION_V = 1;
/** The same for a lettered wire speed, as a share: the plan's own range. Source: our model. */
export const NEAR_LETTER_SHARE = 0.15;
/** An offset of the display that is worth setting for, V. Source: our model. */
export const OFFSET_WORTH_SAYING_V = 0.2;

function outOfReach(
  setting: KnobSetting & { readonly status: 'below' | 'above' },
  sag: number,
  name: string,
): OutOfReach {
  return {
    status: 'out-of-reach',
    side: setting.status,
    endMPerMin: setting.endMPerMin * (1 - sag),
    endWords: name,
  };
}

function knobTerm({ dial, from }: PositionDial, scale: KnobScale, sag: Span, speedMPerMin: number): WireTerm {
  const setting = knobFor(dial, speedMPerMin / (1 - sag.start));
  if (setting.status !== 'within') return outOfReach(setting, sag.start, knobWords(setting.endKnob, scale));
  const edge = (share: number, side: 'low' | 'high'): number => {
    if (share === sag.start) return setting.knob[side];
    const there = knobFor(dial, speedMPerMin / (1 - share));
    return there.status === 'within' ? there.knob[side] : there.endKnob;
  };
  const knob: Span = { start: setting.knob.start, low: edge(sag.low, 'low'), high: edge(sag.high, 'high') };
  return { status: 'knob', ...knobPlace(knob, scale), dialFrom: from };
}

/** Wire speeds under arc that the letters give, as far as they were read, m/min. */
export function letterSpeeds(
  names: readonly string[],
  { dial }: PositionDial,
  sag: Span,
): readonly { readonly name: string; readonly gives: Span }[] {
  return dial.points.flatMap(({ knob }) => {
    const name = names[knob];
    const open = dialSpeed(dial, knob);
    if (name === undefined || !open) return [];
    const start = open.start * (1 - sag.start);
    return [{ name, gives: { start, low: open.low * (1 - sag.high), high: open.high * (1 - sag.low) } }];
  });
}

/** The letter whose wire speed lies nearest to the one wanted, as a ratio. */
function letterTerm(names: readonly string[], dial: PositionDial, sag: Span, speedMPerMin: number): WireTerm {
  const letters = letterSpeeds(names, dial, sag).map((letter) => ({
    ...letter,
    offShare: letter.gives.start / speedMPerMin - 1,
  }));
  const apart = (offShare: number): number => Math.abs(Math.log(1 + offShare));
  const nearest = letters.toSorted((a, b) => apart(a.offShare) - apart(b.offShare))[0];
  if (!nearest) return { status: 'not-measured' };
  return { status: 'letter', ...nearest, near: Math.abs(nearest.offShare) <= NEAR_LETTER_SHARE };
}

/**
 * Where to set the machine's wire control for a wire speed.
 *
 * @param dials what was measured of it
 * @param speedMPerMin wire speed wanted under arc, m/min
 * @param position of the volts control, where it is settled
 */
export function wireTerm(
  machine: Machine,
  dials: MachineDials,
  speedMPerMin: number,
  position?: string,
): WireTerm {
  const control = machine.wireControl;
  if (control?.kind === 'units') return { status: 'shown' };
  if (control?.kind === 'entry') return { status: 'entry' };
  const dial = dialAtPosition(dials, position);
  if (!dial) return { status: 'not-measured' };
  if (control?.kind === 'letters') return letterTerm(control.names, dial, dials.sag, speedMPerMin);
  if (dial.dial.points.length < 2) return { status: 'not-measured' };
  const scale = control ? ([control.min, control.max] as const) : dialEnds(dial.dial);
  return knobTerm(dial, scale, dials.sag, speedMPerMin);
}

/** Where a volts knob without units is to stand for arc volts at a current. */
function voltsKnobTerm(
  { places, min, max }: Extract<VoltsControl, { readonly kind: 'knob' }>,
  kind: MachineKind,
  volts: number,
  currentA: number,
): VoltsTerm {
  const curve = voltsOverKnob(places, kind, currentA);
  if (!curve) return { status: 'not-measured' };
  const scale = [min, max] as const;
  const knob = voltsKnobFor(curve, volts);
  if (knob.status === 'within') return { status: 'knob', ...knobPlace(knob.knob, scale) };
  const { status: side, endV, endKnob } = knob;
  return { status: 'out-of-reach', side, endV, endWords: knobWords(endKnob, scale) };
}

/** Which position of the volts control, which mark of its knob, or which figure on its display, gives wanted arc volts at a current. */
export function voltsTerm(machine: Machine, volts: number, currentA: number): VoltsTerm {
  const control = machine.voltsControl;
  if (control?.kind === 'entry') return { status: 'entry' };
  if (control?.kind === 'displayed') {
    const offset = shownOffset(control.meter ?? []);
    if (!offset || Math.abs(offset.offsetV.start) < OFFSET_WORTH_SAYING_V) return { status: 'shown' };
    return { status: 'shown-offset', set: voltsToShow(offset, volts), offsetV: offset.offsetV.start };
  }
  const kind = machine.kind ?? 'transformer';
  if (control?.kind === 'knob') return voltsKnobTerm(control, kind, volts, currentA);
  const choice = control && positionFor(control.positions, kind, volts, currentA);
  if (!choice) return { status: 'not-measured' };
  return { status: 'position', choice, near: Math.abs(choice.offV) <= NEAR_POSITION_V };
}

/** Wire speeds that the machine reaches at a position, m/min under arc; undefined where nothing is known. */
export function wireReach(
  machine: Machine,
  dials: MachineDials,
  position?: string,
): readonly [low: number, high: number] | undefined {
  const dial = machine.wireControl?.kind === 'units' ? undefined : dialAtPosition(dials, position);
  if (!dial || dial.dial.points.length < 2) return machine.wireFeedSpeedRangeMPerMin;
  const [low, high] = dialEnds(dial.dial);
  const under = 1 - dials.sag.start;
  return [curveAt(dial.dial.curve.line, low) * under, curveAt(dial.dial.curve.line, high) * under];
}
