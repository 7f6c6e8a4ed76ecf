import type { Edge, LineText } from './edge.ts';
import { COUNT_RULES } from './heads/count-heads.ts';
import { LENGTH_RULES } from './heads/length-heads.ts';
import { NOTED_RULES } from './heads/noted-figures.ts';
import { NO_GAP, OUTSIDE_RULES, SEAM_RULES, SYMBOL_RULES } from './heads/outside-heads.ts';
import type { Rule } from './heads/rule.ts';
import { STITCH_RULES } from './heads/stitch-heads.ts';
import { foundAt } from './pattern.ts';

const RULES: readonly Rule[] = [
  ...STITCH_RULES,
  ...LENGTH_RULES,
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
