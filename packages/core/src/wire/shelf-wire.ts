import type { WireClass } from './wire-class.ts';
import type { WireDiameterMm } from './wire-diameter.ts';

/** A wire that can be had: on the shelf, or among a machine's own. */
export interface ShelfWire {
  readonly wireClass: WireClass;
  readonly diameterMm: WireDiameterMm;
}
