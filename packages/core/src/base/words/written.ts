import { METRIC, type UnitQuantity, type Units } from '../quantity/unit-choice.ts';
import {
  barFromPsi,
  celsiusFromFahrenheit,
  cfhFromLPerMin,
  cubicFeetFromLitres,
  fahrenheitFromCelsius,
  inchesFromMm,
  inchesPerMinFromMPerMin,
  kgFromPounds,
  lPerMinFromCfh,
  litresFromCubicFeet,
  mFromFeet,
  feetFromM,
  MM_PER_INCH,
  kmFromMiles,
  milesFromKm,
  mmFromInches,
  mPerMinFromInchesPerMin,
  poundsFromKg,
  psiFromBar,
} from '../quantity/units.ts';
import type { AmountQuantity } from './amount.ts';

/** A unit of a quantity: how it is turned into, to how many decimals it is read, and how it is turned back. */
export interface WrittenUnit {
  readonly unit: string;
  readonly decimals: number;
  readonly from: (value: number) => number;
  readonly to: (written: number) => number;
}

const same = (value: number): number => value;

function unit(name: string, decimals: number, from = same, to = same): WrittenUnit {
  return { unit: name, decimals, from, to };
}

interface Pair {
  /** Whose choice of unit it follows. */
  readonly follows: UnitQuantity;
  readonly own: WrittenUnit;
  readonly other: WrittenUnit;
}

const INCH = unit('in', 3, inchesFromMm, mmFromInches);

/** Every quantity that stands in texts: in the core's own unit and in the other one. */
export const WRITTEN: Readonly<Record<AmountQuantity, Pair>> = {
  thickness: { follows: 'thickness', own: unit('mm', 2), other: INCH },
  wireSize: { follows: 'wireSize', own: unit('mm', 1), other: INCH },
  distance: { follows: 'distance', own: unit('mm', 0), other: { ...INCH, decimals: 2 } },
  length: { follows: 'distance', own: unit('m', 2), other: unit('ft', 1, feetFromM, mFromFeet) },
  section: {
    follows: 'distance',
    own: unit('mm²', 1),
    other: unit(
      'in²',
      3,
      (mm2) => mm2 / MM_PER_INCH ** 2,
      (in2) => in2 * MM_PER_INCH ** 2,
    ),
  },
  wireFeedSpeed: {
    follows: 'wireFeedSpeed',
    own: unit('m/min', 1),
    other: unit('in/min', 0, inchesPerMinFromMPerMin, mPerMinFromInchesPerMin),
  },
  travel: { follows: 'travel', own: unit('mm/min', 0), other: unit('in/min', 1, inchesFromMm, mmFromInches) },
  windSpeed: { follows: 'distance', own: unit('km/h', 0), other: unit('mph', 0, milesFromKm, kmFromMiles) },
  gasFlow: {
    follows: 'gasFlow',
    own: unit('L/min', 0),
    other: unit('ft³/h', 0, cfhFromLPerMin, lPerMinFromCfh),
  },
  gasVolume: {
    follows: 'gasFlow',
    own: unit('L', 0),
    other: unit('ft³', 1, cubicFeetFromLitres, litresFromCubicFeet),
  },
  heatInput: {
    follows: 'travel',
    own: unit('kJ/mm', 2),
    other: unit('kJ/in', 1, mmFromInches, inchesFromMm),
  },
  currentPerThickness: {
    follows: 'thickness',
    own: unit('A for each millimetre', 0),
    other: unit(
      'A for each thousandth of an inch',
      1,
      (perMm) => (perMm * MM_PER_INCH) / 1000,
      (perThou) => (perThou * 1000) / MM_PER_INCH,
    ),
  },
  gasPerLength: {
    follows: 'gasFlow',
    own: unit('L a metre', 0),
    other: unit(
      'ft³ a foot',
      2,
      (lPerM) => cubicFeetFromLitres(lPerM / feetFromM(1)),
      (perFoot) => litresFromCubicFeet(perFoot) * feetFromM(1),
    ),
  },
  temperature: {
    follows: 'temperature',
    own: unit('°C', 0),
    other: unit('°F', 0, fahrenheitFromCelsius, celsiusFromFahrenheit),
  },
  weight: { follows: 'weight', own: unit('kg', 2), other: unit('lb', 1, poundsFromKg, kgFromPounds) },
  pressure: { follows: 'pressure', own: unit('bar', 0), other: unit('psi', 0, psiFromBar, barFromPsi) },
};

/** The unit a reader has a quantity in, and the core's own beside it. */
export function writtenIn(quantity: AmountQuantity, units: Units): WrittenUnit {
  const { follows, own, other } = WRITTEN[quantity];
  return isOwnUnit(follows, units) ? own : other;
}

/** Whether a reader has a quantity in the core's own unit. */
export function isOwnUnit(follows: UnitQuantity, units: Units): boolean {
  return units[follows] === METRIC[follows];
}

/** Other names that units are written by. */
const UNIT_NAMES: Readonly<Record<string, string>> = {
  lbs: 'lb',
  pounds: 'lb',
  kgs: 'kg',
  ipm: 'in/min',
  cfh: 'ft3/h',
  'l/min': 'l/min',
  lpm: 'l/min',
  c: '°c',
  f: '°f',
};

function unitName(text: string): string {
  const plain = text.toLowerCase().replaceAll(/\s/g, '').replace('³', '3').replace('²', '2');
  return UNIT_NAMES[plain] ?? plain;
}

/**
 * A figure as somebody writes it: bare in the user's unit, or with one of its own behind it ("33 lb" where kilograms are
 * usual).
 *
 * @returns in the core's own unit; undefined where it is no number, or its unit is none of the quantity's
 * @example
 * figureAsWritten('weight', '10 lb', METRIC) // 4.5359237
 */
export function figureAsWritten(quantity: AmountQuantity, text: string, units: Units): number | undefined {
  const [, digits = '', written = ''] = /^\s*(-?(?:\d+(?:[.,]\d*)?|[.,]\d+))\s*(\D.*)?$/.exec(text) ?? [];
  const value = Number(digits.replace(',', '.'));
  if (digits === '' || !Number.isFinite(value)) return undefined;
  if (written.trim() === '') return writtenIn(quantity, units).to(value);
  const { own, other } = WRITTEN[quantity];
  return [own, other].find((one) => unitName(one.unit) === unitName(written))?.to(value);
}
