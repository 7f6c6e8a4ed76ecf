import { gasNamed } from '@hot-bead/core/trade';
import Joi from 'joi';

/** A shielding gas by its name in the app. */
export const gasSchema = Joi.string()
  .max(40)
  .custom((value: string, helpers) => (gasNamed(value) ? value : helpers.error('gas-unknown', { value })))
  .messages({
    'gas-unknown': '{#value} is not a gas we know. Write it like argon, co2, ar-co2-18 or tri-mix.',
  });
