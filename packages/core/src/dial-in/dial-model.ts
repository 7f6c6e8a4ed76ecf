/** How a kind of job is dialled in. */
export interface DialModel {
  readonly halfWidthV: number;
  readonly halfWidthSdV: number;
  readonly blownBeyondV: number;
  /** Where the first bead lies against the middle, V; below 0: under it. */
  readonly startOffV: number;
  /** Step beyond the beads that were laid, V, and how many of them at once. */
  readonly stepV: number;
  readonly steps: number;
  /** When it is known well enough: chance in the window, and how sure the middle is, V. */
  readonly stopChance: number;
  readonly stopSdV: number;
  /** Whether the first bead may lie above the middle. */
  readonly mayBeginAbove: boolean;
  /** Whether burning through is looked out for at every bead. */
  readonly minds: boolean;
}

/**
 * How each kind of job is dialled in.
 *
 * @source handbook on dialling in, from a simulation: our model
 */
export const DIAL_MODELS = {
  dip: model({
    halfWidthV: 0.6,
    halfWidthSdV: 0.15,
    blownBeyondV: 1.2,
    startOffV: -0.5,
    stepV: 0.5,
    stopSdV: 0.3,
  }),
  sheet: model({
    halfWidthV: 0.3,
    halfWidthSdV: 0.08,
    blownBeyondV: 0.4,
    startOffV: -0.7,
    stepV: 0.25,
    steps: 2,
    stopChance: 0.8,
    stopSdV: 0.25,
    minds: true,
  }),
  aluminium: model({
    halfWidthV: 0.75,
    halfWidthSdV: 0.18,
    blownBeyondV: 1.2,
    startOffV: 0.5,
    stepV: 1,
    stopSdV: 0.375,
    mayBeginAbove: true,
  }),
  'self-shielded': model({
    halfWidthV: 0.75,
    halfWidthSdV: 0.18,
    blownBeyondV: 1.5,
    startOffV: -0.5,
    stepV: 0.5,
    stopSdV: 0.375,
  }),
  spray: model({
    halfWidthV: 0.75,
    halfWidthSdV: 0.18,
    blownBeyondV: 2,
    startOffV: 0,
    stepV: 1,
    stopSdV: 0.375,
    mayBeginAbove: true,
  }),
} as const satisfies Readonly<Record<string, DialModel>>;
export type DialKind = keyof typeof DIAL_MODELS;

function model(
  rows: Pick<DialModel, 'halfWidthV' | 'halfWidthSdV' | 'blownBeyondV' | 'startOffV' | 'stepV' | 'stopSdV'> &
    Partial<DialModel>,
): DialModel {
  return { steps: 1, stopChance: 0.9, mayBeginAbove: false, minds: false, ...rows };
}

/** Most beads of a job before it is said that it is not settled. Source: our model. */
export const MOST_BEADS = 8;
