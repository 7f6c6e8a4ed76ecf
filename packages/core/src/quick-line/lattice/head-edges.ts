import type { LengthUnit } from '../../quantity/thickness.ts';
import { mmFromInches } from '../../quantity/units.ts';
import {
  GAP_RANGE_MM,
  LEG_RANGE_MM,
  NUMBER_OFF_RANGE,
  OUTSIDE_RANGE_MM,
  PASSES_RANGE,
  SEAM_RANGE_MM,
  STITCH_RANGE_MM,
} from '../../material/work.ts';
import type { Meaning, MeasuredSlot } from '../meaning.ts';
import type { WeightName } from '../weights.ts';
import type { Edge, LineText } from './edge.ts';
import { NUMBER, numberOf } from './figures.ts';
import { foundAt, pattern, type Pattern } from './pattern.ts';

type Range = readonly [min: number, max: number];

const END = String.raw`(?![\p{L}\d]|[.,]\d|\/\d)`;
const UNIT = String.raw`(?:[\s-]?(mm|cms?|m|met(?:re|er)s?|in(?:ch(?:es)?)?|"|″|”|ft|foot|feet|'))?`;
const LENGTH = `(${NUMBER})${UNIT}`;
/** What may stand between a word and its figure; the sign that joins them is kept. */
const JOIN = String.raw`(\s*[=:]\s*|\s+of\s+|\s*)`;

/** Millimetres of a written length; a bare one is in the user's unit, and in the other where only that can be. */
function millimetres(digits: string, unit: string | undefined, line: LineText, range: Range): number {
  const number = numberOf(digits);
  if (!number) return Number.NaN;
  const { value, fraction } = number;
  switch (unit?.[0]?.toLowerCase()) {
    case undefined:
      return bare(value, fraction || /^0?\.\d{3}$/.test(digits), line.unit, range);
    case 'i':
    case '"':
    case '″':
    case '”':
      return mmFromInches(value);
    case 'f':
    case "'":
      return mmFromInches(value * 12);
    case 'c':
      return value * 10;
    default:
      return /^mm$/i.test(unit ?? '') ? value : value * 1000;
  }
}

function bare(value: number, inches: boolean, unit: LengthUnit, [, max]: Range): number {
  if (inches) return mmFromInches(value);
  return unit === 'in' && mmFromInches(value) <= max ? mmFromInches(value) : value;
}

function inRange(value: number, [min, max]: Range): boolean {
  return value >= min && value <= max;
}

function tidy(value: number): string {
  return String(Number(value.toFixed(2)));
}

interface Rule {
  readonly pattern: Pattern;
  readonly starts: 'digit' | 'letter';
  readonly read: (match: RegExpExecArray, line: LineText) => Omit<Edge, 'end'> | undefined;
}

function measure(label: string, slots: readonly MeasuredSlot[]): readonly Meaning[] {
  return [{ kind: 'measure', label, slots }];
}

/** A length with a word beside it that fills a slot, in either order. */
interface LengthHead {
  readonly name: string;
  readonly slot: MeasuredSlot['slot'];
  readonly range: Range;
  /** Words behind the figure. */
  readonly behind: string;
  /** Words before it; where left out, those that stand behind. */
  readonly before?: string;
  /** Shorter than this it is not offered: `3mm seam` is a thickness and a word, mm. */
  readonly from?: number;
}

