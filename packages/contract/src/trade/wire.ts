import { WIRE_CLASSES, WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import Joi from 'joi';

/** Most wires or gases on a shelf. */
export const SHELF_MOST = 60;

/** A wire by class and size. */
export const wireSchema = Joi.object({
  wireClass: Joi.valid(...WIRE_CLASSES).required(),
  diameterMm: Joi.valid(...WIRE_DIAMETERS_MM).required(),
});
