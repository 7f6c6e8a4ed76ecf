import { isoMinutes } from '../../base/quantity/iso-minutes.ts';
import { type RigAttribute, rigAttributeRow } from './rig-attribute.ts';

/** Values of a rig by attribute; one that is absent is not known, or in a need does not matter. */
export type Attributes = Readonly<Record<string, string>>;

/** One thing that is known of how a machine stands. */
export interface RigFact {
  readonly value: string;
  /** Since when, as an ISO date; undefined: nobody said. */
  readonly at?: string | undefined;
  /** Whether somebody doubts it: then it is looked at as if it were not known. */
  readonly doubted?: true | undefined;
  /** Of minutes: since when they have been counted, as an ISO date; undefined: from the first. */
  readonly since?: string | undefined;
}

/** What is known of a machine's rig. */
export type RigFacts = { readonly [K in RigAttribute]?: RigFact | undefined };

/** Whether a value is known, doubted, or not known. */
export type Standing = 'known' | 'doubted' | 'unknown';

/** Whether what is known of an attribute no longer holds at a time. */
function isOver(name: RigAttribute, { at }: RigFact, now: string): boolean {
  const { lastsMin } = rigAttributeRow(name);
  if (lastsMin === undefined || at === undefined) return false;
  return isoMinutes(now) - isoMinutes(at) > lastsMin;
}

/**
 * How well an attribute is known at a time.
 *
 * @param now the time, as an ISO date
 */
export function standingOf(name: RigAttribute, fact: RigFact | undefined, now: string): Standing {
  if (!fact || isOver(name, fact, now)) return 'unknown';
  return fact.doubted === true ? 'doubted' : 'known';
}

/**
 * The value to reckon with at a time: what is known, or the worse where that is settled; undefined: it is looked at.
 *
 * @param now the time, as an ISO date
 */
export function reckonedValue(
  name: RigAttribute,
  fact: RigFact | undefined,
  now: string,
): string | undefined {
  const row = rigAttributeRow(name);
  if (fact && isOver(name, fact, now)) return row.then ?? row.unknown;
  return fact && fact.doubted !== true ? fact.value : row.unknown;
}
