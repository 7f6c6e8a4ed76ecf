import type { Reader } from '@hot-bead/core/base';
import type { SheetDrawing } from '@hot-bead/contract/records';
import {
  type ProcedureSheet,
  SHEET_DISCLAIMER,
  sheetRunHeadings,
  sheetRunTexts,
  sheetText,
} from '@hot-bead/core/records';
import { type Mark, type PageSize, textMark, type TextWidth, wrappedText } from '../../../print/page.ts';

/** A sheet as it is printed. */
export interface PrintedSheet {
  readonly sheet: ProcedureSheet;
  readonly drawing: SheetDrawing;
  /** "Sheet 12, revision 2". */
  readonly number: string;
  readonly date: string;
  readonly by: string;
  readonly reader: Reader;
}

const MARGIN_PT = 36;
const TEXT_PT = 8.5;
const LINE_PT = 11;
const NAME_PT = 84;
const GAP_PT = 14;
const DRAWING_PT = 130;
/** Shares of the width that the columns of the runs take. */
const RUN_SHARES = [0.13, 0.1, 0.08, 0.13, 0.12, 0.13, 0.08, 0.13, 0.1] as const;
/** Runs that one page has room for. */
export const PRINTED_RUNS_MOST = 14;

/** Writes lines from the top down. */
class Writer {
  readonly marks: Mark[] = [];
  constructor(
    private readonly width: TextWidth,
    public y: number,
  ) {}

  text(words: string, x: number, sizePt: number, bold: boolean, mostPt: number): void {
    this.marks.push(textMark(words, { x, y: this.y, sizePt, bold, mostPt }, this.width));
  }

  rule(x: number, widthPt: number): void {
    this.marks.push({ kind: 'rule', x, y: this.y, widthPt });
  }

  /** A name with its value, in as many lines as it takes. */
  pair(name: string, value: string, x: number, widthPt: number): void {
    const lines = wrappedText(value, TEXT_PT, false, widthPt - NAME_PT, this.width);
    this.text(name, x, TEXT_PT, true, NAME_PT - 6);
    for (const line of lines) {
      this.text(line, x + NAME_PT, TEXT_PT, false, widthPt - NAME_PT);
      this.y -= LINE_PT;
    }
  }
}

/** The joint's section within a box whose upper left corner is given. */
function drawn(
  { viewBox, parts, beads }: SheetDrawing,
  x: number,
  top: number,
  widthPt: number,
  heightPt: number,
): readonly Mark[] {
  const [left = 0, above = 0, width = 1, height = 1] = viewBox.split(' ').map(Number);
  const scale = Math.min(widthPt / width, heightPt / height);
  const at = { x: x - left * scale, y: top + above * scale, scale };
  return [
    ...parts.map((d): Mark => ({ kind: 'path', ...at, d, tone: 'plate' })),
    ...beads.map((d): Mark => ({ kind: 'path', ...at, d, tone: 'bead' })),
  ];
}

