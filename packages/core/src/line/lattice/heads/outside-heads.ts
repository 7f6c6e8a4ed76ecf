import { words } from '../../../base/words/words.ts';
import { LEG_RANGE_MM, OUTSIDE_RANGE_MM, SEAM_RANGE_MM } from '../../../trade/material/work.ts';
import type { MeasuredSlot } from '../../meaning.ts';
import type { Edge, LineText } from '../edge.ts';
import { END, NUMBER, numberOf } from '../figures.ts';
import { pattern } from '../pattern.ts';
import { inRange, LENGTH, measure, millimetres, sizeTyped, type Rule } from './rule.ts';

const OUTSIDE_WORDS = String.raw`dia(?:meter|metre)?\.?|o\.?d\.?|ø|outside\s+diameter|across`;

function outsideEdge(mm: readonly number[], style: Edge['style']): Omit<Edge, 'end'> {
  const fits = mm.every((value) => inRange(value, OUTSIDE_RANGE_MM));
  return {
    meanings: measure(
      words`${sizeTyped(mm)} outside`,
      fits ? [{ slot: 'outsideMm', value: mm.map((value) => Number(value.toFixed(4))) }] : [],
    ),
    terms: ['figureBehindWord'],
    ...(style === undefined ? {} : { style }),
  };
}

export const OUTSIDE_RULES: readonly Rule[] = [
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
      outsideEdge([numberOf(match[1] ?? '')?.value ?? 0, numberOf(match[2] ?? '')?.value ?? 0], undefined),
  },
];

const METRES = String.raw`(${NUMBER})[\s-]*(m|met(?:re|er)s?|cm|ft|foot|feet)(?=\s*(?:$|[,;)]|long|of|seams?|runs?|total|weld|tee|lap|butt|fillet|corner|\d))`;
/** Metres and feet are a length of seam before what says so, or where a length can stand: nothing is that thick. */
export const SEAM_RULES: readonly Rule[] = [
  {
    starts: 'digit',
    pattern: pattern(
      String.raw`${METRES}(?:\s*(?:long|of\s+(?:weld|seam|stitch)|seam|run|total|weld))?${END}`,
    ),
    read: (match, line) => {
      const mm = millimetres(match[1] ?? '', match[2], line, SEAM_RANGE_MM);
      const slots: MeasuredSlot[] = inRange(mm, SEAM_RANGE_MM)
        ? [{ slot: 'seamMm', value: Number(mm.toFixed(4)) }]
        : [];
      return { meanings: measure(words`${sizeTyped(mm)} seam`, slots), terms: ['figureSeam'] };
    },
  },
];

/** `a5` and `z7`, with a comma or a point: throat and leg as a drawing writes them; `△ 5` and `5 △` a leg. */
export const SYMBOL_RULES: readonly Rule[] = [
  {
    starts: 'letter',
    pattern: pattern(String.raw`([az])(\s*=\s*|)(\d{1,2}(?:[.,]\d)?)(?:\s*mm)?(?:\s*(?:throat|leg))?${END}`),
    read: (match) => {
      const mm = Number((match[3] ?? '').replace(',', '.'));
      const isThroat = match[1]?.toLowerCase() === 'a';
      if (!inRange(mm, LEG_RANGE_MM)) return undefined;
      const slot = isThroat ? 'throatMm' : 'legMm';
      return {
        meanings: measure(words`${sizeTyped(mm)} ${isThroat ? 'throat' : 'leg'}`, [{ slot, value: mm }]),
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
      ...measure(words`${sizeTyped(mm)} leg`, [{ slot: 'legMm', value: Number(mm.toFixed(4)) }]),
      { kind: 'joint', joint: 'tee', weak: true },
    ],
    terms: ['figureByKey'],
  };
}

/** `zero gap`, `tight gap`, `no gap`: a gap of nothing. */
export const NO_GAP: Rule = {
  starts: 'letter',
  pattern: pattern(String.raw`(?:zero|no|tight|nil)\s+(?:root\s+)?gap${END}`),
  read: () => ({
    meanings: measure('no root gap', [{ slot: 'gapMm', value: 0 }]),
    terms: ['figureBehindWord'],
  }),
};
