import type { MachineKind } from './machine-kind.ts';
import { TWO_SIDED_95 } from '../../base/numeric/normal-band.ts';

/** Volts read while an arc burnt, with the current. */
export interface LoadedReading {
  readonly volts: number;
  readonly currentA: number;
}

/** How far the volts fall under load, V for each 100 A, with its 95 % error. */
export interface Droop {
  readonly vPer100A: number;
  readonly errorVPer100A: number;
}

/**
 * Droop by kind until it is measured. Source: small transformers 2–4, handbook figure, from memory; a regulated
 * source droops by its leads alone, our model.
 */
export const ASSUMED_DROOP: Readonly<Record<MachineKind, Droop>> = {
  transformer: { vPer100A: 3, errorVPer100A: 1 },
  inverter: { vPer100A: 1, errorVPer100A: 1 },
};
/** Scatter of volts read off a burning arc, one standard deviation, V. Source: our model. */
export const LOADED_SCATTER_SD_V = 0.15;
/** Least difference of current between loaded readings that a droop is worked out from, A. */
export const LEAST_LOAD_STEP_A = 20;
/** How far open-circuit volts lie off the line of the loaded ones, 95 %, V. Source: our model. */
export const OPEN_OFF_LINE_V = 1;
/** How far a loaded reading may lie off the others before it is to be read again, V: four times its scatter. */
export const OFF_LINE_V = 4 * LOADED_SCATTER_SD_V;

/** The middle of some loaded readings, and how they lie about it. */
export interface LoadedMiddle extends LoadedReading {
  readonly loaded: readonly LoadedReading[];
  /** Sum of squares of the currents about their mean, A². */
  readonly spreadA2: number;
}

/** The middle of loaded readings; undefined of none. */
export function loadedMiddle(loaded: readonly LoadedReading[]): LoadedMiddle | undefined {
  const n = loaded.length;
  if (n === 0) return undefined;
  const volts = loaded.reduce((sum, reading) => sum + reading.volts, 0) / n;
  const currentA = loaded.reduce((sum, reading) => sum + reading.currentA, 0) / n;
  return {
    loaded,
    volts,
    currentA,
    spreadA2: loaded.reduce((sum, reading) => sum + (reading.currentA - currentA) ** 2, 0),
  };
}

/** Droop by least squares; undefined where the readings stand at nearly one current. */
export function droopOfLoaded({ loaded, volts, currentA, spreadA2 }: LoadedMiddle): Droop | undefined {
  const currents = loaded.map((reading) => reading.currentA);
  if (Math.max(...currents) - Math.min(...currents) < LEAST_LOAD_STEP_A) return undefined;
  const fall = loaded.reduce((sum, r) => sum - (r.currentA - currentA) * (r.volts - volts), 0);
  return {
    vPer100A: (100 * fall) / spreadA2,
    errorVPer100A: (100 * TWO_SIDED_95 * LOADED_SCATTER_SD_V) / Math.sqrt(spreadA2),
  };
}

/**
 * The assumed droop made surer by what lies between open circuit and one load. Undefined where the two do not fit:
 * a set with a capacitor reads near its peak when open, and says nothing of the droop under load.
 */
export function droopFromOpen(openV: number, at: LoadedReading, assumed: Droop): Droop | undefined {
  const vPer100A = (100 * (openV - at.volts)) / at.currentA;
  const errorVPer100A = (100 * OPEN_OFF_LINE_V) / at.currentA;
  if (Math.abs(vPer100A - assumed.vPer100A) > Math.hypot(errorVPer100A, assumed.errorVPer100A))
    return undefined;
  const [weight, assumedWeight] = [errorVPer100A ** -2, assumed.errorVPer100A ** -2];
  const total = weight + assumedWeight;
  return {
    vPer100A: (vPer100A * weight + assumed.vPer100A * assumedWeight) / total,
    errorVPer100A: 1 / Math.sqrt(total),
  };
}

/** What loaded readings of one position say that the user must settle. */
export type LoadedDoubt =
  /** The volts rise with the current: two readings are mixed up, or of two positions. */
  | { readonly code: 'volts-rise' }
  | { readonly code: 'off-line'; readonly reading: LoadedReading; readonly offV: number };

/** The gravest doubt about loaded readings of one position; undefined where they fit each other. */
export function loadedDoubt(loaded: readonly LoadedReading[]): LoadedDoubt | undefined {
  const middle = loadedMiddle(loaded);
  if (!middle) return undefined;
  const droop = droopOfLoaded(middle);
  const offs = loaded.map((reading) => ({
    reading,
    offV:
      reading.volts - middle.volts + ((droop?.vPer100A ?? 0) * (reading.currentA - middle.currentA)) / 100,
  }));
  const worst = offs.reduce((a, b) => (Math.abs(b.offV) > Math.abs(a.offV) ? b : a));
  if (Math.abs(worst.offV) > OFF_LINE_V) return { code: 'off-line', ...worst };
  return droop && droop.vPer100A + droop.errorVPer100A < 0 ? { code: 'volts-rise' } : undefined;
}
