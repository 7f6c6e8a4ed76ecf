import type { Machine, TimedReading } from '@hot-bead/core/machine';
import Joi from 'joi';
import { type ChosenId, idSchema } from '../history/command.ts';
import { readingSchema } from './dial-reading.ts';
import { machineNameSchema, newMachineSchema } from './machine.ts';

export const MACHINE_FILE_FORMAT = 'hot-bead-machine';
export const MACHINE_FILE_VERSION = 2;

/** A reading in a file: with its date, and whether it counts. */
export interface FileReading extends TimedReading {
  readonly at: string;
  readonly counts: boolean;
}

/** A machine with its calibrations, to be taken to another shop or kept. */
export interface MachineFile {
  readonly format: typeof MACHINE_FILE_FORMAT;
  readonly version: typeof MACHINE_FILE_VERSION;
  /** The machine's id in the shop it comes from; taken over where it is free. */
  readonly id?: string;
  readonly machine: Machine;
  readonly voltsReadAt: string | null;
  readonly entryReadAt: string | null;
  /** Every reading of the dial, those that no longer count too, oldest first. */
  readonly dialReadings: readonly FileReading[];
}

/** Most readings of a file. */
export const FILE_READINGS_MOST = 2000;

const instant = Joi.string()
  .isoDate()
  .messages({ 'string.isoDate': 'A date is written like 2026-03-01T09:30:00.000Z.' });

export const fileReadingSchema = readingSchema<FileReading>({
  at: instant.required(),
  counts: Joi.boolean().required(),
});

const format = Joi.valid(MACHINE_FILE_FORMAT)
  .required()
  .messages({ '*': 'This is not the file of a machine.' });
const around = {
  format,
  id: Joi.string().pattern(/^[\w-]{1,60}$/),
  machine: newMachineSchema.keys({ id: Joi.forbidden() }).required(),
  voltsReadAt: instant.allow(null).required(),
  entryReadAt: instant.allow(null).required(),
};

/** The file as it is written today. */
export const machineFileTodaySchema = Joi.object<MachineFile>({
  ...around,
  version: Joi.valid(MACHINE_FILE_VERSION)
    .required()
    .messages({ '*': `Versions 1 to ${MACHINE_FILE_VERSION} of the file can be read.` }),
  dialReadings: Joi.array().items(fileReadingSchema).max(FILE_READINGS_MOST).required(),
});

interface FirstReading extends TimedReading {
  readonly at: string;
  readonly supersededAt: string | null;
}

/** Version 1 said when a reading stopped counting. */
function today(file: { readonly dialReadings: readonly FirstReading[] }): MachineFile {
  const dialReadings = file.dialReadings.map(({ supersededAt, ...reading }) => ({
    ...reading,
    counts: supersededAt === null,
  }));
  return { ...file, version: MACHINE_FILE_VERSION, dialReadings } as unknown as MachineFile;
}

const firstSchema = Joi.object({
  ...around,
  version: Joi.valid(1).required(),
  dialReadings: Joi.array()
    .items(
      readingSchema<FirstReading>({
        at: instant.required(),
        supersededAt: instant.allow(null).required(),
      }),
    )
    .max(FILE_READINGS_MOST)
    .required(),
}).custom(today);

/** A machine's file of any version, read as it is written today. */
export const machineFileSchema = Joi.when(Joi.object({ version: Joi.valid(1).required() }).unknown(), {
  then: firstSchema,
  otherwise: machineFileTodaySchema,
}) as Joi.Schema<MachineFile>;

/** A machine copied under another name, with its readings or without. */
export interface MachineClone extends ChosenId {
  readonly name: string;
  /** Whether the readings of knob, taps and display come along, to stand until its own are taken. */
  readonly withReadings: boolean;
}

export const machineCloneSchema = Joi.object<MachineClone>({
  id: idSchema,
  name: machineNameSchema,
  withReadings: Joi.boolean().required(),
});
