import {
  type AmountQuantity,
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

/** A figure as it was typed in the user's unit, in the core's own; what is none is left as text, for the contract to refuse. */
export function readFigure(quantity: AmountQuantity, text: string, units: Units): number | string {
  const typed = numberOrText(text);
  if (typeof typed === 'string') return typed;
  return Number(writtenIn(quantity, units).to(typed).toFixed(KEPT_DECIMALS));
}

/** A size off a gauge as its field shows it: mm, or inches to a ten-thousandth. */
export function typedSize(mm: number, units: Units): string {
  return units.distance === 'in' ? figureText(inchesFromMm(mm), 4) : String(mm);
}

/** A size as it was typed, mm: bare in the user's unit, in inches with a fraction too; nought is nothing there. */
export function readSize(text: string, units: Units): number | string {
  const bare = numberOrText(text);
  if (units.distance !== 'in' || bare === 0) return bare;
  const read = measuredLength(text, 'in');
  return read.status === 'read' ? Number(read.lengthMm.toFixed(KEPT_DECIMALS)) : text;
}
