import { type Mark, type Paper, PAPERS, textMark, type TextWidth } from '../../print/page.ts';
import { pagePdf } from '../../print/page-pdf.ts';
import type { SheetLine } from './day-files.ts';

const MARGIN_PT = 36;
const TITLE_PT = 22;
const HEAD_PT = 48;
/** Largest line, and the share of it that letters take: to be read from two steps away. */
const LINE_MOST_PT = 26;
const LETTER_SHARE = 0.7;
const TIME_PT = 110;
const MINUTES_PT = 80;

/** Where everything stands on the sheet: a box to tick before each task. */
export function sheetLayout(
  title: string,
  lines: readonly SheetLine[],
  paper: Paper,
  width: TextWidth,
): readonly Mark[] {
  const { widthPt, heightPt } = PAPERS[paper];
  const inner = widthPt - 2 * MARGIN_PT;
  const linePt = Math.min(LINE_MOST_PT, (heightPt - 2 * MARGIN_PT - HEAD_PT) / Math.max(1, lines.length));
  const sizePt = linePt * LETTER_SHARE;
  const text = (words: string, x: number, y: number, sizePt: number, bold: boolean, mostPt: number): Mark =>
    textMark(words, { x, y, sizePt, bold, mostPt }, width);
  const top = heightPt - MARGIN_PT;
  return [
    text(title, MARGIN_PT, top - TITLE_PT, TITLE_PT, true, inner),
    ...lines.flatMap((line, i): readonly Mark[] => {
      const y = top - HEAD_PT - (i + 1) * linePt + linePt * 0.3;
      if (line.isHead) {
        return [
          { kind: 'rule', x: MARGIN_PT, y: y + linePt * 0.75, widthPt: inner },
          text(line.text, MARGIN_PT, y, sizePt, true, inner),
        ];
      }
      const left = MARGIN_PT + 14 + TIME_PT;
      return [
        { kind: 'dot', x: MARGIN_PT + 4, y: y + sizePt * 0.35, filled: 'not' },
        text(line.time, MARGIN_PT + 14, y, sizePt, true, TIME_PT - 6),
        text(line.text, left, y, sizePt, false, inner - TIME_PT - MINUTES_PT - 14),
        text(line.minutes, widthPt - MARGIN_PT - MINUTES_PT + 6, y, sizePt, false, MINUTES_PT - 6),
      ];
    }),
  ];
}

/** The day's order as a PDF of one sheet for the wall. */
export function daySheetPdf(title: string, lines: readonly SheetLine[], paper: Paper): Promise<Uint8Array> {
  return pagePdf({
    title,
    size: PAPERS[paper],
    texts: [title, ...lines.flatMap(({ time, text, minutes }) => [time, text, minutes])],
    layout: (width) => sheetLayout(title, lines, paper, width),
  });
}
