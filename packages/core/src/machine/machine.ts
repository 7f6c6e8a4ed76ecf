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
}

/** Whether the machine has a feature: yes, no, or not known. */
export function machineHas(machine: Machine | undefined, feature: MachineFeature): boolean | undefined {
  return machine?.features?.includes(feature);
}
