import { inMetric } from '@hot-bead/core/base';
import {
  type Cylinder,
  CYLINDER_GAS_RANGE_KG,
  CYLINDER_PRESSURE_RANGE_BAR,
  CYLINDER_TARE_RANGE_KG,
  CYLINDER_TEMPERATURE_RANGE_C,
  CYLINDER_WATER_RANGE_L,
  type Part,
  PART_COUNT_RANGE,
  PART_KINDS,
  type Spool,
  SPOOL_SIZES,
  SPOOL_TARE_RANGE_KG,
  SPOOL_WIRE_RANGE_KG,
  stockFault,
  type StockEntry,
  type StockItem,
} from '@hot-bead/core/stores';
import { WIRE_CLASSES, WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import Joi from 'joi';
import { type ChosenId, idSchema, type SeenVersion, versionSchema } from '../history/command.ts';
import { figure } from '../base/figure.ts';
import { gasSchema } from '../trade/gas.ts';
import { lineSchema } from '../base/plain-text.ts';
import type { StoredShape } from '../history/stored.ts';
import { atField, exactly } from '../base/validation.ts';

type Range = readonly [number, number];
const amount = (what: string, range: Range, unit: string) =>
  figure(what, range, unit, { kind: `a number of ${unit}` });
const leftKg = (most: number) => amount('What is left', [0, most], 'kg');

/** Diameters that a wire of a nominal size can truly have, mm. */
const TRUE_RANGE_MM = [0.5, 2.5] as const;

const spoolFields = {
  wireClass: Joi.valid(...WIRE_CLASSES)
    .required()
    .messages({ '*': 'Say which wire it is.' }),
  diameterMm: Joi.valid(...WIRE_DIAMETERS_MM)
    .required()
    .messages({ '*': 'Say which size the wire has.' }),
  trueDiameterMm: amount('The measured diameter', TRUE_RANGE_MM, 'mm'),
  size: Joi.valid(...SPOOL_SIZES),
  batch: lineSchema().max(60),
  fullKg: amount('Wire on a full spool', SPOOL_WIRE_RANGE_KG, 'kg'),
  tareKg: amount('The empty spool', SPOOL_TARE_RANGE_KG, 'kg'),
  leftKg: leftKg(SPOOL_WIRE_RANGE_KG[1]),
  openedOn: Joi.string()
    .pattern(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/)
    .messages({ '*': 'A day is written like 2026-03-01.' }),
  keptDry: Joi.boolean(),
};
const pressure = (what: string) => amount(what, CYLINDER_PRESSURE_RANGE_BAR, 'bar');
const cylinderFields = {
  name: lineSchema().min(1).max(40).required().messages({ '*': 'Give the cylinder its number or a name.' }),
  gas: gasSchema
    .required()
    .invalid('none')
    .messages({ 'any.required': 'Say which gas it is.', 'any.invalid': 'Say which gas it is.' }),
  waterL: amount('The water it would hold', CYLINDER_WATER_RANGE_L, 'L'),
  fullBar: pressure('The pressure of a full one'),
  leftBar: pressure('The pressure'),
  temperatureC: amount('The temperature', CYLINDER_TEMPERATURE_RANGE_C, '°C'),
  fullKg: amount('Gas in a full one', CYLINDER_GAS_RANGE_KG, 'kg'),
  tareKg: amount('The empty cylinder', CYLINDER_TARE_RANGE_KG, 'kg'),
  leftKg: leftKg(CYLINDER_GAS_RANGE_KG[1]),
};
const count = (what: string) =>
  Joi.number()
    .integer()
    .min(PART_COUNT_RANGE[0])
    .max(PART_COUNT_RANGE[1])
    .messages({ '*': `${what} is a whole number, none or more.` });
const partFields = {
  part: Joi.valid(...PART_KINDS).required(),
  name: lineSchema().min(1).max(60).required().messages({ '*': 'Say what it is called.' }),
  forMm: Joi.valid(...WIRE_DIAMETERS_MM),
  rollForm: Joi.valid('v-smooth', 'u', 'knurled'),
  liner: Joi.valid('steel', 'plastic'),
  forAluminium: Joi.boolean(),
  count: count('The count').required(),
  least: count('The least to keep'),
};

/** What cannot be of it is said at its field. */
function possible<T extends StockItem>(schema: Joi.ObjectSchema<T>): Joi.ObjectSchema<T> {
  return schema
    .custom((item: T, helpers) => {
      const fault = stockFault(item);
      return fault
        ? helpers.error('stock-fault', { text: inMetric(fault.message) }, atField(helpers.state, fault.field))
        : item;
    })
    .messages({ 'stock-fault': '{#text}' });
}

/** Fields that each belong to some of the kinds, and to the others not. */
function byKind(
  kinds: Readonly<Record<string, Readonly<Record<string, Joi.Schema>>>>,
): Record<string, Joi.Schema> {
  const names = [...new Set(Object.values(kinds).flatMap(Object.keys))];
  const fieldOf = (name: string): Joi.Schema =>
    Joi.any().when('kind', {
      switch: Object.entries(kinds).flatMap(([is, fields]) => {
        const then = fields[name];
        return then ? [{ is, then }] : [];
      }),
      otherwise: Joi.forbidden(),
    });
  const kind = Joi.valid(...Object.keys(kinds)).required();
  return { kind, ...Object.fromEntries(names.map((name) => [name, fieldOf(name)])) };
}

const ITEM = byKind({ spool: spoolFields, cylinder: cylinderFields, part: partFields });

/** A thing in Stores as it is entered. */
export type NewStockItem = (Spool | Cylinder | Part) & ChosenId;
type FieldOf<Item> = Item extends unknown ? Exclude<keyof Item, 'kind'> : never;
type ValueOf<Item, Field> = Item extends unknown ? (Field extends keyof Item ? Item[Field] : never) : never;
/** What of a thing in Stores changes, field by field; null is no longer known. What kind of thing it is stays. */
export type StockChange = SeenVersion & {
  readonly [Field in FieldOf<StockItem>]?: ValueOf<StockItem, Field> | null;
};

/** A thing in Stores as it is kept. */
export interface KeptStockItem {
  readonly id: string;
  readonly version: number;
  readonly item: StockItem;
  /** When it was last told of, as an ISO date. */
  readonly updatedAt: string;
  readonly away: boolean;
}

export const stockItemSchema = possible(Joi.object<StockItem>(ITEM));
export const newStockItemSchema = possible(Joi.object<NewStockItem>({ ...ITEM, id: idSchema }));

/** Fields of whatever kind, each alone; whether they make a thing of its kind is asked where they come together. */
function changeable(kinds: readonly Readonly<Record<string, Joi.Schema>>[]): Record<string, Joi.Schema> {
  const names = [...new Set(kinds.flatMap(Object.keys))];
  const schemaOf = (name: string): Joi.Schema => {
    const schemas = kinds.flatMap(({ [name]: schema }) => (schema ? [schema.optional().allow(null)] : []));
    const [only] = schemas;
    return schemas.length === 1 && only ? only : Joi.alternatives(...schemas);
  };
  return Object.fromEntries(names.map((name) => [name, schemaOf(name)]));
}
export const stockChangeSchema = Joi.object<StockChange>({
  ...changeable([spoolFields, cylinderFields, partFields]),
  version: versionSchema,
});

export const keptStockItemSchema = exactly<KeptStockItem>({
  id: Joi.string().required(),
  version: versionSchema.required(),
  item: stockItemSchema.required(),
  updatedAt: Joi.string().required(),
  away: Joi.boolean().required(),
});

/** What is told of a thing in Stores; the ledger keeps it as it was told. */
export type NewStockEntry = StockEntry;
const weight = amount('The weight', [0, CYLINDER_GAS_RANGE_KG[1] + CYLINDER_TARE_RANGE_KG[1]], 'kg');
export const stockEntrySchema = Joi.object<NewStockEntry>(
  byKind({
    weighed: { weightKg: weight.required() },
    gauged: { bar: pressure('The pressure').required(), temperatureC: cylinderFields.temperatureC },
    adjusted: {
      left: amount('What is left', [0, PART_COUNT_RANGE[1]], '').required(),
      reason: lineSchema().min(1).max(120).required().messages({ '*': 'Say why it is put right.' }),
    },
    'used-up': {},
    bought: { count: count('The count').required() },
    counted: { count: count('The count').required() },
  } satisfies Record<StockEntry['kind'], Record<string, Joi.Schema>>),
);

/** What of a thing in Stores is kept as JSON. */
export interface KeptStockParts {
  readonly item: StockItem;
}
export const KEPT_STOCK: StoredShape<KeptStockParts> = {
  version: 1,
  schema: exactly<KeptStockParts>({ item: stockItemSchema.required() }),
  upgrades: {},
};
