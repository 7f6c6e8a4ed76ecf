import { words } from '../../../base/words/words.ts';
import { GAP_RANGE_MM, LEG_RANGE_MM, SEAM_RANGE_MM, STITCH_RANGE_MM } from '../../../trade/material/work.ts';
import type { MeasuredSlot } from '../../meaning.ts';
import { END } from '../figures.ts';
import { pattern } from '../pattern.ts';
import { inRange, JOIN, LENGTH, measure, millimetres, sizeTyped, type Range, type Rule } from './rule.ts';

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
          meanings: measure(words`${sizeTyped(mm)} ${name}`, slotsOf(mm)),
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
          meanings: measure(words`${sizeTyped(mm)} ${name}`, slotsOf(mm)),
          terms: signed ? ['figureByKey'] : ['figureBehindWord'],
          ...(signed || join === '' ? {} : { style: 'head-first' }),
        };
      },
    },
  ];
}

/** Lengths with a word of their own, each read with its word behind or before it. */
export const LENGTH_RULES: readonly Rule[] = LENGTH_HEADS.flatMap(lengthRules);
