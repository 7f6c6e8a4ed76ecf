import { type Source, HANDBOOK, PRACTICE } from '../../base/source.ts';
import type { GaugeTable } from '../../base/quantity/gauge.ts';

/** Groups of base metal the planner distinguishes. */
export const BASE_METALS = [
  'carbon-steel',
  'coated-steel',
  'stainless',
  'aluminium',
  'cast-aluminium',
  'unweldable-aluminium',
  'other',
] as const;
export type BaseMetal = (typeof BASE_METALS)[number];

export interface BaseMetalRow {
  readonly id: BaseMetal;
  readonly name: string;
  /** Gauge table a sheet gauge of this metal is read in. */
  readonly gaugeTable: GaugeTable;
  readonly densityKgPerM3: number | undefined;
  readonly alloys: readonly string[];
  /** Alloy assumed when none is given; undefined where the alloy must be asked. */
  readonly usualAlloy: string | undefined;
  readonly source: Source;
}

/** Base metals with the alloys that are recognised by name. */
export const BASE_METAL_TABLE = [
  {
    id: 'carbon-steel',
    name: 'carbon steel',
    gaugeTable: 'steel-sheet',
    densityKgPerM3: 7850,
    alloys: ['S235', 'S275', 'S355', 'A36', 'A500', '1018', '1020'],
    usualAlloy: undefined,
    source: HANDBOOK,
  },
  {
    id: 'coated-steel',
    name: 'galvanised steel',
    gaugeTable: 'galvanised-sheet',
    densityKgPerM3: 7850,
    alloys: [],
    usualAlloy: undefined,
    source: HANDBOOK,
  },
  {
    id: 'stainless',
    name: 'stainless steel',
    gaugeTable: 'stainless-sheet',
    densityKgPerM3: 8000,
    alloys: ['304', '304L', '316', '316L', '321', '430'],
    usualAlloy: '304',
    source: HANDBOOK,
  },
  {
    id: 'aluminium',
    name: 'aluminium',
    gaugeTable: 'aluminium-sheet',
    densityKgPerM3: 2700,
    alloys: ['1100', '1050', '3003', '5052', '5083', '5086', '5454', '5754', '6061', '6063', '6082'],
    usualAlloy: undefined,
    source: HANDBOOK,
  },
  {
    id: 'cast-aluminium',
    name: 'cast aluminium',
    gaugeTable: 'aluminium-sheet',
    densityKgPerM3: 2700,
    alloys: ['356', 'A356'],
    usualAlloy: '356',
    source: HANDBOOK,
  },
  {
    id: 'unweldable-aluminium',
    name: 'aluminium that cracks when fusion welded',
    gaugeTable: 'aluminium-sheet',
    densityKgPerM3: 2700,
    alloys: ['2024', '7075'],
    usualAlloy: undefined,
    source: HANDBOOK,
  },
  {
    id: 'other',
    name: 'another metal',
    gaugeTable: 'steel-sheet',
    densityKgPerM3: undefined,
    alloys: ['titanium', 'copper', 'brass', 'bronze', 'magnesium', 'cast iron', 'nickel', 'zinc alloy'],
    usualAlloy: undefined,
    source: PRACTICE,
  },
] as const satisfies readonly BaseMetalRow[];

/** The table row of a base metal. */
export function baseMetalRow(id: BaseMetal): BaseMetalRow {
  const row = BASE_METAL_TABLE.find((r) => r.id === id);
  if (!row) throw new Error(`no base metal ${id}`);
  return row;
}

/** The base metal an alloy name belongs to, with the name as the table writes it. */
export function alloyNamed(name: string): { metal: BaseMetal; alloy: string } | undefined {
  const wanted = name.toLowerCase();
  for (const row of BASE_METAL_TABLE) {
    const alloy = row.alloys.find((a) => a.toLowerCase() === wanted);
    if (alloy !== undefined) return { metal: row.id, alloy };
  }
  return undefined;
}

/** The metal in words, alloy included. */
export function metalName(metal: BaseMetal, alloy?: string): string {
  if (metal === 'other' || metal === 'unweldable-aluminium') return alloy ?? baseMetalRow(metal).name;
  return alloy === undefined ? baseMetalRow(metal).name : `${baseMetalRow(metal).name} ${alloy}`;
}
