import type { WeldedWith } from '@hot-bead/core/dial-in';
import { OWN_WIRE_SPEED_RANGE_M_PER_MIN, OWN_VOLTS_RANGE } from '@hot-bead/core/plan';
import {
  DEFECT_WORDS,
  RUN_AMPS_RANGE,
  RUN_ARC_RANGE_S,
  RUN_COUNT_RANGE,
  RUN_GAS_RANGE_L,
  RUN_RESULTS,
  RUN_TEMPERATURE_RANGE_C,
  RUN_WIRE_RANGE_KG,
  type TracePower,
  WELD_RUN_LENGTH_RANGE_MM,
  type WeldedRun,
} from '@hot-bead/core/records';
import Joi from 'joi';
import { type ChosenId, idSchema, type SeenVersion, versionSchema } from '../history/command.ts';
import { figure } from '../base/figure.ts';
import { lineSchema, textSchema } from '../base/plain-text.ts';
import type { StoredShape } from '../history/stored.ts';
import { momentSchema } from '../base/time.ts';
import { type PlanSnapshot, planSnapshotSchema, weldedWithSchema } from '../dial-in/test-bead.ts';
import { exactly } from '../base/validation.ts';

/** Longest note to a run, and longest name of who welded it, characters. */
const NOTE_MOST = 500;
const WHO_MOST = 40;
const ID_MOST = 80;

/** What is kept beside a run: the plan it was welded by, and what it was welded with. */
export interface RunContext {
  readonly plan?: PlanSnapshot | undefined;
  readonly weldedWith?: WeldedWith | undefined;
}
export type RunRecordValue = WeldedRun & RunContext;

export type NewRun = WeldedRun & ChosenId;
/** Changes of a run, field by field; null takes what was told away. */
export type RunChange = SeenVersion & { readonly [K in keyof WeldedRun]?: WeldedRun[K] | null };

/** A run as it is kept. */
export interface KeptRun extends RunRecordValue {
  readonly id: string;
  readonly version: number;
  readonly jobId: string;
  readonly updatedAt: string;
  readonly away: boolean;
}

const power = exactly<TracePower>({
  watts: Joi.number().greater(0).max(200_000).required(),
  meanVolts: Joi.number().min(0).max(200).required(),
  meanAmps: Joi.number().min(0).max(2000).required(),
  seconds: Joi.number().greater(0).required(),
  samplesPerSecond: Joi.number().greater(0).required(),
}).messages({ '*': 'This is no power of an arc: read the trace again.' });

const temperature = (what: string) => figure(what, RUN_TEMPERATURE_RANGE_C, '°C');
const whole = (what: string, [least, most]: readonly [number, number]) =>
  Joi.number()
    .integer()
    .min(least)
    .max(most)
    .messages({ '*': `${what} is a whole number from ${least} to ${most}.` });

const fields = {
  run: whole('The run', [1, 500]),
  count: whole('How many', RUN_COUNT_RANGE),
  wireFeedSpeedMPerMin: figure('Wire speed', OWN_WIRE_SPEED_RANGE_M_PER_MIN, 'm/min'),
  volts: figure('Volts', OWN_VOLTS_RANGE, 'V'),
  amps: figure('Current', RUN_AMPS_RANGE, 'A'),
  lengthMm: figure('The length', WELD_RUN_LENGTH_RANGE_MM, 'mm', { kind: 'a length, like 500 mm or 18 in' }),
  arcSeconds: figure('Arc time', RUN_ARC_RANGE_S, 's', { kind: 'a number of seconds, or like 1:30' }),
  power,
  preheatC: temperature('Preheat'),
  interpassC: temperature('The temperature between runs'),
  result: Joi.valid(...RUN_RESULTS).messages({ '*': 'It was all right, to do again, or scrap.' }),
  defect: Joi.valid(...DEFECT_WORDS.map(({ code }) => code)).messages({
    'any.only': 'There is no imperfection “{#value}”.',
  }),
  who: lineSchema()
    .min(1)
    .max(WHO_MOST)
    .messages({ 'string.max': `Who it was has at most ${WHO_MOST} letters.` }),
  note: textSchema()
    .min(1)
    .max(NOTE_MOST)
    .messages({ 'string.max': `A note has at most ${NOTE_MOST} letters.` }),
  wireKg: figure('Wire', RUN_WIRE_RANGE_KG, 'kg'),
  gasL: figure('Gas', RUN_GAS_RANGE_L, 'L'),
  spoolId: Joi.string().max(ID_MOST),
  cylinderId: Joi.string().max(ID_MOST),
} as const satisfies Record<Exclude<keyof WeldedRun, 'weldedAt'>, Joi.Schema>;
const weldedAt = momentSchema('When it was welded');

export const newRunSchema = Joi.object<NewRun>({ id: idSchema, ...fields, weldedAt: weldedAt.required() });
export const runChangeSchema = Joi.object<RunChange>({
  version: versionSchema,
  ...Object.fromEntries(Object.entries(fields).map(([name, schema]) => [name, schema.allow(null)])),
  weldedAt,
})
  .or('weldedAt', ...Object.keys(fields))
  .messages({ 'object.missing': 'Nothing to change.' });

const value = {
  ...fields,
  weldedAt: weldedAt.required(),
  plan: planSnapshotSchema,
  weldedWith: weldedWithSchema,
};
export const runRecordSchema = Joi.object<RunRecordValue>(value);
export const KEPT_RUN: StoredShape<{ readonly run: RunRecordValue }> = {
  version: 1,
  schema: Joi.object({ run: runRecordSchema.required() }),
  upgrades: {},
};

export const keptRunSchema = exactly<KeptRun>({
  ...value,
  id: Joi.string().required(),
  version: versionSchema.required(),
  jobId: Joi.string().required(),
  updatedAt: Joi.string().required(),
  away: Joi.boolean().required(),
});
