import { MM_PER_INCH } from './units.ts';

/** How a written length stated its unit. */
export type LengthForm = 'mm' | 'inch' | 'thou' | 'mil' | 'gauge' | 'swg' | 'bare';

/** A length as written: `value` is in the form's own unit (a gauge number for `gauge`). */
export interface WrittenLength {
  readonly form: LengthForm;
  readonly value: number;
  /** True when it was written as a fraction, which always means inches. */
  readonly fraction: boolean;
  /** True when it was written as a bare inch decimal such as `.030`, or `035` for a wire. */
  readonly inchDecimal: boolean;
}

/** Words for the units that every written length knows. */
export const MM_WORDS = /^(?:mm|millimet(?:re|er)s?)$/;
export const INCH_WORDS = /^(?:in|inch|inches|"|″|”|'')$/;

const UNIT: readonly (readonly [RegExp, LengthForm])[] = [
  [MM_WORDS, 'mm'],
  [INCH_WORDS, 'inch'],
  [/^(?:thou|thousandths?)$/, 'thou'],
  [/^mils?$/, 'mil'],
  [/^(?:ga|gage|gauge|g|awg)$/, 'gauge'],
  [/^swg$/, 'swg'],
];

/** One written length at the start of a text: number, fraction or mixed number, with an optional unit. */
export const WRITTEN_LENGTH =
  /^(#)?(-?\d+(?:[-\s]\d+\/\d+)|-?\d+\/\d+|-?\d*[.,]\d+|-?\d+[.,]?)(?:th(?![a-z]))?(?:[\s-]*("|″|”|''|(?:mm|millimet(?:re|er)s?|inch(?:es)?|in|thou|thousandths?|mils?|gauge|gage|ga|swg|awg|g)(?![a-wyz0-9]|x[a-z])))?/i;

/** Denominators an inch is divided by on a rule. */
const INCH_DENOMINATORS = [2, 4, 8, 16, 32, 64];

/** Whether `n/m` can be a fraction of an inch at all. */
export function isInchFraction(text: string): boolean {
  const denominator = /\/(\d+)/.exec(text)?.[1];
  return denominator === undefined || INCH_DENOMINATORS.includes(Number(denominator));
}

/** A number as written: whole, decimal with point or comma, fraction or mixed number. */
export function writtenNumber(text: string): { value: number; fraction: boolean } {
  const mixed = /^(-?\d+)[-\s](\d+)\/(\d+)$/.exec(text);
  if (mixed) return { value: Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3]), fraction: true };
  const plain = /^(-?\d+)\/(\d+)$/.exec(text);
  if (plain) return { value: Number(plain[1]) / Number(plain[2]), fraction: true };
  return { value: Number(text.replace(',', '.')), fraction: false };
}

/**
 * Reads a whole text as one written length: `3`, `3mm`, `1/8"`, `1-1/2 in`, `.080`, `80 thou`, `14 ga`, `#10`.
 *
 * @returns the length as written, or undefined when the text is anything else
 */
export function writtenLength(text: string): WrittenLength | undefined {
  const trimmed = text.trim();
  const match = WRITTEN_LENGTH.exec(trimmed);
  if (!match || match[0].length !== trimmed.length) return undefined;
  const [, hash, digits = '', unitText] = match;
  const { value, fraction } = writtenNumber(digits);
  if (!Number.isFinite(value) || !isInchFraction(digits)) return undefined;
  if (hash !== undefined) return { form: 'gauge', value, fraction: false, inchDecimal: false };
  const unit = unitText?.toLowerCase();
  const form = unit === undefined ? undefined : UNIT.find(([pattern]) => pattern.test(unit))?.[1];
  if (form !== undefined) return { form, value, fraction, inchDecimal: false };
  if (fraction) return { form: 'inch', value, fraction: true, inchDecimal: false };
  const inchDecimal = /^0?\.\d{3,4}$/.test(digits) && value < 0.6;
  return { form: inchDecimal ? 'inch' : 'bare', value, fraction: false, inchDecimal };
}

/** Millimetres of a written length whose unit is not in doubt (not a gauge, not `mil`, not bare). */
export function mmOfWritten(length: WrittenLength): number | undefined {
  if (length.form === 'mm') return length.value;
  if (length.form === 'inch') return length.value * MM_PER_INCH;
  if (length.form === 'thou') return (length.value * MM_PER_INCH) / 1000;
  return undefined;
}
