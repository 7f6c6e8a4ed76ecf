import type { Span } from '../../base/numeric/span.ts';
import { onScale, type ScaleAssumption, type SettingContext } from './scaled-setting.ts';
import { settingRow, type SettingValue } from './setting.ts';
import { type MachineSetting, scaleMiddle, scaleStep, type SettingScale } from './setting-scale.ts';

const ASSUMED_TEXT: Readonly<Record<ScaleAssumption, string>> = {
  'mark-is-per-cent': 'a mark taken for one per cent',
  'share-of-scale': 'the whole scale taken for 100 %',
};

/** Shortest text of a number, with a true minus. */
function number(value: number): string {
  return String(Number(value.toPrecision(4))).replace('-', '−');
}

function unitText(unit: string): string {
  return unit === 'mark' ? '' : ` ${unit}`;
}

/** "0–99", "−30 to +30". */
export function scaleText({ least, most, unit }: SettingScale): string {
  const ends =
    least < 0
      ? `${number(least)} to ${most > 0 ? '+' : ''}${number(most)}`
      : `${number(least)}–${number(most)}`;
  return `${ends}${unitText(unit)}`;
}

function edges({ start, low, high }: Span, unit: string): string {
  return low === high || (low === start && high === start)
    ? ''
    : ` (${number(low)} to ${number(high)}${unitText(unit)})`;
}

/** A place about the middle of a scale that is not known. */
function relativeText({ start }: Span): string {
  if (Math.abs(start) < 0.05) return 'middle';
  const far = Math.abs(start) < 0.25 ? 'a little ' : '';
  return `${far}${start > 0 ? 'over' : 'under'} the middle`;
}

/** An amount in its own unit; those that go both ways are told from the middle. */
function amountText(value: SettingValue, amount: Span): string {
  const { unit = '', shareOf } = settingRow(value.setting);
  if (shareOf !== 'arc-volts') return `${number(amount.start)} ${unit}${edges(amount, unit)}`;
  if (amount.start === 0) return 'middle';
  return `${number(Math.abs(amount.start))} ${unit} ${amount.start < 0 ? 'under' : 'over'} the middle${edges(amount, unit)}`;
}

/** Where a setting is to stand, without any machine's scale. */
export function valueText(value: SettingValue): string {
  if (value.off) return 'off';
  if (value.amount) return amountText(value, value.amount);
  if (value.relative) return relativeText(value.relative);
  return value.count ? `${number(value.count.start)}${edges(value.count, 'mark')}` : '';
}

/**
 * Where a setting is to stand, on the machine's own scale where that is known: "50 of 0–99", "0.05 s", "−5 of −30 to
 * +30"; a scale that ends short says so.
 */
export function settingText(
  value: SettingValue,
  scale: SettingScale | undefined,
  context: SettingContext,
): string {
  if (value.off || !scale) return valueText(value);
  const scaled = onScale(value, scale, context);
  if (scaled.status === 'not-comparable') {
    return `${valueText(value)}: not known in what it counts (${scaleText(scale)})`;
  }
  const { at, short, coarse, assumed } = scaled;
  const range = edges(at, scale.unit);
  const notes = [
    ...(short
      ? [`${short.end === 'most' ? 'its most' : 'its least'}: ${number(short.wanted)} is wanted`]
      : []),
    ...(coarse === undefined ? [] : [`its steps are coarse: ${number(coarse)} is wanted`]),
    ...(assumed ? [ASSUMED_TEXT[assumed]] : []),
  ];
  const tail = notes.length === 0 ? '' : `; ${notes.join('; ')}`;
  // amounts in a unit need no scale beside them
  return scale.unit === 'mark'
    ? `${number(at.start)} of ${scaleText(scale)}${range}${tail}`
    : `${number(at.start)}${unitText(scale.unit)}${range}${tail}`;
}

/** What was told of a setting: “Arc feel”, 0–99, middle 50, steps of 1. */
export function machineSettingText({ name, scale }: MachineSetting): string {
  const called = name === undefined ? [] : [`“${name}”`];
  if (!scale) return called.join('');
  const [middle, step] = [number(scaleMiddle(scale)), number(scaleStep(scale))];
  return [...called, scaleText(scale), `middle ${middle}`, `steps of ${step}`].join(', ');
}

/** What a machine calls a setting: its own name where it has one, and ours behind it. */
export function settingName(id: SettingValue['setting'], own: MachineSetting | undefined): string {
  const { name } = settingRow(id);
  return own?.name === undefined ? name : `${own.name} (${name})`;
}
