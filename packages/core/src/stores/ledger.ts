import { type Draw, drawnFrom } from './drawn.ts';
import { afterEntry, type StockEntry } from './stock-entry.ts';
import type { StockItem } from './stock-item.ts';

/** Fields that say how much is left of a thing: they follow from its ledger. */
export const LEFT_FIELDS: readonly string[] = ['leftKg', 'leftBar', 'temperatureC', 'count'];

/** One line of a thing's ledger. */
export type LedgerEntry = {
  /** When it was so, as an ISO date in UTC. */
  readonly at: string;
  /** Its place among all that was told: of one moment what was told first came first. */
  readonly number: number;
} &
  /** What it then stood at: those of its fields that say how much is left; null: nobody knew any more. */
  (
    | { readonly kind: 'stood'; readonly left: Readonly<Record<string, unknown>> }
    | { readonly kind: 'told'; readonly entry: StockEntry }
    | { readonly kind: 'drawn'; readonly draw: Draw }
  );

/** When a line was so: what was welded at a whole minute was told to the minute, and may have lasted until its end. */
function momentOf({ at, kind }: LedgerEntry): string {
  return kind === 'drawn' ? at.replace(/:00\.000Z$/, ':59.999Z') : at;
}

function inOrder(a: LedgerEntry, b: LedgerEntry): number {
  const [then, now] = [momentOf(a), momentOf(b)];
  return then < now ? -1 : then > now ? 1 : a.number - b.number;
}

/** A thing with what is said of it; null: that is not known any more. */
function stood(item: StockItem, left: Readonly<Record<string, unknown>>): StockItem {
  const known = Object.entries({ ...item, ...left }).filter(([, value]) => value !== null);
  return Object.fromEntries(known) as unknown as StockItem;
}

/** A thing of which nobody has said how much is left. */
function unsaid(item: StockItem): StockItem {
  if (item.kind === 'part') return { ...item, count: 0 };
  return stood(item, { leftKg: null, leftBar: null, temperatureC: null });
}

function after(item: StockItem, line: LedgerEntry): StockItem {
  if (line.kind === 'stood') return stood(item, line.left);
  if (line.kind === 'told') {
    const after = afterEntry(item, line.entry);
    // what cannot be of the thing as it is known now (its tare was mended, say) tells nothing of it
    return after.status === 'taken' ? after.item : item;
  }
  const drawn = drawnFrom(item, line.draw);
  return drawn.status === 'taken' ? drawn.item : item;
}

/**
 * A thing in Stores with what is left of it by its ledger: line by line in the order in which it was so. What was weighed,
 * gauged or counted is a truth from its moment on; what was drawn before that is in it already.
 *
 * @param item as it is known, whatever is left of it
 * @returns the item itself where its ledger is empty
 * @source book-keeping
 */
export function reckoned(item: StockItem, ledger: readonly LedgerEntry[]): StockItem {
  if (ledger.length === 0) return item;
  return ledger.toSorted(inOrder).reduce(after, unsaid(item));
}
