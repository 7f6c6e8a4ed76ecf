import type { BeadSetting } from '../dial-in/bead-report.ts';
import type { GasId } from '../gas/gas.ts';
import type { Joint, Position, Work } from '../material/work.ts';
import { TWO_SIDED_95 } from '../quantity/normal-band.ts';
import type { Span } from '../quantity/span.ts';
import type { PlannedMode } from '../transfer/transfer-mode.ts';
import { isSameWire, type ShelfWire } from '../wire/shelf-wire.ts';

/** What a setting was proven with: an offset learnt there holds for the same and for nothing else. */
export interface ProvenWith {
  readonly wire: ShelfWire;
  readonly gas: GasId;
  readonly mode: PlannedMode;
}

/** A setting that test beads proved right: a good one with a colder and a hotter neighbour. */
export interface ProvenSetting extends ProvenWith, BeadSetting {
  readonly thicknessMm: number;
  readonly otherThicknessMm: number | undefined;
  readonly joint: Joint;
  readonly position: Position;
  /** Volts proven less those the plan gives at that wire speed by the book, V. */
  readonly offsetV: number;
}

/** What settings with one wire, gas and mode taught. */
export interface LearnedGroup extends ProvenWith {
  readonly settings: number;
  /** Mean of their offsets, V. */
  readonly meanOffsetV: number;
  /** The last setting proven for each work, oldest first. */
  readonly lastProven: readonly ProvenSetting[];
}

/** What test beads taught of one machine, put together so that a plan's cost does not grow with the beads. */
export type MachineLearning = readonly LearnedGroup[];

/** How far machines differ from the book, and one proven setting from the next on one machine, one standard deviation, V. Source: our model. */
export const MACHINE_SD_V = 1;
export const SETTING_SD_V = 0.5;

/** Least offset that is worth a word, V. Source: our model. */
export const LEARNED_WORTH_SAYING_V = 0.2;

/** By how much a machine wants more or less volts than the book, with its 95 % band. */
export interface LearnedOffset {
  readonly offsetV: Span;
  readonly settings: number;
}

/** Whether what was learnt with one holds for the other. */
export function isSameWith(a: ProvenWith, b: ProvenWith): boolean {
  return isSameWire(a.wire, b.wire) && a.gas === b.gas && a.mode === b.mode;
}

/** How near two thicknesses must lie to be the same work, as a share. Source: our model. */
export const SAME_THICKNESS_SHARE = 0.05;

/** What of a work must be the same for a setting to be proven for it. */
export type ProvenWork = Pick<Work, 'thicknessMm' | 'otherThicknessMm' | 'joint' | 'position'>;

function isSameThickness(a: number | undefined, b: number | undefined): boolean {
  if (a === undefined || b === undefined) return a === b;
  return Math.abs(a / b - 1) <= SAME_THICKNESS_SHARE;
}

function isSameWork(a: ProvenWork, b: ProvenWork): boolean {
  return (
    a.joint === b.joint &&
    a.position === b.position &&
    isSameThickness(a.thicknessMm, b.thicknessMm) &&
    isSameThickness(a.otherThicknessMm, b.otherThicknessMm)
  );
}

/**
 * The setting proven last for the same work, joint and position with the same wire, gas and mode; undefined where
 * none was.
 *
 * @param learning of one machine
 */
export function provenFor(
  learning: MachineLearning,
  given: ProvenWith,
  work: ProvenWork,
): ProvenSetting | undefined {
  const group = learning.find((one) => isSameWith(one, given));
  return group?.lastProven.findLast((setting) => isSameWork(setting, work));
}

function exactWork({ thicknessMm, otherThicknessMm, joint, position }: ProvenWork): string {
  return [thicknessMm, otherThicknessMm, joint, position].join(' ');
}

function groupOf(settings: readonly ProvenSetting[]): LearnedGroup {
  const { wire, gas, mode } = settings[0] as ProvenSetting;
  const last = new Map<string, ProvenSetting>();
  for (const setting of settings) {
    const work = exactWork(setting);
    last.delete(work); // to stand where its newest one stands
    last.set(work, setting);
  }
  return {
    wire,
    gas,
    mode,
    settings: settings.length,
    meanOffsetV: settings.reduce((sum, { offsetV }) => sum + offsetV, 0) / settings.length,
    lastProven: [...last.values()],
  };
}

/**
 * What proven settings of one machine teach, by wire, gas and mode.
 *
 * @param proven of one machine, oldest first
 */
export function machineLearning(proven: readonly ProvenSetting[]): MachineLearning {
  const groups = new Map<string, ProvenSetting[]>();
  for (const setting of proven) {
    const { wire, gas, mode } = setting;
    const key = `${wire.wireClass} ${wire.diameterMm} ${gas} ${mode}`;
    const group = groups.get(key);
    if (group) group.push(setting);
    else groups.set(key, [setting]);
  }
  return [...groups.values()].map(groupOf);
}

/**
 * How far a machine is off the book with a wire, gas and mode: the mean of its proven offsets, drawn towards nought
 * as long as there are few (a normal prior and normal settings).
 *
 * @param learning of one machine
 * @returns undefined where nothing was proven with these
 * @source our model
 */
export function learnedOffset(learning: MachineLearning, given: ProvenWith): LearnedOffset | undefined {
  const group = learning.find((one) => isSameWith(one, given));
  if (!group) return undefined;
  const { settings: n, meanOffsetV } = group;
  const start = (n / (n + (SETTING_SD_V / MACHINE_SD_V) ** 2)) * meanOffsetV;
  const half = TWO_SIDED_95 * Math.sqrt(1 / (1 / MACHINE_SD_V ** 2 + n / SETTING_SD_V ** 2));
  return { offsetV: { start, low: start - half, high: start + half }, settings: n };
}
