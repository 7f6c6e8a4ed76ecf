import {
  cfhFromLPerMin,
  inchesFromMm,
  inchesPerMinFromMPerMin,
  lPerMinFromCfh,
  mmFromInches,
  mPerMinFromInchesPerMin,
} from '@hot-bead/core';
import type { UnitSystem } from '../../app/preferences.tsx';

/** A quantity as it is shown: how it is turned into the user's unit, and to how many places. */
interface Shown {
  readonly unit: string;
  readonly decimals: number;
  readonly from: (value: number) => number;
  readonly to: (shown: number) => number;
}

const same = (value: number): number => value;

const QUANTITIES = {
  wireFeedSpeed: {
    metric: { unit: 'm/min', decimals: 1, from: same, to: same },
    us: { unit: 'in/min', decimals: 0, from: inchesPerMinFromMPerMin, to: mPerMinFromInchesPerMin },
  },
  volts: {
    metric: { unit: 'V', decimals: 1, from: same, to: same },
    us: { unit: 'V', decimals: 1, from: same, to: same },
  },
  gasFlow: {
    metric: { unit: 'L/min', decimals: 0, from: same, to: same },
    us: { unit: 'ft³/h', decimals: 0, from: cfhFromLPerMin, to: lPerMinFromCfh },
  },
  distance: {
    metric: { unit: 'mm', decimals: 0, from: same, to: same },
    us: { unit: 'in', decimals: 2, from: inchesFromMm, to: mmFromInches },
  },
  thickness: {
    metric: { unit: 'mm', decimals: 2, from: same, to: same },
    us: { unit: 'in', decimals: 3, from: inchesFromMm, to: mmFromInches },
  },
  travel: {
    metric: { unit: 'mm/min', decimals: 0, from: same, to: same },
    us: { unit: 'in/min', decimals: 1, from: inchesFromMm, to: mmFromInches },
  },
} as const satisfies Record<string, Record<UnitSystem, Shown>>;

export type Quantity = keyof typeof QUANTITIES;

/** How a quantity is shown in a unit system. */
export function shownAs(quantity: Quantity, units: UnitSystem): Shown {
  return QUANTITIES[quantity][units];
}

/** The figure alone, in the user's unit. */
export function figureOf(quantity: Quantity, value: number, units: UnitSystem): string {
  const shown = shownAs(quantity, units);
  const text = shown.from(value).toFixed(shown.decimals);
  return quantity === 'thickness' ? String(Number(text)) : text;
}

/** A wire size by its nominal name, always with one decimal: "1.0 mm". */
export function wireSizeText(nominalMm: number): string {
  return `${nominalMm.toFixed(1)} mm`;
}

/** Figure and unit. */
export function withUnit(quantity: Quantity, value: number, units: UnitSystem): string {
  return `${figureOf(quantity, value, units)} ${shownAs(quantity, units).unit}`;
}

/** A range with its unit once: "6.5 to 8.7 m/min". */
export function rangeText(quantity: Quantity, low: number, high: number, units: UnitSystem): string {
  return `${figureOf(quantity, low, units)} to ${withUnit(quantity, high, units)}`;
}
