import { isoDaysBetween } from '../base/quantity/iso-minutes.ts';
import type { FaultEvidence } from './fault-evidence.ts';
import type { FaultFact } from './fault-fact.ts';
import type { FaultSign } from './fault-sign.ts';

/** What a list of evidence says together, as a report takes it. */
export interface KnownTogether {
  readonly known: Readonly<Partial<Record<FaultFact, string>>>;
  readonly ageDays: Readonly<Partial<Record<FaultFact, number>>>;
  readonly signs: readonly FaultSign[];
}

/**
 * Evidence as a report takes it. Where two say otherwise of one thing, what somebody said goes before a record, and
 * what is wrong before what is right: it is the one to look at.
 *
 * @param now the time, as an ISO date
 */
export function knownTogether(evidence: readonly FaultEvidence[], now: string): KnownTogether {
  const weight = ({ from, fact }: FaultEvidence): number =>
    (from === 'said' ? 2 : 0) + (fact && isAsItShould(fact.value) ? 0 : 1);
  // the weightiest of each fact comes last, and takes the others' place
  const facts = new Map(
    evidence
      .toSorted((a, b) => weight(a) - weight(b))
      .flatMap(({ fact, at }) => (fact ? [[fact.of, { value: fact.value, at }] as const] : [])),
  );
  const known = Object.fromEntries([...facts].map(([of, { value }]) => [of, value]));
  const ageDays = Object.fromEntries(
    [...facts].flatMap(([of, { at }]) =>
      at === undefined ? [] : [[of, Math.max(0, isoDaysBetween(at, now))] as const],
    ),
  );
  return { known, ageDays, signs: [...new Set(evidence.flatMap(({ sign }) => sign ?? []))] };
}

const AS_IT_SHOULD: ReadonlySet<string> = new Set(['right', 'ok', 'clean', 'still']);

/** Whether a value of a fact says that nothing is wrong with it. */
export function isAsItShould(value: string): boolean {
  return AS_IT_SHOULD.has(value);
}