const LENGTH_HEADS: readonly LengthHead[] = [
  {
    name: 'leg',
    slot: 'legMm',
    range: LEG_RANGE_MM,
    behind: String.raw`legs?(?:\s*(?:length|size))?|cfw|cfwar|fwar|fw|c\.?f\.?w\.?|weld\s+size|fillet\s+size|continuous\s+fillet(?:\s+weld)?`,
    before: String.raw`legs?(?:\s*(?:length|size))?|weld\s+size|size\s+of\s+weld|fillet\s+size|fw|cfw`,
  },
  {
    name: 'throat',
    slot: 'throatMm',
    range: LEG_RANGE_MM,
    behind: String.raw`(?:effective\s+|design\s+)?throat(?:\s*thickness)?`,
    before: String.raw`(?:effective\s+|design\s+)?throat(?:\s*thickness)?`,
  },
  {
    name: 'root gap',
    slot: 'gapMm',
    range: GAP_RANGE_MM,
    behind: String.raw`(?:root\s+)?(?:gap|opening)`,
    before: String.raw`(?:root\s+)?(?:gap|opening)`,
  },
  {
    name: 'stitch',
    slot: 'stitchMm',
    range: STITCH_RANGE_MM,
    behind: String.raw`stitch(?:es)?`,
    before: String.raw`stitch(?:es)?`,
  },
  {
    name: 'pitch',
    slot: 'pitchMm',
    range: STITCH_RANGE_MM,
    behind: String.raw`(?:pitch|centres|centers|c\/c|spacing)`,
    before: String.raw`(?:pitch|centres|centers|spacing)`,
  },
  {
    name: 'seam',
    slot: 'seamMm',
    range: SEAM_RANGE_MM,
    behind: String.raw`(?:long|seams?|of\s+(?:weld|seam|stitch)|weld\s*length|weld\s+long|length|runs?|each)(?:\s+(?:weld|seam))?`,
    before: String.raw`(?:seams?\s+of|weld\s*length|length|length\s+of\s+weld)`,
    from: 30,
  },
];

function lengthRules({ name, slot, range, behind, before = behind, from = 0 }: LengthHead): readonly Rule[] {
  const slotsOf = (mm: number): readonly MeasuredSlot[] =>
    inRange(mm, range) ? [{ slot, value: Number(mm.toFixed(4)) }] : [];
  return [
    {
      starts: 'digit',
      pattern: pattern(String.raw`${LENGTH}[\s-]*(?:${behind})${END}`),
      read: (match, line) => {
        const mm = millimetres(match[1] ?? '', match[2], line, range);
        // out of range it is still this figure, and no thickness: noted, with nothing set
        if (!(mm >= from)) return undefined;
        return {
          meanings: measure(`${tidy(mm)} mm ${name}`, slotsOf(mm)),
          terms: ['figureBehindWord'],
          style: 'head-behind',
        };
      },
    },
    {
      starts: 'letter',
      pattern: pattern(String.raw`(?:${before})${JOIN}${LENGTH}${END}`),
      read: (match, line) => {
        const [, join = '', digits = '', unit] = match;
        const mm = millimetres(digits, unit, line, range);
        if (!(mm >= from) || !inRange(mm, range)) return undefined;
        const signed = /[=:]|of/i.test(join);
        return {
          meanings: measure(`${tidy(mm)} mm ${name}`, slotsOf(mm)),
          terms: signed ? ['figureByKey'] : ['figureBehindWord'],
          ...(signed || join === '' ? {} : { style: 'head-first' }),
        };
      },
    },
  ];
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
  eight: 8,
  ten: 10,
  twelve: 12,
};
const COUNT = String.raw`(\d{1,5}|${Object.keys(COUNT_WORDS).join('|')})`;

function countOf(text: string): number {
  return COUNT_WORDS[text.toLowerCase()] ?? Number(text);
}

function countRules(
  name: string,
  slot: MeasuredSlot['slot'],
  range: Range,
  sources: readonly (readonly [starts: Rule['starts'], source: string, weight?: WeightName])[],
): readonly Rule[] {
  return sources.map(([starts, source, weight = 'figureBehindWord']) => ({
    starts,
    pattern: pattern(source + END),
    read: (match) => {
      const count = countOf(match[1] ?? '');
      const slots = inRange(count, range) && Number.isInteger(count) ? [{ slot, value: count }] : [];
      return { meanings: measure(`${count} ${name}`, slots), terms: [weight] };
    },
  }));
}

