import { rigField } from '@hot-bead/core/changeover';
import {
  isRigAttribute,
  type RigAttribute,
  RIG_ATTRIBUTE_NAMES,
  rigAttributeRow,
  type RigFact,
  type RigFacts,
  type RollPressure,
} from '@hot-bead/core/machine';
import { WIRE_CLASSES, WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import Joi from 'joi';
import { idSchema } from '../history/command.ts';
import { lineSchema } from '../base/plain-text.ts';
import { exactly } from '../base/validation.ts';

/** All secondary settings of a plan stand in one value. */
const VALUE_MOST = 1000;
const NOTE_MOST = 300;

/** What is not of those that are named: it is known to be another. Where there are two, it is one of them. */
export const OTHER_VALUE = 'other';

/** A value that an attribute can have. Where a field of the machine keeps it, that field's own contract holds. */
function valueSchema(name: RigAttribute): Joi.Schema {
  const { choices, word } = rigAttributeRow(name);
  if (choices === undefined || rigField(name) !== undefined) return lineSchema().min(1).max(VALUE_MOST);
  const all = choices.length === 2 ? choices : [...choices, OTHER_VALUE];
  return Joi.valid(...all).messages({ 'any.only': `${word} is one of ${all.join(', ')}.` });
}

/** What is known of how a machine stands, as it is kept. */
export const rigFactsSchema = Joi.object<RigFacts>(
  Object.fromEntries(
    RIG_ATTRIBUTE_NAMES.map((name) => [
      name,
      exactly<RigFact>({
        value: lineSchema().min(1).max(VALUE_MOST).required(),
        at: Joi.string().isoDate(),
        doubted: Joi.valid(true),
        since: Joi.string().isoDate(),
      }),
    ]),
  ),
);

/** Most wires that a machine keeps a roll pressure for. */
const PRESSURES_MOST = 60;

const rollPressureSchema = exactly<RollPressure>({
  wireClass: Joi.valid(...WIRE_CLASSES).required(),
  diameterMm: Joi.valid(...WIRE_DIAMETERS_MM).required(),
  mark: lineSchema().min(1).max(12).required().messages({ '*': 'The mark is what the screw’s scale shows.' }),
});

export const rollPressureListSchema = Joi.array<RollPressure[]>()
  .items(rollPressureSchema)
  .max(PRESSURES_MOST)
  // entries that are none are compared too, before they are refused
  .unique(
    (a: RollPressure | null, b: RollPressure | null) =>
      a !== null && b !== null && a.wireClass === b.wireClass && a.diameterMm === b.diameterMm,
  )
  .messages({ 'array.unique': 'The same wire stands there twice.' });

/** Why something of a rig was told by a hand; what a logged bead makes of it has the reason `bead`. */
export const RIG_REASONS = ['step', 'look', 'said'] as const;

/** One value of a rig as it was seen and as it is now; null: not known. */
export interface RigValueChange {
  readonly from: string | null;
  readonly to: string | null;
  readonly doubted?: true;
}

/** What is told of a rig at once: by a step that was done, a look, or by hand. */
export interface RigChange {
  readonly why: (typeof RIG_REASONS)[number];
  readonly changes: { readonly [K in RigAttribute]?: RigValueChange };
  /** The step or the look. */
  readonly step?: string;
  readonly jobId?: string;
  /** The gate that was confirmed before it. */
  readonly gate?: string;
  readonly note?: string;
  /** A photo that was kept before. */
  readonly photoId?: string;
  /** The mark that the screw of the rolls stood on, and for which wire. */
  readonly rollPressure?: RollPressure;
}

const changesSchema = Joi.object<RigChange['changes']>(
  Object.fromEntries(
    RIG_ATTRIBUTE_NAMES.map((name) => [
      name,
      exactly<RigValueChange>({
        from: Joi.string().max(VALUE_MOST).allow(null).required(),
        to: valueSchema(name).allow(null).required(),
        doubted: Joi.valid(true),
      }),
    ]),
  ),
);

export const rigChangeSchema = Joi.object<RigChange>({
  why: Joi.valid(...RIG_REASONS).required(),
  changes: changesSchema.required(),
  step: Joi.string().pattern(/^[a-z0-9-]{1,40}$/),
  jobId: idSchema,
  gate: Joi.string().pattern(/^[a-z-]{1,40}$/),
  note: lineSchema()
    .max(NOTE_MOST)
    .messages({ 'string.max': `A note has at most ${NOTE_MOST} letters.` }),
  photoId: idSchema,
  rollPressure: rollPressureSchema,
}).custom((change: RigChange, helpers) =>
  Object.keys(change.changes).every(isRigAttribute) ? change : helpers.error('any.invalid'),
);
