import {
  type AmountQuantity,
  amountText,
  figureText,
  inchesFromMm,
  type Units,
  writtenIn,
  type WrittenUnit,
} from '@hot-bead/core/base';

const same = (value: number): number => value;

/** What every reader has in the same unit. */
const FIXED = {
  volts: { unit: 'V', decimals: 1, from: same, to: same },
  current: { unit: 'A', decimals: 0, from: same, to: same },
} as const satisfies Record<string, WrittenUnit>;

export type Quantity = AmountQuantity | keyof typeof FIXED;

/** How a quantity is shown in the user's units. */
export function shownAs(quantity: Quantity, units: Units): WrittenUnit {
  if (quantity === 'volts' || quantity === 'current') return FIXED[quantity];
  return writtenIn(quantity, units);
}

/** The figure alone, in the user's unit. */
export function figureOf(quantity: Quantity, value: number, units: Units): string {
  const shown = shownAs(quantity, units);
  const text = shown.from(value).toFixed(shown.decimals);
  return quantity === 'thickness' ? String(Number(text)) : text;
}

/** A length of wire let out: "0.61 m" or "24.0 in". */
export function wireLengthText(lengthMm: number, units: Units): string {
  return units.distance === 'in'
    ? `${inchesFromMm(lengthMm).toFixed(1)} in`
    : `${(lengthMm / 1000).toFixed(2)} m`;
}

const IN_INCHES: ReadonlySet<Quantity> = new Set(['distance', 'thickness', 'wireSize']);

/** Figure and unit: a length in inches as a rule shows it. */
export function withUnit(quantity: Quantity, value: number, units: Units): string {
  const { unit } = shownAs(quantity, units);
  if (unit === 'in' && IN_INCHES.has(quantity)) {
    return amountText({ quantity: quantity as AmountQuantity, value }, units);
  }
  return `${figureOf(quantity, value, units)} ${unit}`;
}

/** A range with its unit once: "6.5 to 8.7 m/min". */
export function rangeText(quantity: Quantity, low: number, high: number, units: Units): string {
  const { unit } = shownAs(quantity, units);
  if (unit === 'in' && IN_INCHES.has(quantity)) {
    return amountText({ quantity: quantity as AmountQuantity, value: [low, high] }, units);
  }
  return `${figureOf(quantity, low, units)} to ${withUnit(quantity, high, units)}`;
}

/** A heat input as it is reckoned for a record: a thousandth of a kJ/mm, a hundredth of a kJ/in. */
export function heatFigure(kJPerMm: number, units: Units): string {
  const { from, unit } = writtenIn('heatInput', units);
  return from(kJPerMm).toFixed(unit === 'kJ/mm' ? 3 : 2);
}

/** A length as it reads best: millimetres, or metres from one on; inches, or feet from ten on. */
export function lengthText(mm: number, units: Units): string {
  if (units.distance !== 'in') {
    return mm >= 1000 ? `${figureText(mm / 1000, 3)} m` : `${figureText(mm, 1)} mm`;
  }
  const inches = inchesFromMm(mm);
  return inches >= 120 ? `${figureText(inches / 12, 2)} ft` : `${figureText(inches, 2)} in`;
}

/** A size off a gauge with its band: `4.52 ± 0.50 mm`, `.178 ± .020 in`. */
export function gaugedText(mm: number, u95Mm: number, units: Units): string {
  const isIn = units.distance === 'in';
  const figure = (value: number): string =>
    isIn ? inchesFromMm(value).toFixed(3).replace(/^0/, '') : value.toFixed(2);
  return `${figure(mm)} ± ${figure(u95Mm)} ${isIn ? 'in' : 'mm'}`;
}
