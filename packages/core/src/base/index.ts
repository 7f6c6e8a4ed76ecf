export { SCHOOL_TABLE, type SchoolRow, type Schools, settledSchools } from './school.ts';

export { sourceText } from './source.ts';

// Numeric
export { bandAt, type BandedCurve, curveEnds } from './numeric/banded-curve.ts';
export { figureText } from './numeric/figure-text.ts';
export { TWO_SIDED_95 } from './numeric/normal-band.ts';
export { clamped } from './numeric/point-curve.ts';
export { seededRandom } from './numeric/seeded-random.ts';
export type { Span } from './numeric/span.ts';

// Quantity
export { type GaugeTable, nearestGauge } from './quantity/gauge.ts';
export { measuredLength } from './quantity/measured-length.ts';
export { OutOfRangeError } from './quantity/out-of-range-error.ts';
export {
  gaugeTableName,
  type LengthUnit,
  parseThickness,
  THICKNESS_FORMS,
  THICKNESS_RANGE_MM,
  type ThicknessChoice,
} from './quantity/thickness.ts';
export { inchesFromMm, inchesPerMinFromMPerMin, MM_PER_INCH, mmFromInches } from './quantity/units.ts';

export {
  bareLengthUnit,
  METRIC,
  systemOf,
  UNIT_OPTIONS,
  type UnitQuantity,
  type Units,
  type UnitSystem,
  unitsOfKept,
  US,
} from './quantity/unit-choice.ts';

// Words
export { allInWords } from './words/all-in-words.ts';
export { amount, type AmountQuantity } from './words/amount.ts';
export { amountText, thicknessText, wireSizeText } from './words/amount-text.ts';
export { figureAsWritten, writtenIn, type WrittenUnit } from './words/written.ts';
export { inMetric, inWords, type Reader } from './words/in-words.ts';
export { wordsOfMetricText } from './words/metric-text.ts';
export { midSentence, sentence } from './words/sentence.ts';
export { isSameWords, joined, type Words, words, type WordsValue } from './words/words.ts';
export type { KnobFigure } from './quantity/knob-words.ts';
