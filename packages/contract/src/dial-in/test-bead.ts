import type { WeldedWith } from '@hot-bead/core/dial-in';
import { OWN_VOLTS_RANGE, OWN_WIRE_SPEED_RANGE_M_PER_MIN } from '@hot-bead/core/plan';
import { JOINTS, POLARITIES, POSITIONS, TRANSFER_MODES, WAYS } from '@hot-bead/core/trade';
import {
  ARC_SOUNDS,
  BACK_SIDES,
  BEAD_ENDS,
  BEAD_FACES,
  BEAD_FLAGS,
  BEAD_VERDICTS,
  type BeadReport,
  type BeadSetting,
  type BeadVerdict,
  DOUBT_ANSWERS,
  HEAT_VERDICTS,
  SPATTERS,
  type TestBead,
} from '@hot-bead/core/window';
import Joi from 'joi';
import { type ChosenId, idSchema, type SeenVersion, versionSchema } from '../history/command.ts';
import { figure } from '../base/figure.ts';
import { gasSchema } from '../trade/gas.ts';
import { textSchema } from '../base/plain-text.ts';
import { wireSchema } from '../trade/wire.ts';
import type { StoredShape } from '../history/stored.ts';
import { exactly } from '../base/validation.ts';

/** Longest note to a bead, characters. */
export const NOTE_MAX = 500;

/** What the plan said when the bead was welded: a snapshot, kept with the version of the computation. */
export interface PlanSnapshot {
  readonly modelVersion: string;
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number;
  readonly currentA: number;
}

/** What is reported of a bead beside its setting. */
export interface BeadDetails extends BeadReport, Pick<TestBead, 'taken'> {
  /** When it was welded, where it was not when it was written down: ISO 8601. */
  readonly weldedAt?: string | undefined;
}

/** A bead as it is reported. */
export interface NewTestBead extends BeadSetting, BeadDetails, ChosenId {
  readonly note?: string;
}

type Nullable<T> = { readonly [K in keyof T]?: T[K] | null };

/** Changes of a bead, field by field; null takes what was said away. */
export type TestBeadChange = SeenVersion &
  Partial<BeadSetting> &
  Nullable<BeadDetails> & { readonly note?: string };

/** A bead as it is kept. */
export interface KeptTestBead extends BeadSetting, BeadDetails {
  readonly id: string;
  readonly version: number;
  readonly jobId: string;
  /** 1 for the job's first bead. */
  readonly number: number;
  readonly note: string;
  readonly verdict: BeadVerdict;
  readonly plan: PlanSnapshot | null;
  /** What it was welded with; null: not recorded, so nothing is learnt from it. */
  readonly weldedWith: WeldedWith | null;
  readonly createdAt: string;
}

const wireFeedSpeedMPerMin = figure('Wire speed', OWN_WIRE_SPEED_RANGE_M_PER_MIN, 'm/min', {
  kind: 'a number in m/min',
});
const volts = figure('Volts', OWN_VOLTS_RANGE, 'V');
const note = textSchema().allow('').max(NOTE_MAX).label('Note');
const SAY = 'Say cold, right or hot, or pick how it sounded or how it looks.';

