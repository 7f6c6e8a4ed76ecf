import {
  measuredSpeed,
  OutOfRangeError,
  RUN_LENGTH_RANGE_MM,
  RUN_TIME_RANGE_S,
  type TimedReading,
} from '@hot-bead/core';
import Joi from 'joi';

/** A timed reading of the wire-feed dial as it is kept. */
export interface KeptDialReading extends TimedReading {
  readonly id: string;
  readonly at: string;
  /** When it was taken out or a new calibration took its place; null while it counts. */
  readonly supersededAt: string | null;
}

const [shortest, longest] = RUN_LENGTH_RANGE_MM;
const [quickest, slowest] = RUN_TIME_RANGE_S;
const run = Joi.object({
  lengthMm: Joi.number()
    .min(shortest)
    .max(longest)
    .required()
    .messages({
      'number.base': 'The length is a number.',
      'any.required': 'Measure the wire and write its length.',
      'number.min': `The length is ${shortest} mm to ${longest / 1000} m.`,
      'number.max': `The length is ${shortest} mm to ${longest / 1000} m.`,
    }),
  timeS: Joi.number()
    .min(quickest)
    .max(slowest)
    .required()
    .messages({
      'number.base': 'The time is a number of seconds.',
      'any.required': 'Write how long the wire ran.',
      'number.min': `The time is ${quickest} to ${slowest} s.`,
      'number.max': `The time is ${quickest} to ${slowest} s.`,
    }),
});

const SPEED_MESSAGE = 'That would be a speed no feeder has: check length, unit and time.';

/** A reading of the dial: knob, length and time, the shorter run of the two-length method, tap, and whether an arc burnt. */
export const newDialReadingSchema = Joi.object<TimedReading>({
  knob: Joi.number().min(0).max(100).required().messages({
    'number.base': 'The knob is a number on its scale.',
    'any.required': 'Write where the knob stood.',
  }),
  run: run.required(),
  shortRun: run,
  position: Joi.string().trim().max(12),
  underArc: Joi.boolean(),
})
  .custom((value: TimedReading, helpers) => {
    try {
      measuredSpeed(value);
      return value;
    } catch (error) {
      if (error instanceof OutOfRangeError) return helpers.error(error.code);
      throw error;
    }
  })
  .messages({
    'speed-out-of-range': SPEED_MESSAGE,
    'runs-too-alike': 'The two runs are too alike: the longer must be at least 2 s longer.',
    'length-out-of-range': SPEED_MESSAGE,
    'time-out-of-range': SPEED_MESSAGE,
  });

export const dialReadingSchema = Joi.object<KeptDialReading>({
  id: Joi.string().required(),
  knob: Joi.number().required(),
  run: Joi.object({ lengthMm: Joi.number().required(), timeS: Joi.number().required() }).required(),
  shortRun: Joi.object({ lengthMm: Joi.number().required(), timeS: Joi.number().required() }),
  position: Joi.string(),
  underArc: Joi.boolean(),
  at: Joi.string().required(),
  supersededAt: Joi.string().allow(null).required(),
}).unknown();

export const dialReadingListSchema = Joi.array<KeptDialReading[]>().items(dialReadingSchema);