const PASS_WORDS = 'pass(?:es)?|runs?|stringers?|layers?|beads?';
const COUNT_RULES: readonly Rule[] = [
  ...countRules('passes', 'passes', PASSES_RANGE, [
    ['digit', String.raw`${COUNT}[\s-]*(?:pass(?:es)?|runs?|stringers?|layers?)`],
    ['letter', String.raw`${COUNT}[\s-]*(?:pass(?:es)?|runs?)`],
  ]),
  {
    starts: 'digit',
    pattern: pattern(String.raw`\d+\s*(?:or|to|-)\s*\d+\s*(?:${PASS_WORDS})${END}`),
    read: (match) => ({ meanings: measure(`${match[0]}: as many as it takes`, []), terms: ['figureBehindWord'] }),
  },
  ...countRules('off', 'numberOff', NUMBER_OFF_RANGE, [
    [
      'digit',
      String.raw`${COUNT}\s*(?:off|pcs?\.?|pieces?(?:\s+of)?|plcs?|places?|locations?|nos\.?|no\.)`,
    ],
    ['digit', String.raw`(\d{1,3})no`],
    ['digit', String.raw`(\d{1,3})\s+of(?=\s+[\d.])`],
    ['letter', String.raw`[([]\s*(\d{1,3})\s*[)\]](?:\s*off)?`],
    ['letter', String.raw`(?:qty\.?|quantity)\s*[=:]?\s*(\d+)`],
    ['letter', String.raw`x\s?(\d{1,3})(?=\s*(?:[,;]|$))`, 'figureCount'],
  ]),
];

const STITCH_WORD = String.raw`(?:stitch(?:es|ed)?(?:\s+weld(?:s|ed)?)?|intermittent(?:\s+fillets?)?|skip(?:\s+weld)?|staggered|stagger|chain|hit\s+(?:and|&)\s+miss)`;
const MM = String.raw`\s*(mm|in(?:ch(?:es)?)?|"|″|”)?`;
const PAIR = String.raw`(\d+(?:\.\d+)?)${MM}\s*(?:-|\s@\s?|@|\s+on\s+|\s+every\s+|\s+long\s+every\s+|\s+gap\s+)\s*(\d+(?:\.\d+)?)${MM}`;

/** Millimetres of a stitch and what stands behind it: small figures without a unit are inches. */
function stitchMm(stitch: string, unit: string | undefined, pitch: string, pitchUnit: string | undefined) {
  const said = unit ?? pitchUnit;
  const inches =
    said === undefined ? Number(stitch) <= 6 && Number(pitch) <= 24 : !said.toLowerCase().startsWith('m');
  const mm = (value: string): number => Number((inches ? mmFromInches(Number(value)) : Number(value)).toFixed(4));
  return { stitch: mm(stitch), behind: mm(pitch) };
}

function stitchSlots(stitch: number, pitch: number): Omit<Edge, 'end'> | undefined {
  if (stitch >= pitch) return undefined;
  const isWhole = inRange(stitch, STITCH_RANGE_MM) && inRange(pitch, STITCH_RANGE_MM);
  const slots: readonly MeasuredSlot[] = isWhole
    ? [
        { slot: 'stitchMm', value: stitch },
        { slot: 'pitchMm', value: pitch },
      ]
    : [];
  const label = `${tidy(stitch)} mm of weld every ${tidy(pitch)} mm`;
  return {
    meanings: measure(isWhole ? label : `${label}: no stitch that is planned`, slots),
    terms: ['figureStitch'],
  };
}

function stitchRule(starts: Rule['starts'], source: string): Rule {
  return {
    starts,
    pattern: pattern(source + END),
    read: (match) => {
      const [, a = '', unitA, b = '', unitB] = match;
      const { stitch, behind } = stitchMm(a, unitA, b, unitB);
      const isGap = /gap|off/i.test(match[0]);
      return stitchSlots(stitch, isGap ? Number((stitch + behind).toFixed(4)) : behind);
    },
  };
}

