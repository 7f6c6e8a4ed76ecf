import { gasNamed, type GasId, type Joint, JOINTS, WIRE_CLASSES, type WireClass } from '@hot-bead/core/trade';
import Joi from 'joi';
import { gasSchema } from '../trade/gas.ts';
import { type PageRequest, pageRequestSchema } from '../base/page.ts';
import { exactly } from '../base/validation.ts';

/** What a line of the log can tell of. */
export const LOG_KINDS = [
  'bead',
  'run',
  'inspection',
  'sheet',
  'rig',
  'calibration',
  'fault',
  'stock',
] as const;
export type LogKind = (typeof LOG_KINDS)[number];

/** How it came out, where it could come out one way or another. */
export const LOG_VERDICTS = [
  'cold',
  'right',
  'hot',
  'blown',
  'ok',
  'redo',
  'scrap',
  'pass',
  'fail',
  'not-decided',
  'mended',
  'left',
] as const;
export type LogVerdict = (typeof LOG_VERDICTS)[number];

/** One thing that happened, as the log tells it. */
export interface LogLine {
  readonly at: string;
  readonly kind: LogKind;
  readonly title: string;
  /** What else can be searched for. */
  readonly text: string;
  readonly subjectId: string;
  readonly jobId?: string | undefined;
  readonly machineId?: string | undefined;
  readonly wireClass?: WireClass | undefined;
  readonly wireMm?: number | undefined;
  readonly gas?: GasId | undefined;
  readonly joint?: Joint | undefined;
  readonly thicknessMm?: number | undefined;
  readonly verdict?: LogVerdict | undefined;
  readonly wireFeedSpeedMPerMin?: number | undefined;
  readonly volts?: number | undefined;
  /** Volts of the book at that wire speed. */
  readonly bookVolts?: number | undefined;
  readonly wireKg?: number | undefined;
  readonly gasL?: number | undefined;
  readonly minutes?: number | undefined;
  /** How many it stands for. */
  readonly count?: number | undefined;
}
export interface LogEntry extends LogLine {
  readonly id: string;
}

const kind = Joi.valid(...LOG_KINDS);
const verdict = Joi.valid(...LOG_VERDICTS);
const number = Joi.number();
export const logEntrySchema = exactly<LogEntry>({
  id: Joi.string().required(),
  at: Joi.string().required(),
  kind: kind.required(),
  title: Joi.string().allow('').required(),
  text: Joi.string().allow('').required(),
  subjectId: Joi.string().required(),
  jobId: Joi.string(),
  machineId: Joi.string(),
  wireClass: Joi.valid(...WIRE_CLASSES),
  wireMm: number,
  gas: gasSchema,
  joint: Joi.valid(...JOINTS),
  thicknessMm: number,
  verdict,
  wireFeedSpeedMPerMin: number,
  volts: number,
  bookVolts: number,
  wireKg: number,
  gasL: number,
  minutes: number,
  count: number,
});

export const LOG_SORTS = ['newest', 'oldest', 'thinnest', 'thickest'] as const;
export type LogSort = (typeof LOG_SORTS)[number];

/** What of the log is asked for. */
export interface LogFilter {
  readonly kind?: LogKind;
  readonly machine?: string;
  readonly job?: string;
  readonly wire?: WireClass;
  readonly gas?: GasId;
  readonly joint?: Joint;
  readonly thinnest?: number;
  readonly thickest?: number;
  readonly from?: string;
  readonly to?: string;
  readonly verdict?: LogVerdict;
  readonly text?: string;
}
export interface LogRequest extends PageRequest, LogFilter {
  readonly sort: LogSort;
}

const day = (what: string) =>
  Joi.string()
    .pattern(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/)
    .messages({ '*': `${what} is a day like 2026-03-01.` });
const filter = {
  kind,
  machine: Joi.string().max(80),
  job: Joi.string().max(80),
  wire: Joi.valid(...WIRE_CLASSES),
  gas: gasSchema,
  joint: Joi.valid(...JOINTS),
  thinnest: number.min(0).max(200).messages({ '*': 'A thickness is a number of mm.' }),
  thickest: number.min(0).max(200).messages({ '*': 'A thickness is a number of mm.' }),
  from: day('The first day'),
  to: day('The last day'),
  verdict,
  text: Joi.string().allow('').max(200),
};
export const logRequestSchema = (pageRequestSchema as Joi.ObjectSchema<LogRequest>).keys({
  ...filter,
  sort: Joi.valid(...LOG_SORTS).default('newest'),
});
export const logFilterSchema = Joi.object<LogFilter>(filter);

/** A week of the log: its Monday, and what it came to. */
export interface LogWeek {
  /** "2026-03-02". */
  readonly week: string;
  readonly runs: number;
  /** Runs of which it was said how they came out, and those of them that were right at once. */
  readonly judged: number;
  readonly right: number;
  readonly wireKg: number;
  readonly gasL: number;
  readonly changeoverMin: number;
}
/** A bead or a run against the book. */
export interface LogPoint {
  readonly machineId: string;
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number;
  readonly bookVolts: number;
  readonly at: string;
}
/** What the log comes to. */
export interface LogCharts {
  readonly weeks: readonly LogWeek[];
  readonly points: readonly LogPoint[];
}
export const logChartsSchema = exactly<LogCharts>({
  weeks: Joi.array()
    .items(
      exactly<LogWeek>({
        week: Joi.string().required(),
        runs: number.required(),
        judged: number.required(),
        right: number.required(),
        wireKg: number.required(),
        gasL: number.required(),
        changeoverMin: number.required(),
      }),
    )
    .required(),
  points: Joi.array()
    .items(
      exactly<LogPoint>({
        machineId: Joi.string().required(),
        wireFeedSpeedMPerMin: number.required(),
        volts: number.required(),
        bookVolts: number.required(),
        at: Joi.string().required(),
      }),
    )
    .required(),
});

/** A gas of a line as it is called. */
export function gasWord(gas: GasId | undefined): string {
  return gas === undefined ? '' : (gasNamed(gas)?.name ?? gas);
}
