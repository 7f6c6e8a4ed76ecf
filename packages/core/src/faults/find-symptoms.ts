import type { FaultProcess } from './fault-process.ts';
import { symptomsIn, type TableSymptom } from './symptoms.ts';

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

/** Words that mean nothing by themselves. */
const IDLE: ReadonlySet<string> = new Set(
  'a an and at but by do does for from gets has have i in is it its keep keeps my no not of off on or out that the then there to too up was when will with wont'.split(
    ' ',
  ),
);

/** How well a symptom fits what was typed: 3 by its name, 2 within one, 1 by every word, less by some of them, 0 not. */
function fitOf(symptom: TableSymptom, whole: string, words: readonly string[]): number {
  const names = [symptom.text, ...symptom.words, symptom.id];
  if (names.some((name) => close(name) === whole || stem(close(name)) === stem(whole))) return 3;
  if (whole.length >= 4 && names.some((name) => close(name).includes(whole))) return 2;
  const stems = names.flatMap((name) => plain(name).split(' ').map(stem));
  const isFound = (word: string): boolean => stems.some((one) => one.startsWith(stem(word)));
  if (words.every(isFound)) return 1;
  const telling = words.filter((word) => !IDLE.has(word));
  return (telling.filter(isFound).length / words.length) * 0.9;
}

/**
 * Symptoms that a search means, by what people call them: its own name first, then those that all words fit, and only
 * where there are none those that some of the words fit. Written together or apart is the same.
 *
 * @param typed anything; empty: all of the process
 */
export function findSymptoms(typed: string, process: FaultProcess): readonly TableSymptom[] {
  const open = symptomsIn(process);
  if (typed.trim() === '') return open;
  const words = plain(typed).split(' ').filter(Boolean);
  if (words.length === 0) return [];
  const fits = open.map((symptom) => ({ symptom, fit: fitOf(symptom, close(typed), words) }));
  const best = Math.max(...fits.map(({ fit }) => fit));
  return fits
    .filter(({ fit }) => fit > 0 && (best < 1 || fit >= 1))
    .toSorted((a, b) => b.fit - a.fit)
    .map(({ symptom }) => symptom);
}
