import type { FaultProcess } from './fault-process.ts';
import { isSymptomOf, type Symptom, type SymptomId, SYMPTOMS } from './symptoms.ts';

export type TableSymptom = Symptom & { readonly id: SymptomId };

/** Letters and figures only, in small letters: "Bird's nest" and "birds-nest" are one. */
function plain(text: string): string {
  return text
    .toLowerCase()
    .replace(/[’']/g, '')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
}

const close = (text: string): string => plain(text).replace(/ /g, '');

/** What a word is looked for as: its stem, so that "pops", "popping" and "pop" find each other. */
function stem(word: string): string {
  const cut = word.replace(/(ing|ed|es|s)$/, '');
  const short = cut.length >= 3 ? cut : word;
  return short.replace(/([b-df-hj-np-tv-z])\1$/, '$1');
}

/**
 * Symptoms that a search means, by what people call them: every word must be found in the symptom's text or in one of
 * its trade words; written together or apart is the same. Those whose trade word it is stand first.
 *
 * @param typed anything; empty: all of the process
 */
export function findSymptoms(typed: string, process: FaultProcess): readonly TableSymptom[] {
  const open = (SYMPTOMS as readonly TableSymptom[]).filter(({ id }) => isSymptomOf(id, process));
  const words = plain(typed).split(' ').filter(Boolean).map(stem);
  if (words.length === 0) return open;
  const whole = close(typed);
  const scored = open.map((symptom) => {
    const names = [symptom.text, ...symptom.words, symptom.id];
    const isName = names.some((name) => close(name) === whole || stem(close(name)) === stem(whole));
    const isWithin = whole.length >= 4 && names.some((name) => close(name).includes(whole));
    const stems = names.flatMap((name) => plain(name).split(' ').map(stem));
    const hasAll = words.every((word) => stems.some((one) => one.startsWith(word)));
    return { symptom, score: isName ? 3 : isWithin ? 2 : hasAll ? 1 : 0 };
  });
  return scored
    .filter(({ score }) => score > 0)
    .toSorted((a, b) => b.score - a.score)
    .map(({ symptom }) => symptom);
}
