import { EAR_CARDS } from '@hot-bead/core/arc-lab';
import Joi from 'joi';
import { type ChosenId, idSchema, versionSchema } from '../history/command.ts';
import { lineSchema } from '../base/plain-text.ts';
import type { StoredShape } from '../history/stored.ts';
import { momentSchema } from '../base/time.ts';
import { exactly } from '../base/validation.ts';

/** Most answers of one test. */
export const EAR_ANSWERS_MOST = 60;

/** One answer by ear: what was asked, what was right, what was said. */
export interface EarAnswer {
  readonly card: string;
  readonly truth: string;
  readonly said: string;
  readonly at: string;
}

/** A test that a learner took. */
export interface EarTest {
  readonly learner: string;
  readonly answers: readonly EarAnswer[];
}
export type NewEarTest = EarTest & ChosenId;

export interface KeptEarTest extends EarTest {
  readonly id: string;
  readonly version: number;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly away: boolean;
}

/** A learner, with how much was answered. */
export interface Learner {
  readonly learner: string;
  readonly tests: number;
  readonly answers: number;
  readonly right: number;
  readonly lastAt: string;
}

const CHOICES = new Map(EAR_CARDS.map(({ id, choices }) => [id, choices] as const));

/** An answer to a card that there is, among what may be answered. */
const answer = exactly<EarAnswer>({
  card: Joi.string()
    .valid(...CHOICES.keys())
    .required()
    .messages({ '*': 'There is no such question.' }),
  truth: Joi.string().max(40).required(),
  said: Joi.string().max(40).required(),
  at: momentSchema('When it was answered').required(),
}).custom((one: EarAnswer, helpers) => {
  const choices = CHOICES.get(one.card) ?? [];
  return choices.includes(one.truth) && choices.includes(one.said)
    ? one
    : helpers.message({ custom: `An answer to “${one.card}” is one of ${choices.join(', ')}.` });
});

export const LEARNER_LETTERS_MOST = 40;
const learner = lineSchema()
  .min(1)
  .max(LEARNER_LETTERS_MOST)
  .messages({
    'any.required': 'Whose ear is it?',
    'string.empty': 'Whose ear is it?',
    'string.max': `A learner’s name has at most ${LEARNER_LETTERS_MOST} letters.`,
  });

const fields = {
  learner: learner.required(),
  answers: Joi.array()
    .items(answer)
    .min(1)
    .max(EAR_ANSWERS_MOST)
    .required()
    .messages({
      'array.max': `A test has at most ${EAR_ANSWERS_MOST} answers.`,
      'array.min': 'A test has an answer at least.',
    }),
};
export const earTestSchema = Joi.object<EarTest>(fields);
export const newEarTestSchema = Joi.object<NewEarTest>({ ...fields, id: idSchema });

export const KEPT_EAR_TEST: StoredShape<{ readonly test: EarTest }> = {
  version: 1,
  schema: Joi.object({ test: earTestSchema.required() }),
  upgrades: {},
};

export const keptEarTestSchema = exactly<KeptEarTest>({
  ...fields,
  id: Joi.string().required(),
  version: versionSchema.required(),
  createdAt: Joi.string().required(),
  updatedAt: Joi.string().required(),
  away: Joi.boolean().required(),
});
const count = Joi.number().integer().min(0).required();
export const learnerListSchema = Joi.array<Learner[]>().items(
  exactly<Learner>({
    learner: Joi.string().required(),
    tests: count,
    answers: count,
    right: count,
    lastAt: Joi.string().required(),
  }),
);
