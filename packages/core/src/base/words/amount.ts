import type { GaugeTable } from '../quantity/gauge.ts';

/** A quantity in a text, in the core's own unit; how it is written is the reader's choice. */
export interface Amount {
  readonly quantity: AmountQuantity;
  /** One figure, or several under one unit: a range from the lower to the higher, a width by a height. */
  readonly value: number | readonly number[];
  /** What stands between several; ` to ` where nothing is said. */
  readonly between?: string;
  readonly places?: Places;
  /** Without its unit: where a heading has it. */
  readonly isBare?: true;
  /** For a thickness: which gauge numbers its metal has; those of plain steel sheet where nothing is said. */
  readonly gauges?: GaugeTable;
}

/**
 * How exact a figure is: decimals in the core's own unit, or as many as it has (a size that was given); undefined: a
 * round figure of the trade, which is a round one in every unit.
 */
export type Places = number | 'as-given';

/** What stands in a text as an amount, and the core's own unit of it. */
export const AMOUNT_UNITS = {
  thickness: 'mm',
  wireSize: 'mm',
  distance: 'mm',
  length: 'm',
  section: 'mm²',
  wireFeedSpeed: 'm/min',
  travel: 'mm/min',
  windSpeed: 'km/h',
  gasFlow: 'L/min',
  gasVolume: 'L',
  heatInput: 'kJ/mm',
  currentPerThickness: 'A for each millimetre',
  gasPerLength: 'L a metre',
  temperature: '°C',
  weight: 'kg',
  pressure: 'bar',
} as const;

export type AmountQuantity = keyof typeof AMOUNT_UNITS;

type Figure = number | readonly number[] | { readonly low: number; readonly high: number };

type AmountMaker = (
  value: Figure,
  places?: Places,
  more?: Pick<Amount, 'between' | 'gauges' | 'isBare'>,
) => Amount;

function maker(quantity: AmountQuantity): AmountMaker {
  return (figure, places, more) => {
    const value = typeof figure === 'number' ? figure : 'low' in figure ? [figure.low, figure.high] : figure;
    return { quantity, value, ...(places === undefined ? {} : { places }), ...more };
  };
}

/**
 * Amounts for a text, by quantity: `amount.distance(25)`, `amount.distance([25, 50])`, `amount.wireFeedSpeed(span, 1)`.
 *
 * @example
 * amount.gasFlow([12, 15]) // { quantity: 'gasFlow', value: [12, 15] }
 */
export const amount = Object.fromEntries(
  (Object.keys(AMOUNT_UNITS) as AmountQuantity[]).map((quantity) => [quantity, maker(quantity)]),
) as Readonly<Record<AmountQuantity, AmountMaker>>;
