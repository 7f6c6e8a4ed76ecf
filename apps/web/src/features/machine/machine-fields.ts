import type { Units } from '@hot-bead/core/base';
import { validated } from '@hot-bead/contract/base';
import {
  type KeptMachine,
  type MachineChange,
  type NewMachine,
  newMachineSchema,
} from '@hot-bead/contract/machine';
import {
  type DriveRoll,
  type EntryUnit,
  type MachineFeature,
  positionNames,
  type TrimUnit,
  withRange,
} from '@hot-bead/core/machine';
import { type RollForm, type ShelfWire, usualClass } from '@hot-bead/core/trade';
import { numberOrText, shownAs } from '../../units/index.ts';

/** A machine as the form holds it: everything text until the contract has seen it. */
export interface MachineFields {
  name: string;
  kind: string;
  loadedWireClass: string;
  loadedWireDiameterMm: string;
  loadedGas: string;
  standingPolarity: string;
  polarityChange: string;
  lowestA: string;
  highestA: string;
  /** Wire speeds in the unit that the form was opened in. */
  slowestWire: string;
  fastestWire: string;
  wireControl: 'units' | 'knob' | 'letters' | 'entry';
  knobMin: string;
  knobMax: string;
  /** Letters of the wire control, lowest first: "A B C". */
  letters: string;
  feedFollowsPosition: boolean;
  voltsControl: 'displayed' | 'positions' | 'knob';
  voltsKnobMin: string;
  voltsKnobMax: string;
  /** Names with open-circuit volts, one a line: "1 17.5". */
  positions: string;
  /** What its one entry is in; empty: it has none. */
  entryUnit: EntryUnit | '';
  trimUnit: TrimUnit;
  trimStepV: string;
  duty: { currentA: string; percent: string }[];
  mainsV: string;
  breakerA: string;
  wires: ShelfWire[];
  wiresKnown: boolean;
  rolls: { form: RollForm; grooveMm: string }[];
  rollsKnown: boolean;
  features: MachineFeature[];
}

const text = (value: number | undefined): string => (value === undefined ? '' : String(value));

function positionLines(machine: KeptMachine | undefined): string {
  const volts = machine?.voltsControl;
  const positions = volts?.kind === 'positions' ? volts.positions : [];
  return positions.map(({ name, openV }) => `${name} ${text(openV)}`.trim()).join('\n');
}

function controlFields(machine: KeptMachine | undefined) {
  const wire = machine?.wireControl;
  const volts = machine?.voltsControl;
  return {
    wireControl: wire?.kind ?? ('units' as const),
    knobMin: wire?.kind === 'knob' ? String(wire.min) : '0',
    knobMax: wire?.kind === 'knob' ? String(wire.max) : '10',
    letters: wire?.kind === 'letters' ? wire.names.join(' ') : '',
    feedFollowsPosition: machine?.feedFollowsPosition ?? false,
    voltsControl: volts === undefined || volts.kind === 'entry' ? ('displayed' as const) : volts.kind,
    voltsKnobMin: volts?.kind === 'knob' ? String(volts.min) : '1',
    voltsKnobMax: volts?.kind === 'knob' ? String(volts.max) : '10',
    positions: positionLines(machine),
    entryUnit: machine?.oneEntry?.unit ?? ('' as const),
    trimUnit: machine?.oneEntry?.trimUnit ?? (machine?.oneEntry?.trimStepV === undefined ? 'V' : 'mark'),
    trimStepV: text(machine?.oneEntry?.trimStepV),
  };
}

/** A wire speed as the form shows it, a place finer than elsewhere. */
function speedText(speedMPerMin: number | undefined, units: Units): string {
  if (speedMPerMin === undefined) return '';
  const { from, decimals } = shownAs('wireFeedSpeed', units);
  return String(Number(from(speedMPerMin).toFixed(decimals + 1)));
}

/** The wire speed that a text says, m/min: one that was left alone stays as it was, to the last place. */
function speedOf(written: string, before: number | undefined, units: Units): number | string {
  if (before !== undefined && written === speedText(before, units)) return before;
  const value = numberOrText(written);
  return typeof value === 'number' ? shownAs('wireFeedSpeed', units).to(value) : value;
}

