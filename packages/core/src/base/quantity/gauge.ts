import { type Source, HANDBOOK, standard } from '../source.ts';
import { OutOfRangeError } from './out-of-range-error.ts';
import { inchesFromMm, mmFromInches } from './units.ts';

/** The five tables a gauge number can belong to. The same number means a different thickness in each. */
export const GAUGE_TABLES = [
  'steel-sheet',
  'galvanised-sheet',
  'stainless-sheet',
  'aluminium-sheet',
  'tube-wall',
] as const;
export type GaugeTable = (typeof GAUGE_TABLES)[number];

export interface GaugeRow {
  readonly gauge: number;
  readonly inches: number;
  readonly mm: number;
  readonly source: Source;
}

const STEEL = standard("manufacturers' standard gauge, 41.82 lb/ft² per inch");
const TUBE = standard('Birmingham (Stubs) gauge');

function rows(source: Source, table: readonly (readonly [gauge: number, inches: number])[]): GaugeRow[] {
  return table.map(([gauge, inches]) => ({ gauge, inches, mm: mmFromInches(inches), source }));
}

const STEEL_SHEET = rows(STEEL, [
  [7, 0.1793],
  [8, 0.1644],
  [9, 0.1495],
  [10, 0.1345],
  [11, 0.1196],
  [12, 0.1046],
  [13, 0.0897],
  [14, 0.0747],
  [15, 0.0673],
  [16, 0.0598],
  [17, 0.0538],
  [18, 0.0478],
  [19, 0.0418],
  [20, 0.0359],
  [21, 0.0329],
  [22, 0.0299],
  [23, 0.0269],
  [24, 0.0239],
]);

const GALVANISED_SHEET = rows(HANDBOOK, [
  [10, 0.1382],
  [11, 0.1233],
  [12, 0.1084],
  [14, 0.0785],
  [16, 0.0635],
  [18, 0.0516],
  [20, 0.0396],
  [22, 0.0336],
  [24, 0.0276],
]);

const STAINLESS_SHEET = rows(HANDBOOK, [
  [8, 0.1719],
  [10, 0.1406],
  [11, 0.125],
  [12, 0.1094],
  [13, 0.0938],
  [14, 0.0781],
  [16, 0.0625],
  [18, 0.05],
  [20, 0.0375],
  [22, 0.0313],
  [24, 0.025],
]);

const TUBE_WALL = rows(TUBE, [
  [7, 0.18],
  [8, 0.165],
  [9, 0.148],
  [10, 0.134],
  [11, 0.12],
  [12, 0.109],
  [13, 0.095],
  [14, 0.083],
  [15, 0.072],
  [16, 0.065],
  [17, 0.058],
  [18, 0.049],
  [19, 0.042],
  [20, 0.035],
  [21, 0.032],
  [22, 0.028],
  [24, 0.022],
]);

/**
 * Thickness of American wire gauge n, in.
 *
 *     d = 0.005 · 92^((36 − n)/39)
 *
 * @param gauge whole gauge number, [4, 24]
 * @source ASTM B258, recalled
 */
export function americanWireGaugeInches(gauge: number): number {
  return 0.005 * 92 ** ((36 - gauge) / 39);
}

const ALUMINIUM_SHEET = rows(
  standard('ASTM B258, American wire gauge'),
  Array.from({ length: 21 }, (_, i) => [i + 4, americanWireGaugeInches(i + 4)] as const),
);

/** Imperial standard wire gauge, in. Source: handbook figures, from memory. */
const IMPERIAL_INCHES: ReadonlyMap<number, number> = new Map([
  [8, 0.16],
  [10, 0.128],
  [12, 0.104],
  [14, 0.08],
  [16, 0.064],
  [18, 0.048],
  [20, 0.036],
  [22, 0.028],
  [24, 0.022],
]);

/** Thickness of an imperial standard wire gauge, mm; undefined for a number that is not in its table. */
export function imperialGaugeMm(gauge: number): number | undefined {
  const inches = IMPERIAL_INCHES.get(gauge);
  return inches === undefined ? undefined : mmFromInches(inches);
}

const TABLES: Readonly<Record<GaugeTable, readonly GaugeRow[]>> = {
  'steel-sheet': STEEL_SHEET,
  'galvanised-sheet': GALVANISED_SHEET,
  'stainless-sheet': STAINLESS_SHEET,
  'aluminium-sheet': ALUMINIUM_SHEET,
  'tube-wall': TUBE_WALL,
};

/** All rows of one gauge table, thickest first. */
export function gaugeRows(table: GaugeTable): readonly GaugeRow[] {
  return TABLES[table];
}

/**
 * Thickness that a gauge number means in one table.
 *
 * @param gauge whole number that the table holds
 * @throws {OutOfRangeError} code `gauge-unknown` for a number the table does not hold
 */
export function gaugeThickness(gauge: number, table: GaugeTable): GaugeRow {
  const list = TABLES[table];
  const row = list.find((r) => r.gauge === gauge);
  if (!row) {
    const gauges = list.map((r) => r.gauge);
    throw new OutOfRangeError('gauge', gauge, Math.min(...gauges), Math.max(...gauges), 'gauge-unknown');
  }
  return row;
}

/** How far a thickness may lie off a gauge that it was given by, as a share: what is lost in keeping it (our tuning). */
const GIVEN_OFF = 0.003;

/** The gauge that a thickness was given by: one of the table, whatever is stocked; undefined: by none. */
export function exactGauge(thicknessMm: number, table: GaugeTable): GaugeRow | undefined {
  return TABLES[table].find(({ mm }) => Math.abs(mm / thicknessMm - 1) <= GIVEN_OFF);
}

/** Odd gauges that are stocked like the even ones. Source: common practice. */
const STOCKED_ODD: ReadonlySet<number> = new Set([7, 11]);

/**
 * The gauge nearest to a measured thickness among those commonly stocked (the even ones, 7 and 11), and how far the
 * reading is off it, as a share of the row.
 */
export function nearestGauge(thicknessMm: number, table: GaugeTable): { row: GaugeRow; offBy: number } {
  const list = TABLES[table].filter(({ gauge }) => gauge % 2 === 0 || STOCKED_ODD.has(gauge));
  const row = list.reduce((best, r) =>
    Math.abs(r.mm - thicknessMm) < Math.abs(best.mm - thicknessMm) ? r : best,
  );
  return { row, offBy: inchesFromMm(thicknessMm) / row.inches - 1 };
}
