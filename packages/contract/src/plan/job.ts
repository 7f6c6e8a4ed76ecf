import type { LengthUnit } from '@hot-bead/core/base';
import { LINE_MOST } from '@hot-bead/core/line';
import {
  OWN_CTWD_RANGE_MM,
  OWN_GAS_FLOW_RANGE_L_PER_MIN,
  OWN_VOLTS_RANGE,
  OWN_WIRE_SPEED_RANGE_M_PER_MIN,
  type OwnNumbers,
  type StatedWork,
} from '@hot-bead/core/plan';
import { DIAL_WAYS, type DialWay } from '@hot-bead/core/window';
import Joi from 'joi';
import { type ChosenId, idSchema, type SeenVersion, versionSchema } from '../history/command.ts';
import { figure } from '../base/figure.ts';
import { type FindRequest, findRequestSchema } from '../base/page.ts';
import { lineSchema } from '../base/plain-text.ts';
import type { StoredShape } from '../history/stored.ts';
import { type JobTask, type JobTaskChange, taskChangeSchema, taskSchema } from './task.ts';
import { keptWorkSchema, workChangeSchema, workSchema, type WorkChange, type WorkInput } from './work.ts';
import { exactly } from '../base/validation.ts';

/** Longest line that is taken, characters. */
export const LINE_MAX = LINE_MOST;

/** A job said as a line or as work. */
export interface SaidJob {
  readonly line?: string;
  /** What bare numbers of the line are in; millimetres unless said. */
  readonly unit?: LengthUnit;
  readonly work?: WorkInput;
  readonly own?: OwnNumbers;
}

/** States of a job, in the order in which it comes to them. */
export const JOB_STATES = ['planned', 'rigged', 'dialled-in', 'welded'] as const;
export type JobState = (typeof JOB_STATES)[number];

/** A new job: the line as typed, the work it was read as, or both, which must agree. */
export interface NewJob extends SaidJob, ChosenId {
  readonly task?: JobTask;
}

/** Own numbers of which some change; null takes one away. */
export type OwnChange = { readonly [K in keyof OwnNumbers]?: OwnNumbers[K] | null };

/** How a job is dialled in; what is absent is as the shop has it. */
export interface JobDialIn {
  readonly way?: DialWay;
  /** Whether it begins a full volt under the middle. */
  readonly lowStart?: true;
}

/** Changes of how a job is dialled in; null takes a choice away. */
export type JobDialInChange = { readonly [K in keyof JobDialIn]?: JobDialIn[K] | null };

/** Changes to a job, field by field: what is absent stays, null takes a field away. A line replaces the whole work. */
export interface JobChange extends SeenVersion {
  readonly line?: string;
  readonly unit?: LengthUnit;
  readonly work?: WorkChange;
  readonly own?: OwnChange;
  readonly task?: JobTaskChange;
  readonly dialIn?: JobDialInChange;
}

/** A stop caution that someone has read: the text as it stood then. */
export interface NewAcknowledgement {
  readonly code: string;
  readonly text: string;
}

export interface Acknowledgement extends NewAcknowledgement {
  readonly at: string;
}

export const newAcknowledgementSchema = exactly<NewAcknowledgement>({
  code: lineSchema().max(60).required(),
  text: lineSchema().max(600).required(),
});

const acknowledgementSchema = exactly<Acknowledgement>({
  code: Joi.string().required(),
  text: Joi.string().required(),
  at: Joi.string().required(),
});

/** The machine that a job names. */
export interface JobMachine {
  readonly id: string;
  readonly name: string;
  readonly away: boolean;
}

/** A job as it is kept. */
export interface Job {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly line: string;
  readonly work: StatedWork;
  readonly own: OwnNumbers;
  readonly task: JobTask;
  readonly dialIn: JobDialIn;
  /** The machine it names, retired or not; null: none. Its name stands in the work too. */
  readonly machine: JobMachine | null;
  readonly beadCount: number;
  /** Stop cautions that were read and confirmed, oldest first. */
  readonly acknowledged: readonly Acknowledgement[];
  readonly createdAt: string;
  readonly updatedAt: string;
}

/** A job as a list tells of it. */
export interface JobSummary extends Pick<
  Job,
  'id' | 'version' | 'title' | 'line' | 'beadCount' | 'updatedAt'
> {
  readonly state: JobState;
  readonly queued: boolean;
  readonly pieceId: string | null;
}

