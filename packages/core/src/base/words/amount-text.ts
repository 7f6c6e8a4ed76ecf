import { figureText } from '../numeric/figure-text.ts';
import { exactGauge, type GaugeTable, nearestGauge } from '../quantity/gauge.ts';
import type { Units } from '../quantity/unit-choice.ts';
import { inchesFromMm } from '../quantity/units.ts';
import type { Amount, AmountQuantity, Places } from './amount.ts';
import { inchFraction } from './inch-fraction.ts';
import { wireNameIn } from './wire-name.ts';
import { isOwnUnit, WRITTEN, writtenIn } from './written.ts';

/** A figure and the unit it is in; a size with a name of its own (`.030`) has none. */
interface Figure {
  readonly text: string;
  readonly unit: string;
}

/** How far a fraction may lie off a length, as a share: of a round figure, of a computed one, of a size. Our model. */
const FRACTION_OFF = { round: 0.06, computed: 0.03, size: 0.02 } as const;

/** Decimals of a figure that is written as it was given: what is more is the noise of reckoning. Our model. */
const GIVEN_DECIMALS = 3;

/** Digits that a round figure keeps in another unit. Source: our model. */
const ROUND_DIGITS = 2;

/** Thousandths of an inch as they are said: `.169`, `1.250`. */
function thousandths(inches: number): string {
  return inches.toFixed(3).replace(/^0\./, '.');
}

/** Thousandths that a round figure is rounded to. Source: common practice. */
const ROUND_THOU = 0.005;

/** A length in inches: a fraction where one lies near, otherwise thousandths, a round figure to five of them. */
function inchText(inches: number, places: Places | undefined): string {
  const isRound = places === undefined;
  const fraction = inchFraction(inches, isRound ? FRACTION_OFF.round : FRACTION_OFF.computed);
  return (
    fraction ??
    thousandths(isRound && inches > 2 * ROUND_THOU ? Math.round(inches / ROUND_THOU) * ROUND_THOU : inches)
  );
}

/** A figure in a unit of more than a hundred of it is read off whole. */
function computedFigure(value: number, decimals: number): string {
  return value.toFixed(value >= 100 ? 0 : decimals);
}

/** A round temperature is one to the nearest five; where water freezes it is not rounded. */
function roundDegrees(value: number): string {
  const whole = Math.round(value);
  return String(whole === 32 ? whole : Math.round(value / 5) * 5);
}

function roundFigure(quantity: AmountQuantity, value: number): string {
  return quantity === 'temperature' ? roundDegrees(value) : String(Number(value.toPrecision(ROUND_DIGITS)));
}

/** A plate that no size lies near is named by the next one, and marked: how far that may lie, as a share. Our model. */
const ABOUT_OFF = 0.065;
/** Sheet thinner than this is said in thousandths, mm. Source: common practice. */
const SHEET_MM = 2.5;

/** The gauge that a thickness is called by; aluminium is called by thousandths unless a gauge was asked for. */
function gaugeOf(mm: number, { thickness }: Units, gauges: GaugeTable): Figure | undefined {
  if (gauges === 'aluminium-sheet' && thickness !== 'gauge') return undefined;
  const near = nearestGauge(mm, gauges);
  const isNear = Math.abs(near.offBy) <= FRACTION_OFF.size;
  const row = exactGauge(mm, gauges) ?? (isNear ? near.row : undefined);
  return row && { text: String(row.gauge), unit: 'ga' };
}

/** A thickness in inches by the reader's choice of them: decimals, a fraction first, or a gauge first. */
function thicknessFigure(mm: number, units: Units, gauges: GaugeTable): Figure {
  const inches = inchesFromMm(mm);
  const inDecimals: Figure = { text: thousandths(inches), unit: 'in' };
  if (units.thickness === 'inch') return inDecimals;
  const gauge = gaugeOf(mm, units, gauges);
  const text = inchFraction(inches, FRACTION_OFF.size, 16);
  const fraction = text === undefined ? undefined : { text, unit: 'in' };
  const named = units.thickness === 'gauge' ? (gauge ?? fraction) : (fraction ?? gauge);
  const about = mm < SHEET_MM ? undefined : inchFraction(inches, ABOUT_OFF, 16);
  return named ?? (about === undefined ? inDecimals : { text: `≈ ${about}`, unit: 'in' });
}