/** The form's fields of a machine, or of a new one. */
export function fieldsOf(machine: KeptMachine | undefined, units: Units): MachineFields {
  return {
    name: machine?.name ?? '',
    kind: machine?.kind ?? '',
    loadedWireClass: machine?.loadedWireClass ?? usualClass('solid-gas').id,
    loadedWireDiameterMm: String(machine?.loadedWireDiameterMm ?? 0.8),
    loadedGas: machine?.loadedGas ?? 'ar-co2-18',
    standingPolarity: machine?.standingPolarity ?? '',
    polarityChange: machine?.polarityChange ?? '',
    lowestA: text(machine?.currentRangeA?.[0]),
    highestA: text(machine?.currentRangeA?.[1]),
    slowestWire: speedText(machine?.wireFeedSpeedRangeMPerMin?.[0], units),
    fastestWire: speedText(machine?.wireFeedSpeedRangeMPerMin?.[1], units),
    ...controlFields(machine),
    duty: (machine?.duty ?? []).map((d) => ({ currentA: text(d.currentA), percent: text(d.percent) })),
    mainsV: text(machine?.mains?.volts),
    breakerA: text(machine?.mains?.breakerA),
    wires: [...(machine?.wires ?? [])],
    wiresKnown: machine?.wires !== undefined,
    rolls: (machine?.rolls ?? []).map(({ form, grooveMm }) => ({ form, grooveMm: String(grooveMm) })),
    rollsKnown: machine?.rolls !== undefined,
    features: [...(machine?.features ?? [])],
  };
}

function positionsOf(lines: string, machine: KeptMachine | undefined): unknown[] {
  const before = machine?.voltsControl?.kind === 'positions' ? machine.voltsControl.positions : [];
  const typed = lines
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
  // one line that is a range, with no volts behind it, is all between
  return withRange(typed).map((line) => {
    const [name = '', openV] = line.split(/\s+/);
    const loaded = before.find((position) => position.name === name)?.loaded;
    return {
      name,
      ...(openV === undefined ? {} : { openV: numberOrText(openV) }),
      ...(loaded === undefined ? {} : { loaded }),
    };
  });
}

/** Two ends of a range, where either was written; a range without one end is refused at that field. */
function rangeOf(
  name: string,
  ends: readonly [low: string, high: string],
  read: (text: string, end: 0 | 1) => number | string = numberOrText,
): Record<string, unknown> {
  const [low, high] = ends;
  const isEmpty = low.trim() === '' && high.trim() === '';
  return isEmpty ? {} : { [name]: [read(low, 0), read(high, 1)] };
}

function wireControlOf({ wireControl, knobMin, knobMax, letters }: MachineFields): unknown {
  if (wireControl === 'knob') return { kind: 'knob', min: numberOrText(knobMin), max: numberOrText(knobMax) };
  if (wireControl !== 'letters') return { kind: wireControl };
  return { kind: 'letters', names: [...positionNames(letters)] };
}

function voltsControlOf(fields: MachineFields, machine: KeptMachine | undefined): unknown {
  if (fields.wireControl === 'entry') return { kind: 'entry' };
  if (fields.voltsControl === 'positions') {
    return { kind: 'positions', positions: positionsOf(fields.positions, machine) };
  }
  const before = machine?.voltsControl;
  if (fields.voltsControl === 'knob') {
    const places = before?.kind === 'knob' ? before.places : [];
    const [min, max] = [numberOrText(fields.voltsKnobMin), numberOrText(fields.voltsKnobMax)];
    return { kind: 'knob', min, max, places };
  }
  const meter = before?.kind === 'displayed' ? before.meter : undefined;
  return { kind: 'displayed', ...(meter ? { meter } : {}) };
}

/** What the trim is in: volts go without saying, and so do marks whose step is told. */
function trimOf(trimUnit: TrimUnit, trimStepV: string): Record<string, unknown> {
  if (trimUnit === 'V') return {};
  const hasStep = trimUnit === 'mark' && trimStepV.trim() !== '';
  return hasStep ? { trimStepV: numberOrText(trimStepV) } : { trimUnit };
}

function oneEntryOf(
  { entryUnit, trimUnit, trimStepV, wireControl }: MachineFields,
  machine: KeptMachine | undefined,
): Record<string, unknown> {
  const unit = entryUnit === '' && wireControl === 'entry' ? 'mm' : entryUnit;
  if (unit === '') return {};
  const before = machine?.oneEntry;
  // points recorded in another unit say nothing in this one
  const lines = before?.unit === unit ? before.lines : [];
  return {
    oneEntry: {
      unit,
      lines,
      ...trimOf(trimUnit, trimStepV),
    },
  };
}

