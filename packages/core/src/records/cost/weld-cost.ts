import { within } from '../../base/quantity/out-of-range-error.ts';

/** What an hour, a kilogram, a cubic metre, a kilowatt-hour and a tip cost, in the shop's money. */
export interface CostRates {
  readonly perHour: number;
  readonly perWireKg: number;
  readonly perGasM3: number;
  readonly perKWh: number;
  readonly perTip: number;
}

/** What a piece of work takes. */
export interface CostInput {
  /** Arc time, min, above 0. */
  readonly arcMin: number;
  /** Share of the time clocked as welding that the arc burns, (0, 1]. */
  readonly operatingFactor: number;
  readonly setUpMin: number;
  readonly fitUpMin: number;
  readonly cleanMin: number;
  readonly wireKg: number;
  readonly gasL: number;
  readonly volts: number;
  readonly amps: number;
  /** Share of the mains power that the arc gets, [0.5, 1]. */
  readonly efficiency: number;
  /** Arc hours that a tip lasts, above 0. */
  readonly tipLifeH: number;
}

/** What it comes to, each part in the shop's money. */
export interface WeldCost {
  readonly minutes: number;
  readonly kWh: number;
  readonly labour: number;
  readonly wire: number;
  readonly gas: number;
  readonly power: number;
  readonly tips: number;
  readonly sum: number;
}

/**
 * What welding costs: labour by the clock, and what is used up.
 *
 * @throws {OutOfRangeError} for an operating factor, an efficiency or a tip life outside its range
 * @source arithmetic; operating factors and tip life are common practice
 */
export function weldCost(input: CostInput, rates: CostRates): WeldCost {
  const factor = within('operatingFactor', input.operatingFactor, [0.01, 1]);
  const efficiency = within('efficiency', input.efficiency, [0.5, 1]);
  const tipLife = within('tipLife', input.tipLifeH, [0.05, 100]);
  const minutes = input.setUpMin + input.fitUpMin + input.arcMin / factor + input.cleanMin;
  const arcH = input.arcMin / 60;
  const kWh = (input.volts * input.amps * arcH) / 1000 / efficiency;
  const parts = {
    labour: (minutes / 60) * rates.perHour,
    wire: input.wireKg * rates.perWireKg,
    gas: (input.gasL / 1000) * rates.perGasM3,
    power: kWh * rates.perKWh,
    tips: (arcH / tipLife) * rates.perTip,
  };
  const sum = Object.values(parts).reduce((total, one) => total + one, 0);
  return { minutes, kWh, ...parts, sum };
}

/** Operating factor by kind of work: least, usual, most. Source: common practice. */
export const OPERATING_FACTORS = {
  repair: { name: 'repair, on site', factor: [0.05, 0.1, 0.15] },
  tacking: { name: 'tacking, small parts', factor: [0.05, 0.08, 0.1] },
  'stitched-sheet': { name: 'short stitches on sheet', factor: [0.1, 0.15, 0.2] },
  bench: { name: 'bench work', factor: [0.15, 0.25, 0.3] },
  'long-seams': { name: 'long seams', factor: [0.3, 0.38, 0.45] },
  positioner: { name: 'on a positioner', factor: [0.4, 0.45, 0.5] },
} as const satisfies Readonly<
  Record<string, { readonly name: string; readonly factor: readonly [number, number, number] }>
>;
export type WorkKind = keyof typeof OPERATING_FACTORS;

/** One thing that may turn out otherwise: what the whole then costs at its worse and at its better end. */
export interface CostSwing {
  readonly id: string;
  readonly worse: number;
  readonly better: number;
}

/** A quote as a range. */
export interface QuoteRange {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  /** What moves it most, the largest first, each by how much of the likely sum. */
  readonly swings: readonly { readonly id: string; readonly up: number; readonly down: number }[];
}

/**
 * A range about a likely sum: each thing varied by itself, what they do combined in quadrature of their logarithms, so that
 * not everything is taken to go wrong at once.
 *
 * @param likely the likely sum, above 0
 * @source our model
 */
export function quoteRange(likely: number, swings: readonly CostSwing[]): QuoteRange {
  const ratios = swings.map(({ id, worse, better }) => ({
    id,
    up: Math.max(1, worse / likely),
    down: Math.min(1, better / likely),
  }));
  const spread = (of: (ratio: (typeof ratios)[number]) => number): number =>
    Math.sqrt(ratios.reduce((sum, ratio) => sum + Math.log(of(ratio)) ** 2, 0));
  return {
    low: likely * Math.exp(-spread(({ down }) => down)),
    likely,
    high: likely * Math.exp(spread(({ up }) => up)),
    swings: ratios.toSorted((a, b) => b.up / b.down - a.up / a.down),
  };
}
