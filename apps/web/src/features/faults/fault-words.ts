import type { FaultCase } from '@hot-bead/contract';
import {
  CAUSES,
  type CauseId,
  type EvidenceSource,
  type FaultEvidence,
  faultFactText,
  faultSignRow,
  type SymptomGroup,
  type SymptomId,
  SYMPTOMS,
  type TableCause,
} from '@hot-bead/core';
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

export function causeOf(id: CauseId): TableCause {
  const found = (CAUSES as readonly TableCause[]).find((cause) => cause.id === id);
  if (!found) throw new Error(`no cause ${id}`);
  return found;
}

export function symptomText(id: SymptomId): string {
  return SYMPTOMS.find((symptom) => symptom.id === id)?.text ?? id;
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
export function caseTitle(one: Pick<FaultCase, 'looks' | 'present'>): string {
  const found = foundIn(one).at(-1);
  if (found) return causeOf(found).text;
  const [first] = one.present;
  return first ? symptomText(first) : 'Nothing reported yet';
}
