import {
  type AmountQuantity,
  figureAsWritten,
  figureText,
  inchesFromMm,
  measuredLength,
  type Units,
  writtenIn,
} from '@hot-bead/core/base';
import { numberOrText } from './number-text.ts';

/** Decimals that a typed figure keeps in the core's own unit: what is more is the noise of a conversion. */
const KEPT_DECIMALS = 6;

/** A figure as its field shows it, in the user's unit: exact enough to be read back as it was. */
export function typedFigure(quantity: AmountQuantity, value: number, units: Units): string {
  const { from, decimals } = writtenIn(quantity, units);
  return figureText(from(value), decimals + 3);
}

/**
 * A figure as it was typed, in the core's own unit: bare in the user's, or with its unit behind it. What is none is left
 * as text, for the contract to refuse.
 */
export function readFigure(quantity: AmountQuantity, text: string, units: Units): number | string {
  const value = figureAsWritten(quantity, text, units);
  return value === undefined ? text : Number(value.toFixed(KEPT_DECIMALS));
}

/** A size off a gauge as its field shows it: mm, or inches to a ten-thousandth. */
export function typedSize(mm: number, units: Units): string {
  return units.distance === 'in' ? figureText(inchesFromMm(mm), 4) : String(mm);
}

/**
 * A size as it was typed, mm: bare in the user's unit, with its unit in that one, in inches with a fraction too; nought is
 * nothing there. A bare fraction is inches to everybody, so where millimetres are usual its unit must stand there.
 */
export function readSize(text: string, units: Units): number | string {
  const bare = numberOrText(text);
  if (bare === 0 || (typeof bare === 'number' && units.distance !== 'in')) return bare;
  if (units.distance !== 'in' && /\d\s*$/.test(text)) return text;
  const read = measuredLength(text, units.distance);
  return read.status === 'read' ? Number(read.lengthMm.toFixed(KEPT_DECIMALS)) : text;
}
