import {
  cylinderLeft,
  gaugeDoubt,
  isLiquidGas,
  type Left,
  spoolLeft,
  type StockItem,
} from '@hot-bead/core/stores';
import { gasNamed } from '@hot-bead/core/trade';
import { wireSizeText } from '../../units/index.ts';

const SIZE_WORD = { D100: '100 mm spool', D200: '200 mm spool', D300: '300 mm spool' } as const;

/** What a thing in Stores is called. */
export function stockName(item: StockItem): string {
  if (item.kind === 'spool') {
    return `${wireSizeText(item.diameterMm)} ${item.wireClass}${item.size ? `, ${SIZE_WORD[item.size]}` : ''}`;
  }
  return item.kind === 'cylinder' ? `${gasNamed(item.gas)?.name ?? item.gas} no. ${item.name}` : item.name;
}

/** What is left of it. */
export function leftOf(item: StockItem): Left {
  if (item.kind === 'spool') return spoolLeft(item);
  if (item.kind === 'cylinder') return cylinderLeft(item);
  return { share: undefined };
}

/** What it is called, and what is left of it: to tell two alike apart. */
export function stockChoice(item: StockItem): string {
  const { kg, litres } = leftOf(item);
  const left = kg === undefined ? litres && `${litres.toFixed(0)} L` : `${kg.toFixed(1)} kg`;
  return left === undefined ? stockName(item) : `${stockName(item)}: ${left}`;
}

/** What minutes are reckoned at. */
export interface Usual {
  readonly wireFeedSpeedMPerMin: number;
  readonly gasFlowLPerMin: number;
}

/** Minutes of arc that are left of it; undefined: not to be known. */
export function minutesLeft(item: StockItem, usual: Usual): number | undefined {
  const { m, litres } = leftOf(item);
  if (m !== undefined) return m / usual.wireFeedSpeedMPerMin;
  return litres === undefined ? undefined : litres / usual.gasFlowLPerMin;
}

/** How sure what is left of a cylinder is. */
export function doubtOf(item: StockItem): string | undefined {
  if (item.kind !== 'cylinder') return undefined;
  return isLiquidGas(item.gas) ? 'by weight, 541 L a kilogram at 15 °C' : gaugeDoubt(item.gas);
}
