import {
  ENTRY_UNITS,
  entryLineFault,
  type EntryPoint,
  inchesPerMinFromMPerMin,
  isSameLine,
  WIRE_CLASSES,
  WIRE_DIAMETERS_MM,
} from '@hot-bead/core';
import Joi from 'joi';
import { gasSchema } from './gas.ts';

/** A field that belongs to one kind of control: required there, out of place elsewhere. */
const onlyFor = (kind: string, schema: Joi.Schema) =>
  Joi.any().when('kind', { is: kind, then: schema, otherwise: Joi.forbidden() });

const KNOB_ORDER = { 'number.greater': 'The knob’s highest mark must lie above its lowest.' };

/** Most letters of a wire control. */
export const LETTERS_MOST = 24;

export const wireControlSchema = Joi.object({
  kind: Joi.valid('units', 'knob', 'letters', 'entry').required(),
  min: onlyFor('knob', Joi.number().min(0).max(100).required()),
  max: onlyFor('knob', Joi.number().greater(Joi.ref('min')).max(100).required().messages(KNOB_ORDER)),
  names: onlyFor(
    'letters',
    Joi.array()
      .items(Joi.string().trim().min(1).max(12))
      .min(2)
      .max(LETTERS_MOST)
      .unique()
      .required()
      .messages({
        'array.min': 'Name at least two letters.',
        'array.unique': 'Two letters are the same.',
      }),
  ),
});

export const loadedSchema = Joi.object({
  volts: Joi.number().min(5).max(60).required().messages({
    'number.base': 'Arc volts are a number.',
    'number.min': 'Arc volts are 5 to 60 V.',
    'number.max': 'Arc volts are 5 to 60 V.',
  }),
  currentA: Joi.number().min(10).max(500).required().messages({
    'number.base': 'The current is a number.',
    'number.min': 'The current is 10 to 500 A.',
    'number.max': 'The current is 10 to 500 A.',
  }),
});

/** Most positions of a volts control, and most loaded readings of one. */
export const POSITIONS_MOST = 24;

const position = Joi.object({
  name: Joi.string().trim().max(12).required(),
  openV: Joi.number().min(5).max(113).messages({
    'number.base': 'Open-circuit volts are a number.',
    'number.min': 'Open-circuit volts are 5 to 113 V.',
    'number.max': 'Open-circuit volts are 5 to 113 V.',
  }),
  loaded: Joi.array().items(loadedSchema).max(12),
});

const POSITIONS_WORDS = {
  'array.min': 'Name at least one tap.',
  'array.unique': 'Two taps have the same name.',
};

const volts = (what: string) =>
  Joi.number()
    .min(5)
    .max(60)
    .required()
    .messages({
      'number.base': `${what} is a number.`,
      'any.required': `Write ${what.toLowerCase()}.`,
      'number.min': `${what} is 5 to 60 V.`,
      'number.max': `${what} is 5 to 60 V.`,
    });

/** What the machine showed while a meter stood on the arc. */
export const meterReadingSchema = Joi.object({
  shownV: volts('What it shows'),
  meterV: volts('What the meter reads'),
});

/** Most readings of a display against a meter. */
export const METER_READINGS_MOST = 24;

export const voltsControlSchema = Joi.object({
  kind: Joi.valid('displayed', 'positions', 'entry').required(),
  meter: onlyFor('displayed', Joi.array().items(meterReadingSchema).max(METER_READINGS_MOST)),
  positions: onlyFor(
    'positions',
    Joi.array()
      .items(position)
      .min(1)
      .max(POSITIONS_MOST)
      .unique('name')
      .required()
      .messages(POSITIONS_WORDS),
  ),
});

/** Wire speeds that a machine may have, m/min, and the same in words, in both units. */
export const WIRE_SPEED_RANGE_M_PER_MIN = [0.3, 40] as const;
const [slowest, fastest] = WIRE_SPEED_RANGE_M_PER_MIN;
const [slowestIn, fastestIn] = [slowest, fastest].map((speed) => inchesPerMinFromMPerMin(speed).toFixed(0));
export const WIRE_SPEED_WORDS = `${slowest} to ${fastest} m/min (${slowestIn} to ${fastestIn} in/min)`;

export const entryPointSchema = Joi.object<EntryPoint>({
  entry: Joi.number().min(0).max(1000).required().messages({
    'number.base': 'The entry is a number.',
    'any.required': 'Write what was entered.',
  }),
  wireFeedSpeedMPerMin: Joi.number()
    .min(slowest)
    .max(fastest)
    .required()
    .messages({
      'number.base': 'The wire speed is a number.',
      'number.min': `The wire speed is ${WIRE_SPEED_WORDS}.`,
      'number.max': `The wire speed is ${WIRE_SPEED_WORDS}.`,
    }),
  volts: volts('What it chose in volts'),
});

/** Most points of a line, and most lines. */
export const ENTRY_POINTS_MOST = 40;

const entryLineSchema = Joi.object({
  wireClass: Joi.valid(...WIRE_CLASSES).required(),
  diameterMm: Joi.valid(...WIRE_DIAMETERS_MM).required(),
  gas: gasSchema.required(),
  points: Joi.array()
    .items(entryPointSchema)
    .min(1)
    .max(ENTRY_POINTS_MOST)
    .required()
    .custom((points: readonly EntryPoint[], helpers) => {
      const fault = entryLineFault(points);
      return fault === undefined ? points : helpers.error('entry-line', { fault });
    })
    .messages({ 'entry-line': '{#fault}' }),
});

export const oneEntrySchema = Joi.object({
  unit: Joi.valid(...ENTRY_UNITS).required(),
  trimStepV: Joi.number().min(0.01).max(5).messages({
    'number.base': 'Volts a mark of trim are a number.',
    'number.min': 'A mark of trim is 0.01 to 5 V.',
    'number.max': 'A mark of trim is 0.01 to 5 V.',
  }),
  lines: Joi.array()
    .items(entryLineSchema)
    .max(ENTRY_POINTS_MOST)
    .required()
    .unique(isSameLine)
    .messages({ 'array.unique': 'Two lines are for the same wire and gas.' }),
});
