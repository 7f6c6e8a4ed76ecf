/** A column of a pasted table: by which headings it is known, and how its cells are said in a line. */
interface Column {
  readonly as: string;
  readonly names: readonly string[];
  /** A cell as the line says it; a cell that has its own unit or word is said as it stands. */
  readonly say: (cell: string) => string;
}

/** A bare number; anything else speaks for itself. */
const BARE = /^-?\d+(?:[.,]\d+)?$|^\d+\/\d+$/;

function suffixed(before: string, behind: string): Column['say'] {
  return (cell) => (BARE.test(cell) ? `${before}${cell.replace(',', '.')}${behind}` : cell);
}

const asItStands = (cell: string): string => cell;
/** A fraction is inches, everything else bare is millimetres: so are cut lists and drawings written. */
const millimetres =
  (word: string): Column['say'] =>
  (cell) =>
    BARE.test(cell) ? `${cell.replace(',', '.')}${cell.includes('/') ? '' : ' mm'} ${word}` : cell;

/** Columns that are known by their headings, lower case. Adding one is a row. */
const COLUMNS: readonly Column[] = [
  {
    as: 'line',
    names: ['weld', 'work', 'line', 'job', 'description', 'desc', 'item', 'what'],
    say: asItStands,
  },
  { as: 'material', names: ['material', 'mat', 'matl', 'metal', 'grade', 'alloy', 'steel'], say: asItStands },
  {
    as: 'thickness',
    names: ['thickness', 'thk', 't', 't1', 'thick', 'gauge', 'wall', 'plate'],
    say: millimetres('thick'),
  },
  {
    as: 'second thickness',
    names: ['t2', 'thickness 2', 'thk 2', 'to', 'onto', 'second'],
    say: (cell) => `to ${millimetres('thick')(cell)}`,
  },
  { as: 'joint', names: ['joint', 'joint type', 'type', 'weld type'], say: asItStands },
  { as: 'position', names: ['position', 'pos'], say: asItStands },
  { as: 'leg', names: ['leg', 'z', 'leg size', 'weld size', 'size', 'fillet'], say: millimetres('leg') },
  { as: 'throat', names: ['throat', 'a'], say: millimetres('throat') },
  { as: 'wire', names: ['wire', 'wire size', 'wire dia', 'filler'], say: suffixed('', ' mm wire') },
  { as: 'gas', names: ['gas', 'shielding', 'shielding gas'], say: asItStands },
  { as: 'process', names: ['process', 'proc'], say: suffixed('process ', '') },
  {
    as: 'length',
    names: ['length', 'length mm', 'length_mm', 'len', 'seam', 'seam mm', 'seam_mm', 'weld length'],
    say: millimetres('seam'),
  },
  {
    as: 'number',
    names: ['number', 'number off', 'number_off', 'off', 'quantity', 'qty', 'no', 'no off', 'pcs', 'count'],
    say: (cell) => (cell === '1' ? '' : suffixed('', ' off')(cell)),
  },
];

/** A pasted list, line by line, with the columns that its heading named. */
export interface PastedList {
  readonly lines: readonly string[];
  /** The headings that were known, each with what it was taken for; a heading that is not known is said as it stands. */
  readonly columns: readonly { readonly heading: string; readonly as: string | undefined }[];
}

function columnOf(heading: string): Column | undefined {
  const name = heading
    .trim()
    .toLowerCase()
    .replace(/\s*[([]\s*mm\s*[)\]]$/, '')
    .replace(/[.:]$/, '');
  return COLUMNS.find(({ names }) => names.includes(name));
}

/** The place of the column that is taken for something, among headings; -1: none. */
export function columnAt(headings: readonly string[], as: string): number {
  return headings.findIndex((heading) => columnOf(heading)?.as === as);
}

/** Whether a row is a heading: most of its cells are names of columns, and none is a number. */
function isHeading(cells: readonly string[]): boolean {
  const cellsFilled = cells.filter((cell) => cell.trim() !== '');
  const known = cellsFilled.filter((cell) => columnOf(cell) !== undefined);
  return (
    known.length > 0 &&
    known.length * 2 >= cellsFilled.length &&
    !cellsFilled.some((cell) => BARE.test(cell.trim()))
  );
}

function saidRow(cells: readonly string[], headings: readonly string[]): string {
  const cellByHeading = headings.map((heading, i) => {
    const cell = (cells[i] ?? '').trim();
    return cell === '' ? '' : (columnOf(heading)?.say ?? asItStands)(cell);
  });
  return cellByHeading.filter((cell) => cell !== '').join(' ');
}

/** Rows of cells as lines: by their heading where there is one, else cell behind cell. */
export function linesOfTable(rows: readonly (readonly string[])[]): PastedList {
  const [head = [], ...rest] = rows;
  if (!isHeading(head)) {
    const lines = rows.map((cells) =>
      cells
        .map((cell) => cell.trim())
        .filter((cell) => cell !== '')
        .join(', '),
    );
    return { lines: lines.filter((line) => line !== ''), columns: [] };
  }
  return {
    lines: rest.map((cells) => saidRow(cells, head)).filter((line) => line !== ''),
    columns: head
      .filter((heading) => heading.trim() !== '')
      .map((heading) => ({ heading: heading.trim(), as: columnOf(heading)?.as })),
  };
}

/** What parts the cells of a pasted table: tabs as a spreadsheet copies them, else bars or semicolons in a heading. */
function cellsOf(rows: readonly string[]): readonly (readonly string[])[] | undefined {
  const [head = ''] = rows;
  for (const sign of ['\t', '|', ';']) {
    const cells = rows.map((row) => row.split(sign));
    if (head.includes(sign) && (sign === '\t' || isHeading(cells[0] ?? []))) return cells;
  }
  return undefined;
}

/** A mark that only counts the lines of a list: `1.`, `2)`, `-`, `•`. */
const LIST_MARK = /^(?:\d{1,3}[.)]\s+|[-*•–]\s+)/;

/**
 * A pasted list: a cut list, drawing notes, rows of a spreadsheet. Each line is then read as one that is typed.
 *
 * @param text any text; blank lines are left out
 */
export function readPastedList(text: string): PastedList {
  const rows = text.split(/\r?\n/).filter((row) => row.trim() !== '');
  const cells = cellsOf(rows);
  if (cells) return linesOfTable(cells);
  return { lines: rows.map((row) => row.trim().replace(LIST_MARK, '')), columns: [] };
}
