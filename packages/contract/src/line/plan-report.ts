import type {
  PlannedReport,
  RefusedReport,
  ReportedReason,
  ReportedRun,
  ReportedSpan,
  ReportedStation,
  ReportedTotals,
  ReportedWay,
} from '@hot-bead/core/line';
import Joi from 'joi';
import { exactly } from '../base/validation.ts';
import { keptWorkSchema } from '../plan/work.ts';

const text = Joi.string().allow('').required();
const orNull = <S extends Joi.Schema>(schema: S): S => schema.allow(null).required() as S;
const number = Joi.number().required();
const texts = Joi.array().items(Joi.string().allow('')).required();
const listOf = (item: Joi.Schema): Joi.ArraySchema => Joi.array().items(item).required();

const span = exactly<ReportedSpan>({ start: number, low: number, high: number, unit: text }).required();

const reason = exactly<ReportedReason>({ item: text, text, source: text });
const way = exactly<ReportedWay>({ name: text, status: text, code: orNull(Joi.string()), text });
const station = exactly<ReportedStation>({
  name: text,
  fit: text,
  check: text,
  ifWrong: text,
  mark: Joi.valid('fitted', 'change', 'unknown').required(),
  source: text,
});

const run = exactly<ReportedRun>({
  number,
  role: text,
  layer: number,
  wire: text,
  transferMode: text,
  amps: number,
  volts: number,
  wireFeedSpeedMPerMin: number,
  travelMmPerMin: number,
  sectionMm2: number,
  legMm: orNull(Joi.number()),
  heatInputKJPerMm: number,
  technique: text,
  clean: text,
});

const totals = exactly<ReportedTotals>({
  weldLengthMm: number,
  arcTimeMin: number,
  wireM: number,
  wireKg: number,
  gasL: number,
});

const fitUp = exactly<PlannedReport['fitUp']>({
  rootGap: span,
  tack: span,
  tackSpacing: span,
  stitch: orNull(Joi.string()),
  bevel: orNull(Joi.string()),
  closedButt: orNull(Joi.string()),
  sides: number,
  backing: Joi.boolean().required(),
  backPurge: orNull(Joi.string()),
  sequence: orNull(Joi.string()),
  preheat: text,
  interpassMostC: orNull(Joi.number()),
  preparation: texts,
}).required();

/** What was read of the words. */
const reading = {
  understood: keptWorkSchema.required(),
  assumed: texts,
  questions: listOf(Joi.object({ message: text, choices: texts })),
  corrected: listOf(Joi.object({ text, readAs: text })),
  noted: listOf(Joi.object({ text, as: text })),
  notUnderstood: texts,
};

/** A plan in plain data: rounded numbers with units, texts, and sources in words. */
export const plannedReportSchema = exactly<PlannedReport>({
  ...reading,
  wireFeedSpeed: span,
  volts: span,
  amps: span,
  gasFlow: span,
  ctwd: span,
  extension: span,
  travelSpeed: span,
  polarity: text,
  driveRolls: text,
  liner: text,
  tip: text,
  nozzle: text,
  wire: text,
  gas: text,
  transferMode: text,
  gunAngle: text,
  way: text,
  passes: number,
  legMm: orNull(Joi.number()),
  finishedLegMm: orNull(Joi.number()),
  weldSize: orNull(Joi.string()),
  runs: listOf(run),
  heatInput: Joi.object({ kJPerMm: number, by: text }).required(),
  totals: orNull(totals),
  argonMeterReading: number,
  fitUp,
  secondary: listOf(Joi.object({ name: text, set: text, why: text, source: text })),
  otherWays: listOf(way),
  reasons: listOf(reason),
  cautions: listOf(Joi.object({ code: text, level: text, text, source: text })),
  stations: listOf(station),
  modelVersion: text,
});

/** A refusal in plain data: why, and what to do instead. */
export const refusedReportSchema = exactly<RefusedReport>({
  ...reading,
  otherWays: listOf(way),
  refused: Joi.object({ code: text, reasons: texts, instead: texts }).required(),
});
