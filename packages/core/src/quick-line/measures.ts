import { isInchFraction, writtenNumber } from '../quantity/length-text.ts';
import { mmFromInches } from '../quantity/units.ts';
import {
  GAP_RANGE_MM,
  LEG_RANGE_MM,
  NUMBER_OFF_RANGE,
  OUTSIDE_RANGE_MM,
  PASSES_RANGE,
  SEAM_RANGE_MM,
  STITCH_RANGE_MM,
} from '../material/work.ts';
import type { LengthUnit } from '../quantity/thickness.ts';
import type { Meaning, MeasuredSlot } from './meaning.ts';

type Range = readonly [min: number, max: number];

/** A number: whole, decimal, fraction or mixed. */
const NUMBER = String.raw`(\d+[-\s]\d+\/\d+|\d+\/\d+|\d*[.,]\d+|\d+)`;
/** A unit of length behind it, or none. */
const UNIT = String.raw`(?:[\s-]*(mm|cm|m|met(?:re|er)s?|in(?:ch(?:es)?)?|"|″|ft|foot|feet|'))?`;
const LENGTH = NUMBER + UNIT;
const END = String.raw`(?![\p{L}\d/])`;

/** What a figure with a word turned out to be. */
export interface Measured {
  readonly length: number;
  readonly meaning: Extract<Meaning, { kind: 'measure' | 'schedule' }>;
}

interface Context {
  readonly unit: LengthUnit;
}

function tidy(value: number): string {
  return String(Number(value.toFixed(2)));
}

/** Millimetres of a written length; a fraction and a bare inch decimal are inches. */
function mmOf(digits: string, unitText: string | undefined, { unit }: Context): number {
  const { value, fraction } = writtenNumber(digits);
  switch (unitText?.[0]?.toLowerCase()) {
    case undefined:
      return fraction || unit === 'in' || /^0?\.\d{3}$/.test(digits) ? mmFromInches(value) : value;
    case 'i':
    case '"':
    case '″':
      return mmFromInches(value);
    case 'f':
    case "'":
      return mmFromInches(value * 12);
    case 'c':
      return value * 10;
    default:
      return /^mm$/i.test(unitText ?? '') ? value : value * 1000;
  }
}

type Rule = (rest: string, context: Context) => Measured | undefined;

function pattern(source: string): RegExp {
  return new RegExp(`^(?:${source})${END}`, 'iu');
}

function inRange(value: number, [min, max]: Range): boolean {
  return value >= min && value <= max;
}

/** A length beside one of some words, in either order, that fills a slot. */
function lengthRule(name: string, words: string, slot: MeasuredSlot['slot'], range: Range, from = 0): Rule {
  const after = pattern(String.raw`${LENGTH}[\s-]*(?:${words})`);
  const before = pattern(String.raw`(?:${words})\s*(?:of|=|:)?\s*${LENGTH}`);
  return (rest, context) => {
    const match = after.exec(rest) ?? before.exec(rest);
    if (!match || !isInchFraction(match[1] ?? '')) return undefined;
    const mm = mmOf(match[1] ?? '', match[2], context);
    if (mm < from) return undefined;
    const label = `${tidy(mm)} mm ${name}`;
    // out of range it is still this figure, and no thickness: noted, with nothing set
    const slots = inRange(mm, range) ? [{ slot, value: Number(mm.toFixed(4)) }] : [];
    return { length: match[0].length, meaning: { kind: 'measure', label, slots } };
  };
}

/** Figures that are set elsewhere: understood, shown, and without a part in the plan. */
function notedRule(name: string, source: string): Rule {
  const found = pattern(source);
  return (rest) => {
    const match = found.exec(rest);
    if (!match) return undefined;
    return {
      length: match[0].length,
      meaning: { kind: 'measure', label: `${match[0]}: ${name}`, slots: [] },
    };
  };
}

const COUNT_WORDS: Readonly<Record<string, number>> = {
  one: 1,
  single: 1,
  two: 2,
  double: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
};

function countRule(name: string, source: string, slot: MeasuredSlot['slot'], range: Range): Rule {
  const found = pattern(source);
  return (rest) => {
    const match = found.exec(rest);
    if (!match) return undefined;
    const word = (match[1] ?? match[2] ?? '').toLowerCase();
    const count = COUNT_WORDS[word] ?? Number(word);
    const slots = inRange(count, range) ? [{ slot, value: count }] : [];
    return { length: match[0].length, meaning: { kind: 'measure', label: `${count} ${name}`, slots } };
  };
}

