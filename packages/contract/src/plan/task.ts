import { TASK_WEIGHTS, type TaskWeight } from '@hot-bead/core/day';
import Joi from 'joi';
import { idSchema } from '../history/command.ts';
import { figure } from '../base/figure.ts';
import { exactly } from '../base/validation.ts';

/** Whether the day of a time is in the calendar: the 31st of February is not. */
function isOfCalendar(text: string): boolean {
  const [year = 0, month = 1, day = 0] = text.slice(0, 10).split('-').map(Number);
  return new Date(Date.UTC(year, month - 1, day)).getUTCDate() === day;
}

/** A local time as the shop's clock and calendar show it: 2026-03-01T14:00; of this century. */
export const localTimeSchema = Joi.string()
  .custom((text: string, helpers) => (isOfCalendar(text) ? text : helpers.error('no-day')))
  .pattern(/^20\d\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3]):[0-5]\d$/)
  .messages({ '*': 'A time is written like 2026-03-01T14:00.' });

/** Minutes that one task can be typed with. */
export const TASK_MINUTES_RANGE = [1, 100_000] as const;

export const weightSchema = Joi.valid(...TASK_WEIGHTS).messages({
  '*': 'How much it hurts to be late is 1, 2 or 3.',
});

/** What a job is as a task: its place in a piece and in the day, and whether it is done. What is absent is not so. */
export interface JobTask {
  /** Whether it is on the Bench. */
  readonly queued?: true;
  /** The piece that it is a weld of, and its place there: smaller first. */
  readonly pieceId?: string;
  readonly place?: number;
  /** Whether it keeps its own setting in the piece. */
  readonly ownSetting?: true;
  /** Typed minutes at the machine. */
  readonly minutes?: number;
  readonly due?: string;
  readonly notBefore?: string;
  readonly weight?: TaskWeight;
  /** The machine that it is pinned to, and what it follows there: a task’s id, or `first`. */
  readonly pinMachineId?: string;
  readonly pinAfter?: string;
  /** When it was welded, as an ISO date. */
  readonly weldedAt?: string;
}

/** Changes of a task, field by field; null takes a field away. */
export type JobTaskChange = { readonly [K in keyof JobTask]?: JobTask[K] | null };

const recordId = Joi.string().max(60);
const fields = {
  queued: Joi.valid(true),
  pieceId: idSchema,
  place: Joi.number(),
  ownSetting: Joi.valid(true),
  minutes: figure('The minutes', TASK_MINUTES_RANGE, 'min'),
  due: localTimeSchema,
  notBefore: localTimeSchema,
  weight: weightSchema,
  pinMachineId: recordId,
  pinAfter: recordId,
  weldedAt: Joi.string().isoDate(),
} as const satisfies Record<keyof JobTask, Joi.Schema>;

/** A task that is due before it may begin is said at the due time. */
function possible(task: JobTask, helpers: Joi.CustomHelpers): JobTask | Joi.ErrorReport {
  const { due, notBefore } = task;
  const isBack = due !== undefined && notBefore !== undefined && due <= notBefore;
  return isBack ? helpers.error('due-before-start') : task;
}

export const taskSchema = exactly<JobTask>(fields).custom(possible).messages({
  'due-before-start': 'It is due before it may begin.',
});
export const taskChangeSchema = Joi.object<JobTaskChange>(
  Object.fromEntries(Object.entries(fields).map(([name, schema]) => [name, schema.allow(null)])),
);
