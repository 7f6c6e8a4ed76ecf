export { SCHOOL_TABLE, type SchoolRow, type Schools, settledSchools } from './school.ts';
export { midSentence, sentence } from './sentence.ts';
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
export {
  cfhFromLPerMin,
  inchesFromMm,
  inchesPerMinFromMPerMin,
  lPerMinFromCfh,
  MM_PER_INCH,
  mmFromInches,
  mPerMinFromInchesPerMin,
} from './quantity/units.ts';
