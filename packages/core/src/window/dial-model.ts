import type { PlannedMode } from '../trade/transfer/transfer-mode.ts';
import type { Way } from '../trade/wire/way.ts';
import { type WireClass, wireClassRow } from '../trade/wire/wire-class.ts';

/** How a kind of job is dialled in. */
export interface DialModel {
  readonly halfWidthV: number;
  readonly halfWidthSdV: number;
  readonly blownBeyondV: number;
  /** Where the first bead lies against the middle of one of which nothing is proven, V; below 0: under it. */
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

/** Up to this thickness a job is thin sheet, from the other on it is not, mm; between them it goes from one to the other. Source: common practice; the way between is our model. */
export const SHEET_MM = { upTo: 0.8, notFrom: 2 } as const;

/** What of a job settles how it is dialled in. */
export interface DialledWork {
  readonly wire: { readonly wireClass: WireClass };
  readonly mode: PlannedMode;
  readonly way: Way;
  readonly thicknessMm: number;
  readonly otherThicknessMm?: number | undefined;
}

function blended(from: DialModel, to: DialModel, share: number): DialModel {
  const between = (a: number, b: number): number => a + (b - a) * share;
  const of = (key: 'halfWidthV' | 'halfWidthSdV' | 'blownBeyondV' | 'startOffV' | 'stopChance' | 'stopSdV') =>
    between(from[key], to[key]);
  return {
    halfWidthV: of('halfWidthV'),
    halfWidthSdV: of('halfWidthSdV'),
    blownBeyondV: of('blownBeyondV'),
    startOffV: of('startOffV'),
    stopChance: of('stopChance'),
    stopSdV: of('stopSdV'),
    stepV: between(from.stepV, to.stepV),
    steps: share < 0.5 ? from.steps : to.steps,
    mayBeginAbove: to.mayBeginAbove,
    minds: share < 1,
  };
}

/** Which kind a job is dialled in as: thin sheet counts as dip here. */
function dialKindOf({ wire, mode, way }: DialledWork): Exclude<DialKind, 'sheet'> {
  if (wireClassRow(wire.wireClass).metals.includes('aluminium')) return 'aluminium';
  if (way === 'self-shielded') return 'self-shielded';
  return mode === 'short-circuit' ? 'dip' : 'spray';
}

/**
 * How a job is dialled in.
 *
 * @source the kinds: handbook on dialling in; between thin sheet and the rest our model
 */
export function dialModelOf(work: DialledWork): DialModel {
  const kind = dialKindOf(work);
  if (kind !== 'dip') return DIAL_MODELS[kind];
  const thinnerMm = Math.min(work.thicknessMm, work.otherThicknessMm ?? work.thicknessMm);
  const share = (thinnerMm - SHEET_MM.upTo) / (SHEET_MM.notFrom - SHEET_MM.upTo);
  if (share <= 0) return DIAL_MODELS.sheet;
  return share >= 1 ? DIAL_MODELS.dip : blended(DIAL_MODELS.sheet, DIAL_MODELS.dip, share);
}

/** Ways to search: which of the machine's numbers is held, and which moves. */
export const DIAL_WAYS = ['wire-first', 'volts-first', 'trim', 'columns'] as const;
export type DialWay = (typeof DIAL_WAYS)[number];

/** How far the first bead lies under the middle where it is asked to be safe, V. Source: common practice. */
export const FULL_VOLT_UNDER_V = 1;
/** How far over the middle it begins where the wire speed moves, and its step, V over the line: a fifth of the wire speed. Source: handbook on dialling in. */
const VOLTS_FIRST = { startOffV: 0.5, stepV: 0.8 } as const;
/** How far above the window a job burns through where the volts come in taps, V. Source: handbook on dialling in. */
const TAPS_BLOWN_V = 1;

/** What is chosen of the search. */
export interface DialChoice {
  readonly way: DialWay;
  /** Whether it begins a full volt under the middle. */
  readonly isLowStart: boolean;
  /** Whether the volts come in taps. */
  readonly isTaps: boolean;
}

/** How a job is dialled in by a way of searching. */
export function searchModel(base: DialModel, { way, isLowStart, isTaps }: DialChoice): DialModel {
  const low = isLowStart ? { startOffV: -FULL_VOLT_UNDER_V, mayBeginAbove: false } : {};
  const taps = isTaps
    ? { blownBeyondV: Math.min(base.blownBeyondV, TAPS_BLOWN_V), startOffV: 0, mayBeginAbove: false }
    : {};
  if (way === 'volts-first') return { ...base, ...VOLTS_FIRST, steps: 1, mayBeginAbove: true, ...low };
  if (way === 'trim') return { ...base, startOffV: 0, mayBeginAbove: true, ...low };
  return { ...base, ...taps, ...low };
}
