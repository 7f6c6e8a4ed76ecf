import type { Meaning } from '../meaning.ts';

/** One row of the vocabulary: spellings of one thing, what they mean, and how readily they are taken for it. */
export interface WordRow {
  /** Spellings, lower case with single blanks, apart by strokes; a hyphen in the line is read as a blank. */
  readonly phrases: string;
  readonly meanings: readonly Meaning[];
  /** What this reading costs more than a common word's; a rare sense of a word costs 1 or more. */
  readonly cost?: number;
  /** What a reader of the table has to know. */
  readonly note?: string;
}

/** A row of the vocabulary. */
export function word(phrases: string, ...meanings: readonly Meaning[]): WordRow {
  return { phrases, meanings };
}

/** A sense that is rarer than the word itself. */
export function rare(cost: number, note: string, row: WordRow): WordRow {
  return { ...row, cost, note };
}
