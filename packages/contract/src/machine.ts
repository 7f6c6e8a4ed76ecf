import type { Machine } from '@hot-bead/core';
import Joi from 'joi';

/** A machine as it is kept. */
export interface KeptMachine extends Machine {
  readonly id: string;
}

export const machineListSchema = Joi.array<KeptMachine[]>().items(
  Joi.object<KeptMachine>({
    id: Joi.string().required(),
    name: Joi.string().required(),
    loadedWireClass: Joi.string().required(),
    loadedWireDiameterMm: Joi.number().required(),
    loadedGas: Joi.string().required(),
    currentRangeA: Joi.array().ordered(Joi.number(), Joi.number()),
    wireFeedSpeedRangeMPerMin: Joi.array().ordered(Joi.number(), Joi.number()),
    features: Joi.array().items(Joi.string()),
    standingPolarity: Joi.string(),
  }).unknown(),
);