const STITCH_RULES: readonly Rule[] = [
  stitchRule('digit', String.raw`${PAIR}\s*(?:${STITCH_WORD}|pitch|centres|centers)`),
  stitchRule('letter', String.raw`${STITCH_WORD}\s*${PAIR}`),
  stitchRule('digit', String.raw`(\d{2,3})${MM}\s*\/\s*(\d{2,3})${MM}\s*(?:${STITCH_WORD}|pitch)`),
  stitchRule('letter', String.raw`${STITCH_WORD}\s*(\d{2,3})${MM}\s*\/\s*(\d{2,3})${MM}`),
  stitchRule('digit', String.raw`(\d+)${MM}\s+on[\s,]+(\d+)${MM}\s+off`),
  stitchRule('digit', String.raw`(\d+(?:\.\d+)?)${MM}\s*(?:long\s+)?every\s+(\d+(?:\.\d+)?)${MM}`),
  stitchRule('digit', String.raw`(\d+(?:\.\d+)?)${MM}\s*stitch(?:es)?\s+(?:every\s+)?(\d+(?:\.\d+)?)${MM}\s*(?:gaps?|pitch|centres|centers|apart|spacing)`),
  stitchRule('letter', String.raw`stitch(?:es)?\s+(\d+(?:\.\d+)?)${MM}\s+(?:gap|pitch|every)\s+(\d+(?:\.\d+)?)${MM}`),
  stitchRule('letter', String.raw`weld\s+(\d+)${MM}[\s,]+skip\s+(\d+)${MM}`),
  {
    starts: 'digit',
    pattern: pattern(String.raw`(?:(\d+)\s*[x×]\s*)?(\d+)\s*\(\s*(\d+)\s*\)`),
    read: (match) => {
      const [, , stitch = '', gap = ''] = match;
      return stitchSlots(Number(stitch), Number(stitch) + Number(gap));
    },
  },
];