/** Where everything stands on a sheet: numbers first, then the joint, the fields and the runs. */
export function sheetLayout(
  printed: PrintedSheet,
  { widthPt, heightPt }: PageSize,
  width: TextWidth,
): readonly Mark[] {
  const { sheet, drawing, number, date, by, reader } = printed;
  const inner = widthPt - 2 * MARGIN_PT;
  const writer = new Writer(width, heightPt - MARGIN_PT - 14);
  writer.text('Preliminary procedure: not qualified', MARGIN_PT, 15, true, inner);
  writer.y -= 15;
  writer.text(sheetText(sheet.title, reader), MARGIN_PT, 11, true, inner);
  writer.y -= 13;
  writer.text(
    `${number}, ${date}${by === '' ? '' : `, by ${by}`}, model ${sheet.modelVersion}`,
    MARGIN_PT,
    TEXT_PT,
    false,
    inner,
  );
  writer.y -= 8;
  writer.rule(MARGIN_PT, inner);
  writer.y -= 22;
  const quarter = inner / 4;
  sheet.numbers.slice(0, 4).forEach(([name, value], i) => {
    const text = sheetText(value, reader);
    const [figure = text, range = ''] = text.split(/ (?=\()/);
    const x = MARGIN_PT + i * quarter;
    writer.marks.push(
      textMark(figure, { x, y: writer.y, sizePt: 18, bold: true, mostPt: quarter - 8 }, width),
      textMark(`${name} ${range}`, { x, y: writer.y - 11, sizePt: TEXT_PT, mostPt: quarter - 8 }, width),
    );
  });
  writer.y -= 22;
  writer.rule(MARGIN_PT, inner);
  writer.y -= 6;
  const half = (inner - GAP_PT) / 2;
  const top = writer.y;
  writer.marks.push(...drawn(drawing, MARGIN_PT + half + GAP_PT, top, half, DRAWING_PT));
  const left = sheet.parts.slice(0, 2);
  const right = sheet.parts.slice(2);
  const column = (parts: typeof left, x: number, from: number): number => {
    writer.y = from;
    for (const { title, lines } of parts) {
      writer.y -= 12;
      writer.text(title, x, 10, true, half);
      writer.y -= LINE_PT + 1;
      for (const [name, value] of lines) writer.pair(name, sheetText(value, reader), x, half);
    }
    return writer.y;
  };
  const leftEnds = column(left, MARGIN_PT, top);
  const rightEnds = column(right, MARGIN_PT + half + GAP_PT, top - DRAWING_PT);
  writer.y = Math.min(leftEnds, rightEnds) - 8;
  writer.rule(MARGIN_PT, inner);
  writer.y -= 12;
  const row = (cells: readonly string[], bold: boolean): void => {
    let x = MARGIN_PT;
    cells.forEach((cell, i) => {
      const share = (RUN_SHARES[i] ?? 0.1) * inner;
      writer.text(cell, x, TEXT_PT, bold, share - 3);
      x += share;
    });
    writer.y -= LINE_PT;
  };
  row(sheetRunHeadings(reader), true);
  for (const run of sheet.runs.slice(0, PRINTED_RUNS_MOST)) row(sheetRunTexts(run, reader), false);
  const more = sheet.runs.length - PRINTED_RUNS_MOST;
  if (more > 0) writer.text(`and ${more} more runs as the last of these`, MARGIN_PT, TEXT_PT, false, inner);
  writer.y = MARGIN_PT + 14;
  for (const line of wrappedText(SHEET_DISCLAIMER, TEXT_PT, true, inner, width)) {
    writer.text(line, MARGIN_PT, TEXT_PT, true, inner);
    writer.y -= LINE_PT;
  }
  return writer.marks;
}

/** A setup card as it is printed. */
export interface PrintedCard {
  readonly title: string;
  readonly machine: string;
  /** Each of the four numbers: its name, the figure, the machine's own terms or the range. */
  readonly numbers: readonly (readonly [name: string, figure: string, beneath: string])[];
  readonly path: readonly (readonly [name: string, value: string])[];
  readonly cautions: readonly string[];
}

const CARD_MARGIN_PT = 18;

/** Where everything stands on a card that hangs on the machine: the four numbers largest. */
export function cardLayout(
  card: PrintedCard,
  { widthPt, heightPt }: PageSize,
  width: TextWidth,
): readonly Mark[] {
  const inner = widthPt - 2 * CARD_MARGIN_PT;
  const half = inner / 2;
  const large = Math.min(30, widthPt / 10);
  const writer = new Writer(width, heightPt - CARD_MARGIN_PT - 11);
  const x = CARD_MARGIN_PT;
  writer.text(card.title, x, 11, true, inner);
  writer.y -= 12;
  writer.text(card.machine, x, 9, false, inner);
  writer.y -= 6;
  writer.rule(x, inner);
  card.numbers.forEach(([name, figure, beneath], i) => {
    if (i % 2 === 0) writer.y -= large + 6;
    const at = x + (i % 2) * half;
    const { y } = writer;
    writer.marks.push(
      textMark(name, { x: at, y: y + large * 0.85, sizePt: 7.5, mostPt: half - 6 }, width),
      textMark(figure, { x: at, y, sizePt: large, bold: true, mostPt: half - 6 }, width),
      textMark(beneath, { x: at, y: y - 9, sizePt: 8, bold: true, mostPt: half - 6 }, width),
    );
    if (i % 2 === 1) writer.y -= 14;
  });
  writer.rule(x, inner);
  writer.y -= 11;
  for (const [name, value] of card.path) {
    const lines = wrappedText(value, 8, false, inner - 46, width).slice(0, 2);
    writer.text(name, x, 8, true, 44);
    for (const line of lines) {
      writer.text(line, x + 46, 8, false, inner - 46);
      writer.y -= 9.6;
    }
  }
  for (const caution of card.cautions) {
    const lines = wrappedText(caution, 7.5, true, inner - 10, width);
    if (writer.y - lines.length * 9 < CARD_MARGIN_PT + 16) break;
    writer.marks.push({ kind: 'square', x: x + 3, y: writer.y + 3 });
    for (const line of lines) {
      writer.text(line, x + 10, 7.5, true, inner - 10);
      writer.y -= 9;
    }
  }
  writer.y = CARD_MARGIN_PT;
  writer.text('A start point, not a qualified procedure. Try it on scrap.', x, 7, false, inner);
  return writer.marks;
}
