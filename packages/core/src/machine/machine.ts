import type { GasId } from '../gas/gas.ts';
import type { WireClass } from '../wire/wire-class.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';

/** A machine as the planner needs it: its name, what is on it, and its limits where they are known. */
export interface Machine {
  readonly name: string;
  readonly loadedWireClass: WireClass;
  readonly loadedWireDiameterMm: WireDiameterMm;
  readonly loadedGas: GasId;
  /** Lowest and highest current the source gives, A; undefined: not checked. */
  readonly currentRangeA?: readonly [min: number, max: number] | undefined;
}
