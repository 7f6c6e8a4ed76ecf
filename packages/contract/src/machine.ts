import {
  gasNamed,
  type Machine,
  MACHINE_FEATURES,
  MACHINE_KINDS,
  measuredSpeed,
  OutOfRangeError,
  POLARITIES,
  RUN_LENGTH_RANGE_MM,
  RUN_TIME_RANGE_S,
  type TimedReading,
  WIRE_CLASSES,
  WIRE_DIAMETERS_MM,
} from '@hot-bead/core';
import Joi from 'joi';

/** A machine as it is entered: everything the planner knows of one. */
export type NewMachine = Machine;
export type MachineChange = Partial<Machine>;

/** A timed reading of the wire-feed dial as it is kept. */
export interface KeptDialReading extends TimedReading {
  readonly id: string;
  readonly at: string;
  /** When it was taken out or a new calibration took its place; null while it counts. */
  readonly supersededAt: string | null;
}

/** A machine as it is kept, with the readings that count. */
export interface KeptMachine extends Machine {
  readonly id: string;
  readonly dialReadings: readonly KeptDialReading[];
}

const rising = (min: number, max: number, what: string, unit: string) =>
  Joi.array()
    .ordered(Joi.number().min(min).max(max).required(), Joi.number().min(min).max(max).required())
    .custom((value: readonly [number, number], helpers) =>
      value[0] < value[1] ? value : helpers.error('range-order'),
    )
    .messages({
      'range-order': `${what}: the lowest must lie under the highest.`,
      'number.min': `${what} is ${min} to ${max} ${unit}.`,
      'number.max': `${what} is ${min} to ${max} ${unit}.`,
      'number.base': `${what} is two numbers in ${unit}.`,
      'array.includesRequiredUnknowns': `${what} is two numbers in ${unit}.`,
    });

const gas = Joi.string()
  .custom((value: string, helpers) => (gasNamed(value) ? value : helpers.error('gas-unknown', { value })))
  .messages({ 'gas-unknown': '{#value} is not a gas we know.' });

/** A field that belongs to one kind of control: required there, out of place elsewhere. */
const onlyFor = (kind: string, schema: Joi.Schema) =>
  Joi.any().when('kind', { is: kind, then: schema, otherwise: Joi.forbidden() });

const KNOB_ORDER = { 'number.greater': 'The knob’s highest mark must lie above its lowest.' };

const wireControl = Joi.object({
  kind: Joi.valid('units', 'knob').required(),
  min: onlyFor('knob', Joi.number().min(0).max(100).required()),
  max: onlyFor('knob', Joi.number().greater(Joi.ref('min')).max(100).required().messages(KNOB_ORDER)),
});

const loaded = Joi.object({
  volts: Joi.number().min(5).max(60).required(),
  currentA: Joi.number().min(10).max(500).required(),
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
  loaded: Joi.array().items(loaded).max(12),
});

const POSITIONS_WORDS = {
  'array.min': 'Name at least one tap.',
  'array.unique': 'Two taps have the same name.',
};

const voltsControl = Joi.object({
  kind: Joi.valid('displayed', 'positions').required(),
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

const fields = {
  name: Joi.string().trim().min(1).max(60).label('Name').messages({
    'string.empty': 'Give the machine a name.',
    'any.required': 'Give the machine a name.',
  }),
  loadedWireClass: Joi.valid(...WIRE_CLASSES),
  loadedWireDiameterMm: Joi.valid(...WIRE_DIAMETERS_MM),
  loadedGas: gas,
  currentRangeA: rising(5, 600, 'Current', 'A'),
  wireFeedSpeedRangeMPerMin: rising(0.3, 40, 'Wire speed', 'm/min'),
  features: Joi.array()
    .items(Joi.valid(...MACHINE_FEATURES))
    .unique(),
  standingPolarity: Joi.valid(...POLARITIES),
  kind: Joi.valid(...MACHINE_KINDS),
  wireControl,
  voltsControl,
  duty: Joi.array()
    .items(
      Joi.object({
        currentA: Joi.number().min(5).max(600).required(),
        percent: Joi.number().min(1).max(100).required(),
      }),
    )
    .max(6),
};

export const newMachineSchema = Joi.object<NewMachine>({
  ...fields,
  name: fields.name.required(),
  loadedWireClass: fields.loadedWireClass.required(),
  loadedWireDiameterMm: fields.loadedWireDiameterMm.required(),
  loadedGas: fields.loadedGas.required(),
});

export const machineChangeSchema = Joi.object<MachineChange>(fields)
  .min(1)
  .messages({ 'object.min': 'Nothing to change.' });

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

/** A reading of the dial: knob, length and time, and the shorter run of the two-length method. */
export const newDialReadingSchema = Joi.object<TimedReading>({
  knob: Joi.number().min(0).max(100).required().messages({
    'number.base': 'The knob is a number on its scale.',
    'any.required': 'Write where the knob stood.',
  }),
  run: run.required(),
  shortRun: run,
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
  at: Joi.string().required(),
  supersededAt: Joi.string().allow(null).required(),
}).unknown();

export const dialReadingListSchema = Joi.array<KeptDialReading[]>().items(dialReadingSchema);

export const machineSchema = Joi.object<KeptMachine>({
  ...fields,
  id: Joi.string().required(),
  name: Joi.string().required(),
  loadedWireClass: Joi.string().required(),
  loadedWireDiameterMm: Joi.number().required(),
  loadedGas: Joi.string().required(),
  dialReadings: dialReadingListSchema.required(),
}).unknown();

export const machineListSchema = Joi.array<KeptMachine[]>().items(machineSchema);
