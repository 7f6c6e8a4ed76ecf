import type { Product, Profile } from '../../material/work.ts';
import { OUTSIDE_RANGE_MM } from '../../material/work.ts';
import type { WrittenLength } from '../../quantity/length-text.ts';
import { mmFromInches } from '../../quantity/units.ts';
import type { Meaning } from '../meaning.ts';
import type { WeightName } from '../weights.ts';
import { type Edge, endsAt, type LineText } from './edge.ts';
import { lengthOf, NUMBER, SIZE_UNIT } from './figures.ts';
import { foundAt, pattern } from './pattern.ts';
import { isPipeOutsideMm } from './pipe-table.ts';

interface Shape {
  readonly product: Product;
  readonly profile?: Profile;
}

/** Letters and words that name a section right before or behind its sizes. */
const FAMILIES: readonly (readonly [words: string, shape: Shape])[] = [
  ['shs|sq(?:uare)?\\.?(?:\\s+(?:tube|tubing|hollow|box))?|box(?:\\s+(?:section|tube))?', { product: 'tube', profile: 'square-tube' }],
  ['chs|round\\s+(?:tube|tubing|hollow)|ø|⌀|dom|rohr', { product: 'tube', profile: 'round-tube' }],
  ['pipe', { product: 'tube', profile: 'pipe' }],
  ['rhs|hss|ts|rect(?:angular)?(?:\\s+(?:tube|tubing|hollow))?|tube|tubing|hollow(?:\\s+section)?|vierkantrohr', { product: 'tube' }],
  ['ea|ua|l|angles?(?:\\s+iron)?|equal\\s+angle|rsa|winkel', { product: 'section', profile: 'angle' }],
  ['c|channels?|lipped\\s+channel|u|pfc', { product: 'section', profile: 'channel' }],
  ['z\\s+purlin|purlin', { product: 'section', profile: 'channel' }],
  ['pl|plates?|plt|platte', { product: 'plate' }],
  ['sheets?|blech', { product: 'sheet' }],
  ['fb|fl|flats?(?:\\s*bars?|\\s*stock)?|bars?|strips?', { product: 'bar', profile: 'flat-bar' }],
];
const GLUED = FAMILIES.map(([words, shape]) => [pattern(String.raw`(?:${words})\s*(?=[\d.])`), shape] as const);
const BEHIND = FAMILIES.map(([words, shape]) => [new RegExp(String.raw`(?:${words})(?![\p{L}\d])`, 'iuy'), shape] as const);

const CROSS = String.raw`(?:\s?[x×*]\s?|\s+by\s+)`;
const ITEM = String.raw`(${NUMBER})(?:[\s-]?(${SIZE_UNIT})(?![a-wyz])|)`;
/** Whether a line holds a figure behind a cross at all. */
const ANY_CROSS = pattern(String.raw`(?:[x×*]\s?|\sby\s+)[\d.½¼¾⅛⅜⅝⅞]`);
const FIRST = new RegExp(ITEM, 'iuy');
const NEXT = new RegExp(CROSS + ITEM, 'iuy');
const LONE_GAUGE = new RegExp(String.raw`[\s,]+(\d{1,2})[\s-]?(ga|gauge|g|swg)(?![\p{L}\d])`, 'iuy');

interface Sizes {
  readonly items: readonly WrittenLength[];
  readonly end: number;
  /** Where each item ends. */
  readonly ends: readonly number[];
}

/** Figures with crosses between them, two to four. */
function crossed(line: LineText, at: number): Sizes | undefined {
  if (foundAt(ANY_CROSS, line, at) === undefined && line.holds.get(ANY_CROSS.here) === false) return undefined;
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
  if (items.length < 2 || /[\p{L}\d%]/u.test(line.text[end] ?? '') || /^[.,]\d|^\/\d/.test(line.text.slice(end, end + 2)))
    return undefined;
  return { items, end, ends };
}

