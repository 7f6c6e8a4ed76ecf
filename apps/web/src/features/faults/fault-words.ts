import type { Words } from '@hot-bead/core/base';
import {
  type CauseId,
  causeText,
  type EvidenceSource,
  type FaultEvidence,
  faultFactText,
  faultSignRow,
  type SymptomGroup,
  symptomText,
} from '@hot-bead/core/faults';
import type { ArcSound } from '@hot-bead/core/window';
import type { FaultCase, FaultCount } from '@hot-bead/contract/faults';
import { format } from 'date-fns';

export const GROUP_NAME: Readonly<Record<SymptomGroup, string>> = {
  look: 'Look of the weld',
  sound: 'Sound and arc',
  feed: 'Wire feed',
  machine: 'Machine and gas',
};

const SOURCE_WORD: Readonly<Record<EvidenceSource, string>> = {
  rig: 'how the machine stands',
  settings: 'what was set on it',
  stores: 'Stores',
  job: 'the job',
  bead: 'the last bead',
  machine: 'the machine’s page',
  said: 'what you said',
};

/** What is known, and where from: "known from Stores, 16 Oct". */
export function evidenceText({ fact, sign }: FaultEvidence): string {
  if (fact) return faultFactText(fact.of, fact.value);
  return sign ? faultSignRow(sign).text : '';
}

export function evidenceFrom({ from, at }: FaultEvidence): string {
  const date = at === undefined ? '' : `, ${format(new Date(at), 'd MMM')}`;
  return from === 'said' ? 'you said so' : `known from ${SOURCE_WORD[from]}${date}`;
}

/** By which something known is told apart from the rest. */
export function evidenceKey({ from, fact, sign }: FaultEvidence): string {
  return `${from}:${fact?.of ?? sign ?? ''}`;
}

/** How likely a cause is, beside the likeliest: words, never a percentage. */
export function likelyWord(share: number, most: number): string {
  if (share >= 0.5) return 'most likely';
  if (share >= most * 0.6) return 'likely';
  return share >= most * 0.2 ? 'possible' : 'less likely';
}

/** Causes that were found in a case, the last one last. */
export function foundIn({ looks }: Pick<FaultCase, 'looks'>): readonly CauseId[] {
  return looks.flatMap(({ found }) => found ?? []);
}

/** What a case is called: what it was, else what was reported first. */
export function caseTitle(one: Pick<FaultCase, 'looks' | 'present'>): Words {
  const cause = foundIn(one).at(-1);
  if (cause) return causeText(cause);
  const [first] = one.present;
  return first ? symptomText(first) : 'Nothing reported yet';
}

/** How often a cause was what was wrong, and the minutes that it took. */
export interface CauseSum {
  readonly cause: CauseId;
  readonly count: number;
  readonly minutes: number;
}

/** Counts by cause, the most frequent first. */
export function byCause(counts: readonly FaultCount[]): readonly CauseSum[] {
  const sums = new Map<CauseId, CauseSum>();
  for (const { cause, count, minutes } of counts) {
    const before = sums.get(cause);
    sums.set(cause, {
      cause,
      count: (before?.count ?? 0) + count,
      minutes: (before?.minutes ?? 0) + minutes,
    });
  }
  return [...sums.values()].toSorted((a, b) => b.count - a.count || b.minutes - a.minutes);
}

/** The five sounds that can be played beside what is heard. */
export const SAMPLE_WORD: Readonly<Record<ArcSound, string>> = {
  stubbing: 'stubbing into the pool',
  popping: 'popping',
  sizzle: 'steady sizzle',
  crackle: 'loud crackle',
  hiss: 'hiss',
};
