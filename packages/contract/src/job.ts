import {
  OWN_CTWD_RANGE_MM,
  OWN_GAS_FLOW_RANGE_L_PER_MIN,
  OWN_VOLTS_RANGE,
  OWN_WIRE_SPEED_RANGE_M_PER_MIN,
  type OwnNumbers,
  type QuickWork,
} from '@hot-bead/core';
import Joi from 'joi';
import { workSchema, type WorkInput } from './work.ts';

/** Longest line that is taken, characters. */
export const LINE_MAX = 300;

/** A new job: the line as typed, the work it was read as, or both. */
export interface NewJob {
  readonly line?: string;
  readonly work?: WorkInput;
  readonly own?: OwnNumbers;
}

/** Changes to a job; what is absent stays. */
export type JobChange = NewJob;

/** A stop caution that someone has read: the text as it stood then. */
export interface NewAcknowledgement {
  readonly code: string;
  readonly text: string;
}

export interface Acknowledgement extends NewAcknowledgement {
  readonly at: string;
}

export const newAcknowledgementSchema = Joi.object<NewAcknowledgement>({
  code: Joi.string().max(60).required(),
  text: Joi.string().max(600).required(),
});

const acknowledgementSchema = Joi.object<Acknowledgement>({
  code: Joi.string().required(),
  text: Joi.string().required(),
  at: Joi.string().required(),
}).unknown();

/** A job as it is kept. */
export interface Job {
  readonly id: string;
  readonly title: string;
  readonly line: string;
  readonly work: QuickWork;
  readonly own: OwnNumbers;
  readonly beadCount: number;
  /** Stop cautions that were read and confirmed, oldest first. */
  readonly acknowledged: readonly Acknowledgement[];
  readonly createdAt: string;
  readonly updatedAt: string;
}

const ownSchema = Joi.object<OwnNumbers>({
  wireFeedSpeedMPerMin: Joi.number()
    .min(OWN_WIRE_SPEED_RANGE_M_PER_MIN[0])
    .max(OWN_WIRE_SPEED_RANGE_M_PER_MIN[1]),
  volts: Joi.number().min(OWN_VOLTS_RANGE[0]).max(OWN_VOLTS_RANGE[1]),
  gasFlowLPerMin: Joi.number().min(OWN_GAS_FLOW_RANGE_L_PER_MIN[0]).max(OWN_GAS_FLOW_RANGE_L_PER_MIN[1]),
  ctwdMm: Joi.number().min(OWN_CTWD_RANGE_MM[0]).max(OWN_CTWD_RANGE_MM[1]),
});

const fields = { line: Joi.string().trim().max(LINE_MAX), work: workSchema, own: ownSchema };

const NEEDS_ONE = 'Send the job as a line or as work.';

export const newJobSchema = Joi.object<NewJob>(fields)
  .or('line', 'work')
  .messages({ 'object.missing': NEEDS_ONE });

export const jobChangeSchema = Joi.object<JobChange>(fields)
  .or('line', 'work', 'own')
  .messages({ 'object.missing': 'Nothing to change: send line, work or own.' });

export const jobSchema = Joi.object<Job>({
  id: Joi.string().required(),
  title: Joi.string().required(),
  line: Joi.string().allow('').required(),
  work: Joi.object().required(),
  own: Joi.object().required(),
  beadCount: Joi.number().required(),
  acknowledged: Joi.array().items(acknowledgementSchema).required(),
  createdAt: Joi.string().required(),
  updatedAt: Joi.string().required(),
}).unknown();

export const jobListSchema = Joi.array<Job[]>().items(jobSchema);
