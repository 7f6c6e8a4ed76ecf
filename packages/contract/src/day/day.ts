import Joi from 'joi';
import { type Job, jobSchema } from '../plan/job.ts';
import { type KeptPiece, keptPieceSchema } from './piece.ts';
import { exactly } from '../base/validation.ts';

/** Most tasks that a day is read with. */
export const DAY_TASKS_MOST = 300;

/** Jobs that are on the Bench and not yet welded, and the pieces that they are welds of. */
export interface DayTasks {
  readonly jobs: readonly Job[];
  readonly pieces: readonly KeptPiece[];
  /** How many more there are than are told. */
  readonly more: number;
}

/** Asks for the day's order: the day and the time of it as the shop's clock shows them. */
export interface DayOrderRequest {
  readonly today: string;
  readonly nowMin: number;
}

/** A task in its place. */
export interface ToldPlace {
  readonly jobId: string;
  readonly title: string;
  readonly machineId: string;
  readonly setupMin: number;
  readonly setupStartMin: number;
  readonly startMin: number;
  readonly endMin: number;
  readonly lateMin: number;
  readonly why: string;
}

/** The day in order, as the API tells it. */
export interface ToldDay {
  readonly method: 'exact' | 'search';
  readonly because: string | null;
  readonly lateness: number;
  readonly changeoverMin: number;
  readonly endMin: number;
  readonly places: readonly ToldPlace[];
  readonly leftOut: readonly { readonly jobId: string; readonly title: string; readonly reason: string }[];
  readonly pinFaults: readonly { readonly taskId: string; readonly text: string }[];
}

export const dayTasksSchema = exactly<DayTasks>({
  jobs: Joi.array().items(jobSchema).required(),
  pieces: Joi.array().items(keptPieceSchema).required(),
  more: Joi.number().required(),
});

export const dayOrderRequestSchema = exactly<DayOrderRequest>({
  today: Joi.string()
    .pattern(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/)
    .required()
    .messages({ '*': 'A day is written like 2026-03-01.' }),
  nowMin: Joi.number().integer().min(0).max(1439).required(),
});

const number = Joi.number().required();
const text = Joi.string().allow('').required();
export const toldDaySchema = exactly<ToldDay>({
  method: Joi.valid('exact', 'search').required(),
  because: Joi.string().allow(null).required(),
  lateness: number,
  changeoverMin: number,
  endMin: number,
  places: Joi.array()
    .items(
      exactly<ToldPlace>({
        jobId: text,
        title: text,
        machineId: text,
        setupMin: number,
        setupStartMin: number,
        startMin: number,
        endMin: number,
        lateMin: number,
        why: text,
      }),
    )
    .required(),
  leftOut: Joi.array()
    .items(Joi.object({ jobId: text, title: text, reason: text }))
    .required(),
  pinFaults: Joi.array()
    .items(Joi.object({ taskId: text, text }))
    .required(),
});
