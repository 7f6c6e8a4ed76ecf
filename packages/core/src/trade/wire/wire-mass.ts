import type { BaseMetal } from '../material/base-metal.ts';
import type { WireClass } from './wire-class.ts';
import { wireClassRow } from './wire-class.ts';
import { wireSectionMm2 } from './wire-diameter.ts';

/** Share of a tubular wire's section that is metal and filling, by mass. Source: handbook figure, from memory. */
export const TUBULAR_SHARE = 0.85;

/** Densities of wire by the metal it is for, kg/m³. Source: handbook figures, from memory. */
const DENSITY: Readonly<Partial<Record<BaseMetal, number>>> = {
  stainless: 8000,
  aluminium: 2680,
  'cast-aluminium': 2680,
};
const STEEL_DENSITY = 7850;

/**
 * Mass of a metre of wire, kg/m.
 *
 * @param trueDiameterMm true diameter, mm, 0.5 to 2.5: a spool sold as 0.8 mm may hold 0.762 or 0.80
 * @throws {OutOfRangeError} for a diameter outside
 * @source section × density; a tubular wire 0.85 of the solid one, handbook figure, from memory
 */
export function wireKgPerM(wireClass: WireClass, trueDiameterMm: number): number {
  const { metals, tubular } = wireClassRow(wireClass);
  const density = metals.map((metal) => DENSITY[metal]).find((one) => one !== undefined) ?? STEEL_DENSITY;
  return wireSectionMm2(trueDiameterMm) * 1e-6 * density * (tubular ? TUBULAR_SHARE : 1);
}
