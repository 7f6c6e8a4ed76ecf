import { THICKNESS_RANGE_MM } from '@hot-bead/core/base';
import {
  CAUSES,
  type CauseId,
  FAULT_FACTS,
  FAULT_PROCESSES,
  FAULT_SIGNS,
  type FaultFact,
  type FaultJob,
  type FaultProcess,
  faultFactRow,
  type FaultReport,
  type SymptomId,
  SYMPTOMS,
} from '@hot-bead/core/faults';
import { MACHINE_FEATURES } from '@hot-bead/core/machine';
import { BASE_METALS, JOINTS, PLACES, PLANNED_MODES, POSITIONS } from '@hot-bead/core/trade';
import Joi from 'joi';
import { type ChosenId, idSchema, type SeenVersion, versionSchema } from '../history/command.ts';
import { textSchema } from '../base/plain-text.ts';
import type { StoredShape } from '../history/stored.ts';
import { exactly } from '../base/validation.ts';

/** An id of the tables; one that is not there is named. */
function tableId<T extends string>(word: string, ids: readonly T[]): Joi.Schema<T> {
  return Joi.valid(...ids).messages({ 'any.only': `There is no ${word} “{#value}”.` });
}

const causeId = tableId<CauseId>(
  'cause',
  CAUSES.map(({ id }) => id),
);
const symptomId = tableId<SymptomId>(
  'symptom',
  SYMPTOMS.map(({ id }) => id),
);
const process = tableId<FaultProcess>('process', FAULT_PROCESSES);
const symptoms = Joi.array().items(symptomId).max(SYMPTOMS.length).unique();
const causes = Joi.array().items(causeId).max(CAUSES.length).unique();
const days = Joi.number().min(0).max(36_500);

/** The values of a fact; of a change also that it is taken away. */
function factValue(fact: FaultFact, ...also: readonly null[]): Joi.Schema {
  const values = Object.keys(faultFactRow(fact).values);
  return Joi.valid(...values, ...also).messages({ 'any.only': `“${fact}” is one of ${values.join(', ')}.` });
}

function facts(...also: readonly null[]): Joi.ObjectSchema {
  const schemas = FAULT_FACTS.map((fact) => [fact, factValue(fact, ...also)] as const);
  return Joi.object(Object.fromEntries(schemas)).messages({
    'object.unknown': 'There is no fact “{#child}”.',
  });
}
const known = facts();

const job = exactly<FaultJob>({
  metal: Joi.valid(...BASE_METALS),
  thicknessMm: Joi.number().min(THICKNESS_RANGE_MM[0]).max(THICKNESS_RANGE_MM[1]),
  mode: Joi.valid(...PLANNED_MODES),
  joint: Joi.valid(...JOINTS),
  position: Joi.valid(...POSITIONS),
  place: Joi.valid(...PLACES),
});

/** What is reported and known of a fault, to be ranked. */
export const faultReportSchema = Joi.object<FaultReport>({
  process: process.required().messages({ 'any.required': 'Say which process it is.' }),
  present: symptoms.default([]),
  absent: symptoms.default([]),
  known: known.default({}),
  ageDays: Joi.object(Object.fromEntries(FAULT_FACTS.map((fact) => [fact, days]))),
  job,
  signs: Joi.array().items(tableId('sign', FAULT_SIGNS)).unique(),
  lacks: Joi.array().items(tableId('feature', [...MACHINE_FEATURES, 'taps', 'programs'])),
  lookedAt: causes,
  found: causes,
});

/** A ranking as it is told: ids as in the tables. */
export interface FaultRanking {
  readonly ranked: readonly { readonly cause: CauseId; readonly share: number; readonly shown: boolean }[];
  /** The look that finds most for its trouble; null: nothing is left to look at. */
  readonly next: {
    readonly check: string;
    readonly causes: readonly CauseId[];
    readonly minutes: number;
  } | null;
  /** Symptoms that this process cannot have: they were left out. */
  readonly ignored: readonly SymptomId[];
}
export const faultRankingSchema = exactly<FaultRanking>({
  ranked: Joi.array()
    .items(
      Joi.object({
        cause: causeId.required(),
        share: Joi.number().required(),
        shown: Joi.boolean().required(),
      }),
    )
    .required(),
  next: Joi.object({
    check: Joi.string().required(),
    causes: causes.required(),
    minutes: Joi.number().required(),
  })
    .allow(null)
    .required(),
  ignored: symptoms.required(),
});

export const LOOK_ANSWERS = ['was', 'was-not', 'cannot'] as const;
export type LookAnswer = (typeof LOOK_ANSWERS)[number];

/** A look that was taken: which causes it answers, and what was seen. */
export interface FaultLook {
  readonly causes: readonly CauseId[];
  readonly answer: LookAnswer;
  /** What it was, where it was one of them. */
  readonly found?: CauseId;
  /** Whether mending it made the trouble go. */
  readonly mended?: boolean;
  readonly at: string;
}

export const CASE_ENDS = ['mended', 'left'] as const;
export type CaseEnd = (typeof CASE_ENDS)[number];

