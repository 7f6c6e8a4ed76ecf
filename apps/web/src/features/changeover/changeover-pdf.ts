import { inWords, type Reader } from '@hot-bead/core/base';
import type { ChangeoverStep } from '@hot-bead/core/changeover';
import { type Mark, type Card, CARDS, textMark, type TextWidth } from '../../print/page.ts';
import { pagePdf } from '../../print/page-pdf.ts';
import { gatesInFront } from './gate-spans.ts';
import { GATE_TEXT } from './gate-text.ts';

/** A changeover as it is printed. */
export interface PrintedChangeover {
  readonly title: string;
  readonly minutes: string;
  readonly steps: readonly ChangeoverStep[];
  readonly reader: Reader;
}

interface Line {
  readonly text: string;
  readonly minutes?: string;
  readonly gate?: true;
}

const MARGIN_PT = 20;
const TITLE_PT = 11;
const HEAD_PT = 40;
/** Largest line, and the share of it that letters take. */
const LINE_MOST_PT = 14;
const LETTER_SHARE = 0.72;

/** Steps as lines, each gate as a line of its own where a span of it begins. */
export function cardLines({ steps, reader }: Pick<PrintedChangeover, 'steps' | 'reader'>): readonly Line[] {
  const gates = gatesInFront(steps);
  return steps.flatMap(({ row }, i): readonly Line[] => {
    const gate = gates[i];
    return [
      ...(gate ? [{ text: inWords(GATE_TEXT[gate][0], reader), gate: true } as const] : []),
      { text: inWords(row.verb, reader), minutes: String(row.minutes) },
    ];
  });
}

/** Where everything stands on a card: a box to tick before each step, a rule across at each gate. */
export function cardLayout(card: PrintedChangeover, paper: Card, width: TextWidth): readonly Mark[] {
  const { widthPt, heightPt } = CARDS[paper];
  const { title, minutes } = card;
  const lines = cardLines(card);
  const inner = widthPt - 2 * MARGIN_PT;
  const room = heightPt - 2 * MARGIN_PT - HEAD_PT;
  const linePt = Math.min(LINE_MOST_PT, room / Math.max(lines.length, 1));
  const sizePt = linePt * LETTER_SHARE;
  const text = (words: string, x: number, y: number, sizePt: number, bold: boolean, mostPt: number): Mark =>
    textMark(words, { x, y, sizePt, bold, mostPt }, width);
  const top = heightPt - MARGIN_PT;
  const head = [
    text(title, MARGIN_PT, top - TITLE_PT, TITLE_PT, true, inner),
    text(`${minutes} min: sums of common practice, one pair of hands`, MARGIN_PT, top - 26, 8, false, inner),
  ];
  return [
    ...head,
    ...lines.flatMap((line, i): readonly Mark[] => {
      const y = top - HEAD_PT - (i + 1) * linePt + linePt * 0.3;
      if (line.gate) {
        return [
          { kind: 'rule', x: MARGIN_PT, y: y + sizePt, widthPt: inner },
          text(line.text, MARGIN_PT, y, sizePt, true, inner),
        ];
      }
      return [
        { kind: 'dot', x: MARGIN_PT + 4, y: y + sizePt * 0.35, filled: 'not' },
        text(line.text, MARGIN_PT + 12, y, sizePt, false, inner - 40),
        text(line.minutes ?? '', widthPt - MARGIN_PT - 18, y, sizePt, false, 18),
      ];
    }),
  ];
}

/** A changeover as a PDF of one small card. */
export function changeoverPdf(card: PrintedChangeover, paper: Card): Promise<Uint8Array> {
  const texts = [card.title, card.minutes, ...cardLines(card).map(({ text }) => text)];
  return pagePdf({
    title: card.title,
    size: CARDS[paper],
    texts,
    layout: (width) => cardLayout(card, paper, width),
  });
}