/** Asks for jobs: by words, and by piece, machine and state. */
export interface FindJobs extends FindRequest {
  readonly piece?: string;
  readonly machine?: string;
  readonly state?: JobState;
}

const ownFields = {
  wireFeedSpeedMPerMin: figure('Your wire speed', OWN_WIRE_SPEED_RANGE_M_PER_MIN, 'm/min'),
  volts: figure('Your volts', OWN_VOLTS_RANGE, 'V', { plural: true }),
  gasFlowLPerMin: figure('Your gas flow', OWN_GAS_FLOW_RANGE_L_PER_MIN, 'L/min'),
  ctwdMm: figure('Your tip to work', OWN_CTWD_RANGE_MM, 'mm'),
};
export const ownSchema = Joi.object<OwnNumbers>(ownFields);
const ownChangeSchema = Joi.object<OwnChange>(
  Object.fromEntries(Object.entries(ownFields).map(([name, schema]) => [name, schema.allow(null)])),
);

const dialInFields = {
  way: Joi.valid(...DIAL_WAYS).messages({ '*': `The way to dial in is one of ${DIAL_WAYS.join(', ')}.` }),
  lowStart: Joi.valid(true),
} as const satisfies Record<keyof JobDialIn, Joi.Schema>;
const dialInSchema = exactly<JobDialIn>(dialInFields);
const dialInChangeSchema = Joi.object<JobDialInChange>(
  Object.fromEntries(Object.entries(dialInFields).map(([name, schema]) => [name, schema.allow(null)])),
);

export const unitSchema = Joi.valid('mm', 'in');
export const saidJobFields = {
  line: lineSchema().max(LINE_MAX),
  unit: unitSchema,
  work: workSchema,
  own: ownSchema,
};

const NEEDS_ONE = 'Send the job as a line or as work.';

export const newJobSchema = Joi.object<NewJob>({ ...saidJobFields, task: taskSchema, id: idSchema })
  .or('line', 'work')
  .messages({ 'object.missing': NEEDS_ONE });

export const jobChangeSchema = Joi.object<JobChange>({
  version: versionSchema,
  line: saidJobFields.line,
  unit: unitSchema,
  work: workChangeSchema,
  own: ownChangeSchema,
  task: taskChangeSchema,
  dialIn: dialInChangeSchema,
})
  .or('line', 'work', 'own', 'task', 'dialIn')
  .oxor('line', 'work')
  .messages({
    'object.missing': 'Nothing to change: send line, work, own, task or dialIn.',
    'object.oxor': 'A line is the whole work: send the line or changes of the work, not both.',
  });

/** What of a job is kept as JSON. */
export interface KeptJobParts {
  readonly work: StatedWork;
  readonly own: OwnNumbers;
  readonly task: JobTask;
  readonly dialIn: JobDialIn;
}

export const KEPT_JOB: StoredShape<KeptJobParts> = {
  version: 1,
  schema: exactly<KeptJobParts>({
    work: keptWorkSchema.required(),
    own: ownSchema.required(),
    task: taskSchema.required(),
    dialIn: dialInSchema.required(),
  }),
  upgrades: {},
};

const summaryFields = {
  id: Joi.string().required(),
  version: versionSchema.required(),
  title: Joi.string().required(),
  line: Joi.string().allow('').required(),
  beadCount: Joi.number().required(),
  updatedAt: Joi.string().required(),
};

export const jobSchema = exactly<Job>({
  ...summaryFields,
  work: keptWorkSchema.required(),
  own: ownSchema.required(),
  task: taskSchema.required(),
  dialIn: dialInSchema.required(),
  machine: exactly<JobMachine>({
    id: Joi.string().required(),
    name: Joi.string().required(),
    away: Joi.boolean().required(),
  })
    .allow(null)
    .required(),
  acknowledged: Joi.array().items(acknowledgementSchema).required(),
  createdAt: Joi.string().required(),
});

export const jobListSchema = Joi.array<Job[]>().items(jobSchema);

export const jobSummarySchema = exactly<JobSummary>({
  ...summaryFields,
  state: Joi.valid(...JOB_STATES).required(),
  queued: Joi.boolean().required(),
  pieceId: Joi.string().allow(null).required(),
});

export const findJobsSchema = findRequestSchema.append<FindJobs>({
  piece: Joi.string().max(60),
  machine: Joi.string().max(60),
  state: Joi.valid(...JOB_STATES),
}) as Joi.ObjectSchema<FindJobs>;