/** Figures that are set elsewhere or belong to something else: understood, shown, without a part in the plan. */
const DECIMAL = String.raw`\d+(?:[.,]\d+)?`;
const RANGE = String.raw`${DECIMAL}(?:\s*(?:-|to|–)\s*${DECIMAL})?`;
const NOTED: readonly (readonly [as: string, starts: Rule['starts'], source: string])[] = [
  ['wire speed, set on the plan', 'digit', String.raw`${RANGE}\s*(?:m\/min|mpm|m\s+per\s+min(?:ute)?|ipm|in\/min|inch(?:es)?\/min|mm\/min|m?\s*wfs|wire\s*speed|wire\s*feed(?:\s*speed)?)`],
  ['wire speed, set on the plan', 'letter', String.raw`(?:wfs|wire\s*speed|wire\s*feed(?:\s*speed)?)\s*[=:]?\s*(?:of\s+)?${RANGE}(?:\s*(?:m\/min|mpm|ipm|in\/min))?`],
  ['travel, set on the plan', 'digit', String.raw`${RANGE}\s*(?:mm\/s|cm\/min|travel(?:\s*speed)?)`],
  ['gas flow, set on the plan', 'digit', String.raw`(?:${RANGE}\s*(?:l\/min|l\s+per\s+min(?:ute)?|lpm|lit(?:re|er)s?(?:\s*(?:per|a|\/)\s*min(?:ute)?)?|cfh|scfh)|(?:[1-5]?\d)(?:\s*-\s*\d{1,2})?\s*l(?:\s+gas)?)`],
  ['gas flow, set on the plan', 'letter', String.raw`(?:flow|gas\s+flow|gas\s+at)\s*[=:]?\s*${RANGE}(?:\s*(?:l\/min|lpm|l|cfh))?`],
  ['volts, set on the plan', 'digit', String.raw`(?:[89]|[1-4]\d)(?:[.,]\d+)?\s*(?:v|volts?)`],
  ['volts, set on the plan', 'letter', String.raw`volts?\s*[=:]?\s*(?:at\s+)?(?:[89]|[1-4]\d)(?:[.,]\d+)?\s*v?`],
  ['mains', 'digit', String.raw`(?:(?:1[01]\d|2[0-4]\d|3[89]\d|4[0-6]\d)\s*(?:v|volts?)|[13][\s-]*(?:ph|phase))(?:\s*(?:supply|mains|machine|set|input))?`],
  ['mains', 'letter', String.raw`(?:single|three)[\s-]*phase`],
  ['supply', 'digit', String.raw`\d+\s*(?:amps?|a)\s*(?:plug|socket|supply|fuse|breaker|outlet|circuit)`],
  ['current, set on the plan by the wire speed', 'digit', String.raw`\d+(?:\s*(?:-|to)\s*\d+)?\s*(?:amps?|a)(?:\s*(?:set|machine|inverter|max))?`],
  ['heat input: a record of the weld', 'digit', String.raw`${RANGE}\s*kj(?:\s*\/\s*mm|\s*\/\s*in)?`],
  ['heat input: a record of the weld', 'letter', String.raw`heat\s*input\s*[=:]?\s*(?:max\s+|of\s+)?${RANGE}\s*(?:kj(?:\s*\/\s*mm)?)?`],
  ['the machine’s own scale', 'letter', String.raw`(?:(?:machine\s+)?set\s+(?:to|at|on)|setting|dial|knob|tap|position|heat)\s+\d{1,2}(?:\.\d)?(?:\s+(?:of|out\s+of)\s+\d{1,2})?(?!\s*(?:mm|"|ga|\/))`],
  ['weight', 'digit', String.raw`${DECIMAL}k?\s*(?:lbs?|pounds?|kgs?|kilos?|tonnes?|tons?|t(?=\s+(?:swl|wll|lift|jack|press|excavator|digger|trailer|truck|crane))|swl|wll)(?:\s+(?:swl|wll))?`],
  ['weight', 'letter', String.raw`(?:half|quarter|one|two|three|five|ten)[\s-]+ton(?:ne)?s?`],
  ['volume', 'digit', String.raw`${DECIMAL}\s*(?:gal(?:lons?)?|lit(?:re|er)s?|ltrs?|l)\s+(?=drum|tank|barrel|ibc|trough|bowser|keg|bucket|kettle|pot|can)`],
  ['volume', 'digit', String.raw`(?:\d{2,4}\s*gal|\d{1,4}\s*gallons?|${DECIMAL}\s*(?:cc|ml|m3|m³|yards?|cu\.?\s*ft))`],
  ['pressure', 'digit', String.raw`${DECIMAL}\s*(?:bar|psi|kpa|mpa)`],
  ['no part in the plan', 'digit', String.raw`${RANGE}\s*(?:hz|%|hp|kw|nm|rpm|mph|km\/h|kph|mins?|minutes?|secs?|seconds?|hours?|hrs?|days?|weeks?|years?|yrs?|(?:st|nd|rd|th)\s+(?:gear|gen|scale)|series|link|stroke|speed|point|lug|bolt|hole|post|wheel|seater|man|axle|leaf|spoke|cyl(?:inder)?|door|tier|ply|bay|horse)`],
  ['angle of the edges: the plan names its own', 'digit', String.raw`${RANGE}\s*(?:°|degs?\.?|degrees?|º)(?:\s*[cf])?(?:\s*(?:included|incl\.?|vee?|bevels?|angle|prep|chamfer|preheat|interpass|max))*`],
  ['angle of the edges: the plan names its own', 'digit', String.raw`${DECIMAL}\s*(?:bevels?|chamfers?)`],
  ['preheat or interpass: the plan says when', 'letter', String.raw`(?:preheat|pre-heat|interpass)(?:\s*(?:to|of|max|min|temp(?:erature)?|=|:))*\s*${RANGE}\s*(?:°|deg(?:rees?)?)?\s*[cf]?(?:\s*(?:max|min))?`],
  ['preheat or interpass: the plan says when', 'digit', String.raw`\d{2,3}\s*(?:°|deg(?:rees?)?)?\s*[cf]?\s*(?:preheat|interpass)`],
  ['how warm or cold it is', 'digit', String.raw`\d{2,3}\s*[cf](?=\s|,|$)`],
  ['stick-out, set on the plan', 'digit', String.raw`${LENGTH}[\s-]*(?:stick[\s-]*out|eso|ctwd|ctw|electrode\s+extension|tip\s+to\s+work)`],
  ['stick-out, set on the plan', 'letter', String.raw`(?:stick[\s-]*out|ctwd|eso|tip\s+to\s+work|electrode\s+extension)\s*[=:]?\s*(?:of\s+)?${LENGTH}`],
  ['nozzle, named on the plan', 'digit', String.raw`${LENGTH}[\s-]*(?:nozzle|shroud|cup)`],
  ['nozzle, named on the plan', 'letter', String.raw`(?:nozzle|shroud|cup)\s*${LENGTH}`],
  ['the edge: see the plan’s fit-up', 'digit', String.raw`${LENGTH}[\s-]*(?:root\s*face|land|nose|root\s*radius|radius|rad|root\s*nose)`],
  ['the edge: see the plan’s fit-up', 'letter', String.raw`(?:root\s*face|land|nose|c\s*=)\s*[=:]?\s*(?:of\s+)?${LENGTH}`],
  ['a size that is no thickness', 'digit', String.raw`${LENGTH}[\s-]*(?:wide|width|high|height|tall|deep|hole|holes|bore|i\.?d\.?|overlap|square\s+hole|apart|away|reach|from\s+(?:the\s+)?(?:end|edge)|offset)`],
  ['a size that is no thickness', 'letter', String.raw`(?:width|height|depth|overlap(?:\s+of)?|bore)\s*[=:]?\s*${LENGTH}`],
  ['a thread', 'letter', String.raw`m\d{1,2}(?:\s*x\s*\d+(?:\.\d+)?)?(?=\s*(?:weld\s+)?(?:nuts?|bolts?|studs?|thread(?:ed)?|screws?|set\s*screws?|rods?|inserts?|bush|boss|eye|holes?|tapped))`],
  ['a thread', 'digit', String.raw`(?:\d{1,2}\/\d{1,2}|\d{1,2})-(?:1[0-9]|2[048]|32|[4-9])(?:\s*(?:un[cf]|nc|nf))?(?=\s+(?:weld\s+)?(?:nuts?|bolts?|studs?|thread|threaded|all\s*thread|coupling))`],
  ['plug and spot welds are not planned', 'digit', String.raw`${LENGTH}[\s-]*(?:holes?\s+)?(?:plug|slot|spot)\s*welds?`],
  ['a stick electrode', 'digit', String.raw`(?:1\/8|3\/32|5\/32|2\.5|3\.2|4\.0)\s*(?:mm\s*)?(?=70\d\d\b|60\d\d\b|rods?\b)`],
  ['a bead’s width', 'digit', String.raw`${LENGTH}[\s-]*(?:bead|cap|weave|wide\s+bead)`],
  ['a stringer’s width', 'digit', String.raw`\d+\/\d+\s*stringers?(?=\s+(?:beads?|on|in|over))`],
  ['tacks: the plan gives their length and spacing', 'digit', String.raw`(?:${LENGTH}|\d+)[\s-]*(?:tacks?|tack\s*welds?)`],
  ['purity of the gas', 'digit', String.raw`[45][.,][0568](?=\s|,|$)(?<=(?:argon|ar|co2|helium)\s+\S{3})`],
  ['several passes', 'letter', String.raw`multi[\s-]*(?:pass(?:es)?|runs?)`],
  ['a drawing number', 'letter', String.raw`(?:(?:dwg|drg|drawing|rev|item|detail|det|wo|po|mk|ref|fig|nr|cat)(?:\.|\s+no\.?|\s+nr\.?)?|(?:job|part|line|sheet|mark|weld|piece|machine)\s+(?:no|nr|number)\.?)\s*[:#]?\s*[a-z]{0,3}[-\s]?\d{1,6}[a-z]?(?=\s|,|;|:|$)`],
  ['a standard', 'letter', String.raw`(?:en|iso|din|bs|as|asme|aws|astm|csa)(?:\s+(?:en|iso|nzs))*\s+[a-z]?\d+(?:[-.\/]\d+)*(?:[-:]\d+)*`],
  ['a year or a model', 'digit', String.raw`(?:19[4-9]\d|20(?!11|14|17|24)[0-3]\d)(?=\s)`],
  ['a wire class that is not in the table', 'letter', String.raw`t\s*\d{2}\s+\d\s+[a-z]\s+[a-z]\s*\d(?:\s+h\d+)?`],
  ['a wire class by its strength', 'letter', String.raw`g\s*\d{2}\s+\d(?=\s+(?:m\d\d|c1?)\b)`],
  ['a stick electrode', 'letter', String.raw`e\s*\d{2}\s+\d\s+[a-z]+\s*\d*`],
  ['so many parts', 'digit', String.raw`\d{1,2}[x×](?=\s+\d)`],
  ['so many seams', 'digit', String.raw`\d{1,2}\s?[x×](?=\s*\d+\s*(?:mm|cm|m|in|"|ft)?\s*(?:long|seams?|runs?|stitch|welds?))`],
  ['so many parts', 'letter', String.raw`stack\s+of\s+\d+(?:\s*[x×])?`],
  ['so many of them', 'digit', String.raw`\d{1,4}\s+seams?(?:\s+of)?`],
];

