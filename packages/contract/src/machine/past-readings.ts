import type { ControlReadings } from '@hot-bead/core/machine';
import Joi from 'joi';
import { oneEntrySchema, voltsControlSchema } from './machine-controls.ts';

/** What was once read of a machine's volts or one entry, and no longer counts. */
export type KeptPastReadings = ControlReadings & {
  /** The event that put them away. */
  readonly id: string;
  /** When the newest of it was read; null: not known. */
  readonly readAt: string | null;
  /** When they stopped counting. */
  readonly until: string;
};

export const pastReadingsListSchema = Joi.array<KeptPastReadings[]>().items(
  Joi.object({
    id: Joi.string().required(),
    kind: Joi.valid('volts', 'entry').required(),
    value: Joi.when('kind', { is: 'volts', then: voltsControlSchema, otherwise: oneEntrySchema }).required(),
    readAt: Joi.string().allow(null).required(),
    until: Joi.string().required(),
  }),
);
