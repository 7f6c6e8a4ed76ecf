import type { MachineKind } from './machine-kind.ts';
import {
  ASSUMED_DROOP,
  type Droop,
  droopFromOpen,
  droopOfLoaded,
  loadedMiddle,
  type LoadedReading,
} from './droop.ts';
import { within } from '../../base/quantity/out-of-range-error.ts';
import type { Span } from '../../base/numeric/span.ts';

/** What a meter told of one place of the volts control. */
export interface VoltsReadings {
  /** Open-circuit volts, trigger held and no arc; never the volts at the arc. */
  readonly openV?: number | undefined;
  readonly loaded?: readonly LoadedReading[] | undefined;
}

/** One position of the volts control: a tap, a letter, "min" or "max". */
export interface VoltsPosition extends VoltsReadings {
  readonly name: string;
}

/** How well a hand-held meter and an arc agree, V. Source: our model. */
export const METER_ERROR_V = 0.5;

/** What the readings of a place make of it: the volts at one current, and how they fall from there. */
export interface LoadLine {
  readonly from: PositionVolts['from'];
  readonly volts: number;
  readonly currentA: number;
  readonly droop: Droop;
}

/** Volts a position gives at a current, and what they rest on. */
export interface PositionVolts {
  readonly volts: Span;
  readonly droopVPer100A: number;
  /** `open-and-loaded`: the assumed droop, made surer by what lies between open circuit and one load. */
  readonly from: 'loaded-line' | 'open-and-loaded' | 'one-loaded' | 'open';
}

/** Open-circuit volts as far as they tell: on an inverter they are whatever its maker chose. */
function tellingOpenV({ openV }: VoltsReadings, kind: MachineKind): number | undefined {
  return kind === 'inverter' ? undefined : openV;
}

/** The line under load of one place, by what was read there and, where that says nothing of it, an assumed droop. */
export function loadLine(
  position: VoltsReadings,
  kind: MachineKind,
  assumed: Droop = ASSUMED_DROOP[kind],
): LoadLine | undefined {
  const openV = tellingOpenV(position, kind);
  const middle = loadedMiddle(position.loaded ?? []);
  if (!middle)
    return openV === undefined ? undefined : { from: 'open', volts: openV, currentA: 0, droop: assumed };
  const measured = droopOfLoaded(middle);
  if (measured) return { ...middle, from: 'loaded-line', droop: measured };
  const surer = openV === undefined ? undefined : droopFromOpen(openV, middle, assumed);
  return surer
    ? { ...middle, from: 'open-and-loaded', droop: surer }
    : { ...middle, from: 'one-loaded', droop: assumed };
}

/**
 * Arc volts of a position at a current.
 *
 * Loaded readings {@link LEAST_LOAD_STEP_A} or more apart give its droop, with the error that grows away from them;
 * one stands with an assumed droop, made surer by an open-circuit reading that fits it; an open-circuit reading
 * alone likewise, but only on a transformer: an inverter idles at whatever its maker chose, and says nothing.
 *
 * @param currentA arc current, A, [1, 500]
 * @returns undefined where nothing that was read tells
 * @throws {OutOfRangeError} for a current outside that
 * @source our model; droop of small transformers: handbook figure, from memory
 */
export function positionVolts(
  position: VoltsPosition,
  kind: MachineKind,
  currentA: number,
): PositionVolts | undefined {
  const current = within('current', currentA, [1, 500]);
  const line = loadLine(position, kind);
  if (!line) return undefined;
  const hundreds = (current - line.currentA) / 100;
  const start = line.volts - line.droop.vPer100A * hundreds;
  const half = METER_ERROR_V + line.droop.errorVPer100A * Math.abs(hundreds);
  return {
    from: line.from,
    droopVPer100A: line.droop.vPer100A,
    volts: { start, low: start - half, high: start + half },
  };
}

/** The position for wanted arc volts. */
export interface PositionChoice {
  readonly position: VoltsPosition;
  readonly gives: PositionVolts;
  /** What it gives less what is wanted, V. */
  readonly offV: number;
}

/** The positions whose arc volts at a current are known, each with what it gives. */
export function knownPositions(
  positions: readonly VoltsPosition[],
  kind: MachineKind,
  currentA: number,
): readonly Omit<PositionChoice, 'offV'>[] {
  return positions.flatMap((position) => {
    const gives = positionVolts(position, kind, currentA);
    return gives ? [{ position, gives }] : [];
  });
}

/** The position whose arc volts lie nearest to those wanted at a current; undefined when none is known. */
export function positionFor(
  positions: readonly VoltsPosition[],
  kind: MachineKind,
  wantedV: number,
  currentA: number,
): PositionChoice | undefined {
  const known = knownPositions(positions, kind, currentA).map((one) => ({
    ...one,
    offV: one.gives.volts.start - wantedV,
  }));
  return known.toSorted((a, b) => Math.abs(a.offV) - Math.abs(b.offV))[0];
}
