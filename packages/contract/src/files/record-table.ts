import Papa from 'papaparse';
import type Joi from 'joi';
import { cellNumber, type CsvDialect, type LineVerdict, readCsv } from '../base/csv-text.ts';
import { guarded, unguarded } from '../machine/machine-csv.ts';

/** One column of a table: how its name stands in the record. */
export interface TableColumn {
  readonly column: string;
  readonly field: string;
  readonly kind: 'text' | 'number' | 'yes';
}

/** A kind of records as a table. */
export interface RecordTable<T extends object> {
  readonly columns: readonly TableColumn[];
  readonly schema: Joi.Schema<T>;
}

/** A table as it was read: every line that is a record, and what is wrong with the others. */
export interface TableReading<T> {
  readonly rows: readonly { readonly line: number; readonly value: T }[];
  readonly lines: number;
  readonly refused: readonly LineVerdict[];
  readonly dialect: CsvDialect | undefined;
}

const YES = /^(yes|y|true|1|ja|oui|x)$/i;
const NO = /^(no|n|false|0|nein|non)$/i;

function cellValue(text: string, { kind }: TableColumn, dialect: CsvDialect): unknown {
  if (text === '') return undefined;
  if (kind === 'number') return cellNumber(text, dialect);
  if (kind === 'text') return unguarded(text);
  if (YES.test(text)) return true;
  if (NO.test(text)) return undefined;
  throw new Error(`“${text}” is neither yes nor no.`);
}

function recordOf(
  cells: Readonly<Record<string, string>>,
  columns: readonly TableColumn[],
  dialect: CsvDialect,
): object {
  const record: Record<string, unknown> = {};
  for (const column of columns) {
    try {
      const value = cellValue(cells[column.column] ?? '', column, dialect);
      if (value !== undefined) record[column.field] = value;
    } catch (error) {
      throw new Error(`${column.column}: ${error instanceof Error ? error.message : ''}`, { cause: error });
    }
  }
  return record;
}

/** Most columns of a table: one that is pasted may have some that are empty. */
const HEADINGS_MOST = 500;

/**
 * Records of a table from CSV, line by line; one that is no record is refused with the reason.
 */
export function tableReading<T extends object>(
  { columns, schema }: RecordTable<T>,
  text: string,
): TableReading<T> {
  const csv = readCsv(text);
  const whole = (message: string): TableReading<T> => ({
    rows: [],
    lines: 0,
    refused: [{ line: undefined, message }],
    dialect: undefined,
  });
  if (csv.status === 'unreadable') return whole(csv.message);
  const known = new Set(columns.map(({ column }) => column));
  if (csv.columns.length > HEADINGS_MOST) {
    return whole(`That is ${csv.columns.length} columns: ${HEADINGS_MOST} are the most.`);
  }
  const strange = csv.columns.filter((name) => name !== '' && !known.has(name));
  if (strange.length > 0) {
    return whole(`No column is called ${strange.join(', ')}. There are: ${[...known].join(', ')}.`);
  }
  const refused: LineVerdict[] = [...csv.broken];
  const wrong = new Set(refused.map(({ line }) => line));
  const rows: { line: number; value: T }[] = [];
  for (const { line, cells } of csv.rows) {
    if (wrong.has(line)) continue;
    try {
      const { value, error } = schema.validate(recordOf(cells, columns, csv.dialect), { abortEarly: true });
      if (error) refused.push({ line, message: error.message });
      else rows.push({ line, value: value as T });
    } catch (error) {
      refused.push({ line, message: error instanceof Error ? error.message : String(error) });
    }
  }
  return { rows, lines: csv.rows.length, refused, dialect: csv.dialect };
}

/** Records as CSV that comes back as it went: a heading, commas, decimal points. */
export function tableCsv<T extends object>(
  { columns }: Pick<RecordTable<T>, 'columns'>,
  records: readonly T[],
  heading = true,
): string {
  const data = records.map((record) =>
    columns.map(({ field, kind }) => {
      const value = (record as Record<string, unknown>)[field];
      if (kind === 'yes') return value === true ? 'yes' : '';
      return guarded(value as string | number | undefined) ?? '';
    }),
  );
  const fields = columns.map(({ column }) => column);
  return Papa.unparse(heading ? [fields, ...data] : data, { newline: '\r\n' });
}
