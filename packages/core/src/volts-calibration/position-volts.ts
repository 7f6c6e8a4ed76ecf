import type { MachineKind } from '../machine/machine-kind.ts';
import { within } from '../quantity/out-of-range-error.ts';
import type { Span } from '../quantity/span.ts';

/** Volts read while an arc burnt, with the current. */
export interface LoadedReading {
  readonly volts: number;
  readonly currentA: number;
}

/** One position of the volts control: a tap, a letter, "min" or "max". */
export interface VoltsPosition {
  readonly name: string;
  /** Open-circuit volts, trigger held and no arc; never the volts at the arc. */
  readonly openV?: number | undefined;
  readonly loaded?: readonly LoadedReading[] | undefined;
}

/**
 * Droop under load by kind, V for each 100 A, until it is measured. Source: small transformers 2–4, handbook figure,
 * from memory; a regulated source droops by its leads alone, our model.
 */
export const ASSUMED_DROOP_V_PER_100_A: Readonly<Record<MachineKind, Span>> = {
  transformer: { start: 3, low: 2, high: 4 },
  inverter: { start: 1, low: 0, high: 2 },
};
/** How well a hand-held meter and an arc agree, V. Source: our model. */
export const METER_ERROR_V = 0.5;
/** Least difference of current between two loaded readings that a droop is worked out from, A. */
export const LEAST_LOAD_STEP_A = 20;

/** Volts a position gives at a current, and what they rest on. */
export interface PositionVolts {
  readonly volts: Span;
  readonly from: 'two-loaded' | 'one-loaded' | 'open';
}

function loadedLine(
  loaded: readonly LoadedReading[],
): { volts: number; currentA: number; droop: number } | undefined {
  const byCurrent = loaded.toSorted((a, b) => a.currentA - b.currentA);
  const [first, last] = [byCurrent[0], byCurrent.at(-1)];
  if (!first || !last || last.currentA - first.currentA < LEAST_LOAD_STEP_A) return undefined;
  return { ...first, droop: (first.volts - last.volts) / (last.currentA - first.currentA) };
}

/** Open-circuit volts are a reading at no current; on an inverter they are whatever its maker chose. */
function openReading(openV: number | undefined, kind: MachineKind): LoadedReading | undefined {
  return openV === undefined || kind === 'inverter' ? undefined : { volts: openV, currentA: 0 };
}

/**
 * Arc volts of a position at a current.
 *
 * Two loaded readings give its droop; one stands with an assumed droop; an open-circuit reading likewise, but
 * only on a transformer: an inverter idles at whatever its maker chose, and says nothing.
 *
 * @param currentA arc current, A, [1, 500]
 * @returns undefined where nothing that was read tells
 * @source our model; droop of small transformers: handbook figure, from memory
 */
export function positionVolts(
  position: VoltsPosition,
  kind: MachineKind,
  currentA: number,
): PositionVolts | undefined {
  const current = within('current', currentA, [1, 500]);
  const { loaded = [], openV } = position;
  const line = loadedLine(loaded);
  if (line) {
    const start = line.volts - line.droop * (current - line.currentA);
    return { from: 'two-loaded', volts: { start, low: start - METER_ERROR_V, high: start + METER_ERROR_V } };
  }
  const { start: droop, low: least, high: most } = ASSUMED_DROOP_V_PER_100_A[kind];
  const one = loaded[0];
  const known = one ?? openReading(openV, kind);
  if (!known) return undefined;
  const step = (current - known.currentA) / 100;
  const ends = [known.volts - least * step, known.volts - most * step];
  return {
    from: one ? 'one-loaded' : 'open',
    volts: {
      start: known.volts - droop * step,
      low: Math.min(...ends) - METER_ERROR_V,
      high: Math.max(...ends) + METER_ERROR_V,
    },
  };
}

/** The position for wanted arc volts. */
export interface PositionChoice {
  readonly position: VoltsPosition;
  readonly gives: PositionVolts;
  /** What it gives less what is wanted, V. */
  readonly offV: number;
}

/** The position whose arc volts lie nearest to those wanted at a current; undefined when none is known. */
export function positionFor(
  positions: readonly VoltsPosition[],
  kind: MachineKind,
  wantedV: number,
  currentA: number,
): PositionChoice | undefined {
  const known = positions.flatMap((position): PositionChoice[] => {
    const gives = positionVolts(position, kind, currentA);
    return gives ? [{ position, gives, offV: gives.volts.start - wantedV }] : [];
  });
  return known.toSorted((a, b) => Math.abs(a.offV) - Math.abs(b.offV))[0];
}
