import { joined, type Words, words } from '@hot-bead/core/base';
import {
  causeText,
  FAULT_PROCESS_NAME,
  FAULT_PROCESSES,
  FAULT_FACTS,
  faultFactRow,
  symptomText,
} from '@hot-bead/core/faults';
import type { Json } from '@hot-bead/core/history';

const ANSWER_WORD: Readonly<Record<string, string>> = {
  was: 'it was',
  'was-not': 'it was not',
  cannot: 'could not be looked at',
};

const FIELD_WORD: Readonly<Record<string, string>> = {
  present: 'Seen and heard',
  absent: 'Not there',
  looks: 'Looked at',
  denied: 'Left out of what is known',
  minutes: 'Minutes it took',
  process: 'Welded with',
  beganAt: 'Begun',
  end: 'How it ended',
  endedAt: 'Ended',
  jobId: 'Job',
};

/** A fact of a fault by the path of its field: `said.flow`. */
function factOf(path: string) {
  const [branch, name] = path.split('.');
  return branch === 'said' ? FAULT_FACTS.find((fact) => fact === name) : undefined;
}

/** What a field of a fault case is called; undefined: it is not of one. */
export function faultFieldWord(path: string): string | undefined {
  const fact = factOf(path);
  return fact ? faultFactRow(fact).word : FIELD_WORD[path];
}

function symptomsText(ids: readonly Json[]): string {
  if (ids.length === 0) return 'nothing';
  return ids.map((id) => symptomText(String(id))).join('; ');
}

function lookText(look: Json): Words {
  const { causes, answer, found } = look as {
    readonly causes: readonly string[];
    readonly answer: string;
    readonly found?: string;
  };
  const about = causeText(found ?? causes[0] ?? '');
  return words`${about}: ${ANSWER_WORD[answer] ?? answer}`;
}

/** A value of a field of a fault case in words; undefined: it is not of one, or says itself. */
export function faultValueText(path: string, value: Json): Words | undefined {
  const fact = factOf(path);
  if (fact) return faultFactRow(fact).values[String(value)];
  if (path === 'process') {
    const process = FAULT_PROCESSES.find((one) => one === value);
    return process && FAULT_PROCESS_NAME[process];
  }
  if (path === 'end') return value === 'mended' ? 'mended' : 'left as it is';
  if (!Array.isArray(value)) return undefined;
  if (path === 'present' || path === 'absent') return symptomsText(value as readonly Json[]);
  if (path === 'looks')
    return value.length === 0 ? 'nothing' : joined((value as readonly Json[]).map(lookText), '; ');
  return undefined;
}
