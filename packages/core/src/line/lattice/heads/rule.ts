import { amount, type Amount } from '../../../base/words/amount.ts';
import type { Words } from '../../../base/words/words.ts';
import type { LengthUnit } from '../../../base/quantity/thickness.ts';
import { mmFromInches } from '../../../base/quantity/units.ts';
import type { Meaning, MeasuredSlot } from '../../meaning.ts';
import type { Edge, LineText } from '../edge.ts';
import { NUMBER, numberOf } from '../figures.ts';
import type { Pattern } from '../pattern.ts';

export type Range = readonly [min: number, max: number];
export const UNIT = String.raw`(?:[\s-]?(mm|cms?|m|met(?:re|er)s?|in(?:ch(?:es)?)?|"|″|”|ft|foot|feet|'))?`;
export const LENGTH = `(${NUMBER})${UNIT}`;
/** What may stand between a word and its figure; the sign that joins them is kept. */
export const JOIN = String.raw`(\s*[=:]\s*|\s+of\s+|\s*)`;

/** Millimetres of a written length; a bare one is in the user's unit, and in the other where only that can be. */
export function millimetres(digits: string, unit: string | undefined, line: LineText, range: Range): number {
  const number = numberOf(digits);
  if (!number) return Number.NaN;
  const { value, fraction } = number;
  switch (unit?.[0]?.toLowerCase()) {
    case undefined:
      return bare(value, fraction || /^0?\.\d{3}$/.test(digits), line.unit, range);
    case 'i':
    case '"':
    case '″':
    case '”':
      return mmFromInches(value);
    case 'f':
    case "'":
      return mmFromInches(value * 12);
    case 'c':
      return value * 10;
    default:
      return /^mm$/i.test(unit ?? '') ? value : value * 1000;
  }
}

function bare(value: number, inches: boolean, unit: LengthUnit, [, max]: Range): number {
  if (inches) return mmFromInches(value);
  return unit === 'in' && mmFromInches(value) <= max ? mmFromInches(value) : value;
}

export function inRange(value: number, [min, max]: Range): boolean {
  return value >= min && value <= max;
}

export interface Rule {
  readonly pattern: Pattern;
  readonly starts: 'digit' | 'letter';
  readonly read: (match: RegExpExecArray, line: LineText) => Omit<Edge, 'end'> | undefined;
}

export function measure(label: Words, slots: readonly MeasuredSlot[]): readonly Meaning[] {
  return [{ kind: 'measure', label, slots }];
}

/** A length that was typed, as it is said back: hundredths of a millimetre are the noise of a conversion. */
export function sizeTyped(mm: number | readonly number[]): Amount {
  const tidied = (one: number): number => Number(one.toFixed(2));
  const value = typeof mm === 'number' ? tidied(mm) : mm.map(tidied);
  return amount.distance(value, 'as-given', { between: ' × ' });
}
