import type { ProcedureSheet, SheetEssentials, SheetLine } from '@hot-bead/core/records';
import Joi from 'joi';
import { type ChosenId, idSchema, versionSchema } from '../history/command.ts';
import { lineSchema } from '../base/plain-text.ts';
import type { StoredShape } from '../history/stored.ts';
import { exactly } from '../base/validation.ts';

/** The joint in section, as it is drawn: outlines as paths of straight lines. */
export interface SheetDrawing {
  readonly viewBox: string;
  readonly parts: readonly string[];
  readonly beads: readonly string[];
}

/** One revision of a sheet: kept as it was, whatever becomes of its job. */
export interface SheetRevision {
  readonly sheet: ProcedureSheet;
  readonly drawing: SheetDrawing;
  readonly by?: string | undefined;
}
export type NewSheetRevision = SheetRevision & ChosenId;

export interface KeptSheet extends SheetRevision {
  readonly id: string;
  readonly version: number;
  readonly jobId: string;
  /** 1 for the job's first. */
  readonly revision: number;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly away: boolean;
}

const word = Joi.string().allow('').max(600);
const line = Joi.array<SheetLine>().ordered(word.required(), word.required()).length(2);
const essentials = exactly<SheetEssentials>({
  process: word.required(),
  mode: word.required(),
  metal: word.required(),
  group: word,
  thicknessMm: Joi.number().required(),
  throatMm: Joi.number(),
  gas: word.required(),
  co2Percent: Joi.number().required(),
  filler: word.required(),
  polarity: word.required(),
  runs: Joi.number().integer().required(),
  backing: Joi.boolean().required(),
  preheatC: Joi.number(),
  interpassMostC: Joi.number(),
  heatInputKJPerMm: Joi.number().greater(0).required(),
  position: word.required(),
});
const sheet = exactly<ProcedureSheet>({
  modelVersion: word.required(),
  title: word.required(),
  numbers: Joi.array().items(line).max(12).required(),
  parts: Joi.array()
    .items(Joi.object({ title: word.required(), lines: Joi.array().items(line).max(40).required() }))
    .max(12)
    .required(),
  runs: Joi.array().items(Joi.array().items(word).max(16)).max(500).required(),
  essentials: essentials.required(),
});
/** Straight lines only: what is kept is drawn, and nothing else can be in it. */
const path = Joi.string()
  .max(20_000)
  .pattern(/^[MLZ0-9.\s-]*$/);
const drawing = exactly<SheetDrawing>({
  viewBox: Joi.string()
    .max(60)
    .pattern(/^[0-9.\s-]+$/)
    .required(),
  parts: Joi.array().items(path).max(12).required(),
  beads: Joi.array().items(path).max(200).required(),
});

const fields = {
  sheet: sheet.required(),
  drawing: drawing.required(),
  by: lineSchema().min(1).max(40).messages({ 'string.max': 'Who wrote it has at most 40 letters.' }),
};
export const sheetRevisionSchema = Joi.object<SheetRevision>(fields);
export const newSheetRevisionSchema = Joi.object<NewSheetRevision>({ ...fields, id: idSchema });

export const KEPT_SHEET: StoredShape<{ readonly sheet: SheetRevision }> = {
  version: 1,
  schema: Joi.object({ sheet: sheetRevisionSchema.required() }),
  upgrades: {},
};
export const keptSheetSchema = exactly<KeptSheet>({
  ...fields,
  id: Joi.string().required(),
  version: versionSchema.required(),
  jobId: Joi.string().required(),
  revision: Joi.number().integer().required(),
  createdAt: Joi.string().required(),
  updatedAt: Joi.string().required(),
  away: Joi.boolean().required(),
});
