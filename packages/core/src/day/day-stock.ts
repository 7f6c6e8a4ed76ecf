import { type GasId } from '../trade/gas/gas.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { cylinderLeft, spoolLeft, type StockItem } from '../stores/stock-item.ts';
import { KEPT_BACK } from '../stores/enough.ts';
import { isSameWire, type ShelfWire } from '../trade/wire/shelf-wire.ts';

/** What a task takes of Stores; undefined amounts: its length is not known. */
export interface TaskTakes {
  readonly wire: ShelfWire;
  readonly wireKg: number | undefined;
  readonly gas: GasId;
  readonly gasL: number | undefined;
}

/** What a plan takes of Stores for so many pieces. */
export function taskTakes({ wire, gas, totals }: PlannedSetup, pieces: number): TaskTakes {
  return {
    wire,
    wireKg: totals && totals.wireKg * pieces,
    gas: gas.gas.id,
    gasL: totals && gas.gas.shields ? totals.gasL * pieces : undefined,
  };
}

/** Wire or gas that Stores do not hold enough of. */
export type Shortage =
  | { readonly kind: 'wire'; readonly wire: ShelfWire; readonly needsKg: number; readonly hasKg: number }
  | { readonly kind: 'gas'; readonly gas: GasId; readonly needsL: number; readonly hasL: number };

/** What all that is known of a kind comes to; undefined where one of them is not known, or there is none to know of. */
function together(amounts: readonly (number | undefined)[]): number | undefined {
  return amounts.includes(undefined) ? undefined : amounts.reduce<number>((sum, one) => sum + (one ?? 0), 0);
}

/**
 * Wire and gas that will not last for some tasks taken together, by everything that Stores hold of it. What nobody
 * weighed is taken for enough, never for too little; Stores that hold nothing at all are not kept, and say nothing.
 *
 * @source sum of need against sum of stock, definition; 3 % of the wire kept back
 */
export function shortages(tasks: readonly TaskTakes[], stock: readonly StockItem[]): readonly Shortage[] {
  const wires = tasks.reduce<readonly ShelfWire[]>(
    (list, { wire }) => (list.some((one) => isSameWire(one, wire)) ? list : [...list, wire]),
    [],
  );
  const gases = [...new Set(tasks.flatMap(({ gas, gasL }) => (gasL === undefined ? [] : [gas])))];
  const keepsWire = stock.some(({ kind }) => kind === 'spool');
  const keepsGas = stock.some(({ kind }) => kind === 'cylinder');
  const short: Shortage[] = [];
  for (const wire of keepsWire ? wires : []) {
    const needsKg = tasks.reduce(
      (sum, task) => sum + (isSameWire(task.wire, wire) ? (task.wireKg ?? 0) : 0),
      0,
    );
    const hasKg = together(
      stock.flatMap((item) => (item.kind === 'spool' && isSameWire(item, wire) ? [spoolLeft(item).kg] : [])),
    );
    if (hasKg !== undefined && hasKg * (1 - KEPT_BACK) < needsKg)
      short.push({ kind: 'wire', wire, needsKg, hasKg });
  }
  for (const gas of keepsGas ? gases : []) {
    const needsL = tasks.reduce((sum, task) => sum + (task.gas === gas ? (task.gasL ?? 0) : 0), 0);
    const hasL = together(
      stock.flatMap((item) =>
        item.kind === 'cylinder' && item.gas === gas ? [cylinderLeft(item).litres] : [],
      ),
    );
    if (hasL !== undefined && hasL < needsL) short.push({ kind: 'gas', gas, needsL, hasL });
  }
  return short;
}