const LEAST_SMALL_OUTSIDE_MM = 5;

/** Whether bare figures among the sizes are inches. */
function areInches(line: LineText, { items }: Sizes, lone: boolean): boolean {
  if (items.some(({ form }) => form === 'mm')) return false;
  const bare = items.filter(({ form }) => form === 'bare');
  const outsides = items.length >= 3 ? items.slice(0, 2) : items;
  if (items.some(({ form }) => form === 'inch')) return true;
  if ((lone || items.some(({ form }) => form === 'gauge')) && bare.every(({ value }) => value <= 12)) return true;
  if (line.unit === 'in' && bare.every(({ value }) => value <= 24)) return true;
  return outsides.every(({ form, value }) => form === 'bare' && value < LEAST_SMALL_OUTSIDE_MM);
}

function outsideMm({ form, value }: WrittenLength, inches: boolean): number | undefined {
  if (form === 'mm') return value;
  if (form === 'inch') return mmFromInches(value);
  if (form === 'bare') return inches ? mmFromInches(value) : value;
  return form === 'gauge' || form === 'swg' ? 2 : mmFromInches(value / 1000);
}

function wallOf(wall: WrittenLength, inches: boolean, section: string): Meaning {
  const length: WrittenLength =
    wall.form === 'bare' ? { ...wall, form: inches ? 'inch' : 'mm' } : wall;
  return { kind: 'length', length, wireCode: false, fixed: 'thickness', section };
}

function outsideMeaning(mm: readonly (number | undefined)[]): Meaning[] {
  const known = mm.filter((value): value is number => value !== undefined);
  const [min, max] = OUTSIDE_RANGE_MM;
  if (known.length === 0 || known.some((value) => value < min || value > max)) {
    return known.length === 0 ? [] : [{ kind: 'measure', label: 'outside', slots: [] }];
  }
  const value = known.map((size) => Number(size.toFixed(4)));
  return [{ kind: 'measure', label: `${value.join(' × ')} mm outside`, slots: [{ slot: 'outsideMm', value }] }];
}

function productOf(shape: Shape): Meaning {
  return { kind: 'product', product: shape.product, ...(shape.profile === undefined ? {} : { profile: shape.profile }) };
}

/** The shape that stands within the next few words, not across a comma or a connector, and where it ends if it is next. */
function shapeBehind(line: LineText, from: number): { readonly shape: Shape; readonly next: boolean; readonly end: number } | undefined {
  let at = from;
  for (let word = 0; word < 5; word += 1) {
    const blank = /^[\s()]*/.exec(line.text.slice(at))?.[0].length ?? 0;
    at += blank;
    if (at >= line.text.length || /[,;]/.test(line.text[at] as string)) return undefined;
    if (/^(?:to|on|onto|and|&|x|auf|an)(?![\p{L}\d])/iu.test(line.text.slice(at, at + 6))) return undefined;
    for (const [words, shape] of BEHIND) {
      words.lastIndex = at;
      const match = words.exec(line.text);
      if (match && !(match[0].length === 1 && word > 0)) return { shape, next: word === 0, end: at + match[0].length };
    }
    const step = /^[^\s,;()]+/.exec(line.text.slice(at))?.[0] ?? '';
    // a figure in between belongs to something else, but for a gauge before "tube" and the wall's own word
    if (/\d/.test(step) && !/^\d{1,2}-?g?a?$/i.test(step) && !/^[36]\d\d[a-z]*$/i.test(step) && !/^[a-z]\d+$/i.test(step)) return undefined;
    at += step.length || 1;
  }
  return undefined;
}

