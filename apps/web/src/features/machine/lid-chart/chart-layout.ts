import type { LidBasis } from '@hot-bead/core/terms';
import { fittedText, type Mark, type Paper, PAPERS, type TextWidth } from '../../../print/page.ts';

/** A cell as it is printed; undefined texts: out of reach. */
export interface PrintedCell {
  readonly wire: string | undefined;
  readonly beneath: string;
  readonly basis: LidBasis | undefined;
  /** Whether a stop caution stands over it. */
  readonly stop: boolean;
}

export interface PrintedChart {
  readonly title: string;
  readonly wires: readonly string[];
  readonly rows: readonly { readonly thickness: string; readonly cells: readonly PrintedCell[] }[];
  /** Lines at the foot, the legend apart. */
  readonly notes: readonly string[];
}

const MARGIN_PT = 34;
const HEAD_PT = 50;
const NOTE_PT = 12;
const ROW_MOST_PT = 36;
const FIRST_COLUMN_PT = 52;

/** How far a dot is filled by what stands behind a cell. */
const FILLED = { proven: 'whole', learned: 'half', computed: 'not' } as const satisfies Record<
  LidBasis,
  string
>;

/**
 * Where everything of a chart stands on one lying page: rows share the height, columns the width, and a text that is
 * too long is made smaller.
 */
export function chartLayout(chart: PrintedChart, paper: Paper, width: TextWidth): readonly Mark[] {
  const { widthPt, heightPt } = PAPERS[paper];
  const marks: Mark[] = [];
  const put = (text: string, x: number, y: number, sizePt: number, bold: boolean, mostPt: number): void => {
    marks.push({ kind: 'text', x, y, bold, ...fittedText(text, sizePt, bold, mostPt, width) });
  };
  const usable = widthPt - 2 * MARGIN_PT;
  const top = heightPt - MARGIN_PT;
  const footPt = (chart.notes.length + 1) * NOTE_PT + 8;
  const columnPt = (usable - FIRST_COLUMN_PT) / Math.max(chart.wires.length, 1);
  const rowPt = Math.min((top - HEAD_PT - MARGIN_PT - footPt) / Math.max(chart.rows.length, 1), ROW_MOST_PT);
  put(chart.title, MARGIN_PT, top - 16, 18, true, usable);
  const columnX = (i: number): number => MARGIN_PT + FIRST_COLUMN_PT + i * columnPt;
  chart.wires.forEach((name, i) => put(name, columnX(i), top - HEAD_PT + 6, 10, true, columnPt - 8));
  chart.rows.forEach(({ thickness, cells }, r) => {
    const y = top - HEAD_PT - r * rowPt;
    marks.push({ kind: 'rule', x: MARGIN_PT, y, widthPt: usable });
    put(thickness, MARGIN_PT, y - rowPt * 0.6, Math.min(rowPt * 0.45, 13), true, FIRST_COLUMN_PT - 6);
    cells.forEach((cell, i) => {
      const x = columnX(i);
      if (cell.wire === undefined) return put('×', x + 12, y - rowPt * 0.6, 11, false, columnPt - 20);
      if (cell.basis) marks.push({ kind: 'dot', x: x + 4, y: y - rowPt * 0.35, filled: FILLED[cell.basis] });
      if (cell.stop) marks.push({ kind: 'square', x: x + 4, y: y - rowPt * 0.75 });
      put(cell.wire, x + 12, y - rowPt * 0.45, Math.min(rowPt * 0.42, 12), true, columnPt - 20);
      put(cell.beneath, x + 12, y - rowPt * 0.85, Math.min(rowPt * 0.3, 9), false, columnPt - 20);
    });
  });
  const end = top - HEAD_PT - chart.rows.length * rowPt;
  marks.push({ kind: 'rule', x: MARGIN_PT, y: end, widthPt: usable });
  const legendY = end - NOTE_PT - 4;
  (['proven', 'learned', 'computed'] as const).forEach((basis, i) => {
    marks.push({ kind: 'dot', x: MARGIN_PT + 4 + i * 90, y: legendY + 3, filled: FILLED[basis] });
    put(basis, MARGIN_PT + 12 + i * 90, legendY, 9, false, 74);
  });
  put('× out of reach', MARGIN_PT + 274, legendY, 9, false, 90);
  marks.push({ kind: 'square', x: MARGIN_PT + 372, y: legendY + 3 });
  put('a stop caution: read the plan', MARGIN_PT + 380, legendY, 9, false, usable - 380);
  chart.notes.forEach((note, i) => put(note, MARGIN_PT, legendY - (i + 1) * NOTE_PT, 8, false, usable));
  return marks;
}
