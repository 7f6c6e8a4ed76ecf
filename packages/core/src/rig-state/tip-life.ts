import type { RigFact, RigFacts } from './rig-fact.ts';

/**
 * Arc time that one test bead is counted for, minutes: 150 mm of bead at 300 mm/min.
 *
 * @source our model
 */
export const TEST_BEAD_ARC_MIN = 0.5;

/** Arc minutes that the tip has had since it was new; what nobody counted is 0. */
export function tipMinutes(facts: RigFacts): number {
  const told = Number(facts.tipMinutes?.value ?? 0);
  return Number.isFinite(told) ? told : 0;
}

/**
 * What welding makes of a rig: the gun's front is hot and the tip is that much older.
 *
 * @param arcMin arc time, minutes, above 0
 * @param at when, as an ISO date
 */
export function afterWelding(
  facts: RigFacts,
  arcMin: number,
  at: string,
): Readonly<Record<'hot' | 'tipMinutes', RigFact>> {
  const minutes = Math.round((tipMinutes(facts) + arcMin) * 10) / 10;
  const { hot, tipMinutes: told } = facts;
  const isLater = (fact: RigFact | undefined): boolean => fact?.at !== undefined && fact.at > at;
  return {
    // welding that is told afterwards says nothing of what was seen since
    hot: hot && isLater(hot) ? hot : { value: 'yes', at },
    tipMinutes: { value: String(minutes), at: (isLater(told) && told?.at) || at },
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
