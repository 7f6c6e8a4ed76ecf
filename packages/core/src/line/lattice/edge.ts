import type { LengthUnit } from '../../base/quantity/thickness.ts';
import type { Meaning } from '../meaning.ts';
import type { LineContext } from '../line-reading.ts';
import type { WeightName } from '../hand-weights.ts';

/** One way to take a stretch of the line that begins at a place: where it ends, what it means, what it costs. */
export interface Edge {
  readonly end: number;
  readonly meanings: readonly Meaning[];
  /** Names of the costs that it is taken at, each once for every time it counts. */
  readonly terms: readonly WeightName[];
  /** What a rare sense costs beside that. */
  readonly extra?: number;
  readonly corrected?: string;
  /** A figure whose word stands before it, without a sign between: leg 8. Or behind it: 8 mm leg. */
  readonly style?: 'head-first' | 'head-behind';
}

/** The line that is being read. */
export interface LineText {
  readonly text: string;
  readonly lower: string;
  readonly unit: LengthUnit;
  readonly machineNames: readonly string[];
  /** A line about a wire has no thickness. */
  readonly about?: 'job' | 'wire' | undefined;
  /** Patterns that were looked for in the line, and whether it holds them. */
  readonly holds: Map<RegExp, boolean>;
  /** What every character is. */
  readonly kinds: Uint8Array;
  /** Words that this shop has told the meaning of, lower case. */
  readonly shopWords: ReadonlyMap<string, readonly Meaning[]>;
}

/** What a character is to the reader: part of a word, a blank or dash within a phrase, an end of a phrase, anything else. */
export const CHARACTER = { word: 0, blank: 1, stop: 2, other: 3 } as const;

function kindsOf(text: string): Uint8Array {
  const kinds = new Uint8Array(text.length);
  for (let i = 0; i < text.length; i += 1) {
    const here = text[i] as string;
    kinds[i] = /[\p{L}\d]/u.test(here)
      ? CHARACTER.word
      : /[\s-]/.test(here)
        ? CHARACTER.blank
        : /[,;|()[\]=]/.test(here)
          ? CHARACTER.stop
          : CHARACTER.other;
  }
  return kinds;
}

/** Whether a stretch may end here: no letter and no digit follows. */
export function endsAt(text: string, at: number): boolean {
  if (at >= text.length) return true;
  const here = text[at] as string;
  // `T 1.0` does not end behind its 1
  if (/[.,]/.test(here) && /\d/.test(text[at - 1] ?? '') && /\d/.test(text[at + 1] ?? '')) return false;
  return !/[\p{L}\d]/u.test(here);
}

/** Lower case, letter by letter: no letter becomes two, so that places in the line stay what they are. */
function lowered(text: string): string {
  return [...text]
    .map((letter) => {
      const low = letter.toLowerCase();
      return low.length === letter.length ? low : letter;
    })
    .join('');
}

/** A line with what it is read with, before anything is looked for in it. */
export function lineTextOf(text: string, { unit, machineNames, shopWords, about }: LineContext): LineText {
  return {
    text,
    lower: lowered(text),
    kinds: kindsOf(text),
    holds: new Map(),
    unit,
    machineNames,
    about,
    shopWords: shopWords ?? new Map(),
  };
}
