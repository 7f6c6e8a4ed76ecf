import type { Words } from '@hot-bead/core/base';
import { SHEET_DISCLAIMER, sheetRunHeadings, sheetRunTexts, sheetText } from '@hot-bead/core/records';
import { type Card, CARDS, type Paper, standing } from '../../../print/page.ts';
import { pagePdf } from '../../../print/page-pdf.ts';
import { cardLayout, type PrintedCard, type PrintedSheet, sheetLayout } from './sheet-layout.ts';

/** A procedure sheet as a PDF of one page. */
export function sheetPdf(printed: PrintedSheet, paper: Paper): Promise<Uint8Array> {
  const { sheet, number, date, by, reader } = printed;
  const say = (text: Words): string => sheetText(text, reader);
  const size = standing(paper);
  return pagePdf({
    title: `${say(sheet.title)}, ${number}`,
    size,
    texts: [
      say(sheet.title),
      number,
      date,
      by,
      SHEET_DISCLAIMER,
      ...sheet.numbers.flat().map(say),
      ...sheet.parts.flatMap(({ title, lines }) => [title, ...lines.flat().map(say)]),
      ...sheetRunHeadings(reader),
      ...sheet.runs.flatMap((run) => sheetRunTexts(run, reader)),
    ],
    layout: (width) => sheetLayout(printed, size, width),
  });
}

/** A setup card as a PDF of one small page. */
export function cardPdf(card: PrintedCard, paper: Card): Promise<Uint8Array> {
  const size = CARDS[paper];
  return pagePdf({
    title: card.title,
    size,
    texts: [card.title, card.machine, ...card.numbers.flat(), ...card.path.flat(), ...card.cautions],
    layout: (width) => cardLayout(card, size, width),
  });
}