function listsOf(fields: MachineFields): Record<string, unknown> {
  const rolls = fields.rolls.map(({ form, grooveMm }): DriveRoll => {
    return { form, grooveMm: Number(grooveMm) as DriveRoll['grooveMm'] };
  });
  const { wires, wiresKnown, rollsKnown } = fields;
  return {
    ...(wiresKnown || wires.length > 0 ? { wires } : {}),
    ...(rollsKnown || rolls.length > 0 ? { rolls } : {}),
    duty: fields.duty.map(({ currentA, percent }) => ({
      currentA: numberOrText(currentA),
      percent: numberOrText(percent),
    })),
  };
}

/**
 * The machine that the fields say; what was emptied is no longer known, what was measured stays.
 *
 * @param units those that the form was opened in
 * @throws {ContractError} with every problem at its field
 */
export function machineOf(fields: MachineFields, machine: KeptMachine | undefined, units: Units): NewMachine {
  const hasMains = fields.mainsV.trim() !== '' || fields.breakerA.trim() !== '';
  return validated(newMachineSchema, {
    name: fields.name,
    ...(fields.kind === '' ? {} : { kind: fields.kind }),
    loadedWireClass: fields.loadedWireClass,
    loadedWireDiameterMm: Number(fields.loadedWireDiameterMm),
    loadedGas: fields.loadedGas,
    ...(fields.standingPolarity === '' ? {} : { standingPolarity: fields.standingPolarity }),
    ...(fields.polarityChange === '' ? {} : { polarityChange: fields.polarityChange }),
    // none ticked on a machine that nothing was told of: not known, so nothing is refused for it
    ...(fields.features.length > 0 || machine?.features !== undefined ? { features: fields.features } : {}),
    ...rangeOf('currentRangeA', [fields.lowestA, fields.highestA]),
    ...rangeOf('wireFeedSpeedRangeMPerMin', [fields.slowestWire, fields.fastestWire], (speed, end) =>
      speedOf(speed, machine?.wireFeedSpeedRangeMPerMin?.[end], units),
    ),
    wireControl: wireControlOf(fields),
    voltsControl: voltsControlOf(fields, machine),
    ...(fields.feedFollowsPosition ? { feedFollowsPosition: true } : {}),
    ...oneEntryOf(fields, machine),
    ...(hasMains
      ? { mains: { volts: numberOrText(fields.mainsV), breakerA: numberOrText(fields.breakerA) } }
      : {}),
    ...listsOf(fields),
  });
}

const FIELD_OF: readonly (readonly [start: string, field: keyof MachineFields])[] = [
  ['currentRangeA.1', 'highestA'],
  ['currentRangeA', 'lowestA'],
  ['wireFeedSpeedRangeMPerMin.1', 'fastestWire'],
  ['wireFeedSpeedRangeMPerMin', 'slowestWire'],
  ['wireControl.min', 'knobMin'],
  ['wireControl.names', 'letters'],
  ['wireControl', 'knobMax'],
  ['voltsControl.min', 'voltsKnobMin'],
  ['voltsControl.max', 'voltsKnobMax'],
  ['voltsControl.places', 'voltsKnobMax'],
  ['voltsControl', 'positions'],
  ['oneEntry', 'trimStepV'],
  ['duty', 'duty'],
  ['mains.volts', 'mainsV'],
  ['mains', 'breakerA'],
  ['wires', 'wires'],
  ['rolls', 'rolls'],
  ['name', 'name'],
];

/** The form's field that a problem of the contract is shown at. */
export function fieldOfProblem(path: string): keyof MachineFields | 'root' {
  return FIELD_OF.find(([start]) => path.startsWith(start))?.[1] ?? 'root';
}

/** What a machine is beside what is entered in its form. */
const NOT_ENTERED = [
  ...['id', 'version', 'away', 'dialReadings', 'voltsReadAt', 'entryReadAt'],
  ...['settings', 'programs', 'standingProgram'],
  ...['rig', 'rollPressures', 'spoolGunPort', 'purgeButton', 'gasStand'],
];

/** The change from a machine to what a form says of it: what the form leaves out is no longer known. */
export function machineChange(machine: KeptMachine, next: NewMachine): MachineChange {
  const emptied = Object.keys(machine).filter((name) => !NOT_ENTERED.includes(name) && !(name in next));
  return { ...Object.fromEntries(emptied.map((name) => [name, null])), ...next };
}
