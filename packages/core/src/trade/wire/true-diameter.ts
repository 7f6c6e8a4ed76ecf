import { mmFromInches } from '../../base/quantity/units.ts';
import { type WireClass, wireClassRow } from './wire-class.ts';
import { type WireDiameterMm, wireDiameterRow } from './wire-diameter.ts';

/** Aluminium wire sold as 1.2 mm is 3/64 in. Source: handbook figure, from memory. */
export const ALUMINIUM_1_2_TRUE_MM = mmFromInches(3 / 64);

/** True diameter of a wire, mm: by its nominal size, but aluminium's 1.2 mm is 3/64 in. */
export function trueDiameterMm(wireClass: WireClass, nominalMm: WireDiameterMm): number {
  const aluminium = wireClassRow(wireClass).metals.includes('aluminium');
  return aluminium && nominalMm === 1.2 ? ALUMINIUM_1_2_TRUE_MM : wireDiameterRow(nominalMm).trueMm;
}
