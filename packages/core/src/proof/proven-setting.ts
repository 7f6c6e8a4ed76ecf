import type { ProvenSetting } from '../learning/learned-offset.ts';
import type { TestBead } from '../dial-in/bead-report.ts';
import { settledSetting } from '../dial-in/next-bead.ts';
import { isSameLadder, type WeldedWith } from './welded-with.ts';

/** A reported bead with what it was welded with. */
export interface WeldedBead extends TestBead {
  readonly weldedWith: WeldedWith;
}

/** Beads of a job put together into ladders: each welded with one wire and gas, on one machine and one work. */
export function laddersOf<Bead extends WeldedBead>(beads: readonly Bead[]): readonly (readonly Bead[])[] {
  const ladders: Bead[][] = [];
  for (const bead of beads) {
    const ladder = ladders.find(([first]) => first && isSameLadder(first.weldedWith, bead.weldedWith));
    if (ladder) ladder.push(bead);
    else ladders.push([bead]);
  }
  return ladders;
}

/**
 * The setting that a ladder of beads proves; undefined while it proves none, or where the book gives no volts to hold
 * it against.
 *
 * @param ladder beads welded with the same, oldest first
 */
export function provenSetting(ladder: readonly WeldedBead[]): ProvenSetting | undefined {
  const taken = settledSetting(ladder);
  const welded = ladder.at(-1)?.weldedWith;
  if (!taken || welded?.bookVolts === undefined) return undefined;
  const { wire, gas, mode, thicknessMm, otherThicknessMm, joint, position, bookVolts } = welded;
  return {
    ...taken.setting,
    wire,
    gas,
    mode,
    thicknessMm,
    otherThicknessMm,
    joint,
    position,
    offsetV: taken.setting.volts - bookVolts,
  };
}
