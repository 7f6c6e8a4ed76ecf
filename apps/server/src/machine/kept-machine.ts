import {
  type FileReading,
  type KeptDialReading,
  type KeptMachine,
  type KeptRuns,
  type MachineFile,
  type MachineProfile,
  MACHINE_FILE_FORMAT,
  MACHINE_FILE_VERSION,
} from '@hot-bead/contract/machine';
import type { Machine, TimedReading } from '@hot-bead/core/machine';
import type { DialReadingEntity } from './dial-reading.entity.ts';
import type { MachineEntity } from './machine.entity.ts';

/** A machine's row with what it keeps as JSON read. */
export interface ReadMachine {
  readonly row: MachineEntity;
  readonly profile: MachineProfile;
  readonly readings: readonly KeptDialReading[];
}

/** A reading's row as the app speaks of it: what does not apply is left out. */
export function keptReading(
  { id, knob, position, underArc, at, counts }: DialReadingEntity,
  { run, shortRun }: KeptRuns,
): KeptDialReading {
  return {
    id,
    knob,
    run,
    ...(shortRun ? { shortRun } : {}),
    ...(position === null ? {} : { position }),
    ...(underArc ? { underArc } : {}),
    at,
    counts,
  };
}

/** A machine as it was entered. */
export function enteredMachine({ row, profile }: ReadMachine): Machine {
  const { name, loadedWireClass, loadedWireDiameterMm, loadedGas } = row;
  return { ...profile, name, loadedWireClass, loadedWireDiameterMm, loadedGas };
}

function byTapAndKnob(a: KeptDialReading, b: KeptDialReading): number {
  return (a.position ?? '').localeCompare(b.position ?? '') || a.knob - b.knob || a.at.localeCompare(b.at);
}

/** A machine with the readings that count, by tap and knob. */
export function keptMachine(machine: ReadMachine): KeptMachine {
  const { row, readings } = machine;
  return {
    ...enteredMachine(machine),
    id: row.id,
    version: row.version,
    away: row.awayAt !== null,
    voltsReadAt: row.voltsReadAt,
    entryReadAt: row.entryReadAt,
    dialReadings: readings.filter(({ counts }) => counts).toSorted(byTapAndKnob),
  };
}

/** A machine as a file, with every reading there ever was. */
export function machineFile(machine: ReadMachine): MachineFile {
  const { row, readings } = machine;
  return {
    format: MACHINE_FILE_FORMAT,
    version: MACHINE_FILE_VERSION,
    id: row.id,
    machine: enteredMachine(machine),
    voltsReadAt: row.voltsReadAt,
    entryReadAt: row.entryReadAt,
    dialReadings: readings
      .toSorted((a, b) => a.at.localeCompare(b.at))
      .map(({ id: _id, ...reading }): FileReading => reading),
  };
}

type RowParts = Pick<
  DialReadingEntity,
  'id' | 'machineId' | 'knob' | 'run' | 'shortRun' | 'position' | 'underArc' | 'at' | 'counts'
>;

/** A reading as a row of a machine. */
export function readingRow(
  id: string,
  machineId: string,
  { knob, run, shortRun, position, underArc, at, counts }: TimedReading & Pick<RowParts, 'at' | 'counts'>,
): RowParts {
  return {
    id,
    machineId,
    knob,
    run: JSON.stringify(run),
    shortRun: shortRun ? JSON.stringify(shortRun) : null,
    position: position ?? null,
    underArc: underArc ?? false,
    at,
    counts,
  };
}
