import type { DutyRating } from './duty.ts';
import type { RollForm } from '../trade/feed-path.ts';
import type { GasId } from '../trade/gas/gas.ts';
import type { MachineFeature } from './scale/machine-feature.ts';
import type { MachineSetting } from './scale/setting-scale.ts';
import type { MachineKind } from './volts/machine-kind.ts';
import type { MainsSupply } from './mains-draw.ts';
import type { OneEntry } from './one-entry.ts';
import type { Polarity } from '../trade/polarity.ts';
import type { MachineProgram } from './program.ts';
import type { RigFacts } from './rig-state/rig-fact.ts';
import type { VoltsPosition } from './volts/position-volts.ts';
import type { MeterReading } from './volts/shown-volts.ts';
import type { VoltsPlace } from './volts/volts-knob.ts';
import type { ShelfWire } from '../trade/wire/shelf-wire.ts';
import type { WireClass } from '../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../trade/wire/wire-diameter.ts';

/** How the two leads are swapped. */
export const POLARITY_CHANGES = ['sockets', 'links', 'switch', 'fixed'] as const;
export type PolarityChange = (typeof POLARITY_CHANGES)[number];

/** Where a spool gun is plugged in: a socket of its own, the standard gun's, or nowhere. */
export const SPOOL_GUN_PORTS = ['own', 'shared', 'none'] as const;
export type SpoolGunPort = (typeof SPOOL_GUN_PORTS)[number];

/** Whether one bottle stands at it, or a second with a regulator of its own stands ready. */
export const GAS_STANDS = ['one', 'two'] as const;
export type GasStand = (typeof GAS_STANDS)[number];

/**
 * How the wire speed is set: shown in units; a knob with a scale that means nothing until it is measured; letters,
 * whose readings stand at 0, 1, 2… in their order; or together with the volts by one entry.
 */
export type WireControl =
  | { readonly kind: 'units' }
  | { readonly kind: 'knob'; readonly min: number; readonly max: number }
  | { readonly kind: 'letters'; readonly names: readonly string[] }
  | { readonly kind: 'entry' };

/**
 * How the volts are set: shown; by named positions (taps, letters, min and max); by a knob whose marks are no volts
 * until it is measured; or by the one entry.
 */
export type VoltsControl =
  | { readonly kind: 'displayed'; readonly meter?: readonly MeterReading[] | undefined }
  | { readonly kind: 'positions'; readonly positions: readonly VoltsPosition[] }
  | {
      readonly kind: 'knob';
      readonly min: number;
      readonly max: number;
      /** What a meter told of it so far. */
      readonly places: readonly VoltsPlace[];
    }
  | { readonly kind: 'entry' };

/** A drive roll that the machine has: its groove's form and the wire it is for. */
export interface DriveRoll {
  readonly form: RollForm;
  readonly grooveMm: WireDiameterMm;
}

/** The mark that the screw of the rolls stood on for a wire. */
export interface RollPressure extends ShelfWire {
  readonly mark: string;
}

/** A machine as the planner needs it: its name, what is on it, and its limits where they are known. */
export interface Machine {
  readonly name: string;
  readonly loadedWireClass: WireClass;
  readonly loadedWireDiameterMm: WireDiameterMm;
  readonly loadedGas: GasId;
  /** Lowest and highest current the source gives, A; undefined: not checked. */
  readonly currentRangeA?: readonly [min: number, max: number] | undefined;
  /** Lowest and highest wire feed speed, m/min; undefined: not checked. */
  readonly wireFeedSpeedRangeMPerMin?: readonly [min: number, max: number] | undefined;
  /** What it can do; undefined: not known, so nothing is refused for it. */
  readonly features?: readonly MachineFeature[] | undefined;
  /** Which lead goes to the gun as it stands; undefined: not known. */
  readonly standingPolarity?: Polarity | undefined;
  readonly polarityChange?: PolarityChange | undefined;
  readonly kind?: MachineKind | undefined;
  readonly wireControl?: WireControl | undefined;
  readonly voltsControl?: VoltsControl | undefined;
  /** Whether the feed motor hangs on the weld supply, so that its speed goes with the tap and sags under arc. */
  readonly feedFollowsPosition?: boolean | undefined;
  /** What it chooses of itself for its one entry, as far as it was recorded. */
  readonly oneEntry?: OneEntry | undefined;
  readonly duty?: readonly DutyRating[] | undefined;
  readonly mains?: MainsSupply | undefined;
  /** Wires that are kept with it, besides the one on it. */
  readonly wires?: readonly ShelfWire[] | undefined;
  /** Drive rolls that it has; undefined: not known. */
  readonly rolls?: readonly DriveRoll[] | undefined;
  /** What it calls its settings, and how it counts them, as far as that was told. */
  readonly settings?: readonly MachineSetting[] | undefined;
  /** The table of its programs; undefined: it keeps none, or they are not known. */
  readonly programs?: readonly MachineProgram[] | undefined;
  /** Name of the program that it stands on; undefined: not known. */
  readonly standingProgram?: string | undefined;
  readonly spoolGunPort?: SpoolGunPort | undefined;
  /** Whether gas can be let through by a button of its own, without the trigger. */
  readonly purgeButton?: boolean | undefined;
  readonly gasStand?: GasStand | undefined;
  /** Where the screw of the rolls stood when a wire fed well, as its scale shows it. */
  readonly rollPressures?: readonly RollPressure[] | undefined;
  /** How it stands besides, and since when; undefined: nobody looked. */
  readonly rig?: RigFacts | undefined;
}

/** The wire that is on the machine. */
export function loadedWire({ loadedWireClass, loadedWireDiameterMm }: Machine): ShelfWire {
  return { wireClass: loadedWireClass, diameterMm: loadedWireDiameterMm };
}

/** Whether the machine has a feature: yes, no, or not known. */
export function machineHas(machine: Machine | undefined, feature: MachineFeature): boolean | undefined {
  return machine?.features?.includes(feature);
}

/** Whether the machine has a drive roll: yes, no, or not known. */
export function machineHasRoll(machine: Machine | undefined, roll: DriveRoll): boolean | undefined {
  return machine?.rolls?.some(({ form, grooveMm }) => form === roll.form && grooveMm === roll.grooveMm);
}
