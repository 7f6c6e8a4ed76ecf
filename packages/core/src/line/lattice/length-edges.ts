import type { Meaning } from '../meaning.ts';
import type { Edge, LineText } from './edge.ts';
import { END, lengthOf, mmLength, NUMBER, numberOf, SIZE_UNIT } from './figures.ts';
import { foundAt, pattern } from './pattern.ts';

const WIRE_CODE = pattern(String.raw`0(?:23|24|25|30|35|39|40|45|47|52|62|63|68|72|78)(?![\p{L}\d/.])`);
const GAUGE_SIGN = pattern(String.raw`#\s?(\d{1,2})(?![\p{L}\d/.])`);
const SIZE = pattern(
  String.raw`(-?)(${NUMBER})(?:th(?![a-z]))?(?:([\s-]?)(${SIZE_UNIT})(?![\p{L}]|\.?\d))?\.?`,
);
/** "in" that is the word, not the unit: `3/16 in the yard`. */
const IN_IS_A_WORD =
  /^\s+(?:the|a|an|my|our|wind|windy|yard|shop|position|draught|drafty|flat|vertical|horizontal|overhead|argon|co2|lap|place|rain|situ|half|two|three|one|it|total|spray|short|dip|pulse)(?!\p{L})/iu;
const SPREAD = pattern(
  String.raw`(${NUMBER})(?:\s?(${SIZE_UNIT}))?\s?[-–]\s?(${NUMBER})\s?(${SIZE_UNIT})?${END}`,
);

