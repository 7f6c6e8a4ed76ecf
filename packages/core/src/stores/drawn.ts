import { gasOf } from '../trade/gas/gas.ts';
import { CO2_L_PER_KG, cylinderL, CYLINDER_PRESSURE_RANGE_BAR, isLiquidGas } from './gas-volume.ts';
import { cylinderLeft, spoolLeft, type StockItem } from './stock-item.ts';

/** What welding takes of a thing in Stores; less than nothing: it is given back. */
export interface Draw {
  readonly wireKg?: number | undefined;
  readonly gasL?: number | undefined;
}

/** A thing after it was drawn from; `short`: how much more was taken than it held by the book, kg or litres. */
export type AfterDraw =
  | { readonly status: 'taken'; readonly item: StockItem; readonly short: number }
  | { readonly status: 'not-known'; readonly why: string };

function thousandths(value: number): number {
  return Math.round(value * 1000) / 1000;
}

/** The part of an amount that is below nothing, and the amount kept within what it can be. */
function withinItem(
  left: number,
  most: number | undefined,
): { readonly left: number; readonly short: number } {
  return { left: Math.min(Math.max(left, 0), most ?? Infinity), short: Math.max(0, -left) };
}

/**
 * Pressure at which a cylinder holds so many litres, bar.
 *
 * @param litres at 15 °C and 1.013 bar, 0 or more
 * @source the inverse of `cylinderL`, by halving
 */
export function barOfLitres(
  gas: Parameters<typeof cylinderL>[0],
  waterL: number,
  litres: number,
  temperatureC?: number,
): number {
  let [low, high]: [number, number] = [CYLINDER_PRESSURE_RANGE_BAR[0], CYLINDER_PRESSURE_RANGE_BAR[1]];
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    if (cylinderL(gas, waterL, middle, temperatureC) < litres) low = middle;
    else high = middle;
  }
  return low < 1e-6 ? 0 : (low + high) / 2;
}

/**
 * A spool or a cylinder after welding drew from it; the thing itself is left as it is.
 *
 * @returns `not-known` where nobody said how much is in it: nothing is guessed
 */
export function drawnFrom(item: StockItem, { wireKg = 0, gasL = 0 }: Draw): AfterDraw {
  if (item.kind === 'part') return { status: 'not-known', why: 'Parts are counted, not drawn from.' };
  if (item.kind === 'spool') {
    const { kg } = spoolLeft(item);
    if (kg === undefined)
      return { status: 'not-known', why: 'Nobody said how much wire is on this spool: weigh it.' };
    const { left, short } = withinItem(kg - wireKg, item.fullKg);
    return { status: 'taken', item: { ...item, leftKg: thousandths(left) }, short };
  }
  const { litres } = cylinderLeft(item);
  if (litres === undefined) {
    return { status: 'not-known', why: `Nobody said how much ${gasOf(item.gas).name} is in this cylinder.` };
  }
  const { left, short } = withinItem(litres - gasL, undefined);
  if (isLiquidGas(item.gas)) {
    const leftKg = Math.min(left / CO2_L_PER_KG, item.fullKg ?? Infinity);
    return { status: 'taken', item: { ...item, leftKg: thousandths(leftKg) }, short };
  }
  const bar = barOfLitres(item.gas, item.waterL as number, left, item.temperatureC);
  return {
    status: 'taken',
    item: { ...item, leftBar: thousandths(Math.min(bar, item.fullBar ?? Infinity)) },
    short,
  };
}
