import { amount } from '../base/words/amount.ts';
import { words, type Words } from '../base/words/words.ts';
import { isLiquidGas } from './gas-volume.ts';
import type { Cylinder, Spool, StockFault, StockItem } from './stock-item.ts';

/** What can be told of a thing in Stores. Each is kept in the ledger as it was told. */
export type StockEntry =
  /** Put on the scale, spool or bottle and all, kg. */
  | { readonly kind: 'weighed'; readonly weightKg: number }
  /** The gauge read, bar, and how warm the bottle was, °C. */
  | { readonly kind: 'gauged'; readonly bar: number; readonly temperatureC?: number | undefined }
  /** What is left put right, in its own measure (kg, bar or a count), with why. */
  | { readonly kind: 'adjusted'; readonly left: number; readonly reason: string }
  | { readonly kind: 'used-up' }
  /** More of the same part. */
  | { readonly kind: 'bought'; readonly count: number }
  | { readonly kind: 'counted'; readonly count: number };

/** A thing as it stands after an entry, or why the entry cannot be. */
export type AfterEntry =
  | { readonly status: 'taken'; readonly item: StockItem }
  | { readonly status: 'refused'; readonly fault: StockFault };

function refused(field: string, message: Words): AfterEntry {
  return { status: 'refused', fault: { field, message } };
}

/** Thousandths of a kilogram and tenths of a bar are as fine as anybody reads. */
function rounded(value: number): number {
  return Math.round(value * 1000) / 1000;
}

/** A scale may show this much over the full weight before it is a slip, share. Source: our model. */
const OVER_FULL = 0.02;

function weighed(item: Spool | Cylinder, weightKg: number): AfterEntry {
  if (item.kind === 'cylinder' && !isLiquidGas(item.gas)) {
    return refused('weightKg', 'This gas is told by its pressure: read the gauge.');
  }
  const { tareKg, fullKg } = item;
  if (tareKg === undefined || fullKg === undefined) {
    return refused('weightKg', 'Say first what it weighs empty and how much it holds when full.');
  }
  const left = weightKg - tareKg;
  if (left < 0) {
    return refused(
      'weightKg',
      words`That is less than it weighs empty (${amount.weight(tareKg)}): weigh again, or mend the tare.`,
    );
  }
  if (left > fullKg * (1 + OVER_FULL)) {
    return refused(
      'weightKg',
      words`A full one weighs ${amount.weight(rounded(tareKg + fullKg))}: this cannot be.`,
    );
  }
  return { status: 'taken', item: { ...item, leftKg: rounded(Math.min(left, fullKg)) } };
}

function gauged(item: StockItem, bar: number, temperatureC: number | undefined): AfterEntry {
  if (item.kind !== 'cylinder') return refused('bar', 'Only a cylinder has a gauge.');
  if (isLiquidGas(item.gas)) {
    return refused('bar', 'CO₂ stands at the same pressure until it is nearly gone: weigh it.');
  }
  if (item.fullBar !== undefined && bar > item.fullBar) {
    return refused('bar', words`A full one stands at ${amount.pressure(item.fullBar)}: this cannot be.`);
  }
  return { status: 'taken', item: { ...item, leftBar: bar, temperatureC } };
}

function adjusted(item: StockItem, left: number): AfterEntry {
  if (left < 0) return refused('left', 'Less than nothing cannot be left.');
  if (item.kind === 'part') {
    if (!Number.isInteger(left)) return refused('left', 'Parts are counted whole.');
    return { status: 'taken', item: { ...item, count: left } };
  }
  const byWeight = item.kind === 'spool' || isLiquidGas(item.gas);
  const full = byWeight ? item.fullKg : (item as Cylinder).fullBar;
  if (full !== undefined && left > full) {
    return refused(
      'left',
      words`A full one holds ${byWeight ? amount.weight(full, 'as-given') : amount.pressure(full, 'as-given')}: this cannot be.`,
    );
  }
  return {
    status: 'taken',
    item: byWeight ? { ...item, leftKg: rounded(left) } : { ...item, leftBar: left },
  };
}

function counted(item: StockItem, count: number): AfterEntry {
  if (item.kind !== 'part')
    return refused('count', 'Spools and cylinders are weighed or gauged, not counted.');
  if (count < 0 || !Number.isInteger(count))
    return refused('count', 'A count is a whole number, none or more.');
  return { status: 'taken', item: { ...item, count } };
}

/** A thing in Stores after what was told of it; the thing itself is left as it is. */
export function afterEntry(item: StockItem, entry: StockEntry): AfterEntry {
  switch (entry.kind) {
    case 'weighed':
      return item.kind === 'part' ? refused('weightKg', 'Parts are counted.') : weighed(item, entry.weightKg);
    case 'gauged':
      return gauged(item, entry.bar, entry.temperatureC);
    case 'adjusted':
      return adjusted(item, entry.left);
    case 'used-up':
      return adjusted(item, 0);
    case 'counted':
      return counted(item, entry.count);
    case 'bought':
      return counted(item, item.kind === 'part' && entry.count >= 0 ? item.count + entry.count : entry.count);
  }
}
