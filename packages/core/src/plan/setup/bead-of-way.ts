import { type BeadPlan, beadPlan } from '../bead/bead-plan.ts';
import { sidesOf } from '../bead/closed-butt.ts';
import type { OpenWay } from '../way/ways.ts';
import type { WireInArc } from './numbers.ts';

/** Sides the work of a way is welded from. */
export function sidesOfWay({ family, context }: Pick<OpenWay, 'family' | 'context'>): 1 | 2 {
  return sidesOf(family, context.work, context.thickness.thicknessMm);
}

/** The bead that a way lays at a wire speed. @param passesForCurrent passes that the current already asks for */
export function beadOfWay(
  open: Pick<OpenWay, 'family' | 'context'>,
  arc: WireInArc,
  wireFeedSpeedMPerMin: number,
  passesForCurrent: number,
): BeadPlan {
  const { work, thickness } = open.context;
  return beadPlan({
    work,
    governingMm: thickness.thicknessMm,
    thinnerMm: thickness.thinnerMm,
    hand: open.family.hand,
    wireFeedSpeedMPerMin,
    trueDiameterMm: arc.trueDiameterMm,
    depositShare: open.family.depositShare,
    passesForCurrent,
    sides: sidesOfWay(open),
  });
}
