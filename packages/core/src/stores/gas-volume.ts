import { amount } from '../base/words/amount.ts';
import { words, type Words } from '../base/words/words.ts';
import { type GasId, gasOf } from '../trade/gas/gas.ts';
import { curveValue, type CurvePoints } from '../base/numeric/point-curve.ts';
import { within } from '../base/quantity/out-of-range-error.ts';

/** Pressure of the air, bar. Source: definition, 1 atm. */
const AIR_BAR = 1.013;
/** Temperature that litres are counted at, °C, and its kelvin. Source: trade convention, handbook. */
const COUNTED_AT_C = 15;
const KELVIN = 273.15;
/** Litres of gas from a kilogram of liquid CO₂, at 15 °C and 1 bar. Source: handbook figure, from memory. */
export const CO2_L_PER_KG = 541;

/** Gauge pressures of a cylinder, bar; water it would hold, L; its temperature, °C. Source: practice. */
export const CYLINDER_PRESSURE_RANGE_BAR = [0, 300] as const;
export const CYLINDER_WATER_RANGE_L = [0.5, 100] as const;
export const CYLINDER_TEMPERATURE_RANGE_C = [-30, 60] as const;

/**
 * Compressibility at 15 °C by CO₂ share, per cent, and pressure, bar. Source: our model (Lee–Kesler, mixes by Kay's rule),
 * ±1 % for argon, ±3 % for mixes; 1 at no pressure by definition.
 */
const Z_AT_BAR = [0, 50, 100, 150, 200, 300] as const;
const Z_TABLE: readonly (readonly [co2Percent: number, z: CurvePoints])[] = (
  [
    [0, [1, 0.97, 0.95, 0.94, 0.94, 0.98]],
    [10, [1, 0.95, 0.92, 0.89, 0.89, 0.94]],
    [18, [1, 0.94, 0.89, 0.85, 0.84, 0.89]],
    [25, [1, 0.92, 0.86, 0.81, 0.8, 0.85]],
  ] as const
).map(([percent, zs]) => [percent, zs.map((z, i) => [Z_AT_BAR[i] as number, z] as const)] as const);

/** How far a gas is from an ideal one; with helium it is reckoned as ideal. */
function compressibility(gas: GasId, bar: number): number {
  const { co2Percent, heliumPercent } = gasOf(gas);
  if (heliumPercent > 0) return 1;
  const share = (co2Percent[0] + co2Percent[1]) / 2;
  return curveValue(
    Z_TABLE.map(([percent, zs]) => [percent, curveValue(zs, bar)] as const),
    share,
  );
}

/** How sure litres from a gauge are, and why. */
export function gaugeDoubt(gas: GasId): Words {
  const { heliumPercent, co2Percent } = gasOf(gas);
  if (heliumPercent > 0) return words`reckoned as an ideal gas; gauge ± ${amount.pressure(6)}`;
  const percent = co2Percent[1] > 0 ? 3 : 1;
  return words`real-gas factor ± ${percent} %, our model; gauge ± ${amount.pressure(6)}`;
}

/** Whether a gas stands in its cylinder as a liquid: then the pressure says nothing of how much there is. */
export function isLiquidGas(gas: GasId): boolean {
  return gasOf(gas).co2Percent[0] === 100;
}

/**
 * Gas in a cylinder, litres at 15 °C and 1.013 bar.
 *
 * @param waterL what it would hold of water, L, 0.5 to 100
 * @param gaugeBar gauge pressure, bar, 0 to 300
 * @param temperatureC temperature of the cylinder, °C; 15 where nobody says
 * @throws {OutOfRangeError} for a value outside; {Error} for CO₂, which is weighed
 * @source water × (gauge + 1.013) ÷ (Z × 1.013), handbook; Z our model
 */
export function cylinderL(
  gas: GasId,
  waterL: number,
  gaugeBar: number,
  temperatureC: number = COUNTED_AT_C,
): number {
  if (isLiquidGas(gas)) throw new Error('CO₂ is weighed: its pressure says nothing');
  const water = within('water capacity', waterL, CYLINDER_WATER_RANGE_L);
  const gauge = within('pressure', gaugeBar, CYLINDER_PRESSURE_RANGE_BAR);
  const celsius = within('temperature', temperatureC, CYLINDER_TEMPERATURE_RANGE_C);
  if (gauge === 0) return 0;
  const warmth = (COUNTED_AT_C + KELVIN) / (celsius + KELVIN);
  const absolute = (gauge + AIR_BAR) * warmth;
  return (water * absolute) / (compressibility(gas, absolute - AIR_BAR) * AIR_BAR);
}
