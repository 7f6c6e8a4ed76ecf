import type { FileReading, KeptDialReading, KeptMachine, MachineFile, NewMachine } from '@hot-bead/contract';
import { MACHINE_FILE_FORMAT, MACHINE_FILE_VERSION } from '@hot-bead/contract';
import type { TimedReading } from '@hot-bead/core';
import type { DialReadingEntity } from '../database/dial-reading.entity.ts';
import type { MachineEntity } from '../database/machine.entity.ts';

/** A reading's row as the app speaks of it: what does not apply is left out. */
export function readingOf({ knob, run, shortRun, position, underArc }: DialReadingEntity): TimedReading {
  return {
    knob,
    run,
    ...(shortRun ? { shortRun } : {}),
    ...(position === null ? {} : { position }),
    ...(underArc ? { underArc } : {}),
  };
}

export function keptReading(row: DialReadingEntity): KeptDialReading {
  return { ...readingOf(row), id: row.id, at: row.at, supersededAt: row.supersededAt };
}

/** A machine's row as it was entered. */
export function enteredMachine(row: MachineEntity): NewMachine {
  const { name, loadedWireClass, loadedWireDiameterMm, loadedGas, profile } = row;
  return { ...profile, name, loadedWireClass, loadedWireDiameterMm, loadedGas };
}

/** A machine's row with the readings that count, by tap and knob. */
export function keptMachine(row: MachineEntity): KeptMachine {
  const counting = row.dialReadings
    .filter((reading) => reading.supersededAt === null)
    .toSorted(
      (a, b) =>
        (a.position ?? '').localeCompare(b.position ?? '') || a.knob - b.knob || a.at.localeCompare(b.at),
    );
  return {
    ...enteredMachine(row),
    id: row.id,
    voltsReadAt: row.voltsReadAt,
    entryReadAt: row.entryReadAt,
    dialReadings: counting.map(keptReading),
  };
}

/** A machine's row as a file, with every reading there ever was. */
export function machineFile(row: MachineEntity): MachineFile {
  const readings = row.dialReadings.toSorted((a, b) => a.at.localeCompare(b.at));
  return {
    format: MACHINE_FILE_FORMAT,
    version: MACHINE_FILE_VERSION,
    machine: enteredMachine(row),
    voltsReadAt: row.voltsReadAt,
    entryReadAt: row.entryReadAt,
    dialReadings: readings.map((reading): FileReading => {
      const { at, supersededAt } = reading;
      return { ...readingOf(reading), at, supersededAt };
    }),
  };
}