const NOTED_RULES: readonly Rule[] = NOTED.map(([as, starts, source]) => ({
  starts,
  pattern: pattern(source + END),
  read: (match): Omit<Edge, 'end'> => ({
    meanings: measure(`${match[0].trim()}: ${as}`, []),
    terms: [as === 'a thread' ? 'figureThread' : starts === 'digit' ? 'figureNoted' : 'figureNotedFirst'],
    // a word with a figure of its own behind or before it, without a sign between
    ...(!/\d/.test(match[0]) || /[=:]/.test(match[0]) || as === 'a thread'
      ? {}
      : { style: starts === 'digit' ? 'head-behind' : 'head-first' }),
  }),
}));

const OUTSIDE_WORDS = String.raw`dia(?:meter|metre)?\.?|o\.?d\.?|ø|outside\s+diameter|across`;

function outsideEdge(mm: readonly number[], style: Edge['style']): Omit<Edge, 'end'> {
  const fits = mm.every((value) => inRange(value, OUTSIDE_RANGE_MM));
  return {
    meanings: measure(
      `${mm.map(tidy).join(' × ')} mm outside`,
      fits ? [{ slot: 'outsideMm', value: mm.map((value) => Number(value.toFixed(4))) }] : [],
    ),
    terms: ['figureBehindWord'],
    ...(style === undefined ? {} : { style }),
  };
}

