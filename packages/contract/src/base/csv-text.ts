import Papa from 'papaparse';

/** How a table's text is written: what parts its cells, and what parts a number. */
export interface CsvDialect {
  readonly delimiter: ',' | ';' | '\t';
  readonly decimal: '.' | ',';
}

/** What became of one line of a table. */
export interface LineVerdict {
  /** Line of the file, from 1; undefined: the file as a whole. */
  readonly line: number | undefined;
  readonly message: string;
}

/** A table as it was read: its rows by column, with the line that each stood in, or why it cannot be read at all. */
export type CsvReading =
  | {
      readonly status: 'read';
      readonly dialect: CsvDialect;
      readonly columns: readonly string[];
      readonly rows: readonly { readonly line: number; readonly cells: Readonly<Record<string, string>> }[];
      /** Lines that are broken as lines. */
      readonly broken: readonly LineVerdict[];
    }
  | { readonly status: 'unreadable'; readonly message: string };

/** The delimiter that parts the heading most; a comma may be a decimal comma in the lines below. */
function delimiterOf(heading: string): CsvDialect['delimiter'] {
  const outside = heading.replace(/"[^"]*"/g, '');
  const count = (sign: string): number => outside.split(sign).length - 1;
  return ([';', '\t', ','] as const).toSorted((a, b) => count(b) - count(a))[0] ?? ',';
}

/**
 * A table from CSV with a heading: commas, semicolons or tabs, quoted cells, with or without a mark at its start.
 *
 * @param text of at most so many characters as the caller allows
 */
export function readCsv(text: string): CsvReading {
  const clean = text.replace(/^\uFEFF/, '');
  const heading = clean.split(/\r\n|\n|\r/, 1)[0] ?? '';
  if (heading.trim() === '') return { status: 'unreadable', message: 'There is nothing in this file.' };
  const delimiter = delimiterOf(heading);
  const { data, errors } = Papa.parse<string[]>(clean, { delimiter, skipEmptyLines: false });
  const [first = [], ...rest] = data;
  const columns = first.map((name) =>
    name
      .trim()
      .toLowerCase()
      .replace(/[\s-]+/g, '_'),
  );
  const twice = columns.find((name, i) => name !== '' && columns.indexOf(name) !== i);
  if (twice !== undefined)
    return { status: 'unreadable', message: `The column ${twice} stands there twice.` };
  const broken: LineVerdict[] = errors
    .filter(({ type }) => type === 'Quotes')
    .map(({ row, message }) => ({ line: (row ?? 0) + 1, message }));
  const rows = rest.flatMap((cells, i) => {
    if (cells.every((cell) => cell.trim() === '')) return [];
    const line = i + 2;
    if (cells.length > columns.length && cells.slice(columns.length).some((cell) => cell.trim() !== '')) {
      broken.push({ line, message: `There are ${cells.length} cells, and ${columns.length} columns.` });
    }
    return [{ line, cells: Object.fromEntries(columns.map((name, at) => [name, (cells[at] ?? '').trim()])) }];
  });
  return {
    status: 'read',
    dialect: { delimiter, decimal: delimiter === ',' ? '.' : ',' },
    columns,
    rows,
    broken,
  };
}

/**
 * A number of a cell: a decimal point anywhere, a decimal comma where that parts no cells.
 *
 * @returns undefined for an empty cell
 * @throws {Error} for what is no number
 */
export function cellNumber(text: string, { decimal }: CsvDialect): number | undefined {
  if (text === '') return undefined;
  const value = Number(decimal === ',' ? text.replace(',', '.') : text);
  if (!Number.isFinite(value)) throw new Error(`“${text}” is no number.`);
  return value;
}
