import { WRITTEN_LENGTH, writtenLength, type WrittenLength } from '../quantity/length-text.ts';
import { mmFromInches } from '../quantity/units.ts';
import type { LengthUnit } from '../quantity/thickness.ts';
import { OUTSIDE_RANGE_MM, type Product, type Profile } from '../material/work.ts';
import type { Meaning } from './meaning.ts';

/** A section written as sizes with crosses between: what is its wall, and what its outside. */
export interface SectionSize {
  readonly length: number;
  readonly meanings: readonly Meaning[];
}

const CROSS = /^\s?[x×]\s?/i;
const SHAPES: readonly (readonly [RegExp, Product, Profile | undefined])[] = [
  [/^(?:square|box|shs)/i, 'tube', 'square-tube'],
  [/^(?:round\s+(?:tube|tubing|hollow)|chs)/i, 'tube', 'round-tube'],
  [/^(?:pipe)/i, 'tube', 'pipe'],
  [/^(?:tube|tubing|rhs|hollow|rectangular)/i, 'tube', undefined],
  [/^(?:angle)/i, 'section', 'angle'],
  [/^(?:channel)/i, 'section', 'channel'],
  [/^(?:beam|joist|i[\s-]beam)/i, 'section', 'beam'],
  [/^(?:flat\s*(?:bar|stock)|bar|strip)/i, 'bar', 'flat-bar'],
];

interface Shape {
  readonly product: Product;
  readonly profile: Profile | undefined;
}

/** The shape named within the next few words. */
function shapeBehind(text: string): Shape | undefined {
  const words = text
    .trimStart()
    .split(/[\s,]+/)
    .slice(0, 5);
  for (const [i] of words.entries()) {
    const behind = words.slice(i).join(' ');
    if (i > 0 && /^(?:to|on|onto|and|&)$/i.test(words[i - 1] ?? '')) return undefined;
    const found = SHAPES.find(([pattern]) => pattern.test(behind));
    if (found) return { product: found[1], profile: found[2] };
  }
  return undefined;
}

function lastWord(text: string): string {
  return (
    text
      .trimEnd()
      .split(/[\s,]+/)
      .at(-1) ?? ''
  );
}

interface Figures {
  readonly figures: readonly WrittenLength[];
  /** Where each figure begins and where the whole ends. */
  readonly starts: readonly number[];
  readonly length: number;
}

/** Figures with crosses between them at the start of a text, two or three. */
function crossed(rest: string): Figures | undefined {
  const figures: WrittenLength[] = [];
  const starts: number[] = [];
  let at = 0;
  while (figures.length < 3) {
    const match = WRITTEN_LENGTH.exec(rest.slice(at))?.[0];
    const found = match === undefined ? undefined : writtenLength(match.replace(/[,.]$/, ''));
    if (match === undefined || !found || found.value <= 0) break;
    figures.push(found);
    starts.push(at);
    const end = at + match.length;
    const cross = CROSS.exec(rest.slice(end))?.[0];
    at = end;
    if (cross === undefined || figures.length === 3) break;
    if (!/^[\d.]/.test(rest.slice(end + cross.length))) break;
    at = end + cross.length;
  }
  const last = rest.slice(at);
  if (figures.length < 2 || /^[\p{L}\d/%]/u.test(last)) return undefined;
  return { figures, starts, length: at };
}

function isInches({ form }: WrittenLength): boolean {
  return form === 'inch';
}

/** Millimetres of an outside size; a bare figure is in inches beside an inch figure. */
function outsideMm(length: WrittenLength, inches: boolean): number | undefined {
  if (length.form === 'mm') return length.value;
  if (isInches(length)) return mmFromInches(length.value);
  return length.form === 'bare' ? (inches ? mmFromInches(length.value) : length.value) : undefined;
}

function outsideMeaning(mm: readonly (number | undefined)[]): Meaning[] {
  const known = mm.filter((value): value is number => value !== undefined);
  const [min, max] = OUTSIDE_RANGE_MM;
  if (known.length === 0 || known.some((value) => value < min || value > max)) return [];
  const value = known.map((size) => Number(size.toFixed(4)));
  return [
    { kind: 'measure', label: `${value.join(' × ')} mm outside`, slots: [{ slot: 'outsideMm', value }] },
  ];
}

function productMeaning({ product, profile }: Shape): Meaning {
  return { kind: 'product', product, ...(profile === undefined ? {} : { profile }) };
}

/** Times a tube's outside is over its wall at the least; a strip's width over its thickness. */
const LEAST_TUBE_RATIO = 4;
const LEAST_STRIP_RATIO = 3;
const LEAST_STRIP_WIDTH_MM = 12;

/**
 * A section at the start of a text: `40x40x3 box`, `48.3x3.2 pipe`, `2x2 11ga square tube`, `50 x 3 flat bar`,
 * `2"x2"x1/8" angle`. The wall is a length for the roles to settle; the outside is kept apart from it.
 */
export function sectionAt(rest: string, before: string, unit: LengthUnit): SectionSize | undefined {
  const read = crossed(rest);
  if (!read) return undefined;
  const { figures, starts, length } = read;
  const [first, second, third] = figures as [WrittenLength, WrittenLength, WrittenLength?];
  const inches = unit === 'in' || figures.some(isInches);
  const shape = shapeBehind(rest.slice(length));
  const wallOf = (wall: WrittenLength): Meaning => ({ kind: 'length', length: wall, wireCode: false });
  if (third) {
    const outside = outsideMeaning([outsideMm(first, inches), outsideMm(second, inches)]);
    // `angle 2x2x3/16`: the word before has named it
    const named = shape === undefined && SHAPES.some(([word]) => word.test(lastWord(before)));
    const product = named ? [] : [productMeaning(shape ?? { product: 'tube', profile: undefined })];
    return { length, meanings: [wallOf(third), ...outside, ...product] };
  }
  // no tube is 2 mm wide: `2x2` is in inches whatever is typed in
  const tiny = [first, second].every(({ form, value }) => form === 'bare' && value < OUTSIDE_RANGE_MM[0]);
  const a = outsideMm(first, inches || tiny);
  const b = outsideMm(second, inches || tiny);
  const ratio = a === undefined || b === undefined ? Infinity : a / b;
  if (shape && shape.product !== 'bar') {
    if (ratio < LEAST_TUBE_RATIO && b !== undefined) {
      return { length, meanings: [...outsideMeaning([a, b]), productMeaning(shape)] };
    }
    if (ratio >= LEAST_TUBE_RATIO)
      return { length, meanings: [wallOf(second), ...outsideMeaning([a]), productMeaning(shape)] };
  }
  const strip = a !== undefined && a >= LEAST_STRIP_WIDTH_MM && ratio >= LEAST_STRIP_RATIO;
  const tight = /^[x×]/i.test(rest.slice((starts[1] ?? 0) - 1, starts[1]));
  if (strip && (shape || tight)) {
    return { length, meanings: [wallOf(second), ...outsideMeaning([a])] };
  }
  return undefined;
}
