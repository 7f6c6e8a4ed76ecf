import { columnAt, linesOfTable, readPastedList } from '@hot-bead/core/line';
import Papa from 'papaparse';

/** Lines of a text that say something, each with what its columns mean. */
export function typedLines(text: string): readonly string[] {
  return readPastedList(text).lines;
}

/** A table of welds read, or why it cannot be. */
export type WeldTable =
  | { readonly status: 'read'; readonly lines: readonly string[] }
  | { readonly status: 'refused'; readonly reason: string };

/**
 * Welds from a CSV table: a column with each weld as a line, and if there are such, its length in mm and how many there
 * are. A table without headings is taken as a list of lines.
 */
export function weldTable(csv: string): WeldTable {
  const { data, errors } = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const broken = errors.find(({ type }) => type === 'Quotes');
  if (broken)
    return { status: 'refused', reason: `Row ${(broken.row ?? 0) + 1}: a quotation mark is not closed.` };
  const [head = [], ...rows] = data;
  const weld = columnAt(head, 'line');
  if (weld < 0) {
    const { lines } = linesOfTable(data.map((cells) => cells.flatMap((cell) => cell.split(/[;\t]/))));
    return lines.length === 0
      ? { status: 'refused', reason: 'There is nothing in the file.' }
      : { status: 'read', lines };
  }
  const numbers = [
    [columnAt(head, 'length'), 'The length'],
    [columnAt(head, 'number'), 'The number'],
  ] as const;
  for (const [i, cells] of rows.entries()) {
    for (const [column, what] of numbers) {
      const cell = (cells[column] ?? '').trim();
      if (cell !== '' && !/^\d+([.,]\d+)?$/.test(cell))
        return { status: 'refused', reason: `Row ${i + 2}: ${what} is no number: “${cell}”.` };
    }
  }
  const { lines } = linesOfTable([head, ...rows.filter((cells) => (cells[weld] ?? '').trim() !== '')]);
  return lines.length === 0
    ? { status: 'refused', reason: 'No row says a weld.' }
    : { status: 'read', lines };
}
