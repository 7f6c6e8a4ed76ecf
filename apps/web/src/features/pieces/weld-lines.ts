import Papa from 'papaparse';

/** Lines of a text that say something. */
export function typedLines(text: string): readonly string[] {
  return text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter(Boolean);
}

/** Names that a column may have, lower case. */
const COLUMNS = {
  weld: ['weld', 'work', 'line', 'job'],
  length: ['length', 'length mm', 'length_mm', 'seam', 'seam mm', 'seam_mm'],
  number: ['number', 'number off', 'number_off', 'off', 'quantity', 'qty'],
} as const;

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
  const at = (names: readonly string[]): number =>
    head.findIndex((cell) => names.includes(cell.trim().toLowerCase()));
  const weld = at(COLUMNS.weld);
  if (weld < 0) {
    const lines = data.map((cells) =>
      cells
        .flatMap((cell) => cell.split(/[;\t]/))
        .map((cell) => cell.trim())
        .filter(Boolean)
        .join(' '),
    );
    return lines.length === 0
      ? { status: 'refused', reason: 'There is nothing in the file.' }
      : { status: 'read', lines };
  }
  const [length, number] = [at(COLUMNS.length), at(COLUMNS.number)];
  const lines: string[] = [];
  for (const [i, cells] of rows.entries()) {
    const cell = (column: number): string => (cells[column] ?? '').trim();
    const fault = [
      [length, 'The length'],
      [number, 'The number'],
    ].find(([column]) => cell(Number(column)) !== '' && !/^\d+([.,]\d+)?$/.test(cell(Number(column))));
    if (fault)
      return {
        status: 'refused',
        reason: `Row ${i + 2}: ${fault[1]} is no number: “${cell(Number(fault[0]))}”.`,
      };
    const parts = [
      cell(weld),
      cell(length) === '' ? '' : `${cell(length).replace(',', '.')} mm seam`,
      cell(number) === '' || cell(number) === '1' ? '' : `${cell(number)} off`,
    ];
    if (cell(weld) !== '') lines.push(parts.filter(Boolean).join(' '));
  }
  return lines.length === 0
    ? { status: 'refused', reason: 'No row says a weld.' }
    : { status: 'read', lines };
}
