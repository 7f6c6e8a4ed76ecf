import type { Meaning } from '../meaning.ts';
import { TABLE_WORDS } from './class-words.ts';
import { NOTED_WORDS } from './noted-words.ts';
import { OTHER_LANGUAGES } from './other-languages.ts';
import { SCOPE_WORDS } from './scope-words.ts';
import { COMPOUNDS, THINGS } from './things.ts';
import { WORK_WORDS } from './work-words.ts';
import type { WordRow } from './word-row.ts';

/** What a phrase is known for. */
export interface Known {
  readonly meanings: readonly Meaning[];
  /** What taking it for this costs more than a common word. */
  readonly cost: number;
}

/** Every row of the language. Where two rows have one phrase, the later one holds. */
const ROWS: readonly WordRow[] = [
  ...OTHER_LANGUAGES,
  ...THINGS,
  ...COMPOUNDS,
  ...NOTED_WORDS,
  ...WORK_WORDS,
  ...SCOPE_WORDS,
  ...TABLE_WORDS,
];

/** Every phrase of the line's language, lower case with single blanks, and what it means. */
export const VOCABULARY: ReadonlyMap<string, Known> = new Map(
  ROWS.flatMap(({ phrases, meanings, cost = 0 }) =>
    phrases.split('|').map((phrase) => [phrase, { meanings, cost }] as const),
  ),
);

/** Most words in one phrase. */
export const LONGEST_PHRASE = Math.max(...[...VOCABULARY.keys()].map((phrase) => phrase.split(' ').length));

/** Single words that change a plan or name a part, that a mistyped one is held against. */
export const SINGLE_WORDS: ReadonlyMap<string, readonly Meaning[]> = new Map(
  [...VOCABULARY]
    .filter(([phrase, { meanings }]) => /^[a-z]{4,}$/.test(phrase) && meanings[0]?.kind !== 'thing')
    .map(([phrase, { meanings }]) => [phrase, meanings] as const),
);