const STITCH = pattern(
  String.raw`(?:(?:stitch(?:es|ed)?|intermittent)\s*)?(\d+)\s*(?:-|on|@|\/)\s*(\d+)\s*(?:mm\s*)?(?:stitch(?:es|ed)?|intermittent|pitch|centres|centers)`,
);
const STITCH_FIRST = pattern(
  String.raw`(?:stitch(?:es|ed)?|intermittent)\s*(\d+)\s*(?:-|on|@|\/)\s*(\d+)(?:\s*mm)?`,
);

/** `25-75 stitch`: 25 mm of weld every 75 mm. */
const stitchPair: Rule = (rest) => {
  const match = STITCH.exec(rest) ?? STITCH_FIRST.exec(rest);
  const [stitchMm, pitchMm] = [Number(match?.[1]), Number(match?.[2])];
  if (!match || stitchMm >= pitchMm) return undefined;
  const slots: MeasuredSlot[] = [
    { slot: 'stitchMm', value: stitchMm },
    { slot: 'pitchMm', value: pitchMm },
  ];
  const label = `${stitchMm} mm of weld every ${pitchMm} mm`;
  return { length: match[0].length, meaning: { kind: 'measure', label, slots } };
};

const OUTSIDE = pattern(
  String.raw`(?:${LENGTH}\s*(?:dia(?:meter)?\.?|o\.?d\.?|ø)|(?:dia(?:meter)?|o\.?d\.?|ø)\s*${LENGTH})`,
);
const SIZE = pattern(String.raw`size\s*${NUMBER}\s*[x×]\s*${NUMBER}\s*mm`);

/** Outside size in words: `60 mm dia`, `OD 48.3`, `size 40x40 mm`. */
const outside: Rule = (rest, context) => {
  const size = SIZE.exec(rest);
  const match = size ?? OUTSIDE.exec(rest);
  if (!match) return undefined;
  const mm = size
    ? [writtenNumber(size[1] ?? '').value, writtenNumber(size[2] ?? '').value]
    : [mmOf(match[1] ?? match[3] ?? '', match[2] ?? match[4], context)];
  const fits = mm.every((value) => inRange(value, OUTSIDE_RANGE_MM));
  return {
    length: match[0].length,
    meaning: {
      kind: 'measure',
      label: `${mm.map(tidy).join(' × ')} mm outside`,
      slots: fits ? [{ slot: 'outsideMm', value: mm.map((value) => Number(value.toFixed(4))) }] : [],
    },
  };
};

const LONG = pattern(
  String.raw`${NUMBER}[\s-]*(m|met(?:re|er)s?|cm|ft|foot|feet)(?:\s*(?:long|of\s+(?:weld|seam|stitch)|seam|run))?`,
);

/** A figure in metres or feet is a length of seam: nothing that is welded is that thick. */
const longSeam: Rule = (rest, context) => {
  const match = LONG.exec(rest);
  if (!match) return undefined;
  const mm = mmOf(match[1] ?? '', match[2], context);
  const slots: MeasuredSlot[] = inRange(mm, SEAM_RANGE_MM) ? [{ slot: 'seamMm', value: mm }] : [];
  return { length: match[0].length, meaning: { kind: 'measure', label: `${tidy(mm)} mm seam`, slots } };
};

const SCHEDULE = pattern(String.raw`sch(?:edule)?\.?\s*\d+s?`);
const schedule: Rule = (rest) => {
  const match = SCHEDULE.exec(rest);
  return match ? { length: match[0].length, meaning: { kind: 'schedule' } } : undefined;
};

const DECIMAL = String.raw`\d+(?:[.,]\d+)?`;

/** Shortest figure beside "seam" or "long" that is a length: `3mm seam` is a thickness and a word. */
const SEAM_FROM_MM = 30;

