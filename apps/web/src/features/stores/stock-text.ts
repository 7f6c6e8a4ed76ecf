import { amount, words, type Words } from '@hot-bead/core/base';
import { rigValueText } from '@hot-bead/core/machine';
import {
  cylinderLeft,
  gaugeDoubt,
  isLiquidGas,
  type Left,
  spoolLeft,
  type StockItem,
} from '@hot-bead/core/stores';
import { gasNamed } from '@hot-bead/core/trade';

/** What a thing in Stores is called. */
export function stockName(item: StockItem): Words {
  if (item.kind === 'spool') {
    const size = item.size === undefined ? '' : words`, ${rigValueText('spoolSize', item.size)} spool`;
    return words`${amount.wireSize(item.diameterMm)} ${item.wireClass}${size}`;
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
export function stockChoice(item: StockItem): Words {
  const { kg, litres } = leftOf(item);
  const left = kg === undefined ? litres && amount.gasVolume(litres, 0) : amount.weight(kg, 1);
  return left ? words`${stockName(item)}: ${left}` : stockName(item);
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
export function doubtOf(item: StockItem): Words | undefined {
  if (item.kind !== 'cylinder') return undefined;
  return isLiquidGas(item.gas)
    ? words`by weight, ${amount.gasVolume(541)} from ${amount.weight(1)} at ${amount.temperature(15)}`
    : gaugeDoubt(item.gas);
}