const WORD_NUMBERS: Readonly<Record<string, number>> = {
  half: 1 / 2,
  quarter: 1 / 4,
  'three quarter': 3 / 4,
  'three quarters': 3 / 4,
  eighth: 1 / 8,
  'three eighths': 3 / 8,
  'three eighth': 3 / 8,
  'five eighths': 5 / 8,
  'seven eighths': 7 / 8,
  sixteenth: 1 / 16,
  'three sixteenths': 3 / 16,
  'three sixteenth': 3 / 16,
  'five sixteenths': 5 / 16,
  'seven sixteenths': 7 / 16,
};
const WORDED = pattern(
  String.raw`(?:an?\s+)?(${Object.keys(WORD_NUMBERS)
    .toSorted((a, b) => b.length - a.length)
    .map((words) => words.replace(' ', '[\\s-]+'))
    .join('|')})(?:[\s-]*(?:of\s+an\s+)?(inch(?:es)?|in|["″”]))?(?![\p{L}\d])`,
);
const DIGIT_EIGHTHS = pattern(
  String.raw`(\d)\s+(eighths?|sixteenths?|quarters?)(?:\s*(?:inch(?:es)?|in|["″]))?(?![\p{L}\d])`,
);
const SMALL_WORDS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  sixteen: 16,
  twenty: 20,
  fourteen: 14,
  eighteen: 18,
};
const WORDED_UNIT = pattern(
  String.raw`(${Object.keys(SMALL_WORDS).join('|')})[\s-]+(mm|mil|millimet(?:re|er)s?|inch(?:es)?|gauge|gage|ga)(?![\p{L}\d])`,
);
const POINT_WORDED = pattern(
  String.raw`(?:(nought|zero|oh|one|two|three)\s+)?point\s+(${['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'].join('|')})(?:\s+(mm|millimet(?:re|er)s?))?(?![\p{L}\d])`,
);
const DIGITS = ['nought', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

/** The first half of what is no fraction: a bare figure and a stroke, that no key stands before (`t=10/12`). */
const HALF_BEFORE = /(?<![=:]\s?\d{0,3})(?<!\d)\d+\/$/;

function size(form: 'mm' | 'inch' | 'bare' | 'gauge', value: number, fraction = false): Meaning {
  return { kind: 'length', length: { form, value, fraction, inchDecimal: false }, wireCode: false };
}

/** Figures in words: `quarter inch`, `three eighths`, `three millimetre`, `point eight`. */
export function wordedEdges(line: LineText, at: number): Edge[] {
  const edges: Edge[] = [];
  const worded = foundAt(WORDED, line, at);
  if (worded) {
    const value = WORD_NUMBERS[(worded[1] ?? '').toLowerCase().replace(/[\s-]+/g, ' ')] ?? 0;
    const plain = worded[2] === undefined && !/eighth|sixteenth/i.test(worded[0]);
    const unsaid =
      plain && !/^\s+(?:plate|sheet|steel|wall|to|on|thick)/i.test(line.text.slice(at + worded[0].length));
    if (!unsaid)
      edges.push({
        end: at + worded[0].length,
        meanings: [size('inch', value, true)],
        terms: ['figureWithUnit'],
      });
  }
  const unit = foundAt(WORDED_UNIT, line, at);
  if (unit) {
    const value = SMALL_WORDS[(unit[1] ?? '').toLowerCase()] ?? 0;
    const form = /^in/i.test(unit[2] ?? '') ? 'inch' : /^g/i.test(unit[2] ?? '') ? 'gauge' : 'mm';
    edges.push({ end: at + unit[0].length, meanings: [size(form, value)], terms: ['figureWithUnit'] });
  }
  const point = foundAt(POINT_WORDED, line, at);
  if (point) {
    const whole = /^(?:nought|zero|oh)?$/i.test(point[1] ?? '')
      ? 0
      : (SMALL_WORDS[(point[1] ?? '').toLowerCase()] ?? 0);
    const value = whole + DIGITS.indexOf((point[2] ?? '').toLowerCase()) / 10;
    edges.push({
      end: at + point[0].length,
      meanings: [size(point[3] === undefined ? 'bare' : 'mm', value)],
      terms: ['figureWithUnit'],
    });
  }
  return edges;
}

/** Plain figures with or without a unit: what they are is settled by what stands around them. */
export function lengthEdges(line: LineText, at: number): Edge[] {
  const edges: Edge[] = [];
  const code = foundAt(WIRE_CODE, line, at);
  if (code) {
    const length = {
      form: 'inch',
      value: Number(code[0]) / 1000,
      fraction: false,
      inchDecimal: true,
    } as const;
    edges.push({
      end: at + code[0].length,
      meanings: [{ kind: 'length', length, wireCode: true }],
      terms: ['figureBare'],
    });
  }
  const gauge = foundAt(GAUGE_SIGN, line, at);
  if (gauge)
    edges.push({
      end: at + gauge[0].length,
      meanings: [size('gauge', Number(gauge[1]))],
      terms: ['figureWithUnit'],
    });
  const eighths = foundAt(DIGIT_EIGHTHS, line, at);
  if (eighths) {
    const parts = /eighth/i.test(eighths[2] ?? '') ? 8 : /sixteenth/i.test(eighths[2] ?? '') ? 16 : 4;
    const meaning = size('inch', Number(eighths[1]) / parts, true);
    edges.push({ end: at + eighths[0].length, meanings: [meaning], terms: ['figureWithUnit'] });
  }
  edges.push(...spreadEdges(line, at), ...plainEdges(line, at));
  return edges;
}

function plainEdges(line: LineText, at: number): Edge[] {
  const size = foundAt(SIZE, line, at);
  if (!size) return [];
  const [, minus = '', digits = '', gap, unit] = size;
  if (minus !== '' && numberOf(digits)?.fraction === true) return [];
  const edges: Edge[] = [];
  const take = (length: number, unitText: string | undefined): void => {
    const end = at + length;
    const next = line.text[end] ?? '';
    if (/[\p{L}\d%]/u.test(next) && !/^[x×*]\s?[\d.]/i.test(line.text.slice(end))) return;
    if (/^\/\d/.test(line.text.slice(end)) && unitText === undefined && !/\.\d/.test(digits)) {
      // `3/5`: no fraction of an inch, and its halves are figures only with a unit behind
      if (!/^\/\d+(?:\.\d+)?\s?(?:mm|in|")/i.test(line.text.slice(end))) return;
    }
    // the second half of what is no fraction
    if (unitText === undefined && HALF_BEFORE.test(line.text.slice(Math.max(0, at - 8), at))) return;
    const written = lengthOf(digits, unitText);
    if (!written) return;
    const length_ = minus === '' ? written : { ...written, value: -written.value };
    edges.push({
      end,
      meanings: [{ kind: 'length', length: length_, wireCode: false }],
      // `ER70S-6`: a bare figure tied to a word by a dash is seldom one of its own
      terms:
        unitText === undefined && /\p{L}-$/u.test(line.text.slice(Math.max(0, at - 2), at))
          ? ['figureBare', 'figureDashed']
          : [unitText === undefined ? 'figureBare' : 'figureWithUnit'],
    });
  };
  const stroke = /^(\d+)\/\d+$/.exec(digits)?.[1];
  if (stroke !== undefined && /^(?:mm|millimet)/i.test(unit ?? '')) {
    // `6/8 mm`: two figures with a stroke between
    return [
      {
        end: at + stroke.length,
        meanings: [{ kind: 'length', length: mmLength(Number(stroke)), wireCode: false }],
        terms: ['figureWithUnit'],
      },
    ];
  }
  const numberLength = minus.length + digits.length;
  const tail = size[0].slice(numberLength).startsWith('th') ? 2 : 0;
  const withUnit = unit === undefined ? undefined : numberLength + tail + (gap?.length ?? 0) + unit.length;
  const isWord =
    unit?.toLowerCase() === 'in' &&
    (gap ?? '') !== '' &&
    IN_IS_A_WORD.test(line.text.slice(at + (withUnit ?? 0)));
  if (withUnit !== undefined && !isWord) take(withUnit, unit);
  else take(numberLength + tail, undefined);
  // a mixed number may be a whole one and a fraction
  const whole = /^(\d+)[\s](?=\d)/.exec(digits)?.[1];
  if (whole !== undefined) {
    const written = lengthOf(whole, undefined);
    if (written)
      edges.push({
        end: at + whole.length,
        meanings: [{ kind: 'length', length: written, wireCode: false }],
        terms: ['figureBare', 'figureSplit'],
      });
  }
  return edges;
}

/** `3-5 mm`, `3/16-1/4`: one of two, or one on the other; the words around it settle which. */
function spreadEdges(line: LineText, at: number): Edge[] {
  const spread = foundAt(SPREAD, line, at);
  if (!spread) return [];
  const [whole, a = '', unitA, b = '', unitB] = spread;
  const lengths = [lengthOf(a, unitA ?? unitB), lengthOf(b, unitB ?? unitA)];
  const [first, second] = lengths;
  // `6mm-8mm` and `3/16-1/4` are two parts; `3-5 mm` is one figure in doubt
  if (!first || !second || unitA !== undefined || /[\s/]/.test(a) || /[\s/]/.test(b)) return [];
  return [
    {
      end: at + whole.length,
      meanings: [{ kind: 'spread', first, second }],
      terms: ['figureRange'],
    },
  ];
}
