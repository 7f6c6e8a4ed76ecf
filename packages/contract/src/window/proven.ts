import { JOINTS, POSITIONS, TRANSFER_MODES } from '@hot-bead/core/trade';
import type { BeadsTold, LearnedGroup, MachineLearning, ProvenSetting } from '@hot-bead/core/window';
import Joi from 'joi';
import { gasSchema } from '../trade/gas.ts';
import { wireSchema } from '../trade/wire.ts';
import { exactly } from '../base/validation.ts';

/** A setting that a job's test beads proved on a machine, with the day it did. */
export interface KeptProvenSetting extends ProvenSetting {
  readonly id: string;
  readonly machineId: string;
  readonly jobId: string;
  readonly title: string;
  readonly at: string;
}

const withFields = {
  wire: wireSchema.required(),
  gas: gasSchema.required(),
  mode: Joi.valid('own', ...TRANSFER_MODES).required(),
};

const toldFields = {
  toldOffsetV: Joi.number().required(),
  toldVarianceV2: Joi.number().required(),
};

const settingFields = {
  ...withFields,
  volts: Joi.number().required(),
  wireFeedSpeedMPerMin: Joi.number().required(),
  offsetV: Joi.number().required(),
  ...toldFields,
  thicknessMm: Joi.number().required(),
  otherThicknessMm: Joi.number(),
  joint: Joi.valid(...JOINTS).required(),
  position: Joi.valid(...POSITIONS).required(),
};

export const keptProvenSettingSchema = exactly<KeptProvenSetting>({
  ...settingFields,
  id: Joi.string().required(),
  machineId: Joi.string().required(),
  jobId: Joi.string().required(),
  title: Joi.string().required(),
  at: Joi.string().required(),
});

/** What beads taught of every machine in use, by the machine's id. */
export type ShopLearning = Readonly<Record<string, MachineLearning>>;

export const shopLearningSchema = Joi.object<ShopLearning>().pattern(
  Joi.string(),
  Joi.array().items(
    exactly<LearnedGroup>({
      ...withFields,
      settings: Joi.number().required(),
      weightPerV2: Joi.number().required(),
      weightedOffsetPerV: Joi.number().required(),
      lastTold: Joi.array().items(exactly<BeadsTold>(toldFields)).required(),
      lastProven: Joi.array().items(exactly<ProvenSetting>(settingFields)).required(),
    }),
  ),
);
