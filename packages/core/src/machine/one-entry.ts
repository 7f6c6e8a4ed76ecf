import type { GasId } from '../trade/gas/gas.ts';
import { curveAt, type MonotoneCurve, monotoneCurve, reachedAt } from '../base/numeric/monotone-curve.ts';
import { isSameWire, type ShelfWire } from '../trade/wire/shelf-wire.ts';

/** What the machine's one entry is in, as the machine itself shows it. `mark`: a scale that names nothing. */
export const ENTRY_UNITS = ['mm', 'in', 'A', 'm/min', 'in/min', 'mark'] as const;
export type EntryUnit = (typeof ENTRY_UNITS)[number];

/** What the machine chose of itself at an entry, trim at nought. */
export interface EntryPoint {
  readonly entry: number;
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number;
}

/** What a machine's choices hold for: one wire and one gas. */
export interface EntryFor extends ShelfWire {
  readonly gas: GasId;
}

/** The machine's choices for one wire and gas. */
export interface EntryLine extends EntryFor {
  readonly points: readonly EntryPoint[];
}

/** What a trim moves the volts in: volts, per cent of what the machine chose, or marks that name nothing. */
export const TRIM_UNITS = ['V', '%', 'mark'] as const;
export type TrimUnit = (typeof TRIM_UNITS)[number];

/** A machine that sets wire speed and volts from one entry, as far as it was recorded. */
export interface OneEntry {
  readonly unit: EntryUnit;
  /** What its trim is in; undefined: marks where a step is known, else volts. */
  readonly trimUnit?: TrimUnit | undefined;
  /** Volts that one mark of its trim moves, where it is in marks. */
  readonly trimStepV?: number | undefined;
  readonly lines: readonly EntryLine[];
}

/** What a plan wants of it. */
export interface EntryWanted extends EntryFor {
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number;
}

/** Entry and trim for a plan, or why there are none. */
export type EntrySetting =
  | {
      readonly status: 'set';
      readonly entry: number;
      /** Volts the machine chooses there of itself. */
      readonly machineVolts: number;
      /** By how much to trim, V, to the step that its trim has. */
      readonly trimV: number;
      /** The same as its trim counts it. */
      readonly trim: { readonly unit: TrimUnit; readonly by: number };
    }
  | { readonly status: 'not-recorded' }
  | { readonly status: 'below' | 'above'; readonly endMPerMin: number; readonly endEntry: number };

/** Finest trim in volts that is spoken of. Source: our model. */
export const TRIM_STEP_V = 0.1;
/** Least difference from what the machine chooses that is worth trimming, V. Source: our model. */
export const TRIM_WORTH_V = 0.2;

/** Whether two are for one wire and gas. */
export function isSameLine(a: EntryFor, b: EntryFor): boolean {
  return isSameWire(a, b) && a.gas === b.gas;
}

/** Two points or more that were recorded for a wire and gas, by their entry. */
function pointsFor(oneEntry: OneEntry, wanted: EntryFor): readonly EntryPoint[] | undefined {
  const line = oneEntry.lines.find((one) => isSameLine(one, wanted) && one.points.length >= 2);
  return line?.points.toSorted((a, b) => a.entry - b.entry);
}

function curveOf(points: readonly EntryPoint[], y: (point: EntryPoint) => number): MonotoneCurve {
  return monotoneCurve(points.map((point) => ({ x: point.entry, y: y(point) })));
}

/** A trim's finest step: in volts, and as the trim counts it. */
interface TrimStep {
  readonly unit: TrimUnit;
  readonly stepV: number;
  readonly each: number;
}

/** The trim of a machine that chose some volts of itself. A mark whose volts nobody told moves as many as ours. */
function trimOf({ trimUnit, trimStepV }: OneEntry, machineVolts: number): TrimStep {
  const unit = trimUnit ?? (trimStepV === undefined ? 'V' : 'mark');
  if (unit === 'V') return { unit, stepV: TRIM_STEP_V, each: TRIM_STEP_V };
  if (unit === '%') return { unit, stepV: machineVolts / 100, each: 1 };
  return { unit, stepV: trimStepV ?? TRIM_STEP_V, each: 1 };
}

/** What is wrong with the points of a line, for the one who enters them; undefined when nothing is. */
export function entryLineFault(points: readonly EntryPoint[]): string | undefined {
  const sorted = points.toSorted((a, b) => a.entry - b.entry);
  for (const [i, point] of sorted.slice(1).entries()) {
    const before = sorted[i] as EntryPoint;
    if (point.entry === before.entry) return `Entry ${point.entry} stands there twice.`;
    if (point.wireFeedSpeedMPerMin <= before.wireFeedSpeedMPerMin) {
      return `At entry ${point.entry} the wire is no faster than at ${before.entry}: read both again.`;
    }
  }
  return undefined;
}

