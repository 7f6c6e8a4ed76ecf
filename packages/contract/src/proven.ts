import type { MachineProven } from '@hot-bead/core';
import Joi from 'joi';

/** A setting that a job's test beads proved on a machine. */
export interface KeptProvenSetting extends MachineProven {
  readonly jobId: string;
  readonly title: string;
}

export const provenListSchema = Joi.array<KeptProvenSetting[]>().items(
  Joi.object({
    machineName: Joi.string().required(),
    jobId: Joi.string().required(),
    title: Joi.string().required(),
    volts: Joi.number().required(),
    wireFeedSpeedMPerMin: Joi.number().required(),
    offsetV: Joi.number().required(),
    thicknessMm: Joi.number().required(),
    otherThicknessMm: Joi.number(),
    wire: Joi.object().required(),
    gas: Joi.string().required(),
    mode: Joi.string().required(),
    joint: Joi.string().required(),
    position: Joi.string().required(),
  }),
);
