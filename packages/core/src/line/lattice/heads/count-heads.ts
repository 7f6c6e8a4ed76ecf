import { words } from '../../../base/words/words.ts';
import { NUMBER_OFF_RANGE, PASSES_RANGE } from '../../../trade/material/work.ts';
import type { MeasuredSlot } from '../../meaning.ts';
import type { WeightName } from '../../hand-weights.ts';
import { END } from '../figures.ts';
import { pattern } from '../pattern.ts';
import { inRange, measure, type Range, type Rule } from './rule.ts';

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
      return { meanings: measure(words`${count} ${name}`, slots), terms: [weight] };
    },
  }));
}

const PASS_WORDS = 'pass(?:es)?|runs?|stringers?|layers?|beads?';
export const COUNT_RULES: readonly Rule[] = [
  ...countRules('passes', 'passes', PASSES_RANGE, [
    ['digit', String.raw`${COUNT}[\s-]*(?:pass(?:es)?|runs?|stringers?|layers?)`],
    ['letter', String.raw`${COUNT}[\s-]*(?:pass(?:es)?|runs?)`],
  ]),
  {
    starts: 'digit',
    pattern: pattern(String.raw`\d+\s*(?:or|to|-)\s*\d+\s*(?:${PASS_WORDS})${END}`),
    read: (match) => ({
      meanings: measure(words`${match[0]}: as many as it takes`, []),
      terms: ['figureBehindWord'],
    }),
  },
  ...countRules('off', 'numberOff', NUMBER_OFF_RANGE, [
    ['digit', String.raw`${COUNT}\s*(?:off|pcs?\.?|pieces?(?:\s+of)?|plcs?|places?|locations?|nos\.?|no\.)`],
    ['digit', String.raw`(\d{1,3})no`],
    ['digit', String.raw`(\d{1,3})\s+of(?=\s+[\d.])`],
    ['letter', String.raw`[([]\s*(\d{1,3})\s*[)\]](?:\s*off)?`],
    ['letter', String.raw`(?:qty\.?|quantity)\s*[=:]?\s*(\d+)`],
    ['letter', String.raw`x\s?(\d{1,3})(?=\s*(?:[,;]|$))`, 'figureCount'],
  ]),
];
