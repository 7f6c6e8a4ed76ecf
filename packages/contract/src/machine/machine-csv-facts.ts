import type { EntryLine, EntryPoint, LoadedReading, VoltsPosition } from '@hot-bead/core/machine';
import { parted } from './machine-csv.ts';

/** What the lines have said so far. */
export interface MachineDraft {
  readonly facts: Map<string, string>;
  readonly positions: { name: string; openV?: unknown; loaded: LoadedReading[] }[];
  readonly meter: unknown[];
  readonly duty: unknown[];
  readonly wires: unknown[];
  readonly rolls: unknown[];
  readonly settings: unknown[];
  readonly programs: unknown[];
  readonly rollPressures: unknown[];
  readonly rig: Map<string, unknown>;
  readonly lines: { wireClass: string; diameterMm: unknown; gas: string; points: EntryPoint[] }[];
  readonly readings: unknown[];
}

/** A number where the text is one, the text itself otherwise: the schema refuses it at its name. */
export function figure(text: string | undefined): number | string | undefined {
  if (text === undefined || text === '') return undefined;
  const value = Number(text.replace(',', '.'));
  return Number.isFinite(value) ? value : text;
}

/** An object without what is empty. */
export function filled(values: Readonly<Record<string, unknown>>): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(values).filter(([, value]) => value !== undefined && value !== ''),
  );
}

const parts = (text: string | undefined): string[] | undefined =>
  text === undefined ? undefined : parted(text);
const figures = (text: string | undefined): unknown[] | undefined => parts(text)?.map(figure);

function wireControlOf(text: string | undefined): unknown {
  const [kind, ...rest] = parts(text) ?? [];
  if (kind === undefined) return undefined;
  if (kind === 'knob') return { kind, min: figure(rest[0]), max: figure(rest[1]) };
  return kind === 'letters' ? { kind, names: rest } : { kind };
}

function voltsControlOf({ facts, positions, meter }: MachineDraft): unknown {
  const [kind, min, max] = parts(facts.get('volts_control')) ?? [];
  if (kind === undefined) return undefined;
  if (kind === 'displayed') return filled({ kind, meter: listOf(meter, facts.get('meter_known')) });
  if (kind === 'knob') {
    const places = positions.map(({ name, openV, loaded }) =>
      filled({ knob: figure(name), openV, loaded: loaded.length === 0 ? undefined : loaded }),
    );
    return { kind, min: figure(min), max: figure(max), places };
  }
  if (kind !== 'positions') return { kind };
  return {
    kind,
    positions: positions.map(({ name, openV, loaded }): Partial<VoltsPosition> =>
      filled({ name, openV, loaded: loaded.length === 0 ? undefined : loaded }),
    ),
  };
}

function listOf(rows: readonly unknown[], known: string | undefined): readonly unknown[] | undefined {
  return rows.length > 0 || known === 'none' ? rows : undefined;
}

/** How the facts become a machine's fields. */
export const FACTS: Readonly<Record<string, (text: string) => Readonly<Record<string, unknown>>>> = {
  id: () => ({}),
  name: (name) => ({ name }),
  kind: (kind) => ({ kind }),
  loaded_wire_class: (loadedWireClass) => ({ loadedWireClass }),
  loaded_wire_mm: (text) => ({ loadedWireDiameterMm: figure(text) }),
  loaded_gas: (loadedGas) => ({ loadedGas }),
  standing_polarity: (standingPolarity) => ({ standingPolarity }),
  polarity_change: (polarityChange) => ({ polarityChange }),
  current_range_a: (text) => ({ currentRangeA: figures(text) }),
  wire_speed_range_m_per_min: (text) => ({ wireFeedSpeedRangeMPerMin: figures(text) }),
  features: (text) => ({ features: parts(text) }),
  wire_control: (text) => ({ wireControl: wireControlOf(text) }),
  volts_control: () => ({}),
  feed_follows_position: (text) => ({ feedFollowsPosition: text === 'true' }),
  entry_unit: () => ({}),
  trim_unit: () => ({}),
  trim_step_v: () => ({}),
  mains_volts: () => ({}),
  mains_breaker_a: () => ({}),
  duty_known: () => ({}),
  wires_known: () => ({}),
  rolls_known: () => ({}),
  settings_known: () => ({}),
  programs_known: () => ({}),
  standing_program: (standingProgram) => ({ standingProgram }),
  spool_gun_port: (spoolGunPort) => ({ spoolGunPort }),
  purge_button: (text) => ({ purgeButton: text === 'true' }),
  gas_stand: (gasStand) => ({ gasStand }),
  roll_pressures_known: () => ({}),
  meter_known: () => ({}),
  volts_read_at: () => ({}),
  entry_read_at: () => ({}),
};

/** The machine that facts and lists say, for the schema to check. */
export function machineOf(draft: MachineDraft): unknown {
  const { facts, duty, wires, rolls, settings, programs, rollPressures, rig, lines } = draft;
  const plain = [...facts].map(([name, text]) => FACTS[name]?.(text) ?? {});
  const hasMains = facts.has('mains_volts') || facts.has('mains_breaker_a');
  return filled({
    ...Object.assign({}, ...plain),
    voltsControl: voltsControlOf(draft),
    oneEntry: facts.has('entry_unit')
      ? filled({
          unit: facts.get('entry_unit'),
          trimUnit: facts.get('trim_unit'),
          trimStepV: figure(facts.get('trim_step_v')),
          lines: lines as readonly Partial<EntryLine>[],
        })
      : undefined,
    mains: hasMains
      ? { volts: figure(facts.get('mains_volts')), breakerA: figure(facts.get('mains_breaker_a')) }
      : undefined,
    duty: listOf(duty, facts.get('duty_known')),
    wires: listOf(wires, facts.get('wires_known')),
    rolls: listOf(rolls, facts.get('rolls_known')),
    settings: listOf(settings, facts.get('settings_known')),
    programs: listOf(programs, facts.get('programs_known')),
    rollPressures: listOf(rollPressures, facts.get('roll_pressures_known')),
    rig: rig.size === 0 ? undefined : Object.fromEntries(rig),
  });
}
