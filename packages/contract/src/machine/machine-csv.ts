import type { Machine, VoltsControl, WireControl } from '@hot-bead/core/machine';
import Papa from 'papaparse';
import type { MachineFile } from './machine-file.ts';

/** Columns of a machine as CSV: a record a line, each using those it needs. Units stand in the names. */
export const MACHINE_CSV_COLUMNS = [
  'record',
  'name',
  'value',
  'position',
  'knob',
  'length_mm',
  'time_s',
  'short_length_mm',
  'short_time_s',
  'under_arc',
  'at',
  'counts',
  'superseded_at',
  'volts',
  'current_a',
  'percent',
  'shown_v',
  'meter_v',
  'entry',
  'wire_class',
  'wire_mm',
  'gas',
  'speed_m_per_min',
  'least',
  'most',
  'middle',
  'step',
  'unit',
  'mode',
] as const;
export type MachineCsvColumn = (typeof MACHINE_CSV_COLUMNS)[number];
export type MachineCsvRow = Partial<Record<MachineCsvColumn, string | number>>;

/** Parts of one value in one cell; a stroke inside a part is marked. */
export function joined(parts: readonly (string | number)[] | undefined): string | undefined {
  return parts?.map((part) => String(part).replace(/[\\|]/g, '\\$&')).join('|');
}

/** The parts of a cell that {@link joined} made. */
export function parted(cell: string): string[] {
  if (cell === '') return [];
  const parts = [''];
  for (const [sign] of cell.matchAll(/\\.|[^]/gs)) {
    if (sign === '|') parts.push('');
    else parts[parts.length - 1] += sign.length > 1 ? sign.slice(1) : sign;
  }
  return parts;
}