const OUTSIDE_RULES: readonly Rule[] = [
  {
    starts: 'digit',
    pattern: pattern(String.raw`${LENGTH}\s*(?:${OUTSIDE_WORDS})${END}`),
    read: (match, line) =>
      outsideEdge([millimetres(match[1] ?? '', match[2], line, OUTSIDE_RANGE_MM)], 'head-behind'),
  },
  {
    starts: 'letter',
    pattern: pattern(String.raw`(?:dia(?:meter)?|o\.?d\.?|ø)\s*[=:]?\s*${LENGTH}${END}(?!\s*[x×]\s*[\d.])`),
    read: (match, line) =>
      outsideEdge(
        [millimetres(match[1] ?? '', match[2], line, OUTSIDE_RANGE_MM)],
        /^ø|[=:]/i.test(match[0]) ? undefined : 'head-first',
      ),
  },
  {
    starts: 'letter',
    pattern: pattern(String.raw`size\s*(${NUMBER})\s*[x×]\s*(${NUMBER})\s*mm${END}`),
    read: (match) =>
      outsideEdge(
        [numberOf(match[1] ?? '')?.value ?? 0, numberOf(match[2] ?? '')?.value ?? 0],
        undefined,
      ),
  },
];

const METRES = String.raw`(${NUMBER})[\s-]*(m|met(?:re|er)s?|cm|ft|foot|feet)(?=\s*(?:$|[,;)]|long|of|seams?|runs?|total|weld|tee|lap|butt|fillet|corner|\d))`;
/** Metres and feet are a length of seam before what says so, or where a length can stand: nothing is that thick. */
const SEAM_RULES: readonly Rule[] = [
  {
    starts: 'digit',
    pattern: pattern(
      String.raw`${METRES}(?:\s*(?:long|of\s+(?:weld|seam|stitch)|seam|run|total|weld))?${END}`,
    ),
    read: (match, line) => {
      const mm = millimetres(match[1] ?? '', match[2], line, SEAM_RANGE_MM);
      const slots: MeasuredSlot[] = inRange(mm, SEAM_RANGE_MM) ? [{ slot: 'seamMm', value: Number(mm.toFixed(4)) }] : [];
      return { meanings: measure(`${tidy(mm)} mm seam`, slots), terms: ['figureSeam'] };
    },
  },
];