/** The shape named right before, by its last two words. */
function shapeBefore(line: LineText, at: number): Shape | undefined {
  const before = line.text.slice(Math.max(0, at - 24), at);
  if (/[,;]\s*$/.test(before)) return undefined;
  const words = before.trimEnd().split(/[\s,;]+/).slice(-2);
  for (const word of [words.at(-1) ?? '', words.join(' ')]) {
    for (const [name, shape] of BEHIND) {
      name.lastIndex = 0;
      const match = name.exec(word);
      if (match && match[0].length === word.length && word.length > 1) return shape;
    }
  }
  return undefined;
}

interface Named {
  readonly shape: Shape | undefined;
  /** Named by letters glued before it, or right behind. */
  readonly close: boolean;
}

function edge(end: number, weights: readonly WeightName[], ...meanings: readonly Meaning[]): Edge {
  return { end, meanings, terms: weights };
}

function hollow(shape: Shape | undefined): boolean {
  return shape?.product === 'tube' || shape?.product === 'section';
}

function flatProduct(shape: Shape | undefined): boolean {
  return shape?.product === 'plate' || shape?.product === 'sheet' || shape?.product === 'bar';
}

function threeSizes(sizes: Sizes, inches: boolean, end: number, { shape }: Named): Edge[] {
  const [a, b, c] = sizes.items as [WrittenLength, WrittenLength, WrittenLength];
  const mm = sizes.items.map((item) => outsideMm(item, inches) ?? 0) as [number, number, number];
  const found: Edge[] = [];
  const least = Math.min(...mm);
  const at = mm.indexOf(least);
  const others = mm.filter((_, i) => i !== at);
  if (flatProduct(shape) || (!hollow(shape) && others.every((value) => value >= 6 * least))) {
    const isPlate = others.every((value) => value >= 6 * least);
    found.push(
      edge(
        end,
        [flatProduct(shape) ? 'sectionNamed' : 'sectionPlate', ...(isPlate ? [] : (['sectionOddWall'] as const))],
        wallOf(sizes.items[at] as WrittenLength, inches, 'plate'),
        ...(shape ? [productOf(shape)] : []),
      ),
    );
  }
  if (!flatProduct(shape)) {
    const odd = mm[2] > Math.min(mm[0], mm[1]) / 2 ? 'sectionOddWall' : mm[2] > Math.min(mm[0], mm[1]) / 3 ? 'sectionThickWall' : undefined;
    found.push(
      edge(
        end,
        [shape ? 'sectionNamed' : 'sectionThree', ...(odd ? [odd] : [])] as WeightName[],
        wallOf(c, inches, 'tube'),
        ...outsideMeaning([outsideMm(a, inches), outsideMm(b, inches)]),
        productOf(shape ?? { product: 'tube' }),
      ),
    );
  }
  return found;
}

function fourSizes(sizes: Sizes, inches: boolean, end: number, { shape }: Named): Edge[] {
  const [a, b, c, d] = sizes.items as [WrittenLength, WrittenLength, WrittenLength, WrittenLength];
  const [, , mm3 = 0, mm4 = 0] = sizes.items.map((item) => outsideMm(item, inches) ?? 0);
  const wall = mm4 < mm3 ? d : c;
  const lipped = mm4 < mm3;
  return [
    edge(
      end,
      [shape ? 'sectionNamed' : 'sectionThree'],
      wallOf(wall, inches, 'tube'),
      ...outsideMeaning([outsideMm(a, inches), outsideMm(b, inches)]),
      productOf(shape ?? (lipped ? { product: 'section', profile: 'channel' } : { product: 'tube' })),
    ),
  ];
}

const LEAST_STRIP_WIDTH_MM = 12;