/** What a table program would run as a formula, or what looks like our own mark for that. */
const FORMULA = /^[=+\-@\t\r']/;

/** A text as a cell that no table program takes for a formula; numbers stay numbers. */
export function guarded(value: string | number | undefined): string | number | undefined {
  return typeof value === 'string' && FORMULA.test(value) ? `'${value}` : value;
}

/** The text that {@link guarded} made a cell of. */
export function unguarded(cell: string): string {
  return cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
}

function wireControlText(control: WireControl | undefined): string | undefined {
  if (control?.kind === 'knob') return joined(['knob', control.min, control.max]);
  if (control?.kind === 'letters') return joined(['letters', ...control.names]);
  return control?.kind;
}

function voltsControlText(control: VoltsControl | undefined): string | undefined {
  return control?.kind === 'knob' ? joined(['knob', control.min, control.max]) : control?.kind;
}

function facts({ id, machine, voltsReadAt, entryReadAt }: MachineFile): readonly MachineCsvRow[] {
  const { mains, oneEntry } = machine;
  const values: Readonly<Record<string, string | number | undefined | null>> = {
    id,
    name: machine.name,
    kind: machine.kind,
    loaded_wire_class: machine.loadedWireClass,
    loaded_wire_mm: machine.loadedWireDiameterMm,
    loaded_gas: machine.loadedGas,
    standing_polarity: machine.standingPolarity,
    polarity_change: machine.polarityChange,
    current_range_a: joined(machine.currentRangeA),
    wire_speed_range_m_per_min: joined(machine.wireFeedSpeedRangeMPerMin),
    features: joined(machine.features),
    wire_control: wireControlText(machine.wireControl),
    volts_control: voltsControlText(machine.voltsControl),
    feed_follows_position:
      machine.feedFollowsPosition === undefined ? undefined : String(machine.feedFollowsPosition),
    entry_unit: oneEntry?.unit,
    trim_unit: oneEntry?.trimUnit,
    trim_step_v: oneEntry?.trimStepV,
    mains_volts: mains?.volts,
    mains_breaker_a: mains?.breakerA,
    duty_known: listKnown(machine.duty),
    wires_known: listKnown(machine.wires),
    rolls_known: listKnown(machine.rolls),
    settings_known: listKnown(machine.settings),
    programs_known: listKnown(machine.programs),
    standing_program: machine.standingProgram,
    spool_gun_port: machine.spoolGunPort,
    purge_button: machine.purgeButton === undefined ? undefined : String(machine.purgeButton),
    gas_stand: machine.gasStand,
    roll_pressures_known: listKnown(machine.rollPressures),
    meter_known:
      machine.voltsControl?.kind === 'displayed' ? listKnown(machine.voltsControl.meter) : undefined,
    volts_read_at: voltsReadAt,
    entry_read_at: entryReadAt,
  };
  return Object.entries(values).flatMap(([name, value]): MachineCsvRow[] =>
    value === undefined || value === null ? [] : [{ record: 'fact', name, value }],
  );
}

/** An empty list is known to be empty; one with rows needs no word. */
function listKnown(list: readonly unknown[] | undefined): string | undefined {
  return list?.length === 0 ? 'none' : undefined;
}

function voltsRows(control: VoltsControl | undefined): readonly MachineCsvRow[] {
  if (control?.kind === 'displayed') {
    return (control.meter ?? []).map(({ shownV, meterV }) => ({
      record: 'meter',
      shown_v: shownV,
      meter_v: meterV,
    }));
  }
  if (control === undefined || control.kind === 'entry') return [];
  const places =
    control.kind === 'knob'
      ? control.places.map((place) => ({ ...place, name: String(place.knob) }))
      : control.positions;
  return places.flatMap(({ name, openV, loaded = [] }): MachineCsvRow[] => [
    { record: 'position', position: name, ...(openV === undefined ? {} : { volts: openV }) },
    ...loaded.map(({ volts, currentA }) => ({
      record: 'loaded',
      position: name,
      volts,
      current_a: currentA,
    })),
  ]);
}

function listRows({
  duty = [],
  wires = [],
  rolls = [],
  settings = [],
  programs = [],
  rollPressures = [],
  rig = {},
  oneEntry,
}: Machine): readonly MachineCsvRow[] {
  return [
    ...rollPressures.map(({ wireClass, diameterMm, mark }) => ({
      record: 'roll-pressure',
      wire_class: wireClass,
      wire_mm: diameterMm,
      value: mark,
    })),
    ...Object.entries(rig).flatMap(([name, fact]): MachineCsvRow[] =>
      fact
        ? [
            {
              record: fact.doubted === true ? 'rig-doubted' : 'rig',
              name,
              value: fact.value,
              ...(fact.at === undefined ? {} : { at: fact.at }),
            },
          ]
        : [],
    ),
    ...duty.map(({ currentA, percent }) => ({ record: 'duty', current_a: currentA, percent })),
    ...wires.map(({ wireClass, diameterMm }) => ({
      record: 'wire',
      wire_class: wireClass,
      wire_mm: diameterMm,
    })),
    ...settings.map(({ setting, name, scale }) => ({
      record: 'setting',
      name: setting,
      ...(name === undefined ? {} : { value: name }),
      ...scale,
    })),
    ...programs.map(({ name, wireClass, diameterMm, gas, mode }) => ({
      record: 'program',
      name,
      wire_class: wireClass,
      wire_mm: diameterMm,
      gas,
      mode,
    })),
    ...rolls.map(({ form, grooveMm }) => ({ record: 'roll', name: form, wire_mm: grooveMm })),
    ...(oneEntry?.lines ?? []).flatMap(({ wireClass, diameterMm, gas, points }) =>
      points.map(({ entry, wireFeedSpeedMPerMin, volts }) => ({
        record: 'entry',
        entry,
        wire_class: wireClass,
        wire_mm: diameterMm,
        gas,
        speed_m_per_min: wireFeedSpeedMPerMin,
        volts,
      })),
    ),
  ];
}

function dialRows({ dialReadings }: MachineFile): readonly MachineCsvRow[] {
  return dialReadings.map(({ knob, run, shortRun, position, underArc, at, counts }) => ({
    record: 'dial',
    knob,
    length_mm: run.lengthMm,
    time_s: run.timeS,
    ...(shortRun ? { short_length_mm: shortRun.lengthMm, short_time_s: shortRun.timeS } : {}),
    ...(position === undefined ? {} : { position }),
    ...(underArc === undefined ? {} : { under_arc: String(underArc) }),
    at,
    ...(counts ? {} : { counts: 'false' }),
  }));
}

/** A machine with its calibrations as CSV; {@link readMachineCsv} reads the same machine back. */
export function machineCsv(file: MachineFile): string {
  const rows = [
    ...facts(file),
    ...voltsRows(file.machine.voltsControl),
    ...listRows(file.machine),
    ...dialRows(file),
  ];
  const cells = rows.map((row) =>
    Object.fromEntries(Object.entries(row).map(([column, value]) => [column, guarded(value)])),
  );
  return Papa.unparse(cells, { columns: [...MACHINE_CSV_COLUMNS] });
}
