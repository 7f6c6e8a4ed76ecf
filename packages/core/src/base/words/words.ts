import type { Amount } from './amount.ts';

/**
 * Text for a person: a plain text, or a phrase with its values apart.
 *
 * The core never writes a quantity into a text: it says what is meant, and {@link inWords} says it in the reader's
 * units, and in the reader's language where there is one.
 */
export type Words = string | Phrase;

/** A text by its pattern: its values stand at `{0}`, `{1}` … The pattern is its code, in a translation too. */
export interface Phrase {
  readonly code: string;
  readonly values: readonly WordsValue[];
  /** How its first letter is written; as it comes where nothing is said. */
  readonly start?: 'capital' | 'small';
}

export type WordsValue = Words | number | Amount;

/**
 * A phrase, written where it is meant.
 *
 * @example
 * words`${amount.distance(4, 1)} leg` // { code: '{0} leg', values: [{ quantity: 'distance', value: 4, places: 1 }] }
 */
export function words(pattern: TemplateStringsArray, ...values: readonly WordsValue[]): Phrase {
  const code = pattern.reduce((text, part, i) => `${text}{${i - 1}}${part}`);
  return { code, values };
}

/** Texts one after the other, with something between them; those that are empty are left out. */
export function joined(texts: readonly WordsValue[], between = ' '): Words {
  const list = texts.filter((text) => text !== '');
  const [only] = list;
  if (only === undefined) return '';
  if (list.length === 1 && (typeof only === 'string' || isPhrase(only))) return only;
  return { code: list.map((_, i) => `{${i}}`).join(between), values: list };
}

/** Whether a value is a phrase: a record of any other kind is none. */
export function isPhrase(value: unknown): value is Phrase {
  return typeof value === 'object' && value !== null && 'code' in value && 'values' in value;
}

/** Whether two say the same, by code and values. */
export function isSameWords(a: WordsValue, b: WordsValue): boolean {
  return a === b || JSON.stringify(a) === JSON.stringify(b);
}
