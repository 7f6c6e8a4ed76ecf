import {
  ARC_SOUNDS,
  BEAD_FACES,
  BEAD_VERDICTS,
  type BeadVerdict,
  OWN_VOLTS_RANGE,
  OWN_WIRE_SPEED_RANGE_M_PER_MIN,
  type TestBead,
} from '@hot-bead/core';
import Joi from 'joi';

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
export interface NewTestBead extends TestBead {
  readonly note?: string;
}

export type TestBeadChange = Partial<NewTestBead>;

/** A bead as it is kept. */
export interface KeptTestBead extends TestBead {
  readonly id: string;
  readonly jobId: string;
  /** 1 for the job's first bead. */
  readonly number: number;
  readonly note: string;
  readonly verdict: BeadVerdict;
  readonly plan: PlanSnapshot | null;
  readonly createdAt: string;
}

const [speedMin, speedMax] = OWN_WIRE_SPEED_RANGE_M_PER_MIN;
const [voltsMin, voltsMax] = OWN_VOLTS_RANGE;

const wireFeedSpeedMPerMin = Joi.number()
  .min(speedMin)
  .max(speedMax)
  .label('Wire speed')
  .messages({
    'number.base': 'Wire speed is a number in m/min.',
    'number.min': `Wire speed is ${speedMin} to ${speedMax} m/min.`,
    'number.max': `Wire speed is ${speedMin} to ${speedMax} m/min.`,
  });
const volts = Joi.number()
  .min(voltsMin)
  .max(voltsMax)
  .label('Volts')
  .messages({
    'number.base': 'Volts is a number.',
    'number.min': `Volts is ${voltsMin} to ${voltsMax} V.`,
    'number.max': `Volts is ${voltsMin} to ${voltsMax} V.`,
  });
const face = Joi.valid(...BEAD_FACES).messages({ 'any.only': 'Pick how the bead looks.' });
const sound = Joi.valid(...ARC_SOUNDS).messages({ 'any.only': 'Pick how the arc sounded.' });
const note = Joi.string().allow('').max(NOTE_MAX).label('Note');

export const newTestBeadSchema = Joi.object<NewTestBead>({
  wireFeedSpeedMPerMin: wireFeedSpeedMPerMin.required(),
  volts: volts.required(),
  face: face.required().messages({ 'any.required': 'Pick how the bead looks.' }),
  sound: sound.required().messages({ 'any.required': 'Pick how the arc sounded.' }),
  note,
});

export const testBeadChangeSchema = Joi.object<TestBeadChange>({
  wireFeedSpeedMPerMin,
  volts,
  face,
  sound,
  note,
})
  .min(1)
  .messages({ 'object.min': 'Nothing to change.' });

export const testBeadSchema = Joi.object<KeptTestBead>({
  id: Joi.string().required(),
  jobId: Joi.string().required(),
  number: Joi.number().required(),
  wireFeedSpeedMPerMin: Joi.number().required(),
  volts: Joi.number().required(),
  face: face.required(),
  sound: sound.required(),
  note: Joi.string().allow('').required(),
  verdict: Joi.valid(...BEAD_VERDICTS).required(),
  plan: Joi.object().allow(null).required(),
  createdAt: Joi.string().required(),
}).unknown();

export const testBeadListSchema = Joi.array<KeptTestBead[]>().items(testBeadSchema);
