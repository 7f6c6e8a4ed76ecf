import type { RigFact, RigFacts } from './rig-fact.ts';

/**
 * Arc time that one test bead is counted for, minutes: 150 mm of bead at 300 mm/min.
 *
 * @source our model
 */
export const TEST_BEAD_ARC_MIN = 0.5;

/** Arc minutes that the tip has had since it was new; what nobody counted is 0. */
export function tipMinutes(facts: RigFacts): number {
  const minutes = Number(facts.tipMinutes?.value ?? 0);
  return Number.isFinite(minutes) ? minutes : 0;
}

/** Welding on a machine: so many minutes of arc, above 0, at a time as an ISO date. */
export interface Welding {
  readonly arcMin: number;
  readonly at: string;
}

/** Minutes of arc are kept to a thousandth, so that what is taken back leaves nothing behind. */
function thousandths(minutes: number): number {
  return Math.round(minutes * 1000) / 1000;
}

function hotAfter(
  hot: RigFact | undefined,
  before: Welding | undefined,
  after: Welding | undefined,
): RigFact | undefined {
  // it was this that made it hot: without it nobody knows
  const left = before && hot?.value === 'yes' && hot.at === before.at ? undefined : hot;
  if (!after) return left;
  // welding that is told afterwards says nothing of what was seen since
  return left?.at !== undefined && left.at > after.at ? left : { value: 'yes', at: after.at };
}

/**
 * What welding makes of a rig: the gun's front is hot and the tip is that much older. Welding that is told otherwise, or
 * taken back, leaves the rig as if it had been told so at once. What a tip before this one had is not counted.
 *
 * @param before as it was told; undefined: it is told now
 * @param after as it is told now; undefined: it is taken back
 */
export function afterWelding(
  facts: RigFacts,
  before: Welding | undefined,
  after: Welding | undefined,
): Readonly<Record<'hot' | 'tipMinutes', RigFact | undefined>> {
  const fact = facts.tipMinutes;
  const onThisTip = (welding: Welding | undefined): number =>
    welding && (fact?.since === undefined || welding.at >= fact.since) ? welding.arcMin : 0;
  const minutes = Math.max(0, thousandths(tipMinutes(facts) - onThisTip(before) + onThisTip(after)));
  const at = [fact?.at, after?.at]
    .filter((one) => one !== undefined)
    .toSorted()
    .at(-1);
  return {
    hot: hotAfter(facts.hot, before, after),
    tipMinutes:
      fact === undefined && after === undefined
        ? undefined
        : { ...fact, value: String(minutes), ...(at === undefined ? {} : { at }) },
  };
}

/** Whether one tip was changed for another: its minutes begin anew. */
export function isOtherTip(before: RigFacts, after: RigFacts): boolean {
  return (['tipBore', 'tipAluminium'] as const).some((name) => {
    const then = before[name]?.value;
    const now = after[name]?.value;
    return then !== undefined && now !== undefined && then !== now;
  });
}
