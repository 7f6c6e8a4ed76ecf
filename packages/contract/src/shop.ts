import { SCHOOL_TABLE, type Schools, type Shelf, WIRE_CLASSES, WIRE_DIAMETERS_MM } from '@hot-bead/core';
import Joi from 'joi';
import { gasSchema } from './gas.ts';

/** How this shop goes about it, and what it has besides what stands on its machines. */
export interface ShopSettings {
  readonly schools: Partial<Schools>;
  /** null until the shelf has been filled in: then nothing is held against a way for it. */
  readonly shelf: Shelf | null;
}

const schoolsSchema = Joi.object<Partial<Schools>>(
  Object.fromEntries(
    SCHOOL_TABLE.map((school) => [school.id, Joi.valid(...school.options.map((option) => option.value))]),
  ),
);

/** Most wires or gases on a shelf. */
export const SHELF_MOST = 60;

/** A wire by class and size. */
export const wireSchema = Joi.object({
  wireClass: Joi.valid(...WIRE_CLASSES).required(),
  diameterMm: Joi.valid(...WIRE_DIAMETERS_MM).required(),
});

const shelfSchema = Joi.object<Shelf>({
  wires: Joi.array().items(wireSchema).max(SHELF_MOST).required(),
  gases: Joi.array().items(gasSchema).max(SHELF_MOST).unique().required(),
});

export const shopSettingsSchema = Joi.object<ShopSettings>({
  schools: schoolsSchema.required(),
  shelf: shelfSchema.allow(null).required(),
});
