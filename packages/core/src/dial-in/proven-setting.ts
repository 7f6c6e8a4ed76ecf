import type { ProvenSetting } from '../learning/learned-offset.ts';
import type { PlannedSetup } from '../setup/setup.ts';
import type { TestBead } from './bead-report.ts';
import { ladderFor } from './bead-ladder.ts';
import { nextBead } from './next-bead.ts';

/**
 * The setting that a job's beads prove, or undefined while they do not.
 *
 * @param plan the job's plan as computed, by the book: without numbers of the user's own or what was learnt
 * @param plannedVoltsAt volts that the book gives at a wire speed, V
 */
export function provenSetting(
  plan: PlannedSetup,
  beads: readonly TestBead[],
  plannedVoltsAt: (wireFeedSpeedMPerMin: number) => number | undefined,
): ProvenSetting | undefined {
  if (beads.length === 0) return undefined;
  const next = nextBead(plan, beads, ladderFor(plan));
  if (next.kind !== 'take') return undefined;
  const planned = plannedVoltsAt(next.setting.wireFeedSpeedMPerMin);
  if (planned === undefined) return undefined;
  const { work, wire, gas, transferMode } = plan;
  return {
    ...next.setting,
    wire: { wireClass: wire.wireClass, diameterMm: wire.diameterMm },
    gas: gas.gas.id,
    mode: transferMode,
    thicknessMm: work.thicknessMm,
    otherThicknessMm: work.otherThicknessMm,
    joint: work.joint,
    position: work.position,
    offsetV: next.setting.volts - planned,
  };
}
