import type { Way } from './way.ts';
import { WIRE_CLASS_TABLE, type WireClassRow } from './wire-class-table.ts';

export type WireClass = (typeof WIRE_CLASS_TABLE)[number]['id'];

/** The table as rows alike: each with every field it may have. */
export const WIRE_CLASS_ROWS: readonly (WireClassRow & { readonly id: WireClass })[] = WIRE_CLASS_TABLE;

export const WIRE_CLASSES: readonly WireClass[] = WIRE_CLASS_ROWS.map((row) => row.id);

/** The row of a wire class. */
export function wireClassRow(id: WireClass): WireClassRow & { readonly id: WireClass } {
  const row = WIRE_CLASS_ROWS.find((r) => r.id === id);
  if (!row) throw new Error(`no wire class ${id}`);
  return row;
}

/** Whether a wire of this class may be laid once only. */
export function isSinglePass(id: WireClass): boolean {
  return wireClassRow(id).singlePass === true;
}

/** Whether a way is run with tubular wire. */
export function isCoredWay(way: Way): boolean {
  return WIRE_CLASS_ROWS.some((row) => row.way === way && row.tubular);
}

/** Whether a wire of this class can be used in a way: aluminium wire runs through either gun. */
export function isOfWay(id: WireClass, way: Way): boolean {
  const own = wireClassRow(id).way;
  return own === way || (own === 'aluminium-gun' && way === 'aluminium-spool-gun');
}

/** Share of CO₂ in a gas, per cent, as a span. */
interface CarbonDioxide {
  readonly co2Percent: readonly [low: number, high: number];
  readonly heliumPercent: number;
}

/** Whether a gas is the one that a class is made for; every gas is, where none is part of the class. */
export function isMadeFor({ madeFor }: WireClassRow, { co2Percent, heliumPercent }: CarbonDioxide): boolean {
  if (!madeFor) return true;
  const [least, most] = madeFor.co2Percent;
  return heliumPercent === 0 && co2Percent[0] >= least && co2Percent[1] <= most;
}

/**
 * The class to take where a way is named and none of its classes: the usual one, or another that is made for the gas.
 *
 * @throws for a way whose wire follows from the metal
 */
export function usualClass(way: Way, gas?: CarbonDioxide): WireClassRow & { readonly id: WireClass } {
  const rows = WIRE_CLASS_ROWS.filter((row) => row.way === way);
  const usual = rows.find((row) => row.usual !== undefined);
  if (!usual) throw new Error(`no usual wire for ${way}`);
  if (!gas || isMadeFor(usual, gas)) return usual;
  return rows.find((row) => row.madeFor && isMadeFor(row, gas)) ?? usual;
}