/** Every figure with a word, in the order they are tried. */
const RULES: readonly Rule[] = [
  stitchPair,
  notedRule(
    'wire speed, set on the plan',
    String.raw`(?:${DECIMAL}\s*(?:m\/min|mpm|ipm|in\/min|inch(?:es)?\/min|mm\/min|wfs)|wfs\s*${DECIMAL})`,
  ),
  notedRule(
    'gas flow, set on the plan',
    String.raw`${DECIMAL}\s*(?:l\/min|lpm|lit(?:re|er)s?(?:\s*(?:per|a|\/)\s*min(?:ute)?)?|cfh|l)`,
  ),
  notedRule('volts, set on the plan', String.raw`(?:[89]|[1-4]\d)(?:[.,]\d+)?\s*(?:v|volts?)`),
  notedRule(
    'mains',
    String.raw`(?:(?:1[01]\d|2[0-4]\d|3[89]\d|4[0-6]\d)\s*(?:v|volts?)|(?:single|three|[13])[\s-]*phase)`,
  ),
  notedRule('supply', String.raw`\d+\s*amps?\s*(?:plug|socket|supply|fuse|breaker)`),
  notedRule('current, set on the plan by the wire speed', String.raw`\d+\s*(?:amps?|a)`),
  notedRule(
    'no part in the plan',
    String.raw`${DECIMAL}\s*(?:hz|bar|psi|kgs?|%|(?:°|deg(?:rees?)?)(?:\s*[cf])?(?:\s*(?:included|vee?|bevel|angle))?|mins?|minutes?|secs?|hours?|years?)`,
  ),
  notedRule('several passes', String.raw`multi[\s-]*(?:pass(?:es)?|runs?)`),
  countRule(
    'passes',
    String.raw`(\d+|one|single|two|double|three|four|five|six)[\s-]*(?:pass(?:es)?|runs?)`,
    'passes',
    PASSES_RANGE,
  ),
  countRule(
    'off',
    String.raw`(?:(\d+)\s*(?:off|pcs?|pieces?|no\.?s?)|(?:qty|quantity)\s*(\d+))`,
    'numberOff',
    NUMBER_OFF_RANGE,
  ),
  lengthRule('leg', 'leg(?:s|\\s*(?:length|size))?', 'legMm', LEG_RANGE_MM),
  lengthRule('throat', '(?:throat|a\\s*=)(?:\\s*thickness)?', 'throatMm', LEG_RANGE_MM),
  lengthRule('root gap', '(?:root\\s*)?(?:gap|opening)', 'gapMm', GAP_RANGE_MM),
  lengthRule('stitch', 'stitch(?:es)?', 'stitchMm', STITCH_RANGE_MM),
  lengthRule('pitch', '(?:pitch|centres|centers|spacing)', 'pitchMm', STITCH_RANGE_MM),
  notedRule(
    'stick-out, set on the plan',
    String.raw`(?:${LENGTH}[\s-]*(?:stick[\s-]*out|eso|ctwd|extension)|(?:stick[\s-]*out|ctwd|extension)\s*${LENGTH})`,
  ),
  notedRule(
    'nozzle, named on the plan',
    String.raw`(?:${LENGTH}[\s-]*(?:nozzle|shroud|cup)|(?:nozzle|shroud|cup)\s*${LENGTH})`,
  ),
  notedRule('wide, no part in the plan', String.raw`${LENGTH}\s*wide`),
  outside,
  lengthRule(
    'seam',
    '(?:long|seam|of\\s+weld|weld\\s*length|length|of\\s+seam)',
    'seamMm',
    SEAM_RANGE_MM,
    SEAM_FROM_MM,
  ),
  longSeam,
  schedule,
  notedRule(
    'stitches: write them as `50-100 stitch`, length and pitch',
    String.raw`(?:\d+\s*[x×]\s*)?\d+\s*\(\s*\d+\s*\)`,
  ),
  notedRule('so many parts', String.raw`\d+[x×](?=\s+\d)`),
];

const SYMBOL = pattern(String.raw`([az])\s*=?\s*(\d{1,2}(?:[.,]\d)?)(?:\s*mm)?(?:\s*(?:throat|leg))?`);

/** `a5` and `z7`: throat and leg as a drawing writes them. */
function symbol(rest: string): Measured | undefined {
  const match = SYMBOL.exec(rest);
  if (!match || /^a\s+\d/i.test(match[0])) return undefined;
  const mm = Number((match[2] ?? '').replace(',', '.'));
  const throat = match[1]?.toLowerCase() === 'a';
  if (!inRange(mm, LEG_RANGE_MM)) return undefined;
  const label = `${tidy(mm)} mm ${throat ? 'throat' : 'leg'}`;
  const slots: MeasuredSlot[] = [{ slot: throat ? 'throatMm' : 'legMm', value: mm }];
  return { length: match[0].length, meaning: { kind: 'measure', label, slots } };
}

/** An intermittent weld at the start of a text: read before gases, because `25-75` is a gas without its word. */
export function stitchAt(rest: string): Measured | undefined {
  return stitchPair(rest, { unit: 'mm' });
}

/** A figure with a word beside it at the start of a text, which is then no thickness and no wire. */
export function measureAt(rest: string, context: Context): Measured | undefined {
  for (const rule of RULES) {
    const found = rule(rest, context);
    if (found) return found;
  }
  return symbol(rest);
}
