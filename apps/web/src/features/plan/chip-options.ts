import type { Say } from '../../units/index.ts';
import { amount, type Units, wireSizeText, words } from '@hot-bead/core/base';
import type { Machine } from '@hot-bead/core/machine';
import {
  BASE_METAL_TABLE,
  type Circumstance,
  CIRCUMSTANCE_NAME,
  CIRCUMSTANCES,
  COMMON_GASES,
  FAMILIES,
  type GasId,
  gasOf,
  JOINT_NAME,
  JOINTS,
  metalName,
  POSITION_NAME,
  POSITIONS,
  PRIORITIES,
  type Priority,
  PRIORITY_NAME,
  SURFACE_NAME,
  SURFACES,
  type Way,
  WAY_MODES,
  wayModeName,
  type WeldMetal,
  WIRE_CLASS_TABLE,
  WIRE_DIAMETERS_MM,
  type WireClass,
} from '@hot-bead/core/trade';

/** One row of a chip's list. */
export interface Option<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly note?: string;
}

function named<T extends string>(
  values: readonly T[],
  names: Readonly<Record<T, string>>,
): readonly Option<T>[] {
  return values.map((value) => ({ value, label: names[value] }));
}

export const JOINT_OPTIONS = named(JOINTS, JOINT_NAME);
export const POSITION_OPTIONS = named(POSITIONS, POSITION_NAME);
export const SURFACE_OPTIONS = named(SURFACES, SURFACE_NAME);
/** Ways in a word or two, for the chip itself. */
export const WAY_CHIP: Readonly<Record<Way, string>> = {
  'solid-gas': 'solid wire',
  'self-shielded': 'self-shielded',
  'gas-shielded-flux-core': 'gas-shielded core',
  'metal-cored': 'metal-cored',
  'aluminium-gun': 'standard gun',
  'aluminium-spool-gun': 'spool gun',
  'bronze-braze': 'bronze braze',
};

/** Ways with their transfers for a metal, as `way/mode`; `open` leaves the choice to the planner. */
export function wayOptions(metal: WeldMetal): readonly Option<string>[] {
  const open = { value: 'open', label: 'leave open', note: 'the best way for this work is taken' };
  const ways = WAY_MODES.filter((option) =>
    FAMILIES[metal].some((family) => family.ways.includes(option.way) && family.mode === option.mode),
  );
  return [
    open,
    ...ways.map((option) => ({ value: `${option.way}/${option.mode}`, label: wayModeName(option) })),
  ];
}

/** Wire classes that can run in a way. */
export function wireClassOptions(way: Way, say: Say): readonly Option<WireClass | 'open'>[] {
  const own = way === 'aluminium-spool-gun' ? 'aluminium-gun' : way;
  return [
    { value: 'open', label: 'leave open', note: 'what is loaded, else what suits the metal' },
    ...WIRE_CLASS_TABLE.filter((row) => row.way === own).map(({ id, note }) => ({
      value: id,
      label: id,
      note: say(note),
    })),
  ];
}

export const priorityOptions = (say: Say): readonly Option<Priority>[] =>
  PRIORITIES.map((value) => ({ value, label: say(PRIORITY_NAME[value]) }));
export const circumstanceOptions = (say: Say): readonly Option<Circumstance>[] =>
  CIRCUMSTANCES.map((value) => ({ value, label: say(CIRCUMSTANCE_NAME[value]) }));

export type PlaceChoice = 'indoors' | 'outdoors' | 'wind';

export const placeOptions = (say: Say): readonly Option<PlaceChoice>[] => [
  { value: 'indoors', label: 'indoors' },
  { value: 'outdoors', label: 'outdoors, still air' },
  { value: 'wind', label: 'outdoors, in wind', note: say(words`above about ${amount.windSpeed(8)}`) },
];

/** Metals and their alloys as `metal/alloy`. */
export const METAL_OPTIONS: readonly Option<string>[] = BASE_METAL_TABLE.flatMap((row) => {
  const plain = { value: `${row.id}/`, label: metalName(row.id) };
  const alloys = row.alloys.map((alloy) => ({
    value: `${row.id}/${alloy}`,
    label: metalName(row.id, alloy),
  }));
  return row.id === 'other' || row.id === 'unweldable-aluminium' ? alloys : [plain, ...alloys];
});

/** Metals of the second part; empty where both are of one metal. */
export const OTHER_METAL_OPTIONS: readonly Option<string>[] = [
  { value: '', label: 'the same metal' },
  ...METAL_OPTIONS,
];

/** Gases to pick from; one that was typed but is not in the list stands first. */
export function gasOptions(current: GasId | undefined): readonly Option<GasId | 'open'>[] {
  const listed =
    current === undefined || COMMON_GASES.includes(current) ? COMMON_GASES : [current, ...COMMON_GASES];
  return [
    { value: 'open', label: 'leave open', note: 'what is connected, else Ar + 18–25 % CO₂' },
    ...listed.map((value) => ({ value, label: gasOf(value).name })),
  ];
}

export const wireOptions = (units: Units): readonly Option<string>[] => [
  { value: 'open', label: 'leave open', note: 'what is loaded, else first choice by thickness' },
  ...WIRE_DIAMETERS_MM.map((mm) => ({ value: String(mm), label: wireSizeText(mm, units) })),
];

export function machineOptions(machines: readonly Machine[], units: Units): readonly Option<string>[] {
  const none = { value: '', label: 'no machine', note: 'arc volts, limits not checked' };
  return [
    none,
    ...machines.map(({ name, loadedWireDiameterMm, loadedWireClass, loadedGas }) => ({
      value: name,
      label: name,
      note: `${wireSizeText(loadedWireDiameterMm, units)} ${loadedWireClass}, ${gasOf(loadedGas).name}`,
    })),
  ];
}
