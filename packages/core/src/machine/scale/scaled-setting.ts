import type { Span } from '../../base/numeric/span.ts';
import { inchesPerMinFromMPerMin } from '../../base/quantity/units.ts';
import { type SettingId, settingRow, type SettingValue, type ShareOf } from './setting.ts';
import { onStep, scaleMiddle, scaleStep, type ScaleUnit, type SettingScale } from './setting-scale.ts';

/** What a share is a share of, from the plan that the setting belongs to. */
export interface SettingContext {
  readonly wireFeedSpeedMPerMin: number;
  readonly currentA: number;
  readonly volts: number;
}

/** What had to be taken for granted of a scale in bare marks. */
export type ScaleAssumption =
  /** A mark is one per cent. */
  | 'mark-is-per-cent'
  /** The whole scale is a hundred per cent. */
  | 'share-of-scale';

/** A setting on one machine's scale. */
export type ScaledSetting =
  | {
      readonly status: 'on-scale';
      /** Numbers of the scale, each on its steps. */
      readonly at: Span;
      /** Where the scale ends short of what is wanted, which end, and what was wanted. */
      readonly short?: { readonly end: 'least' | 'most'; readonly wanted: number } | undefined;
      /** What is wanted, where the scale's steps pass its whole range by. */
      readonly coarse?: number | undefined;
      readonly assumed?: ScaleAssumption | undefined;
    }
  /** The scale counts something that the setting cannot be worked out in. */
  | { readonly status: 'not-comparable' };

/** One measure of a setting's value, and its numbers on a scale. */
interface Mapping {
  readonly measure: 'amount' | 'relative' | 'count';
  readonly toScale: (value: number) => number;
  readonly toValue: (at: number) => number;
  readonly assumed?: ScaleAssumption;
}

/** Least width of a scale whose marks are taken for per cents. Source: our model. */
const PER_CENT_MARKS_LEAST = 40;

function line(measure: Mapping['measure'], from: number, each: number, assumed?: ScaleAssumption): Mapping {
  return {
    measure,
    toScale: (value) => from + each * value,
    toValue: (at) => (at - from) / each,
    ...(assumed && { assumed }),
  };
}

/** What a unit measures the whole of a share in. */
const WHOLE: Readonly<Record<ShareOf, Partial<Record<ScaleUnit, (context: SettingContext) => number>>>> = {
  'wire-speed': {
    'm/min': ({ wireFeedSpeedMPerMin }) => wireFeedSpeedMPerMin,
    'in/min': ({ wireFeedSpeedMPerMin }) => inchesPerMinFromMPerMin(wireFeedSpeedMPerMin),
  },
  current: { A: ({ currentA }) => currentA },
  'arc-volts': { V: ({ volts }) => volts },
};

function amountMapping(id: SettingId, scale: SettingScale, context: SettingContext): Mapping | undefined {
  const { unit, shareOf } = settingRow(id);
  // the arc length is counted both ways from the middle, everything else from nought
  const from = shareOf === 'arc-volts' ? scaleMiddle(scale) : 0;
  if (unit === scale.unit) return line('amount', from, 1);
  const whole = shareOf && WHOLE[shareOf][scale.unit];
  if (whole) return line('amount', from, whole(context) / 100);
  if (scale.unit !== 'mark' || unit !== '%') return undefined;
  const width = scale.most - scale.least;
  if (shareOf === 'arc-volts') {
    return width < PER_CENT_MARKS_LEAST ? undefined : line('amount', from, 1, 'mark-is-per-cent');
  }
  return shareOf === 'current' ? undefined : line('amount', scale.least, width / 100, 'share-of-scale');
}

function relativeMapping(scale: SettingScale): Mapping {
  const middle = scaleMiddle(scale);
  const half = (side: number): number => (side < 0 ? middle - scale.least : scale.most - middle);
  return {
    measure: 'relative',
    toScale: (relative) => middle + relative * half(relative),
    toValue: (at) => (at === middle ? 0 : (at - middle) / half(at - middle)),
  };
}

/** How a setting's number stands on a scale, by the surest of the measures that it has. */
function mappingOf(
  { setting, amount, relative, count }: SettingValue,
  scale: SettingScale,
  context: SettingContext,
): Mapping | undefined {
  const byAmount = amount && amountMapping(setting, scale, context);
  // a bare mark says nothing of seconds or per cents where the place on the scale is known
  if (byAmount && !(byAmount.assumed === 'share-of-scale' && relative)) return byAmount;
  if (relative) return relativeMapping(scale);
  return count && scale.unit === 'mark' ? line('count', 0, 1) : undefined;
}

/**
 * A setting on one machine's scale.
 *
 * @param context wire speed, m/min, current, A, and arc volts, V, of the plan that it belongs to
 * @source our model; what machines count their settings in: common practice
 */
export function onScale(value: SettingValue, scale: SettingScale, context: SettingContext): ScaledSetting {
  const mapping = mappingOf(value, scale, context);
  const span = mapping && value[mapping.measure];
  if (!mapping || !span) return { status: 'not-comparable' };
  const wanted = mapping.toScale(span.start);
  const reach = scaleStep(scale) / 2;
  const end = wanted < scale.least - reach ? 'least' : wanted > scale.most + reach ? 'most' : undefined;
  const at = (edge: number): number => onStep(scale, mapping.toScale(edge));
  const start = at(span.start);
  const isPassed =
    !end && (start < mapping.toScale(span.low) - 1e-9 || start > mapping.toScale(span.high) + 1e-9);
  return {
    status: 'on-scale',
    at: { start, low: at(span.low), high: at(span.high) },
    ...(end && { short: { end, wanted } }),
    ...(isPassed && { coarse: wanted }),
    ...(mapping.assumed && { assumed: mapping.assumed }),
  };
}

/**
 * What a number of the scale means, in the measure that {@link onScale} took of the value.
 *
 * @param at on the scale
 * @returns undefined where the two cannot be compared
 */
export function fromScale(
  value: SettingValue,
  scale: SettingScale,
  context: SettingContext,
  at: number,
): number | undefined {
  return mappingOf(value, scale, context)?.toValue(at);
}
