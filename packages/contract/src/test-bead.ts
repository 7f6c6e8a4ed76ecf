import {
  ARC_SOUNDS,
  BEAD_FACES,
  BEAD_VERDICTS,
  type BeadVerdict,
  JOINTS,
  OWN_VOLTS_RANGE,
  OWN_WIRE_SPEED_RANGE_M_PER_MIN,
  POLARITIES,
  POSITIONS,
  type TestBead,
  TRANSFER_MODES,
  WAYS,
  type WeldedWith,
} from '@hot-bead/core';
import Joi from 'joi';
import { type ChosenId, idSchema, type SeenVersion, versionSchema } from './command.ts';
import { figure } from './figure.ts';
import { gasSchema } from './gas.ts';
import { textSchema } from './plain-text.ts';
import { wireSchema } from './shop.ts';
import type { StoredShape } from './stored.ts';
import { exactly } from './validation.ts';

/** Longest note to a bead, characters. */
export const NOTE_MAX = 500;

/** What the plan said when the bead was welded: a snapshot, kept with the version of the computation. */
export interface PlanSnapshot {
  readonly modelVersion: string;
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number;
  readonly currentA: number;
}

/** A bead as it is reported. */
export interface NewTestBead extends TestBead, ChosenId {
  readonly note?: string;
}

export type TestBeadChange = SeenVersion & Partial<Omit<NewTestBead, 'id'>>;

/** A bead as it is kept. */
export interface KeptTestBead extends TestBead {
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
const face = Joi.valid(...BEAD_FACES).messages({ 'any.only': 'Pick how the bead looks.' });
const sound = Joi.valid(...ARC_SOUNDS).messages({ 'any.only': 'Pick how the arc sounded.' });
const note = textSchema().allow('').max(NOTE_MAX).label('Note');

export const newTestBeadSchema = Joi.object<NewTestBead>({
  id: idSchema,
  wireFeedSpeedMPerMin: wireFeedSpeedMPerMin.required(),
  volts: volts.required(),
  face: face.required().messages({ 'any.required': 'Pick how the bead looks.' }),
  sound: sound.required().messages({ 'any.required': 'Pick how the arc sounded.' }),
  note,
});

const reported = { wireFeedSpeedMPerMin, volts, face, sound, note };
export const testBeadChangeSchema = Joi.object<TestBeadChange>({ ...reported, version: versionSchema })
  .or(...Object.keys(reported))
  .messages({ 'object.missing': 'Nothing to change.' });

const planSnapshotSchema = exactly<PlanSnapshot>({
  modelVersion: Joi.string().required(),
  wireFeedSpeedMPerMin: Joi.number().required(),
  volts: Joi.number().required(),
  currentA: Joi.number().required(),
});

const weldedWithSchema = exactly<WeldedWith>({
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
  modelVersion: Joi.string().required(),
});

/** What of a bead is kept as JSON. */
export type KeptBeadParts = Pick<KeptTestBead, 'plan' | 'weldedWith'>;

const partFields = {
  plan: planSnapshotSchema.allow(null).required(),
  weldedWith: weldedWithSchema.allow(null).required(),
};
export const KEPT_BEAD: StoredShape<KeptBeadParts> = {
  version: 1,
  schema: exactly<KeptBeadParts>(partFields),
  upgrades: {},
};

export const testBeadSchema = Joi.object<KeptTestBead>({
  id: Joi.string().required(),
  version: versionSchema.required(),
  jobId: Joi.string().required(),
  number: Joi.number().required(),
  wireFeedSpeedMPerMin: Joi.number().required(),
  volts: Joi.number().required(),
  face: face.required(),
  sound: sound.required(),
  note: Joi.string().allow('').required(),
  verdict: Joi.valid(...BEAD_VERDICTS).required(),
  ...partFields,
  createdAt: Joi.string().required(),
});

export const testBeadListSchema = Joi.array<KeptTestBead[]>().items(testBeadSchema);
