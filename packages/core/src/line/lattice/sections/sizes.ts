import { words } from '../../../base/words/words.ts';
import { OUTSIDE_RANGE_MM } from '../../../trade/material/work.ts';
import type { WrittenLength } from '../../../base/quantity/length-text.ts';
import { mmFromInches } from '../../../base/quantity/units.ts';
import type { Meaning } from '../../meaning.ts';
import type { LineText } from '../edge.ts';
import { lengthOf, NUMBER, SIZE_UNIT } from '../figures.ts';
import { sizeTyped } from '../heads/rule.ts';
import { foundAt, pattern } from '../pattern.ts';

const CROSS = String.raw`(?:\s?[x×*]\s?|\s+by\s+)`;
export const ITEM = String.raw`(${NUMBER})(?:[\s-]?(${SIZE_UNIT})(?![a-wyz])|)`;
/** Whether a line holds a figure behind a cross at all. */
const ANY_CROSS = pattern(String.raw`(?:[x×*]\s?|\sby\s+)[\d.½¼¾⅛⅜⅝⅞]`);
const FIRST = new RegExp(ITEM, 'iuy');
const NEXT = new RegExp(CROSS + ITEM, 'iuy');
export const LONE_GAUGE = new RegExp(String.raw`[\s,]+(\d{1,2})[\s-]?(ga|gauge|g|swg)(?![\p{L}\d])`, 'iuy');

export interface Sizes {
  readonly items: readonly WrittenLength[];
  readonly end: number;
  /** Where each item ends. */
  readonly ends: readonly number[];
}

/** Figures with crosses between them, two to four. */
export function crossed(line: LineText, at: number): Sizes | undefined {
  if (foundAt(ANY_CROSS, line, at) === undefined && line.holds.get(ANY_CROSS.here) === false)
    return undefined;
  const items: WrittenLength[] = [];
  const ends: number[] = [];
  let end = at;
  for (let item = FIRST; items.length < 4; item = NEXT) {
    item.lastIndex = end;
    const match = item.exec(line.text);
    const length = match && lengthOf(match[1] ?? '', match[2]);
    if (!match || !length || !(length.value > 0)) break;
    // `2x3 3/16` is 2 × 3 and a thickness: a whole number before a fraction is not mixed behind a cross
    if (items.length > 0 && /\s/.test(match[1] ?? '')) {
      const whole = /^(\d+)\s/.exec(match[1] ?? '')?.[1] ?? '';
      const cut = lengthOf(whole, undefined);
      if (!cut) break;
      end += match[0].indexOf(whole) + whole.length;
      items.push(cut);
      ends.push(end);
      break;
    }
    end += match[0].length;
    items.push(length);
    ends.push(end);
  }
  if (
    items.length < 2 ||
    /[\p{L}\d%]/u.test(line.text[end] ?? '') ||
    /^[.,]\d|^\/\d/.test(line.text.slice(end, end + 2))
  )
    return undefined;
  return { items, end, ends };
}

/** Smallest outside of a section, mm. Source: our tuning. */
const LEAST_SMALL_OUTSIDE_MM = 5;

/** Whether bare figures among the sizes are inches. */
export function areInches(line: LineText, { items }: Sizes, lone: boolean): boolean {
  if (items.some(({ form }) => form === 'mm')) return false;
  const bare = items.filter(({ form }) => form === 'bare');
  const outsides = items.length >= 3 ? items.slice(0, 2) : items;
  if (items.some(({ form }) => form === 'inch')) return true;
  if ((lone || items.some(({ form }) => form === 'gauge')) && bare.every(({ value }) => value <= 12))
    return true;
  if (line.unit === 'in' && bare.every(({ value }) => value <= 24)) return true;
  return outsides.every(({ form, value }) => form === 'bare' && value < LEAST_SMALL_OUTSIDE_MM);
}

export function outsideMm({ form, value }: WrittenLength, inches: boolean): number | undefined {
  if (form === 'mm') return value;
  if (form === 'inch') return mmFromInches(value);
  if (form === 'bare') return inches ? mmFromInches(value) : value;
  return form === 'gauge' || form === 'swg' ? 2 : mmFromInches(value / 1000);
}

export function wallOf(wall: WrittenLength, inches: boolean, section: string): Meaning {
  const length: WrittenLength = wall.form === 'bare' ? { ...wall, form: inches ? 'inch' : 'mm' } : wall;
  return { kind: 'length', length, wireCode: false, fixed: 'thickness', section };
}

export function outsideMeaning(mm: readonly (number | undefined)[]): Meaning[] {
  const known = mm.filter((value): value is number => value !== undefined);
  const [min, max] = OUTSIDE_RANGE_MM;
  if (known.length === 0 || known.some((value) => value < min || value > max)) {
    return known.length === 0 ? [] : [{ kind: 'measure', label: 'outside', slots: [] }];
  }
  const value = known.map((size) => Number(size.toFixed(4)));
  return [
    { kind: 'measure', label: words`${sizeTyped(value)} outside`, slots: [{ slot: 'outsideMm', value }] },
  ];
}
