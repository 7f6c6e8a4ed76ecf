import { type NewMachine, newMachineSchema, validated } from '@hot-bead/contract';
import type { KeptMachine } from '@hot-bead/contract';
import type { MachineFeature } from '@hot-bead/core';

/** A machine as the form holds it: everything text until the contract has seen it. */
export interface MachineFields {
  name: string;
  kind: string;
  loadedWireClass: string;
  loadedWireDiameterMm: string;
  loadedGas: string;
  standingPolarity: string;
  lowestA: string;
  highestA: string;
  wireControl: 'units' | 'knob';
  knobMin: string;
  knobMax: string;
  voltsControl: 'displayed' | 'positions';
  /** Names with open-circuit volts, one a line: "1 17.5". */
  positions: string;
  dutyA: string;
  dutyPercent: string;
  features: MachineFeature[];
}

const text = (value: number | undefined): string => (value === undefined ? '' : String(value));

/** The form's fields of a machine, or of a new one. */
export function fieldsOf(machine: KeptMachine | undefined): MachineFields {
  const wire = machine?.wireControl;
  const volts = machine?.voltsControl;
  const positions = volts?.kind === 'positions' ? volts.positions : [];
  return {
    name: machine?.name ?? '',
    kind: machine?.kind ?? 'inverter',
    loadedWireClass: machine?.loadedWireClass ?? 'ER70S-6',
    loadedWireDiameterMm: String(machine?.loadedWireDiameterMm ?? 0.8),
    loadedGas: machine?.loadedGas ?? 'ar-co2-18',
    standingPolarity: machine?.standingPolarity ?? 'DCEP',
    lowestA: text(machine?.currentRangeA?.[0]),
    highestA: text(machine?.currentRangeA?.[1]),
    wireControl: wire?.kind ?? 'units',
    knobMin: wire?.kind === 'knob' ? String(wire.min) : '0',
    knobMax: wire?.kind === 'knob' ? String(wire.max) : '10',
    voltsControl: volts?.kind ?? 'displayed',
    positions: positions.map(({ name, openV }) => `${name} ${text(openV)}`.trim()).join('\n'),
    dutyA: text(machine?.duty?.[0]?.currentA),
    dutyPercent: text(machine?.duty?.[0]?.percent),
    features: [...(machine?.features ?? [])],
  };
}

/** A number where the text is one; the text itself otherwise, for the contract to refuse at its field. */
function number(value: string): number | string {
  const found = Number(value.trim().replace(',', '.'));
  return value.trim() === '' || Number.isNaN(found) ? value : found;
}

function positionsOf(lines: string, machine: KeptMachine | undefined): unknown[] {
  const before = machine?.voltsControl?.kind === 'positions' ? machine.voltsControl.positions : [];
  return lines
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => {
      const [name = '', openV] = line.split(/\s+/);
      const loaded = before.find((position) => position.name === name)?.loaded;
      return {
        name,
        ...(openV === undefined ? {} : { openV: number(openV) }),
        ...(loaded === undefined ? {} : { loaded }),
      };
    });
}

/**
 * The machine that the fields say.
 *
 * @throws {ContractError} with every problem at its field
 */
export function machineOf(fields: MachineFields, machine: KeptMachine | undefined): NewMachine {
  const hasCurrent = fields.lowestA.trim() !== '' || fields.highestA.trim() !== '';
  const hasDuty = fields.dutyA.trim() !== '' || fields.dutyPercent.trim() !== '';
  return validated(newMachineSchema, {
    name: fields.name,
    kind: fields.kind,
    loadedWireClass: fields.loadedWireClass,
    loadedWireDiameterMm: Number(fields.loadedWireDiameterMm),
    loadedGas: fields.loadedGas,
    standingPolarity: fields.standingPolarity,
    features: fields.features,
    ...(hasCurrent ? { currentRangeA: [number(fields.lowestA), number(fields.highestA)] } : {}),
    ...(machine?.wireFeedSpeedRangeMPerMin
      ? { wireFeedSpeedRangeMPerMin: machine.wireFeedSpeedRangeMPerMin }
      : {}),
    wireControl:
      fields.wireControl === 'units'
        ? { kind: 'units' }
        : { kind: 'knob', min: number(fields.knobMin), max: number(fields.knobMax) },
    voltsControl:
      fields.voltsControl === 'displayed'
        ? { kind: 'displayed' }
        : { kind: 'positions', positions: positionsOf(fields.positions, machine) },
    ...(hasDuty
      ? { duty: [{ currentA: number(fields.dutyA), percent: number(fields.dutyPercent) }] }
      : { duty: [] }),
  });
}

/** The form's field that a problem of the contract is shown at. */
export function fieldOfProblem(path: string): keyof MachineFields | 'root' {
  if (path.startsWith('currentRangeA.0') || path === 'currentRangeA') return 'lowestA';
  if (path.startsWith('currentRangeA')) return 'highestA';
  if (path.startsWith('wireControl')) return path.endsWith('min') ? 'knobMin' : 'knobMax';
  if (path.startsWith('voltsControl')) return 'positions';
  if (path.startsWith('duty')) return path.endsWith('percent') ? 'dutyPercent' : 'dutyA';
  return path === 'name' ? 'name' : 'root';
}
