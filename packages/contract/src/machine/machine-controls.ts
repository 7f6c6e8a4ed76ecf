import { inchesPerMinFromMPerMin } from '@hot-bead/core/base';
import {
  ENTRY_RANGE,
  ENTRY_UNITS,
  type EntryLine,
  entryLineFault,
  type EntryPoint,
  isSameLine,
  KNOB_RANGE,
  KNOB_SCALE_LEAST,
  LOADED_CURRENT_RANGE_A,
  type LoadedReading,
  MACHINE_WIRE_SPEED_RANGE_M_PER_MIN,
  METER_VOLTS_RANGE,
  OPEN_VOLTS_RANGE,
  TRIM_STEP_RANGE_V,
  TRIM_UNITS,
  type VoltsKnobReading,
  type VoltsPlace,
} from '@hot-bead/core/machine';
import { WIRE_CLASSES, WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import Joi from 'joi';
import { figure, limitsText } from '../base/figure.ts';
import { gasSchema } from '../trade/gas.ts';
import { lineSchema } from '../base/plain-text.ts';
import { atField, exactly, whereItemsFit } from '../base/validation.ts';

/** A field that belongs to one kind of control: required there, out of place elsewhere. */
const onlyFor = (kind: string, schema: Joi.Schema) =>
  Joi.any().when('kind', { is: kind, then: schema, otherwise: Joi.forbidden() });

const KNOB_ORDER = {
  'any.ref': 'The knob’s marks are two numbers.',
  'number.min': `The knob’s highest mark must lie at least ${KNOB_SCALE_LEAST} above its lowest.`,
};

/** A knob's highest mark, a scale's length above its lowest. */
const knobMost = (what: string) =>
  figure(what, KNOB_RANGE)
    .min(Joi.ref('min', { adjust: (min: number) => min + KNOB_SCALE_LEAST }))
    .required()
    .messages(KNOB_ORDER);

/** Most letters of a wire control. */
export const LETTERS_MOST = 24;

export const wireControlSchema = Joi.object({
  kind: Joi.valid('units', 'knob', 'letters', 'entry').required(),
  min: onlyFor('knob', figure('The knob’s lowest mark', KNOB_RANGE).required()),
  max: onlyFor('knob', knobMost('The knob’s highest mark')),
  names: onlyFor(
    'letters',
    Joi.array().items(lineSchema().min(1).max(12)).min(2).max(LETTERS_MOST).unique().required().messages({
      'array.min': 'Name at least two letters.',
      'array.unique': 'Two letters are the same.',
    }),
  ),
});

export const loadedSchema = exactly<LoadedReading>({
  volts: figure('Arc volts', METER_VOLTS_RANGE, 'V', { plural: true }).required(),
  currentA: figure('The current', LOADED_CURRENT_RANGE_A, 'A').required(),
});

/** Most positions of a volts control, and most loaded readings of one. */
export const POSITIONS_MOST = 24;

const position = Joi.object({
  name: lineSchema().max(12).required(),
  openV: figure('Open-circuit volts', OPEN_VOLTS_RANGE, 'V', { plural: true }),
  loaded: Joi.array().items(loadedSchema).max(12),
});

/** What a meter told of one place of a volts knob. */
const voltsPlaceSchema = Joi.object<VoltsPlace>({
  knob: figure('The knob', KNOB_RANGE).required(),
  openV: figure('Open-circuit volts', OPEN_VOLTS_RANGE, 'V', { plural: true }),
  loaded: Joi.array().items(loadedSchema).max(12),
});

/** A reading as it is typed, for a knob of some scale. */
export const voltsPlaceReadingSchema = (scale: readonly [min: number, max: number]) =>
  exactly<VoltsKnobReading>({
    knob: figure('The knob', scale, '', { missing: 'Write where the knob stood.' }).required(),
    volts: Joi.when('currentA', {
      is: Joi.exist(),
      then: figure('Arc volts', METER_VOLTS_RANGE, 'V', { plural: true }).required(),
      otherwise: figure('Open-circuit volts', OPEN_VOLTS_RANGE, 'V', { plural: true }).required(),
    }),
    currentA: figure('The current', LOADED_CURRENT_RANGE_A, 'A'),
  });

const placeList = Joi.array()
  .items(
    voltsPlaceSchema
      .custom((place: VoltsPlace, helpers) => {
        const [, control] = helpers.state.ancestors as [
          unknown,
          { readonly min: number; readonly max: number },
        ];
        const { min, max } = control;
        return place.knob < min || place.knob > max ? helpers.error('place-off-scale', { min, max }) : place;
      })
      .messages({ 'place-off-scale': 'This volts knob goes from {#min} to {#max}.' }),
  )
  .max(POSITIONS_MOST)
  .unique('knob')
  .required()
  .messages({ 'array.unique': 'Two readings stand at the same place of the knob.' });

const POSITIONS_WORDS = {
  'array.min': 'Name at least one tap.',
  'array.unique': 'Two taps have the same name.',
};

const volts = (what: string) =>
  figure(what, METER_VOLTS_RANGE, 'V', { missing: `Write ${what.toLowerCase()}.` }).required();

/** What the machine showed while a meter stood on the arc. */
export const meterReadingSchema = Joi.object({
  shownV: volts('What it shows'),
  meterV: volts('What the meter reads'),
});

/** Most readings of a display against a meter. */
export const METER_READINGS_MOST = 24;

export const voltsControlSchema = Joi.object({
  kind: Joi.valid('displayed', 'positions', 'knob', 'entry').required(),
  min: onlyFor('knob', figure('The volts knob’s lowest mark', KNOB_RANGE).required()),
  max: onlyFor('knob', knobMost('The volts knob’s highest mark')),
  places: onlyFor('knob', placeList),
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

const [slowestIn, fastestIn] = MACHINE_WIRE_SPEED_RANGE_M_PER_MIN.map((speed) =>
  inchesPerMinFromMPerMin(speed).toFixed(0),
);
/** Wire speeds that a machine may have, in words, in both units. */
export const WIRE_SPEED_WORDS = `${limitsText(MACHINE_WIRE_SPEED_RANGE_M_PER_MIN, 'm/min')} (${slowestIn} to ${fastestIn} in/min)`;

export const entryPointSchema = exactly<EntryPoint>({
  entry: figure('The entry', ENTRY_RANGE, '', { missing: 'Write what was entered.' }).required(),
  wireFeedSpeedMPerMin: figure('The wire speed', MACHINE_WIRE_SPEED_RANGE_M_PER_MIN, 'm/min', {
    limits: WIRE_SPEED_WORDS,
  }).required(),
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
    .custom(
      whereItemsFit(entryPointSchema, (points, helpers) => {
        const fault = entryLineFault(points);
        return fault === undefined ? points : helpers.error('entry-line', { fault });
      }),
    )
    .messages({ 'entry-line': '{#fault}' }),
});

export const oneEntrySchema = Joi.object({
  unit: Joi.valid(...ENTRY_UNITS).required(),
  trimUnit: Joi.valid(...TRIM_UNITS),
  trimStepV: figure('A mark of trim', TRIM_STEP_RANGE_V, 'V').when('trimUnit', {
    is: Joi.valid('V', '%').required(),
    then: Joi.forbidden().messages({ 'any.unknown': 'Only a trim in marks has volts a mark.' }),
    otherwise: Joi.when('trimUnit', {
      is: Joi.valid('mark').required(),
      then: Joi.required().messages({ 'any.required': 'Say how many volts a mark of trim moves.' }),
    }),
  }),
  lines: Joi.array()
    .items(entryLineSchema)
    .max(ENTRY_POINTS_MOST)
    .required()
    .custom(
      whereItemsFit(entryLineSchema, (lines: readonly EntryLine[], helpers) => {
        const twice = lines.findIndex((line, i) =>
          lines.slice(0, i).some((other) => isSameLine(line, other)),
        );
        return twice < 0 ? lines : helpers.error('array.unique', {}, atField(helpers.state, String(twice)));
      }),
    )
    .messages({ 'array.unique': 'Two lines are for the same wire and gas.' }),
});
