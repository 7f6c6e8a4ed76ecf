import { OutOfRangeError } from '@hot-bead/core/base';
import {
  KNOB_RANGE,
  measuredSpeed,
  RUN_LENGTH_RANGE_MM,
  RUN_TIME_RANGE_S,
  type TimedReading,
  type TimedRun,
} from '@hot-bead/core/machine';
import Joi from 'joi';
import { type ChosenId, idSchema } from '../history/command.ts';
import { figure } from '../base/figure.ts';
import { lineSchema } from '../base/plain-text.ts';
import type { StoredShape } from '../history/stored.ts';
import { exactly } from '../base/validation.ts';

/** A timed reading of the wire-feed dial as it is kept. */
export interface KeptDialReading extends TimedReading {
  readonly id: string;
  readonly at: string;
  /** Whether it counts: one that was taken out, or lies before a new calibration, is kept as history. */
  readonly counts: boolean;
}

/** A reading as it is added, with the id that it is to have. */
export interface NewDialReading extends TimedReading, ChosenId {}

const [shortest, longest] = RUN_LENGTH_RANGE_MM;
const run = exactly<TimedRun>({
  lengthMm: figure('The length', RUN_LENGTH_RANGE_MM, 'mm', {
    limits: `${shortest} mm to ${longest / 1000} m`,
    missing: 'Measure the wire and write its length.',
  }).required(),
  timeS: figure('The time', RUN_TIME_RANGE_S, 's', {
    kind: 'a number of seconds',
    missing: 'Write how long the wire ran.',
  }).required(),
});

const SPEED_MESSAGE = 'That would be a speed no feeder has: check length, unit and time.';

const readingFields = {
  knob: figure('The knob', KNOB_RANGE, '', {
    kind: 'a number on its scale',
    missing: 'Write where the knob stood.',
  }).required(),
  run: run.required(),
  shortRun: run,
  position: lineSchema().max(12),
  underArc: Joi.boolean(),
};

/** Refuses what no feeder does. */
function measurable<T extends TimedReading>(value: T, helpers: Joi.CustomHelpers): T | Joi.ErrorReport {
  try {
    measuredSpeed(value);
    return value;
  } catch (error) {
    if (error instanceof OutOfRangeError) return helpers.error(error.code);
    throw error;
  }
}

const MEASURABLE_WORDS = {
  'speed-out-of-range': SPEED_MESSAGE,
  'runs-too-alike': 'The two runs are too alike: the longer must be at least 2 s longer.',
  'length-out-of-range': SPEED_MESSAGE,
  'time-out-of-range': SPEED_MESSAGE,
};

/** A reading with more fields of its own kind. */
export function readingSchema<T extends TimedReading>(more: Joi.SchemaMap): Joi.ObjectSchema<T> {
  return Joi.object<T>({ ...readingFields, ...more })
    .custom(measurable)
    .messages(MEASURABLE_WORDS);
}

/** A reading of the dial: knob, length and time, the shorter run of the two-length method, tap, and whether an arc burnt. */
export const newDialReadingSchema = readingSchema<NewDialReading>({ id: idSchema });

/** A reading as it is kept: what is not JSON of its own stands in columns. */
export const keptReadingFields = {
  id: Joi.string().required(),
  at: Joi.string().required(),
  counts: Joi.boolean().required(),
};
export const dialReadingSchema = readingSchema<KeptDialReading>(keptReadingFields);
export const dialReadingListSchema = Joi.array<KeptDialReading[]>().items(dialReadingSchema);

/** The timed runs of a reading, as JSON. */
export interface KeptRuns {
  readonly run: TimedRun;
  readonly shortRun: TimedRun | null;
}

export const KEPT_RUNS: StoredShape<KeptRuns> = {
  version: 1,
  schema: exactly<KeptRuns>({ run: run.required(), shortRun: run.allow(null).required() }),
  upgrades: {},
};
