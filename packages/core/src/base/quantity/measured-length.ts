import { INCH_WORDS, MM_WORDS, writtenNumber } from './length-text.ts';
import { MM_PER_INCH } from './units.ts';

/** A length off a rule or a tape, as someone writes it down. */
export type MeasuredLength =
  | { readonly status: 'read'; readonly lengthMm: number }
  | { readonly status: 'unreadable'; readonly message: string };

export type MeasureUnit = 'mm' | 'cm' | 'm' | 'in' | 'ft';

const MM_PER_UNIT: Readonly<Record<MeasureUnit, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  ft: 12 * MM_PER_INCH,
};

const UNIT_WORDS: readonly (readonly [RegExp, MeasureUnit])[] = [
  [MM_WORDS, 'mm'],
  [/^(?:cm|centimet(?:re|er)s?)$/, 'cm'],
  [/^(?:m|met(?:re|er)s?)$/, 'm'],
  [INCH_WORDS, 'in'],
  [/^(?:ft|foot|feet|'|′|’)$/, 'ft'],
];

/** One number with its unit: whole, decimal, fraction or mixed. */
const PART = /^\s*(\d+[\s-]\d+\/\d+|\d+\/\d+|\d*[.,]\d+|\d+[.,]?)\s*([a-z]+|''|"|″|”|'|′|’)?/i;

function unreadable(text: string): MeasuredLength {
  const message =
    text.trim() === ''
      ? 'Measure it and write its length.'
      : `“${text.trim()}” is not a length: write it like 760, 76 cm, 0.76 m, 29 7/8 in or 2 ft 6.`;
  return { status: 'unreadable', message };
}

/**
 * Reads a measured length in any unit: `760`, `76 cm`, `0.76 m`, `29 7/8"`, `2 ft 6`, `2' 6 1/2"`.
 *
 * @param bareUnit what a number without a unit is in; after feet, a bare number is inches
 * @returns mm; above 0, not yet held against any range
 * @example
 * measuredLength('2 ft 6', 'mm').lengthMm // 762
 */
export function measuredLength(text: string, bareUnit: 'mm' | 'in'): MeasuredLength {
  let rest = text.trim();
  let lengthMm = 0;
  let bare: MeasureUnit = bareUnit;
  for (let parts = 0; rest !== ''; parts++) {
    const match = PART.exec(rest);
    if (!match || parts === 2) return unreadable(text);
    const [whole, digits = '', word] = match;
    const unit =
      word === undefined ? bare : UNIT_WORDS.find(([pattern]) => pattern.test(word.toLowerCase()))?.[1];
    if (unit === undefined || (parts === 1 && unit !== 'in')) return unreadable(text);
    lengthMm += writtenNumber(digits).value * MM_PER_UNIT[unit];
    rest = rest.slice(whole.length).trim();
    if (rest !== '' && unit !== 'ft') return unreadable(text);
    bare = 'in';
  }
  return Number.isFinite(lengthMm) && lengthMm > 0 ? { status: 'read', lengthMm } : unreadable(text);
}