/**
 * Which entry gives the wire speed wanted, and how far to trim the volts from what the machine chooses there.
 *
 * @param wanted m/min and V, from the plan
 * @source our model: the machine's own points, joined by a curve that never overshoots
 */
export function entryFor(oneEntry: OneEntry, wanted: EntryWanted): EntrySetting {
  const chosen = chosenAt(oneEntry, wanted);
  if (chosen.status !== 'chosen') return chosen;
  const { entry, machineVolts } = chosen;
  const { unit, stepV, each } = trimOf(oneEntry, machineVolts);
  const off = wanted.volts - machineVolts;
  const steps = Math.abs(off) < TRIM_WORTH_V ? 0 : Math.round(off / stepV);
  const by = steps === 0 ? 0 : steps * each;
  return { status: 'set', entry, machineVolts, trimV: steps === 0 ? 0 : steps * stepV, trim: { unit, by } };
}

/**
 * Volts that the trim can give at a wire speed, ascending, V: what the machine chooses there, and steps to both sides.
 *
 * @param reachV how far to each side, V
 * @returns undefined where the machine's choices are not known there
 */
export function trimSteps(
  oneEntry: OneEntry,
  wanted: EntryWanted,
  reachV: number,
): readonly number[] | undefined {
  const chosen = chosenAt(oneEntry, wanted);
  if (chosen.status !== 'chosen') return undefined;
  const { stepV } = trimOf(oneEntry, chosen.machineVolts);
  const each = Math.floor(reachV / stepV);
  return Array.from({ length: 2 * each + 1 }, (_, i) => (i - each) * stepV)
    .filter((off) => off === 0 || Math.abs(off) >= TRIM_WORTH_V - 1e-9)
    .map((off) => chosen.machineVolts + off);
}

/** Arc volts, V, that a trim gives where the machine chooses some of itself. */
export function voltsAtTrim(oneEntry: OneEntry, machineVolts: number, by: number): number {
  const { stepV, each } = trimOf(oneEntry, machineVolts);
  return machineVolts + (by / each) * stepV;
}

/** Wire speed over the entry, m/min, as far as it was recorded for a wire and gas. */
interface EntrySpeeds {
  readonly ends: readonly [low: number, high: number];
  /** Undefined past the ends. */
  readonly at: (entry: number) => number | undefined;
}

/** Wire speeds that the entries give for a wire and gas; undefined where fewer than two were recorded. */
export function entrySpeeds(oneEntry: OneEntry, wanted: EntryFor): EntrySpeeds | undefined {
  const points = pointsFor(oneEntry, wanted);
  if (!points) return undefined;
  const ends = [(points[0] as EntryPoint).entry, (points.at(-1) as EntryPoint).entry] as const;
  const speeds = curveOf(points, (point) => point.wireFeedSpeedMPerMin);
  return { ends, at: (entry) => (entry < ends[0] || entry > ends[1] ? undefined : curveAt(speeds, entry)) };
}

/** What the machine chooses of itself at a wire speed. */
function chosenAt(
  oneEntry: OneEntry,
  wanted: EntryWanted,
):
  | { readonly status: 'chosen'; readonly entry: number; readonly machineVolts: number }
  | Exclude<EntrySetting, { readonly status: 'set' }> {
  const points = pointsFor(oneEntry, wanted);
  if (!points) return { status: 'not-recorded' };
  const [first, last] = [points[0] as EntryPoint, points.at(-1) as EntryPoint];
  const speed = wanted.wireFeedSpeedMPerMin;
  if (speed < first.wireFeedSpeedMPerMin) {
    return { status: 'below', endMPerMin: first.wireFeedSpeedMPerMin, endEntry: first.entry };
  }
  if (speed > last.wireFeedSpeedMPerMin) {
    return { status: 'above', endMPerMin: last.wireFeedSpeedMPerMin, endEntry: last.entry };
  }
  const speeds = curveOf(points, (point) => point.wireFeedSpeedMPerMin);
  const entry = reachedAt((x) => curveAt(speeds, x), speed, first.entry, last.entry);
  const machineVolts = curveAt(
    curveOf(points, (point) => point.volts),
    entry,
  );
  return { status: 'chosen', entry, machineVolts };
}
