import { readsAsWork } from '@hot-bead/core/line';
import {
  BREAKER_RANGE_A,
  DUTY_RANGE_PERCENT,
  type DutyRating,
  type Machine,
  MACHINE_FEATURES,
  MACHINE_KINDS,
  GAS_STANDS,
  MACHINE_WIRE_SPEED_RANGE_M_PER_MIN,
  MAINS_VOLTS_RANGE,
  POLARITY_CHANGES,
  SOURCE_CURRENT_RANGE_A,
  SPOOL_GUN_PORTS,
} from '@hot-bead/core/machine';
import { POLARITIES, WIRE_CLASSES, WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import Joi from 'joi';
import { type ChosenId, idSchema, type SeenVersion, versionSchema } from '../history/command.ts';
import { figure, limitsText } from '../base/figure.ts';
import { gasSchema } from '../trade/gas.ts';
import {
  oneEntrySchema,
  voltsControlSchema,
  WIRE_SPEED_WORDS,
  wireControlSchema,
} from './machine-controls.ts';
import { rigFactsSchema, rollPressureListSchema } from './rig.ts';
import { programListSchema, settingListSchema } from './machine-settings.ts';
import { SHELF_MOST, wireSchema } from '../trade/wire.ts';
import { dialReadingListSchema, type KeptDialReading } from './dial-reading.ts';
import { lineSchema } from '../base/plain-text.ts';
import type { StoredShape } from '../history/stored.ts';
import { atField, exactly, whereItemsFit } from '../base/validation.ts';

/** A machine as it is entered: everything the planner knows of one. */
export interface NewMachine extends Machine, ChosenId {}

/** Changes to a machine, field by field: what is absent stays, null is no longer known. */
export type MachineChange = SeenVersion & { readonly [K in keyof Omit<Machine, 'rig'>]?: Machine[K] | null };

/** A machine as it is kept, with the readings that count. */
export interface KeptMachine extends Machine {
  readonly id: string;
  readonly version: number;
  readonly away: boolean;
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
      'number.base': `${what}: fill in both, or neither.`,
      'array.includesRequiredUnknowns': `${what}: fill in both, or neither.`,
    });

const amount = (what: string, range: readonly [number, number], unit: string) =>
  figure(what, range, unit, { kind: `a number of ${unit}` }).required();

/** Most drive rolls of a machine. */
export const ROLLS_MOST = 40;

/** Ratings from the plate: less duty at more current, or one of them is misread. */
const rating = Joi.object<DutyRating>({
  currentA: amount('A rating', SOURCE_CURRENT_RANGE_A, 'A'),
  percent: amount('A rating', DUTY_RANGE_PERCENT, '%'),
});
const duty = Joi.array()
  .items(rating)
  .max(6)
  .custom(
    whereItemsFit(rating, (ratings, helpers) => {
      const rising = ratings.toSorted((a, b) => a.currentA - b.currentA);
      const wrong = rising.slice(1).some((one, i) => {
        const before = rising[i] as DutyRating;
        return one.currentA === before.currentA || one.percent >= before.percent;
      });
      return wrong ? helpers.error('duty-order') : ratings;
    }),
  )
  .messages({ 'duty-order': 'At more current the duty must be less: read the plate again.' });

const fields = {
  name: lineSchema().min(1).max(60).label('Name').messages({
    'string.empty': 'Give the machine a name.',
    'any.required': 'Give the machine a name.',
  }),
  loadedWireClass: Joi.valid(...WIRE_CLASSES),
  loadedWireDiameterMm: Joi.valid(...WIRE_DIAMETERS_MM),
  loadedGas: gasSchema,
  currentRangeA: rising(SOURCE_CURRENT_RANGE_A, 'Current', limitsText(SOURCE_CURRENT_RANGE_A, 'A')),
  wireFeedSpeedRangeMPerMin: rising(MACHINE_WIRE_SPEED_RANGE_M_PER_MIN, 'Wire speed', WIRE_SPEED_WORDS),
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
    volts: amount('Mains volts', MAINS_VOLTS_RANGE, 'V'),
    breakerA: amount('The breaker', BREAKER_RANGE_A, 'A'),
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
  settings: settingListSchema,
  programs: programListSchema,
  standingProgram: lineSchema().min(1).max(24),
  spoolGunPort: Joi.valid(...SPOOL_GUN_PORTS),
  purgeButton: Joi.boolean(),
  gasStand: Joi.valid(...GAS_STANDS),
  rollPressures: rollPressureListSchema,
  rig: rigFactsSchema,
};

