import type { Gas } from './gas.ts';

/** Molar masses, g/mol. Source: IUPAC standard atomic weights, recalled. */
const MOLAR_MASS = { argon: 39.948, helium: 4.0026, oxygen: 31.998, carbonDioxide: 44.009 } as const;

/** Mean molar mass of a shielding gas, g/mol; the middle of its composition where that is a span. */
export function molarMassGPerMol(gas: Gas): number {
  const co2 = (gas.co2Percent[0] + gas.co2Percent[1]) / 200;
  const helium = gas.heliumPercent / 100;
  const oxygen = gas.oxygenPercent / 100;
  const argon = 1 - co2 - helium - oxygen;
  return (
    argon * MOLAR_MASS.argon +
    helium * MOLAR_MASS.helium +
    oxygen * MOLAR_MASS.oxygen +
    co2 * MOLAR_MASS.carbonDioxide
  );
}

/**
 * True flow over the reading of a float meter scaled for argon: √(density of argon ÷ density of the gas).
 *
 * @returns 1 for argon, above 1 for lighter gas; no unit
 * @source form: float (variable-area) meters, handbook, from memory; densities from molar masses
 */
export function argonMeterFactor(gas: Gas): number {
  return Math.sqrt(MOLAR_MASS.argon / molarMassGPerMol(gas));
}
