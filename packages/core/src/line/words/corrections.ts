import { editDistance } from './edit-distance.ts';
import type { Meaning } from '../meaning.ts';
import type { WorkSlot } from '../../plan/work/stated-work.ts';

/** Spellings that are seen every day and mean nothing else here. */
const MISSPELT: ReadonlyMap<string, string> = new Map([
  ['steal', 'steel'],
  ['steeel', 'steel'],
  ['filet', 'fillet'],
  ['galvinised', 'galvanised'],
  ['galvinized', 'galvanized'],
  ['galvenised', 'galvanised'],
  ['galvenized', 'galvanized'],
  ['aluminuim', 'aluminium'],
  ['alluminium', 'aluminium'],
  ['aluminim', 'aluminium'],
  ['stainlees', 'stainless'],
  ['verticle', 'vertical'],
  ['horizantal', 'horizontal'],
  ['horizonal', 'horizontal'],
]);

/** Kinds that change what is planned: a near word of these is asked, but for a slip in a long metal or position. */
const SLOT_OF_KIND: Readonly<Partial<Record<Meaning['kind'], WorkSlot>>> = {
  metal: 'metal',
  way: 'way',
  mode: 'mode',
  polarity: 'polarity',
  position: 'position',
  vertical: 'position',
  direction: 'position',
  place: 'place',
  wind: 'windy',
  circumstance: 'circumstances',
  surface: 'surface',
  priority: 'priorities',
  'no-filler': 'withoutFiller',
  backing: 'backing',
  gas: 'gas',
};

/** Letters a word has at least before a slip in it is put right. */
const CORRECTED_FROM = { plain: 5, telling: 8 } as const;
/** Letters a word has at least before a near one is asked about. Source: our tuning. */
const ASKED_FROM = 5;

/** Whether a word is another with one letter missing, one doubled, or two neighbours swapped. */
export function isTypingSlip(typed: string, known: string): boolean {
  if (typed.length === known.length - 1) {
    return [...known].some((_, i) => known.slice(0, i) + known.slice(i + 1) === typed);
  }
  if (typed.length === known.length + 1) {
    return [...typed].some(
      (letter, i) => letter === typed[i - 1] && typed.slice(0, i) + typed.slice(i + 1) === known,
    );
  }
  if (typed.length !== known.length) return false;
  const at = [...typed].findIndex((letter, i) => letter !== known[i]);
  return (
    at >= 0 &&
    typed[at] === known[at + 1] &&
    typed[at + 1] === known[at] &&
    typed.slice(at + 2) === known.slice(at + 2)
  );
}

/** The slot a word would fill that must not be filled by a guess; undefined for plain words. */
function tellingSlot(meanings: readonly Meaning[]): WorkSlot | undefined {
  return meanings.map(({ kind }) => SLOT_OF_KIND[kind]).find((slot) => slot !== undefined);
}

export type Correction =
  | { readonly status: 'corrected'; readonly known: string }
  | { readonly status: 'asked'; readonly known: string; readonly slot: WorkSlot };

/**
 * What becomes of a word that is not known: put right where it can only be a slip of the fingers, asked about
 * where it is near a word that changes the plan, else left as it is.
 *
 * @param typed the word, lower case
 * @param vocabulary single words with what they mean
 */
export function correctionOf(
  typed: string,
  vocabulary: ReadonlyMap<string, readonly Meaning[]>,
): Correction | undefined {
  const misspelt = MISSPELT.get(typed);
  if (misspelt !== undefined) return { status: 'corrected', known: misspelt };
  let asked: Correction | undefined;
  for (const [known, meanings] of vocabulary) {
    if (known.length < ASKED_FROM || Math.abs(known.length - typed.length) > 2) continue;
    const slot = tellingSlot(meanings);
    const correctable = slot === undefined || slot === 'metal' || slot === 'position';
    const from = slot === undefined ? CORRECTED_FROM.plain : CORRECTED_FROM.telling;
    if (correctable && known.length >= from && isTypingSlip(typed, known))
      return { status: 'corrected', known };
    const near = known.length >= CORRECTED_FROM.telling ? 2 : 1;
    if (slot !== undefined && asked === undefined && editDistance(typed, known) <= near) {
      asked = { status: 'asked', known, slot };
    }
  }
  return asked;
}