/** Where one entry sets both, both controls say so. */
function entryOnBoth(machine: Pick<Machine, 'wireControl' | 'voltsControl'>): boolean {
  const [wire, volts] = [machine.wireControl?.kind === 'entry', machine.voltsControl?.kind === 'entry'];
  return wire === volts;
}

/** Whether the program that it stands on is missing in its table. */
function standsOnNone({ programs, standingProgram }: Pick<Machine, 'programs' | 'standingProgram'>): boolean {
  return standingProgram !== undefined && programs?.some(({ name }) => name === standingProgram) !== true;
}

/** A name of its own, that no line would read as part of a job. */
const ownName = fields.name
  .custom((name: string, helpers) =>
    readsAsWork(name) ? helpers.error('name-reads-as-work', { name }) : name,
  )
  .messages({
    'name-reads-as-work': 'A line would read “{#name}” as part of a job: give the machine a name of its own.',
  });

/** What must always be known of a machine. */
const REQUIRED = ['name', 'loadedWireClass', 'loadedWireDiameterMm', 'loadedGas'] as const;

const entered = {
  ...fields,
  name: fields.name.required(),
  loadedWireClass: fields.loadedWireClass.required(),
  loadedWireDiameterMm: fields.loadedWireDiameterMm.required(),
  loadedGas: fields.loadedGas.required(),
};

function consistent<T extends Machine>(schema: Joi.ObjectSchema<T>): Joi.ObjectSchema<T> {
  return schema
    .custom((machine: T, helpers) => {
      if (!entryOnBoth(machine)) return helpers.error('entry-on-one');
      if (standsOnNone(machine)) {
        return helpers.error('program-unknown', {}, atField(helpers.state, 'standingProgram'));
      }
      return machine;
    })
    .messages({
      'entry-on-one': 'One entry sets wire speed and volts together, or neither.',
      'program-unknown': 'That program is not in its table: add it, or take one that is.',
    });
}

/** A machine as it may stand, whatever it is called. */
export const enteredMachineSchema = consistent(Joi.object<Machine>(entered));
export const machineNameSchema = ownName.required();
/** A machine's new name, at its field. */
export const newNameSchema = exactly<Pick<Machine, 'name'>>({ name: machineNameSchema });
export const newMachineSchema = consistent(
  Joi.object<NewMachine>({ ...entered, name: machineNameSchema, id: idSchema }),
);

/** How it stands is told step by step, never as a whole. */
const { rig: _rig, ...told } = fields;

export const machineChangeSchema = Joi.object<MachineChange>({
  ...Object.fromEntries(
    Object.entries(told).map(([name, schema]) => [
      name,
      (REQUIRED as readonly string[]).includes(name) ? schema : schema.allow(null),
    ]),
  ),
  version: versionSchema,
})
  .or(...Object.keys(told))
  .messages({ 'object.missing': 'Nothing to change.' });

/** Everything a machine is but its name and what is on it, as JSON. */
export type MachineProfile = Omit<Machine, (typeof REQUIRED)[number]>;

const profileFields = Object.fromEntries(
  Object.entries(fields).filter(([name]) => !(REQUIRED as readonly string[]).includes(name)),
);
/** What of a machine is kept as JSON. */
export interface KeptMachineParts {
  readonly profile: MachineProfile;
}

export const KEPT_MACHINE: StoredShape<KeptMachineParts> = {
  version: 1,
  schema: exactly<KeptMachineParts>({ profile: Joi.object<MachineProfile>(profileFields).required() }),
  upgrades: {},
};

export const machineSchema = Joi.object<KeptMachine>({
  ...entered,
  id: Joi.string().required(),
  version: versionSchema.required(),
  away: Joi.boolean().required(),
  dialReadings: dialReadingListSchema.required(),
  voltsReadAt: Joi.string().allow(null).required(),
  entryReadAt: Joi.string().allow(null).required(),
});
