import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { Family } from '../../trade/family/family.ts';
import type { Work } from '../../trade/material/work.ts';
import { isBevelled } from './joint-section.ts';

/** What a closed butt can be fused through, and what this one asks for. */
export interface ClosedButt {
  readonly oneSideMostMm: number;
  readonly bothSidesMostMm: number;
  readonly verdict: 'one-side' | 'both-sides' | 'bevel';
  readonly text: Words;
}

/** Over one side's depth that both sides reach, as a share: nearly twice. Source: common practice. */
export const BOTH_SIDES_SHARE = 1.9;

/**
 * What a closed butt of a thickness asks for in a family: one side, both, or a bevel.
 *
 * @param t governing thickness, mm
 * @source common practice: about 3 mm from one side in short-circuit, 4 in spray and pulse, nearly twice from both
 */
export function closedButtOf(family: Family, work: Pick<Work, 'joint'>, t: number): ClosedButt | undefined {
  if (work.joint !== 'butt') return undefined;
  const oneSideMostMm = family.closedButtMostMm;
  const bothSidesMostMm = oneSideMostMm * BOTH_SIDES_SHARE;
  const reach = words`A closed butt fuses about ${amount.distance(oneSideMostMm)} from one side in ${family.name}, about ${amount.distance(bothSidesMostMm, 0)} from both.`;
  if (isBevelled(work.joint, t)) {
    return { oneSideMostMm, bothSidesMostMm, verdict: 'bevel', text: words`${reach} This one is bevelled.` };
  }
  if (t <= oneSideMostMm) {
    return { oneSideMostMm, bothSidesMostMm, verdict: 'one-side', text: words`${reach} One side does here.` };
  }
  const text = words`${reach} Weld this one from both sides, or leave a gap of ${amount.distance([1, 2])} and weld it as an open root.`;
  return { oneSideMostMm, bothSidesMostMm, verdict: 'both-sides', text };
}

/** Sides a joint is welded from: as it is said, or what a closed butt asks for. */
export function sidesOf(family: Family, work: Pick<Work, 'joint' | 'sides'>, t: number): 1 | 2 {
  return work.sides ?? (closedButtOf(family, work, t)?.verdict === 'both-sides' ? 2 : 1);
}