/** A fault that was looked into: what was reported, what was known, which looks were taken, how it ended. */
export interface FaultCase {
  readonly process: FaultProcess;
  readonly machineId?: string;
  readonly jobId?: string;
  readonly present: readonly SymptomId[];
  readonly absent: readonly SymptomId[];
  /** What somebody said of a fact. */
  readonly said: Readonly<Partial<Record<FaultFact, string>>>;
  /** What is known from elsewhere and was said to be wrong. */
  readonly denied?: readonly string[];
  readonly looks: readonly FaultLook[];
  readonly beganAt: string;
  readonly end?: CaseEnd;
  readonly endedAt?: string;
  /** Minutes that it took, as far as that was told. */
  readonly minutes?: number;
  /** What mended it, in one's own words. */
  readonly note?: string;
}

export type NewFaultCase = FaultCase & ChosenId;
/** Changes of a case, field by field; null takes a field away. */
export type FaultCaseChange = SeenVersion & {
  readonly [K in keyof FaultCase]?: K extends 'said'
    ? { readonly [F in FaultFact]?: string | null }
    : FaultCase[K] | null;
};

/** A case as it is kept. */
export interface KeptFaultCase extends FaultCase {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
  readonly away: boolean;
}

const NOTE_MOST = 600;
/** Longest id of a machine or a job. */
const ID_MOST = 80;
const LOOKS_MOST = 200;
const DENIED_MOST = 80;
/** Minutes that a case can take: a week. */
export const CASE_MINUTES_RANGE = [0, 10_080] as const;

const look = exactly<FaultLook>({
  causes: causes.min(1).required(),
  answer: Joi.valid(...LOOK_ANSWERS).required(),
  found: causeId.when('answer', { is: 'was', then: Joi.required(), otherwise: Joi.forbidden() }).messages({
    'any.required': 'Say which it was.',
  }),
  mended: Joi.boolean(),
  at: Joi.string().isoDate().required(),
}).custom((one: FaultLook, helpers) =>
  one.found === undefined || one.causes.includes(one.found) ? one : helpers.error('any.invalid'),
);

const fields = {
  machineId: Joi.string().max(ID_MOST),
  jobId: Joi.string().max(ID_MOST),
  denied: Joi.array().items(Joi.string().max(60)).max(DENIED_MOST).unique(),
  end: Joi.valid(...CASE_ENDS),
  endedAt: Joi.string().isoDate(),
  minutes: Joi.number()
    .min(CASE_MINUTES_RANGE[0])
    .max(CASE_MINUTES_RANGE[1])
    .messages({ '*': `Minutes are a number from ${CASE_MINUTES_RANGE[0]} to ${CASE_MINUTES_RANGE[1]}.` }),
  note: textSchema()
    .min(1)
    .max(NOTE_MOST)
    .messages({ 'string.max': `A note has at most ${NOTE_MOST} letters.` }),
};
const looks = Joi.array().items(look).max(LOOKS_MOST);
const whole = {
  process: process.required(),
  present: symptoms.required(),
  absent: symptoms.required(),
  said: known.required(),
  looks: looks.required(),
  beganAt: Joi.string().isoDate().required(),
  ...fields,
};

/** What must hold of a whole case. */
function settledCase<T extends FaultCase>(schema: Joi.ObjectSchema<T>): Joi.ObjectSchema<T> {
  return schema.and('end', 'endedAt').messages({ 'object.and': 'A case that has ended says how and when.' });
}

export const faultCaseSchema = settledCase(Joi.object<FaultCase>(whole));
export const newFaultCaseSchema = settledCase(
  Joi.object<NewFaultCase>({
    ...whole,
    absent: symptoms.default([]),
    said: known.default({}),
    looks: looks.default([]),
    id: idSchema,
  }),
);
export const faultCaseChangeSchema = Joi.object<FaultCaseChange>({
  version: versionSchema,
  process,
  present: symptoms,
  absent: symptoms,
  said: facts(null),
  looks,
  ...Object.fromEntries(Object.entries(fields).map(([name, schema]) => [name, schema.allow(null)])),
})
  .or('process', 'present', 'absent', 'said', 'looks', ...Object.keys(fields))
  .messages({ 'object.missing': 'Nothing to change.' });

export const KEPT_FAULT_CASE: StoredShape<{ readonly faultCase: FaultCase }> = {
  version: 1,
  schema: Joi.object({ faultCase: faultCaseSchema.required() }),
  upgrades: {},
};

export const keptFaultCaseSchema = exactly<KeptFaultCase>({
  ...whole,
  id: Joi.string().required(),
  version: versionSchema.required(),
  updatedAt: Joi.string().required(),
  away: Joi.boolean().required(),
});

/** How often a cause was what was wrong, by process, machine and month. */
export interface FaultCount {
  readonly process: FaultProcess;
  readonly cause: CauseId;
  /** null: no machine was named. */
  readonly machineId: string | null;
  /** "2026-11". */
  readonly month: string;
  readonly count: number;
  /** Minutes that those cases took together, as far as that was told. */
  readonly minutes: number;
}
export const faultCountListSchema = Joi.array<FaultCount[]>().items(
  exactly<FaultCount>({
    process: process.required(),
    cause: causeId.required(),
    machineId: Joi.string().allow(null).required(),
    month: Joi.string().required(),
    count: Joi.number().required(),
    minutes: Joi.number().required(),
  }),
);
