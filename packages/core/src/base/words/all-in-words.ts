import { inWords, type Reader } from './in-words.ts';
import { isPhrase, type Phrase } from './words.ts';

/** A record with every text as one reader reads it. */
export type InWords<T> = T extends Phrase
  ? string
  : T extends (...args: never[]) => unknown
    ? T
    : T extends object
      ? { [K in keyof T]: InWords<T[K]> }
      : T;

function isPlain(value: unknown): value is object {
  return typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;
}

/** Plain data with each of its phrases put into words. A text that is already plain stays as it is. */
export function allInWords<T>(data: T, reader: Reader): InWords<T> {
  const read = (value: unknown): unknown => {
    if (isPhrase(value)) return inWords(value, reader);
    if (Array.isArray(value)) return value.map(read);
    if (!isPlain(value)) return value;
    return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, read(one)]));
  };
  return read(data) as InWords<T>;
}