const detailFields = {
  said: Joi.valid(...BEAD_VERDICTS).messages({ 'any.only': 'Say cold, right, hot or blown through.' }),
  face: Joi.valid(...BEAD_FACES).messages({ 'any.only': 'Pick how the bead looks.' }),
  sound: Joi.valid(...ARC_SOUNDS).messages({ 'any.only': 'Pick how the arc sounded.' }),
  spatter: Joi.valid(...SPATTERS).messages({ 'any.only': 'Spatter is little, some or much.' }),
  back: Joi.valid(...BACK_SIDES).messages({
    'any.only': 'The back has no mark, an even mark, or drops through.',
  }),
  ends: Joi.valid(...BEAD_ENDS).messages({
    'any.only': 'Start and end are good, a cold start, or a crater.',
  }),
  flags: Joi.array()
    .items(Joi.valid(...BEAD_FLAGS))
    .unique()
    .messages({ '*': 'Flags are stick-out, gun-angle and dirty, each once.' }),
  cooled: Joi.boolean(),
  heat: Joi.valid(...HEAT_VERDICTS).messages({ 'any.only': 'The heat was cold, right or hot.' }),
  doubt: Joi.valid(...DOUBT_ANSWERS).messages({ 'any.only': 'The report stands, or is left out.' }),
  taken: exactly<BeadSetting>({
    wireFeedSpeedMPerMin: wireFeedSpeedMPerMin.required(),
    volts: volts.required(),
  }),
  weldedAt: Joi.string().isoDate().messages({ '*': 'When it was welded is a date and a time.' }),
} as const satisfies Record<keyof BeadDetails, Joi.Schema>;
/** What is reported of a bead beside its setting, as it is kept. */
export const beadDetailsSchema = exactly<BeadDetails>(detailFields);

export const newTestBeadSchema = Joi.object<NewTestBead>({
  id: idSchema,
  wireFeedSpeedMPerMin: wireFeedSpeedMPerMin.required(),
  volts: volts.required(),
  ...detailFields,
  note,
})
  .or('said', 'face', 'sound')
  .messages({ 'object.missing': SAY });

const changeFields = {
  wireFeedSpeedMPerMin,
  volts,
  ...Object.fromEntries(Object.entries(detailFields).map(([name, schema]) => [name, schema.allow(null)])),
  note,
};
export const testBeadChangeSchema = Joi.object<TestBeadChange>({ ...changeFields, version: versionSchema })
  .or(...Object.keys(changeFields))
  .messages({ 'object.missing': 'Nothing to change.' });

export const planSnapshotSchema = exactly<PlanSnapshot>({
  modelVersion: Joi.string().required(),
  wireFeedSpeedMPerMin: Joi.number().required(),
  volts: Joi.number().required(),
  currentA: Joi.number().required(),
});

export const weldedWithSchema = exactly<WeldedWith>({
  way: Joi.valid(...WAYS).required(),
  mode: Joi.valid('own', ...TRANSFER_MODES).required(),
  wire: wireSchema.required(),
  trueDiameterMm: Joi.number().required(),
  gas: gasSchema.required(),
  polarity: Joi.valid(...POLARITIES).required(),
  ctwdMm: Joi.number().required(),
  thicknessMm: Joi.number().required(),
  otherThicknessMm: Joi.number(),
  joint: Joi.valid(...JOINTS).required(),
  position: Joi.valid(...POSITIONS).required(),
  machineId: Joi.string(),
  tap: Joi.string(),
  knob: Joi.number(),
  letter: Joi.string(),
  voltsKnob: Joi.number(),
  bookVolts: Joi.number(),
  prior: exactly<NonNullable<WeldedWith['prior']>>({
    offsetV: Joi.number().required(),
    sdV: Joi.number().required(),
  }),
  modelVersion: Joi.string().required(),
});

/** What of a bead is kept as JSON. */
export interface KeptBeadParts extends Pick<KeptTestBead, 'plan' | 'weldedWith'> {
  readonly details: BeadDetails;
}

const partFields = {
  plan: planSnapshotSchema.allow(null).required(),
  weldedWith: weldedWithSchema.allow(null).required(),
};
export const KEPT_BEAD: StoredShape<KeptBeadParts> = {
  version: 1,
  schema: exactly<KeptBeadParts>({ ...partFields, details: beadDetailsSchema.required() }),
  upgrades: {},
};

export const testBeadSchema = Joi.object<KeptTestBead>({
  id: Joi.string().required(),
  version: versionSchema.required(),
  jobId: Joi.string().required(),
  number: Joi.number().required(),
  wireFeedSpeedMPerMin: Joi.number().required(),
  volts: Joi.number().required(),
  ...detailFields,
  note: Joi.string().allow('').required(),
  verdict: Joi.valid(...BEAD_VERDICTS).required(),
  ...partFields,
  createdAt: Joi.string().required(),
});
