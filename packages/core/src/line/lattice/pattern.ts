import type { LineText } from './edge.ts';

/** A pattern that is tried at a place of a line: not at all where the line holds it nowhere. */
export interface Pattern {
  readonly here: RegExp;
  readonly anywhere: RegExp;
}

/** Letters of the languages that lines are written in, without the slower rules for all others. */
const LETTERS = 'a-z\\u00c0-\\u024f';

export function pattern(source: string): Pattern {
  const plain = source.replaceAll(String.raw`\p{L}`, LETTERS);
  return { here: new RegExp(plain, 'iy'), anywhere: new RegExp(plain, 'i') };
}

/** What the pattern finds at a place; undefined where nothing. */
export function foundAt(
  { here, anywhere }: Pattern,
  line: LineText,
  at: number,
): RegExpExecArray | undefined {
  let isThere = line.holds.get(here);
  if (isThere === undefined) {
    isThere = anywhere.test(line.text);
    line.holds.set(here, isThere);
  }
  if (!isThere) return undefined;
  here.lastIndex = at;
  return here.exec(line.text) ?? undefined;
}
