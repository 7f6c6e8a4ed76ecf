import type { TimedReading } from '@hot-bead/core';
import Joi from 'joi';
import { newDialReadingSchema } from './dial-reading.ts';
import { type NewMachine, newMachineSchema } from './machine.ts';

export const MACHINE_FILE_FORMAT = 'hot-bead-machine';
export const MACHINE_FILE_VERSION = 1;

/** A reading in a file: with its date, and when it stopped counting. */
export interface FileReading extends TimedReading {
  readonly at: string;
  readonly supersededAt: string | null;
}

/** A machine with its calibrations, to be taken to another shop or kept. */
export interface MachineFile {
  readonly format: typeof MACHINE_FILE_FORMAT;
  readonly version: typeof MACHINE_FILE_VERSION;
  readonly machine: NewMachine;
  readonly voltsReadAt: string | null;
  readonly entryReadAt: string | null;
  /** Every reading of the dial, superseded ones too, oldest first. */
  readonly dialReadings: readonly FileReading[];
}

/** Most readings of a file. */
export const FILE_READINGS_MOST = 2000;

const instant = Joi.string()
  .isoDate()
  .messages({ 'string.isoDate': 'A date is written like 2026-03-01T09:30:00.000Z.' });

export const fileReadingSchema = (newDialReadingSchema as Joi.ObjectSchema).keys({
  at: instant.required(),
  supersededAt: instant.allow(null).required(),
}) as Joi.ObjectSchema<FileReading>;

export const machineFileSchema = Joi.object<MachineFile>({
  format: Joi.valid(MACHINE_FILE_FORMAT).required().messages({ '*': 'This is not the file of a machine.' }),
  version: Joi.valid(MACHINE_FILE_VERSION)
    .required()
    .messages({ '*': `Only version ${MACHINE_FILE_VERSION} of the file can be read.` }),
  machine: newMachineSchema.required(),
  voltsReadAt: instant.allow(null).required(),
  entryReadAt: instant.allow(null).required(),
  dialReadings: Joi.array().items(fileReadingSchema).max(FILE_READINGS_MOST).required(),
});

/** A machine copied under another name, with its readings or without. */
export interface MachineClone {
  readonly name: string;
  /** Whether the readings of knob, taps and display come along, to stand until its own are taken. */
  readonly withReadings: boolean;
}

export const machineCloneSchema = Joi.object<MachineClone>({
  name: newMachineSchema.extract('name') as Joi.StringSchema,
  withReadings: Joi.boolean().required(),
});
