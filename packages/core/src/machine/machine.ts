import type { DutyRating } from '../duty/duty.ts';
import type { VoltsPosition } from '../volts-calibration/position-volts.ts';
import type { Polarity } from '../polarity/polarity.ts';
import type { GasId } from '../gas/gas.ts';
import type { WireClass } from '../wire/wire-class.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';

/** What a machine can do beyond wire speed and volts. */
export const MACHINE_FEATURES = [
  'pulse',
  'double-pulse',
  'inductance',
  'run-in',
  'burnback',
  'hot-start',
  'crater-fill',
  'pinch',
  'pre-flow',
  'post-flow',
  'four-step',
  'special-four-step',
  'spot-timer',
  'stitch-timer',
  'spool-gun-socket',
] as const;
export type MachineFeature = (typeof MACHINE_FEATURES)[number];

export const MACHINE_KINDS = ['inverter', 'transformer'] as const;
export type MachineKind = (typeof MACHINE_KINDS)[number];

/** How the wire speed is set: shown in units, or a knob with a scale that means nothing until it is measured. */
export type WireControl =
  { readonly kind: 'units' } | { readonly kind: 'knob'; readonly min: number; readonly max: number };

/** How the volts are set: shown, or by named positions (taps, letters, min and max). */
export type VoltsControl =
  | { readonly kind: 'displayed' }
  | { readonly kind: 'positions'; readonly positions: readonly VoltsPosition[] };

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
  readonly kind?: MachineKind | undefined;
  readonly wireControl?: WireControl | undefined;
  readonly voltsControl?: VoltsControl | undefined;
  readonly duty?: readonly DutyRating[] | undefined;
}

/** Whether the machine has a feature: yes, no, or not known. */
export function machineHas(machine: Machine | undefined, feature: MachineFeature): boolean | undefined {
  return machine?.features?.includes(feature);
}