/** How near an inch size is to one of a rule's fractions, in: what is lost in keeping it (our tuning). */
const ON_RULE_IN = 1e-4;

/** A thickness in mm: as it was given where it was given in mm; a size of an inch rule to tenths, as a gauge shows it. */
function ownThickness(mm: number): string {
  const sixtyFourths = inchesFromMm(mm) * 64;
  const isOnRule = Math.abs(sixtyFourths - Math.round(sixtyFourths)) / 64 < ON_RULE_IN;
  const isGiven = !isOnRule && Math.abs(mm * 100 - Math.round(mm * 100)) < 1e-6;
  if (isGiven || mm < 1) return figureText(mm, 2);
  return figureText(Math.round(mm * 10 + 1e-6) / 10, 1);
}

function figureIn(amount: Amount, value: number, units: Units): Figure {
  const { quantity, places, gauges = 'steel-sheet' } = amount;
  const { follows } = WRITTEN[quantity];
  const { unit, from, decimals } = writtenIn(quantity, units);
  if (isOwnUnit(follows, units)) {
    if (quantity === 'wireSize') return { text: value.toFixed(decimals), unit };
    if (quantity === 'thickness' && places === 'as-given') return { text: ownThickness(value), unit };
    const own = typeof places === 'number' ? value.toFixed(places) : figureText(value, GIVEN_DECIMALS);
    return { text: own, unit };
  }
  if (quantity === 'wireSize') {
    const name = wireNameIn(value);
    return name === undefined ? { text: inchText(from(value), places), unit } : { text: name, unit: '' };
  }
  if (quantity === 'thickness' && places !== undefined) return thicknessFigure(value, units, gauges);
  if (unit === 'in') return { text: inchText(from(value), places), unit };
  const text =
    places === undefined ? roundFigure(quantity, from(value)) : computedFigure(from(value), decimals);
  return { text, unit };
}

/** What stands between the ends of a range; anything else stands between two sizes. */
const RANGES: ReadonlySet<string> = new Set([' to ', '–', '-']);

/**
 * An amount as this reader writes it: `25 to 50 mm`, `1 to 2 in`, `.030`, `16 ga on 1/8 in`.
 *
 * @example
 * amountText(amount.distance([25, 50]), US) // '1 to 2 in'
 */
export function amountText(amount: Amount, units: Units): string {
  const { value, between = ' to ', isBare } = amount;
  const figures = (typeof value === 'number' ? [value] : value).map((one) => figureIn(amount, one, units));
  const isSize = !RANGES.has(between);
  const distinct = figures.filter(
    ({ text }, i) => isSize || figures.findIndex((one) => one.text === text) === i,
  );
  return distinct
    .map(({ text, unit }, i) =>
      isBare || unit === '' || unit === distinct[i + 1]?.unit ? text : `${text} ${unit}`,
    )
    .join(between);
}

/**
 * A thickness as the trade says it: `3 mm`, `1/8 in`, `16 ga`, `.197 in`.
 *
 * @param thicknessMm mm, above 0
 * @param gauges the gauge numbers of its metal
 */
export function thicknessText(thicknessMm: number, units: Units, gauges: GaugeTable): string {
  return amountText({ quantity: 'thickness', value: thicknessMm, places: 'as-given', gauges }, units);
}

/** A wire by its nominal size: `1.0 mm`, `.040`. */
export function wireSizeText(nominalMm: number, units: Units): string {
  return amountText({ quantity: 'wireSize', value: nominalMm }, units);
}
