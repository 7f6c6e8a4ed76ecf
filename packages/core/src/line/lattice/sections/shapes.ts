import type { Product, Profile } from '../../../trade/material/work.ts';
import type { LineText } from '../edge.ts';
import { foundAt, pattern } from '../pattern.ts';

export interface Shape {
  readonly product: Product;
  readonly profile?: Profile;
}

/** Letters and words that name a section right before or behind its sizes. */
const FAMILIES: readonly (readonly [words: string, shape: Shape])[] = [
  [
    'shs|sq(?:uare)?\\.?(?:\\s+(?:tube|tubing|hollow|box))?|box(?:\\s+(?:section|tube))?',
    { product: 'tube', profile: 'square-tube' },
  ],
  ['chs|round\\s+(?:tube|tubing|hollow)|ø|⌀|dom|rohr', { product: 'tube', profile: 'round-tube' }],
  ['pipe', { product: 'tube', profile: 'pipe' }],
  [
    'rhs|hss|ts|rect(?:angular)?(?:\\s+(?:tube|tubing|hollow))?|tube|tubing|hollow(?:\\s+section)?|vierkantrohr',
    { product: 'tube' },
  ],
  ['ea|ua|l|angles?(?:\\s+iron)?|equal\\s+angle|rsa|winkel', { product: 'section', profile: 'angle' }],
  ['c|channels?|lipped\\s+channel|u|pfc', { product: 'section', profile: 'channel' }],
  ['z\\s+purlin|purlin', { product: 'section', profile: 'channel' }],
  ['pl|plates?|plt|platte', { product: 'plate' }],
  ['sheets?|blech', { product: 'sheet' }],
  ['fb|fl|flats?(?:\\s*bars?|\\s*stock)?|bars?|strips?', { product: 'bar', profile: 'flat-bar' }],
];
const GLUED = FAMILIES.map(
  ([words, shape]) => [pattern(String.raw`(?:${words})\s*(?=[\d.])`), shape] as const,
);
const BEHIND = FAMILIES.map(
  ([words, shape]) => [new RegExp(String.raw`(?:${words})(?![\p{L}\d])`, 'iuy'), shape] as const,
);
/** The shape that stands within the next few words, not across a comma or a connector, and where it ends if it is next. */
export function shapeBehind(
  line: LineText,
  from: number,
): { readonly shape: Shape; readonly next: boolean; readonly end: number } | undefined {
  let at = from;
  for (let word = 0; word < 5; word += 1) {
    const blank = /^[\s()]*/.exec(line.text.slice(at))?.[0].length ?? 0;
    at += blank;
    if (at >= line.text.length || /[,;]/.test(line.text[at] as string)) return undefined;
    if (/^(?:to|on|onto|and|&|x|auf|an)(?![\p{L}\d])/iu.test(line.text.slice(at, at + 6))) return undefined;
    for (const [words, shape] of BEHIND) {
      words.lastIndex = at;
      const match = words.exec(line.text);
      if (match && !(match[0].length === 1 && word > 0))
        return { shape, next: word === 0, end: at + match[0].length };
    }
    const step = /^[^\s,;()]+/.exec(line.text.slice(at))?.[0] ?? '';
    // a figure in between belongs to something else, but for a gauge before "tube" and the wall's own word
    if (
      /\d/.test(step) &&
      !/^\d{1,2}-?g?a?$/i.test(step) &&
      !/^[36]\d\d[a-z]*$/i.test(step) &&
      !/^[a-z]\d+$/i.test(step)
    )
      return undefined;
    at += step.length || 1;
  }
  return undefined;
}

/** The shape named right before, by its last two words. */
export function shapeBefore(line: LineText, at: number): Shape | undefined {
  const before = line.text.slice(Math.max(0, at - 24), at);
  if (/[,;]\s*$/.test(before)) return undefined;
  const words = before
    .trimEnd()
    .split(/[\s,;]+/)
    .slice(-2);
  for (const word of [words.at(-1) ?? '', words.join(' ')]) {
    for (const [name, shape] of BEHIND) {
      name.lastIndex = 0;
      const match = name.exec(word);
      if (match && match[0].length === word.length && word.length > 1) return shape;
    }
  }
  return undefined;
}
export function hollow(shape: Shape | undefined): boolean {
  return shape?.product === 'tube' || shape?.product === 'section';
}

export function flatProduct(shape: Shape | undefined): boolean {
  return shape?.product === 'plate' || shape?.product === 'sheet' || shape?.product === 'bar';
}
export function familyAt(
  line: LineText,
  at: number,
): { readonly shape: Shape; readonly end: number } | undefined {
  for (const [words, shape] of GLUED) {
    const match = foundAt(words, line, at);
    if (match) return { shape, end: at + match[0].length };
  }
  return undefined;
}
