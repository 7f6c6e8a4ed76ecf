import { type Paper, PAPERS } from '../../../print/page.ts';
import { pagePdf } from '../../../print/page-pdf.ts';
import { chartLayout, type PrintedChart } from './chart-layout.ts';

/** Everything that is written on a chart. */
function textsOf({ title, wires, rows, notes }: PrintedChart): readonly string[] {
  const cells = rows.flatMap((row) => row.cells.flatMap(({ wire = '', beneath }) => [wire, beneath]));
  return [title, ...wires, ...rows.map(({ thickness }) => thickness), ...cells, ...notes];
}

/** A lid chart as a PDF of one lying page. */
export function chartPdf(chart: PrintedChart, paper: Paper): Promise<Uint8Array> {
  const layout = (width: Parameters<typeof chartLayout>[2]) => chartLayout(chart, paper, width);
  return pagePdf({ title: chart.title, size: PAPERS[paper], texts: textsOf(chart), layout });
}
