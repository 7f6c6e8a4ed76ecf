import { JOINTS, WIRE_CLASSES } from '@hot-bead/core/trade';
import Joi from 'joi';
import { gasSchema } from '../trade/gas.ts';
import { LOG_KINDS, LOG_VERDICTS, type LogLine } from '../history/log.ts';
import { type NewPiece, newPieceSchema } from '../day/piece.ts';
import { lineSchema, textSchema } from '../base/plain-text.ts';
import type { RecordTable, TableColumn } from './record-table.ts';
import { newStockItemSchema, type NewStockItem } from '../stores/stock.ts';
import { momentSchema } from '../base/time.ts';
import { exactly } from '../base/validation.ts';

const text = (column: string, field = column): TableColumn => ({ column, field, kind: 'text' });
const number = (column: string, field = column): TableColumn => ({ column, field, kind: 'number' });

/** A line of a log from elsewhere: its machine by name, and nothing that it could be looked up by. */
export interface ToldLine extends Omit<LogLine, 'subjectId' | 'jobId' | 'machineId' | 'text'> {
  readonly text?: string | undefined;
  readonly machine?: string | undefined;
}

const amount = (what: string, most: number) =>
  Joi.number()
    .min(0)
    .max(most)
    .messages({ '*': `${what} is a number from 0 to ${most}.` });
const oneOf = (what: string, values: readonly string[]) =>
  Joi.valid(...values).messages({ '*': `${what} is one of ${values.join(', ')}.` });

/** The log as a table. */
export const LOG_TABLE: RecordTable<ToldLine> = {
  columns: [
    text('at'),
    text('kind'),
    text('title'),
    text('text'),
    text('machine'),
    text('wire', 'wireClass'),
    number('wire_mm', 'wireMm'),
    text('gas'),
    text('joint'),
    number('thickness_mm', 'thicknessMm'),
    text('verdict'),
    number('wire_speed_m_per_min', 'wireFeedSpeedMPerMin'),
    number('volts'),
    number('book_volts', 'bookVolts'),
    number('wire_kg', 'wireKg'),
    number('gas_l', 'gasL'),
    number('minutes'),
    number('count'),
  ],
  schema: exactly<ToldLine>({
    at: momentSchema('at').required(),
    kind: oneOf('kind', LOG_KINDS).required(),
    title: lineSchema().min(1).max(300).required().messages({ 'any.required': 'title: say what it was.' }),
    text: textSchema().max(2000),
    machine: lineSchema().max(60),
    wireClass: oneOf('wire', WIRE_CLASSES),
    wireMm: amount('wire_mm', 3),
    gas: gasSchema.messages({ '*': 'gas: there is no such gas; write ar-co2-18, argon, co2.' }),
    joint: oneOf('joint', JOINTS),
    thicknessMm: amount('thickness_mm', 200),
    verdict: oneOf('verdict', LOG_VERDICTS),
    wireFeedSpeedMPerMin: amount('wire_speed_m_per_min', 40),
    volts: amount('volts', 100),
    bookVolts: amount('book_volts', 100),
    wireKg: amount('wire_kg', 1000),
    gasL: amount('gas_l', 1_000_000),
    minutes: amount('minutes', 100_000),
    count: amount('count', 100_000).integer(),
  }),
};

/** Stores as a table: spools, cylinders and parts, each using the columns it needs. */
export const STOCK_TABLE: RecordTable<NewStockItem> = {
  columns: [
    text('kind'),
    text('wire', 'wireClass'),
    number('diameter_mm', 'diameterMm'),
    number('true_diameter_mm', 'trueDiameterMm'),
    text('size'),
    text('batch'),
    text('opened_on', 'openedOn'),
    { column: 'kept_dry', field: 'keptDry', kind: 'yes' },
    text('name'),
    text('gas'),
    number('water_l', 'waterL'),
    number('full_bar', 'fullBar'),
    number('left_bar', 'leftBar'),
    number('temperature_c', 'temperatureC'),
    number('full_kg', 'fullKg'),
    number('tare_kg', 'tareKg'),
    number('left_kg', 'leftKg'),
    text('part'),
    number('for_mm', 'forMm'),
    text('roll_form', 'rollForm'),
    text('liner'),
    { column: 'for_aluminium', field: 'forAluminium', kind: 'yes' },
    number('count'),
    number('least'),
  ],
  schema: newStockItemSchema as unknown as Joi.Schema<NewStockItem>,
};

/** Pieces as a table; their welds are kept with each. */
export const PIECE_TABLE: RecordTable<NewPiece> = {
  columns: [
    text('name'),
    number('number_off', 'numberOff'),
    text('due'),
    number('weight'),
    text('note'),
    { column: 'queued', field: 'queued', kind: 'yes' },
  ],
  schema: newPieceSchema,
};

export const TABLE_NAMES = ['log', 'stores', 'pieces'] as const;
export type TableName = (typeof TABLE_NAMES)[number];
/** Most lines of a table, and its largest file, bytes. */
export const TABLE_LINES_MOST: Readonly<Record<TableName, number>> = {
  log: 200_000,
  stores: 5000,
  pieces: 5000,
};
export const TABLE_BYTES_MOST = 50_000_000;
/** Most lines that a report names. */
export const REPORT_LINES_MOST = 200;

/** What became of a table: all of it was taken, or nothing. */
export interface TableReport {
  readonly taken: boolean;
  readonly lines: number;
  readonly refusedLines: number;
  /** The first of them. */
  readonly refused: readonly { readonly line: number | null; readonly message: string }[];
  /** How it was read. */
  readonly encoding: string | null;
  readonly delimiter: string | null;
  readonly decimal: string | null;
  /** By this the whole of it can be taken out again; null: each record by itself. */
  readonly batch: string | null;
}
export const tableReportSchema = exactly<TableReport>({
  taken: Joi.boolean().required(),
  lines: Joi.number().required(),
  refusedLines: Joi.number().required(),
  refused: Joi.array()
    .items(Joi.object({ line: Joi.number().allow(null).required(), message: Joi.string().required() }))
    .required(),
  encoding: Joi.string().allow(null).required(),
  delimiter: Joi.string().allow(null).required(),
  decimal: Joi.string().allow(null).required(),
  batch: Joi.string().allow(null).required(),
});
