import { laddersOf } from './proof/proven-setting.ts';
import { isSameLadder, weldedWith, type WeldedWith } from './proof/welded-with.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { startSetting } from '../plan/setup/window-curve.ts';
import type { LadderBead } from './dial-in.ts';

/** A job's beads, those that a plan goes on from, and those of plans before. */
export interface JobLadders<Bead> {
  readonly current: readonly Bead[];
  /** By ladder, oldest first; what was not recorded with its wire and gas stands alone. */
  readonly earlier: readonly (readonly Bead[])[];
}

/**
 * A job's beads by ladder: those welded with what the plan is for now, on its machine, and the others.
 *
 * @param machineId the machine that the job names; undefined: none
 * @param beads oldest first
 */
export function jobLadders<Bead extends LadderBead>(
  plan: PlannedSetup,
  machineId: string | undefined,
  beads: readonly Bead[],
): JobLadders<Bead> {
  const now = weldedWith(plan, { machineId, at: startSetting(plan), terms: undefined });
  const recorded = beads.flatMap((bead): (Bead & { readonly weldedWith: WeldedWith })[] =>
    bead.weldedWith ? [{ ...bead, weldedWith: bead.weldedWith }] : [],
  );
  const ladders = laddersOf(recorded);
  const isNow = ([first]: (typeof ladders)[number]): boolean =>
    first !== undefined && isSameLadder(first.weldedWith, now);
  const unrecorded = beads.filter((bead) => !bead.weldedWith);
  return {
    current: ladders.find(isNow) ?? [],
    earlier: [...(unrecorded.length > 0 ? [unrecorded] : []), ...ladders.filter((one) => !isNow(one))],
  };
}