/** `a5` and `z7`, with a comma or a point: throat and leg as a drawing writes them; `△ 5` and `5 △` a leg. */
const SYMBOL_RULES: readonly Rule[] = [
  {
    starts: 'letter',
    pattern: pattern(String.raw`([az])(\s*=\s*|)(\d{1,2}(?:[.,]\d)?)(?:\s*mm)?(?:\s*(?:throat|leg))?${END}`),
    read: (match) => {
      const mm = Number((match[3] ?? '').replace(',', '.'));
      const isThroat = match[1]?.toLowerCase() === 'a';
      if (!inRange(mm, LEG_RANGE_MM)) return undefined;
      const slot = isThroat ? 'throatMm' : 'legMm';
      return {
        meanings: measure(`${tidy(mm)} mm ${isThroat ? 'throat' : 'leg'}`, [{ slot, value: mm }]),
        terms: ['figureByKey'],
      };
    },
  },
  {
    starts: 'letter',
    pattern: pattern(String.raw`[△▷⊿]\s*(${NUMBER})\s*(?:mm)?${END}`),
    read: (match, line) => symbolLeg(match[1] ?? '', line),
  },
  {
    starts: 'digit',
    pattern: pattern(String.raw`(${NUMBER})\s*(?:mm)?\s*[△▷⊿]`),
    read: (match, line) => symbolLeg(match[1] ?? '', line),
  },
];

function symbolLeg(digits: string, line: LineText): Omit<Edge, 'end'> | undefined {
  const mm = millimetres(digits, undefined, line, LEG_RANGE_MM);
  if (!inRange(mm, LEG_RANGE_MM)) return undefined;
  return {
    meanings: [
      ...measure(`${tidy(mm)} mm leg`, [{ slot: 'legMm', value: Number(mm.toFixed(4)) }]),
      { kind: 'joint', joint: 'tee', weak: true },
    ],
    terms: ['figureByKey'],
  };
}

/** `zero gap`, `tight gap`, `no gap`: a gap of nothing. */
const NO_GAP: Rule = {
  starts: 'letter',
  pattern: pattern(String.raw`(?:zero|no|tight|nil)\s+(?:root\s+)?gap${END}`),
  read: () => ({ meanings: measure('no root gap', [{ slot: 'gapMm', value: 0 }]), terms: ['figureBehindWord'] }),
};

const RULES: readonly Rule[] = [
  ...STITCH_RULES,
  ...LENGTH_HEADS.flatMap(lengthRules),
  ...COUNT_RULES,
  ...OUTSIDE_RULES,
  ...SEAM_RULES,
  ...SYMBOL_RULES,
  NO_GAP,
  ...NOTED_RULES,
];
const BY_START = {
  digit: RULES.filter(({ starts }) => starts === 'digit'),
  letter: RULES.filter(({ starts }) => starts === 'letter'),
};

/** Figures with a word that says what they are, behind it or before it: leg, gap, passes, volts, and no thickness. */
export function headEdges(line: LineText, at: number): Edge[] {
  const first = line.lower[at] ?? '';
  const rules = /[\d.,½¼¾⅛⅜⅝⅞]/.test(first) ? BY_START.digit : BY_START.letter;
  return rules.flatMap(({ pattern: rule, read }) => {
    const match = foundAt(rule, line, at);
    const edge = match && match[0] !== '' ? read(match, line) : undefined;
    return match && edge ? [{ ...edge, end: at + match[0].trimEnd().length }] : [];
  });
}