function twoSizes(line: LineText, sizes: Sizes, inches: boolean, end: number, { shape, close }: Named): Edge[] {
  const [a, b] = sizes.items as [WrittenLength, WrittenLength];
  const [mmA, mmB] = [outsideMm(a, inches) ?? 0, outsideMm(b, inches) ?? 0];
  const ratio = mmA / mmB;
  const gauged = b.form === 'gauge' || b.form === 'swg';
  const found: Edge[] = [];
  const isPipe = isPipeOutsideMm(mmA) && ratio >= 3 && mmA > 20;
  if (hollow(shape) || isPipe) {
    const least = close ? 3 : 4;
    if (ratio >= least || gauged || isPipe)
      found.push(
        edge(end, [shape ? 'sectionNamed' : 'sectionPipe'], wallOf(b, inches, 'tube'), ...outsideMeaning([mmA]), productOf(shape ?? { product: 'tube' })),
      );
    else if (hollow(shape))
      found.push(
        edge(end, ['sectionNamed'], ...outsideMeaning([mmA, mmB]), productOf(shape as Shape), { kind: 'wall-open' }),
      );
  }
  if (flatProduct(shape) || !shape) {
    const [wide, thin, thinItem] = mmA >= mmB ? [mmA, mmB, b] : [mmB, mmA, a];
    const isStrip = wide / thin >= 3 && wide >= LEAST_STRIP_WIDTH_MM;
    const isSheetSize = shape?.product === 'sheet' || shape?.product === 'plate';
    if (isStrip && (shape?.product === 'bar' || !isSheetSize || wide / thin >= 6) && !(isSheetSize && thin > 26)) {
      found.push(
        edge(
          end,
          [shape?.product === 'bar' ? 'sectionNamed' : 'sectionStrip'],
          wallOf(thinItem, inches, 'plate'),
          ...(shape?.product === 'bar' || !shape ? outsideMeaning([wide]) : []),
          ...(shape ? [productOf(shape)] : []),
        ),
      );
    }
    // `8x4 sheet`: feet or metres of the sheet, no thickness
    if (isSheetSize && b.form === 'bare' && a.form === 'bare' && !(wide / thin >= 6 && thin <= 26))
      found.push(edge(end, ['sectionSheetSize'], { kind: 'measure', label: `${line.text.slice(sizes.ends[0] ?? 0, end)} size of the sheet`, slots: [] }));
  }
  // `5x3 ramp`: the size of what stands behind
  if (!shape && a.form === 'bare' && b.form === 'bare' && Number.isInteger(a.value) && Number.isInteger(b.value))
    found.push(edge(end, ['sectionThingSize'], { kind: 'measure', label: 'the size of what it is', slots: [] }, { kind: 'thing-size' }));
  return found;
}

const BACKING_NEXT = /^\s*(?:flat\s+|steel\s+|copper\s+|ceramic\s+)?back(?:ing|er)/i;

/** Sections, plates and bars written as sizes with crosses between them, with the letters or words that name them. */
export function sectionEdges(line: LineText, at: number): Edge[] {
  const family = /[\d.½¼¾⅛⅜⅝⅞]/.test(line.text[at] ?? '') ? undefined : familyAt(line, at);
  const start = family?.end ?? at;
  const sizes = crossed(line, start);
  if (!sizes) return family ? gluedThickness(line, at, family) : [];
  if (BACKING_NEXT.test(line.text.slice(sizes.end, sizes.end + 24)))
    return [edge(sizes.end, ['sectionNamed'], { kind: 'measure', label: `${line.text.slice(at, sizes.end)}: the size of the backing`, slots: [] })];
  const behind = family ? undefined : shapeBehind(line, sizes.end);
  const before = family || behind?.next === true ? undefined : shapeBefore(line, at);
  const shape = family?.shape ?? before ?? behind?.shape;
  LONE_GAUGE.lastIndex = sizes.end;
  const lone = LONE_GAUGE.test(line.text);
  const inches = areInches(line, sizes, lone);
  const about: Named = { shape, close: family !== undefined || behind?.next === true };
  const end = behind?.next === true && behind.end - sizes.end <= 5 && /^\s*(?:ea|ua|fb|fl|pl|shs|chs|rhs|hss)/i.test(line.text.slice(sizes.end)) ? behind.end : sizes.end;
  if (!endsAt(line.text, end)) return [];
  switch (sizes.items.length) {
    case 2:
      return twoSizes(line, sizes, inches, end, about);
    case 3:
      return threeSizes(sizes, inches, end, about);
    default:
      return fourSizes(sizes, inches, end, about);
  }
}

