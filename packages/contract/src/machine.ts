import {
  type DutyRating,
  type Machine,
  MACHINE_FEATURES,
  MACHINE_KINDS,
  POLARITIES,
  POLARITY_CHANGES,
  WIRE_CLASSES,
  WIRE_DIAMETERS_MM,
} from '@hot-bead/core';
import Joi from 'joi';
import { gasSchema } from './gas.ts';
import {
  oneEntrySchema,
  voltsControlSchema,
  WIRE_SPEED_RANGE_M_PER_MIN,
  WIRE_SPEED_WORDS,
  wireControlSchema,
} from './machine-controls.ts';
import { SHELF_MOST, wireSchema } from './shop.ts';
import { dialReadingListSchema, type KeptDialReading } from './dial-reading.ts';

/** A machine as it is entered: everything the planner knows of one. */
export type NewMachine = Machine;
export type MachineChange = Partial<Machine>;

/** A machine as it is kept, with the readings that count. */
export interface KeptMachine extends Machine {
  readonly id: string;
  readonly dialReadings: readonly KeptDialReading[];
  /** When its taps or its display were last held against a meter; null: never. */
  readonly voltsReadAt: string | null;
  /** When what it chooses for its one entry was last recorded; null: never. */
  readonly entryReadAt: string | null;
}

const rising = ([min, max]: readonly [number, number], what: string, words: string) =>
  Joi.array()
    .ordered(Joi.number().min(min).max(max).required(), Joi.number().min(min).max(max).required())
    .custom((value: readonly [number, number], helpers) =>
      value[0] < value[1] ? value : helpers.error('range-order'),
    )
    .messages({
      'range-order': `${what}: the lowest must lie under the highest.`,
      'number.min': `${what} is ${words}.`,
      'number.max': `${what} is ${words}.`,
      'number.base': `${what} is two numbers.`,
      'array.includesRequiredUnknowns': `${what} is two numbers.`,
    });

const amount = (what: string, min: number, max: number, unit: string) =>
  Joi.number()
    .min(min)
    .max(max)
    .required()
    .messages({
      'number.base': `${what} is a number of ${unit}.`,
      'any.required': `${what} is a number of ${unit}.`,
      'number.min': `${what} is ${min} to ${max} ${unit}.`,
      'number.max': `${what} is ${min} to ${max} ${unit}.`,
    });

/** Most drive rolls of a machine. */
export const ROLLS_MOST = 40;

/** Ratings from the plate: less duty at more current, or one of them is misread. */
const duty = Joi.array()
  .items(Joi.object({ currentA: amount('A rating', 5, 600, 'A'), percent: amount('A rating', 1, 100, '%') }))
  .max(6)
  .custom((ratings: readonly DutyRating[], helpers) => {
    const rising = ratings.toSorted((a, b) => a.currentA - b.currentA);
    const wrong = rising.slice(1).some((rating, i) => {
      const before = rising[i] as DutyRating;
      return rating.currentA === before.currentA || rating.percent >= before.percent;
    });
    return wrong ? helpers.error('duty-order') : ratings;
  })
  .messages({ 'duty-order': 'At more current the duty must be less: read the plate again.' });

const fields = {
  name: Joi.string().trim().min(1).max(60).label('Name').messages({
    'string.empty': 'Give the machine a name.',
    'any.required': 'Give the machine a name.',
  }),
  loadedWireClass: Joi.valid(...WIRE_CLASSES),
  loadedWireDiameterMm: Joi.valid(...WIRE_DIAMETERS_MM),
  loadedGas: gasSchema,
  currentRangeA: rising([5, 600], 'Current', '5 to 600 A'),
  wireFeedSpeedRangeMPerMin: rising(WIRE_SPEED_RANGE_M_PER_MIN, 'Wire speed', WIRE_SPEED_WORDS),
  features: Joi.array()
    .items(Joi.valid(...MACHINE_FEATURES))
    .unique(),
  standingPolarity: Joi.valid(...POLARITIES),
  kind: Joi.valid(...MACHINE_KINDS),
  polarityChange: Joi.valid(...POLARITY_CHANGES),
  wireControl: wireControlSchema,
  voltsControl: voltsControlSchema,
  feedFollowsPosition: Joi.boolean(),
  oneEntry: oneEntrySchema,
  duty,
  mains: Joi.object({
    volts: amount('Mains volts', 90, 500, 'V'),
    breakerA: amount('The breaker', 3, 125, 'A'),
  }),
  wires: Joi.array().items(wireSchema).max(SHELF_MOST).unique().messages({
    'array.unique': 'The same wire stands there twice.',
  }),
  rolls: Joi.array()
    .items(
      Joi.object({
        form: Joi.valid('v-smooth', 'u', 'knurled').required(),
        grooveMm: Joi.valid(...WIRE_DIAMETERS_MM).required(),
      }),
    )
    .max(ROLLS_MOST)
    .unique()
    .messages({ 'array.unique': 'The same roll stands there twice.' }),
};

/** Where one entry sets both, both controls say so. */
function entryOnBoth(machine: Pick<Machine, 'wireControl' | 'voltsControl'>): boolean {
  const [wire, volts] = [machine.wireControl?.kind === 'entry', machine.voltsControl?.kind === 'entry'];
  return wire === volts;
}

export const newMachineSchema = Joi.object<NewMachine>({
  ...fields,
  name: fields.name.required(),
  loadedWireClass: fields.loadedWireClass.required(),
  loadedWireDiameterMm: fields.loadedWireDiameterMm.required(),
  loadedGas: fields.loadedGas.required(),
})
  .custom((machine: NewMachine, helpers) => (entryOnBoth(machine) ? machine : helpers.error('entry-on-one')))
  .messages({ 'entry-on-one': 'One entry sets wire speed and volts together, or neither.' });

export const machineChangeSchema = Joi.object<MachineChange>(fields)
  .min(1)
  .messages({ 'object.min': 'Nothing to change.' });

export const machineSchema = Joi.object<KeptMachine>({
  ...fields,
  id: Joi.string().required(),
  name: Joi.string().required(),
  loadedWireClass: Joi.string().required(),
  loadedWireDiameterMm: Joi.number().required(),
  loadedGas: Joi.string().required(),
  dialReadings: dialReadingListSchema.required(),
  voltsReadAt: Joi.string().allow(null).required(),
  entryReadAt: Joi.string().allow(null).required(),
}).unknown();

export const machineListSchema = Joi.array<KeptMachine[]>().items(machineSchema);
