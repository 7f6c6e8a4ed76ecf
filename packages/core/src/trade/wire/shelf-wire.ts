import type { WireClass } from './wire-class.ts';
import type { WireDiameterMm } from './wire-diameter.ts';

/** A wire that can be had: on the shelf, or among a machine's own. */
export interface ShelfWire {
  readonly wireClass: WireClass;
  readonly diameterMm: WireDiameterMm;
}

/** Whether two are one wire by class and size. */
export function isSameWire(a: ShelfWire, b: ShelfWire): boolean {
  return a.wireClass === b.wireClass && a.diameterMm === b.diameterMm;
}
