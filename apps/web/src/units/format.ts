import {
  cfhFromLPerMin,
  type GaugeTable,
  inchesFromMm,
  inchesPerMinFromMPerMin,
  lPerMinFromCfh,
  mmFromInches,
  mPerMinFromInchesPerMin,
  nearestGauge,
} from '@hot-bead/core/base';
import type { Units } from '../preferences/units.ts';

/** A quantity as it is shown: how it is turned into the user's unit, and to how many places. */
interface Shown {
  readonly unit: string;
  readonly decimals: number;
  readonly from: (value: number) => number;
  readonly to: (shown: number) => number;
}

const same = (value: number): number => value;
const as = (unit: string, decimals: number, from = same, to = same): Shown => ({ unit, decimals, from, to });
const IN_LENGTH = as('in', 3, inchesFromMm, mmFromInches);

const SHOWN: { readonly [K in keyof Units]: Readonly<Record<Units[K], Shown>> } = {
  wireFeedSpeed: {
    'm/min': as('m/min', 1),
    'in/min': as('in/min', 0, inchesPerMinFromMPerMin, mPerMinFromInchesPerMin),
  },
  thickness: { mm: as('mm', 2), inch: IN_LENGTH, fraction: IN_LENGTH, gauge: IN_LENGTH },
  gasFlow: { 'L/min': as('L/min', 0), 'ft³/h': as('ft³/h', 0, cfhFromLPerMin, lPerMinFromCfh) },
  distance: { mm: as('mm', 0), in: as('in', 2, inchesFromMm, mmFromInches) },
  travel: { 'mm/min': as('mm/min', 0), 'in/min': as('in/min', 1, inchesFromMm, mmFromInches) },
};

const FIXED = { volts: as('V', 1), current: as('A', 0) } as const;

export type Quantity = keyof Units | keyof typeof FIXED;

/** How a quantity is shown in the user's units. */
export function shownAs(quantity: Quantity, units: Units): Shown {
  if (quantity === 'volts' || quantity === 'current') return FIXED[quantity];
  return (SHOWN[quantity] as Readonly<Record<string, Shown>>)[units[quantity]] as Shown;
}

/** The figure alone, in the user's unit. */
export function figureOf(quantity: Quantity, value: number, units: Units): string {
  const shown = shownAs(quantity, units);
  const text = shown.from(value).toFixed(shown.decimals);
  return quantity === 'thickness' ? String(Number(text)) : text;
}

/** A wire size by its nominal name, always with one decimal: "1.0 mm". */
export function wireSizeText(nominalMm: number): string {
  return `${nominalMm.toFixed(1)} mm`;
}

/** A length of wire let out: "0.61 m" or "24.0 in". */
export function wireLengthText(lengthMm: number, units: Units): string {
  return units.distance === 'in'
    ? `${inchesFromMm(lengthMm).toFixed(1)} in`
    : `${(lengthMm / 1000).toFixed(2)} m`;
}

/** Figure and unit. */
export function withUnit(quantity: Quantity, value: number, units: Units): string {
  return `${figureOf(quantity, value, units)} ${shownAs(quantity, units).unit}`;
}

/** A range with its unit once: "6.5 to 8.7 m/min". */
export function rangeText(quantity: Quantity, low: number, high: number, units: Units): string {
  return `${figureOf(quantity, low, units)} to ${withUnit(quantity, high, units)}`;
}

/** Sixteenths of an inch that a thickness is written in, and how near it must lie, as a share. */
const SIXTEENTHS = 16;
const NEAR = 0.02;

function fraction(mm: number): string | undefined {
  const parts = Math.round(inchesFromMm(mm) * SIXTEENTHS);
  const off = Math.abs(mmFromInches(parts / SIXTEENTHS) / mm - 1);
  if (parts === 0 || off > NEAR) return undefined;
  let [top, bottom] = [parts, SIXTEENTHS];
  while (top % 2 === 0 && bottom > 1) [top, bottom] = [top / 2, bottom / 2];
  const whole = Math.floor(top / bottom);
  const rest = top % bottom === 0 ? '' : `${top % bottom}/${bottom}`;
  return [whole === 0 ? '' : String(whole), rest].filter((text) => text !== '').join('-');
}

/** A thickness the way this user says it: mm, decimal inch, a fraction or a gauge where one lies near. */
export function thicknessText(mm: number, units: Units, table: GaugeTable): string {
  if (units.thickness === 'fraction') {
    const text = fraction(mm);
    if (text !== undefined) return `${text} in`;
  }
  if (units.thickness === 'gauge') {
    const near = nearestGauge(mm, table);
    if (Math.abs(near.offBy) <= NEAR) return `${near.row.gauge} ga`;
  }
  return withUnit('thickness', mm, units);
}
