import { METRIC, type Units } from '../quantity/unit-choice.ts';
import { amountText } from './amount-text.ts';
import { sentence, midSentence } from './sentence.ts';
import { isPhrase, type Words, type WordsValue } from './words.ts';

/** Whom a text is for: the units, and the language where it is not English. */
export interface Reader {
  readonly units: Units;
  /** Texts of another language by their pattern in English; what is missing stands in English. */
  readonly texts?: Readonly<Record<string, string>>;
}

function valueText(value: WordsValue, reader: Reader): string {
  if (typeof value === 'number') return String(value);
  if (typeof value === 'string' || isPhrase(value)) return inWords(value, reader);
  return amountText(value, reader.units);
}

/**
 * A text as its reader reads it: every amount in the reader's units.
 *
 * @example
 * inWords(words`Strip it ${amount.distance([25, 50])} back.`, { units: US }) // 'Strip it 1 to 2 in back.'
 */
export function inWords(text: Words, reader: Reader): string {
  const { texts } = reader;
  if (typeof text === 'string') return texts?.[text] ?? text;
  const pattern = texts?.[text.code] ?? text.code;
  const filled = pattern.replaceAll(/\{(\d+)\}/g, (whole, place: string) => {
    const value = text.values[Number(place)];
    return value === undefined ? whole : valueText(value, reader);
  });
  if (text.start === undefined) return filled;
  return text.start === 'capital' ? sentence(filled) : midSentence(filled);
}

/** A text in the core's own units: for what is kept as plain text, and compared as such. */
export function inMetric(text: Words): string {
  return inWords(text, { units: METRIC });
}
