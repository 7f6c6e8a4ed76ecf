/** Paper that a sheet is printed on, lying, in points. */
export const PAPERS = {
  A4: { widthPt: 841.89, heightPt: 595.28 },
  Letter: { widthPt: 792, heightPt: 612 },
} as const;
export type Paper = keyof typeof PAPERS;

/** Cards to take along, standing, in points. */
export const CARDS = {
  A6: { widthPt: 297.64, heightPt: 419.53 },
  'half Letter': { widthPt: 396, heightPt: 612 },
} as const;
export type Card = keyof typeof CARDS;

/** Paper as a sheet stands on it, in points. */
export function standing(paper: Paper): PageSize {
  const { widthPt, heightPt } = PAPERS[paper];
  return { widthPt: heightPt, heightPt: widthPt };
}

/** What a page measures. */
export interface PageSize {
  readonly widthPt: number;
  readonly heightPt: number;
}

/** Something drawn on a page; x and y in points from the lower left, y of a text at its baseline, of a shape in its middle. */
export type Mark =
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly sizePt: number;
      readonly bold: boolean;
    }
  | { readonly kind: 'rule'; readonly x: number; readonly y: number; readonly widthPt: number }
  | { readonly kind: 'square'; readonly x: number; readonly y: number }
  | {
      /** An outline of straight lines, y of it downwards from where it stands. */
      readonly kind: 'path';
      readonly x: number;
      readonly y: number;
      readonly d: string;
      readonly scale: number;
      readonly tone: 'plate' | 'bead';
    }
  | {
      readonly kind: 'dot';
      readonly x: number;
      readonly y: number;
      readonly filled: 'whole' | 'half' | 'not';
    };

/** Width of a text in points. */
export type TextWidth = (text: string, sizePt: number, bold: boolean) => number;

const SMALLEST_PT = 5;

/** A text made smaller, then cut, until it fits. */
export function fittedText(
  text: string,
  sizePt: number,
  bold: boolean,
  mostPt: number,
  width: TextWidth,
): { text: string; sizePt: number } {
  const wanted = width(text, sizePt, bold);
  const size = wanted <= mostPt ? sizePt : Math.max((sizePt * mostPt) / wanted, SMALLEST_PT);
  let cut = text;
  while (cut.length > 1 && width(cut, size, bold) > mostPt + 0.01) cut = cut.slice(0, -1);
  return { text: cut, sizePt: size };
}

/** Where a text stands, and how wide it may be. */
export interface TextPlace {
  readonly x: number;
  readonly y: number;
  readonly sizePt: number;
  readonly mostPt: number;
  readonly bold?: boolean;
}

/** A text at its place, made smaller and cut until it fits. */
export function textMark(words: string, place: TextPlace, width: TextWidth): Mark {
  const { x, y, sizePt, mostPt, bold = false } = place;
  return { kind: 'text', x, y, bold, ...fittedText(words, sizePt, bold, mostPt, width) };
}

/** A text in lines that are no wider than there is room. */
export function wrappedText(
  words: string,
  sizePt: number,
  bold: boolean,
  mostPt: number,
  width: TextWidth,
): readonly string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of words.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (line !== '' && width(longer, sizePt, bold) > mostPt) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return [...lines, line];
}