function familyAt(line: LineText, at: number): { readonly shape: Shape; readonly end: number } | undefined {
  for (const [words, shape] of GLUED) {
    const match = foundAt(words, line, at);
    if (match) return { shape, end: at + match[0].length };
  }
  return undefined;
}

const PLATE_THICKNESS = new RegExp(String.raw`${ITEM}(?:\s*(?:thk|thick))?(?![\p{L}\d]|[.,]\d|\/\d|\s?[x×*]\s?\d|\s*["″]?\s*(?:wide|long|od))`, 'iuy');

/** `PL12`, `PL 3/8`: a plate by its thickness. */
function gluedThickness(line: LineText, at: number, { shape, end }: { readonly shape: Shape; readonly end: number }): Edge[] {
  if (shape.product !== 'plate' || !/^pl/i.test(line.text.slice(at)) || /^plat/i.test(line.text.slice(at))) return [];
  // `12mm pl 1.2`: the plate has its thickness
  if (/[\dm"″]\s*$/i.test(line.text.slice(0, at))) return [];
  PLATE_THICKNESS.lastIndex = end;
  const match = PLATE_THICKNESS.exec(line.text);
  const length = match && lengthOf(match[1] ?? '', match[2]);
  if (!match || !length) return [];
  const drawn: WrittenLength = length.form === 'bare' && Number.isInteger(length.value) ? { ...length, form: line.unit === 'in' ? 'bare' : 'mm' } : length;
  return [
    edge(end + match[0].length, ['plateThickness'], { kind: 'length', length: drawn, wireCode: false, fixed: 'thickness', section: 'plate' }, productOf(shape)),
  ];
}

const PLATE_BEHIND = pattern(String.raw`(\d{1,2}(?:\.\d)?)\s?(?:thk\s+|thick\s+)?(pl|plt)(?![\p{L}\d])`);
const ROLLED = pattern(
  String.raw`(?:(?:w|s|hp|mc|wt|st|mt|c)\s*\d{1,2}\s*x\s*\d+(?:\.\d+)?|\d{2,3}(?:\s*x\s*\d{2,3}){0,2}\s*(?:ub|uc|pfc|ubp|rsj)(?:\s*\d+(?:\.\d+)?)?|(?:ipe|ipn|hea|heb|hem|upn|upe|inp|ismc|ismb|isa|he)\s*\d{2,3}\s*[abm]?|(?:ub|uc|pfc|rsj)\s*\d{2,3}(?:\s*x\s*\d{2,3}){0,2}(?:\s*x?\s*\d+)?)(?![\p{L}\d]|[.,]\d|\/\d)`,
);

/** `8PL` and rolled beams: a beam's web and flange are in a table we do not keep, so that they are asked for. */
export function rolledEdges(line: LineText, at: number): Edge[] {
  const found: Edge[] = [];
  const plate = foundAt(PLATE_BEHIND, line, at);
  if (plate) {
    const length: WrittenLength = { form: 'mm', value: Number(plate[1]), fraction: false, inchDecimal: false };
    found.push(edge(at + plate[0].length, ['plateThickness'], { kind: 'length', length, wireCode: false, fixed: 'thickness', section: 'plate' }, { kind: 'product', product: 'plate' }));
  }
  const rolled = foundAt(ROLLED, line, at);
  if (rolled) {
    const profile: Profile = /^(?:mc|c|pfc|upn|upe|ismc)|pfc/i.test(rolled[0]) ? 'channel' : 'beam';
    found.push(edge(at + rolled[0].length, ['rolledBeam'], { kind: 'product', product: 'section', profile }, { kind: 'wall-open', beam: true }));
  }
  return found;
}
