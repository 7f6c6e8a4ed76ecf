import { isInchFraction, type LengthForm, type WrittenLength } from '../../base/quantity/length-text.ts';

/** A number as written: whole, decimal with point or comma, fraction, mixed number, or one of the printed fractions. */
export const NUMBER = String.raw`(?:(?:[1-9]|1[0-2])[-\s][1-9]\d?\/(?:2|4|8|16|32|64)(?![\d/])|\d{1,2}\/(?:2|4|8|16|32|64)(?![\d/])|\d*[.,]\d+|\d+|[½¼¾⅛⅜⅝⅞])`;

/** No more of a word or of a figure follows: what ends a figure that is read with its word. */
export const END = String.raw`(?![\p{L}\d]|[.,]\d|\/\d)`;

const PRINTED: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

const UNIT_FORM: readonly (readonly [RegExp, LengthForm, number])[] = [
  [/^(?:mm|millimet(?:re|er)s?|mils? met)/, 'mm', 1],
  [/^cms?$/, 'mm', 10],
  [/^(?:in|inch|inches|"|″|”|'')$/, 'inch', 1],
  [/^(?:thou|thousandths?)$/, 'thou', 1],
  [/^mils?$/, 'mil', 1],
  [/^(?:ga|gage|gauge|guage|guages|gauges|g|awg|ga\.)$/, 'gauge', 1],
  [/^swg$/, 'swg', 1],
  [/^(?:ft|foot|feet|')$/, 'inch', 12],
  [/^(?:m|met(?:re|er)s?)$/, 'mm', 1000],
];

/** Units of a part's or a wire's size, behind its number. */
export const SIZE_UNIT = String.raw`(?:mm|millimet(?:re|er)s?|cms?|inch(?:es)?|in|"|″|”|''|thou|thousandths?|mils?|guages?|gauges?|gage|ga|swg|awg|g)`;

/** A written number's value; undefined for a fraction that no inch is divided by. */
export function numberOf(text: string): { readonly value: number; readonly fraction: boolean } | undefined {
  const printed = PRINTED[text];
  if (printed !== undefined) return { value: printed, fraction: true };
  const mixed = /^(\d+)[-\s](\d+)\/(\d+)$/.exec(text);
  if (mixed) {
    const part = Number(mixed[2]) / Number(mixed[3]);
    return part < 1 ? { value: Number(mixed[1]) + part, fraction: true } : undefined;
  }
  if (text.includes('/')) {
    const [above, below] = text.split('/').map(Number) as [number, number];
    return isInchFraction(text) ? { value: above / below, fraction: true } : undefined;
  }
  return { value: Number(text.replace(',', '.')), fraction: false };
}

/** A size in millimetres as a written length, whatever it was written with. */
export function mmLength(value: number): WrittenLength {
  return { form: 'mm', value, fraction: false, inchDecimal: false };
}

/** A number with its unit as a written length. */
export function lengthOf(digits: string, unit: string | undefined): WrittenLength | undefined {
  const number = numberOf(digits);
  if (!number) return undefined;
  const { value, fraction } = number;
  if (unit !== undefined && unit !== '') {
    const row = UNIT_FORM.find(([pattern]) => pattern.test(unit.toLowerCase()));
    if (row) return { form: row[1], value: value * row[2], fraction, inchDecimal: false };
  }
  if (fraction) return { form: 'inch', value, fraction: true, inchDecimal: false };
  const inchDecimal = /^0?\.\d{3,4}$/.test(digits) && value < 0.6;
  return { form: inchDecimal ? 'inch' : 'bare', value, fraction: false, inchDecimal };
}
