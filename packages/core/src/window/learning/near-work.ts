import type { ProvenSetting, ProvenWork } from './proven.ts';

/** How near two thicknesses must lie to be the same work, as a share. Source: our model. */
export const SAME_THICKNESS_SHARE = 0.05;

function isSameThickness(a: number | undefined, b: number | undefined): boolean {
  if (a === undefined || b === undefined) return a === b;
  return Math.abs(a / b - 1) <= SAME_THICKNESS_SHARE;
}

/** Whether a setting that was proven for one work is proven for the other. */
export function isSameWork(a: ProvenWork, b: ProvenWork): boolean {
  return (
    a.joint === b.joint &&
    a.position === b.position &&
    isSameThickness(a.thicknessMm, b.thicknessMm) &&
    isSameThickness(a.otherThicknessMm, b.otherThicknessMm)
  );
}

/** From this ratio of the thicknesses on a proven setting says nothing more of another work. Source: our model. */
const FAR_RATIO = 2;
/** How much of the nearness is left in another joint, and in another position. Source: our model. */
const OTHER_JOINT = 0.6;
const OTHER_POSITION = 0.6;

/** A proven setting of near work, and how near: 1 for the same, 0 for one that says nothing. */
export interface NearProven {
  readonly setting: ProvenSetting;
  readonly share: number;
}

function apart(a: number | undefined, b: number | undefined): number {
  if (a === undefined || b === undefined) return 0;
  return Math.abs(Math.log(a / b)) / Math.log(FAR_RATIO);
}

function nearness(a: ProvenWork, b: ProvenWork): number {
  const thickness = Math.max(
    apart(a.thicknessMm, b.thicknessMm),
    apart(a.otherThicknessMm ?? a.thicknessMm, b.otherThicknessMm ?? b.thicknessMm),
  );
  const joint = a.joint === b.joint ? 1 : OTHER_JOINT;
  const position = a.position === b.position ? 1 : OTHER_POSITION;
  return Math.max(0, 1 - thickness) * joint * position;
}

/**
 * The proven setting whose work lies nearest to another, of equal ones the newest.
 *
 * @param proven with one wire, gas and mode, oldest first
 * @returns undefined where none says anything of it
 * @source our model
 */
export function nearestProven(proven: readonly ProvenSetting[], work: ProvenWork): NearProven | undefined {
  return proven
    .map((setting) => ({ setting, share: nearness(setting, work) }))
    .reduce<NearProven | undefined>(
      (best, one) => (one.share > 0 && one.share >= (best?.share ?? 0) ? one : best),
      undefined,
    );
}
