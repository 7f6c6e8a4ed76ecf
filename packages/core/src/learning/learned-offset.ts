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

/** A proven setting with the machine it was proven on. */
export interface MachineProven extends ProvenSetting {
  readonly machineName: string;
}

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

/**
 * The setting proven last for the same work, joint and position with the same wire, gas and mode; undefined where
 * none was.
 *
 * @param proven of one machine, oldest first
 */
export function provenFor(
  proven: readonly ProvenSetting[],
  given: ProvenWith,
  work: ProvenWork,
): ProvenSetting | undefined {
  return proven.findLast(
    (setting) =>
      setting.joint === work.joint &&
      setting.position === work.position &&
      isSameWith(setting, given) &&
      isSameThickness(setting.thicknessMm, work.thicknessMm) &&
      isSameThickness(setting.otherThicknessMm, work.otherThicknessMm),
  );
}

/**
 * What proven settings of one machine teach for a wire, gas and mode: the mean of their offsets, drawn towards
 * nought as long as there are few (a normal prior and normal settings).
 *
 * @param proven of one machine
 * @returns undefined where nothing was proven with these
 * @source our model
 */
export function learnedOffset(
  proven: readonly ProvenSetting[],
  given: ProvenWith,
): LearnedOffset | undefined {
  const offsets = proven.filter((setting) => isSameWith(setting, given)).map(({ offsetV }) => offsetV);
  const n = offsets.length;
  if (n === 0) return undefined;
  const weight = n / (n + (SETTING_SD_V / MACHINE_SD_V) ** 2);
  const start = (weight * offsets.reduce((sum, v) => sum + v, 0)) / n;
  const half = TWO_SIDED_95 * Math.sqrt(1 / (1 / MACHINE_SD_V ** 2 + n / SETTING_SD_V ** 2));
  return { offsetV: { start, low: start - half, high: start + half }, settings: n };
}
