import { words } from '../../../base/words/words.ts';
import { STITCH_RANGE_MM } from '../../../trade/material/work.ts';
import { mmFromInches } from '../../../base/quantity/units.ts';
import type { MeasuredSlot } from '../../meaning.ts';
import type { Edge } from '../edge.ts';
import { END } from '../figures.ts';
import { pattern } from '../pattern.ts';
import { inRange, measure, sizeTyped, type Rule } from './rule.ts';

const STITCH_WORD = String.raw`(?:stitch(?:es|ed)?(?:\s+weld(?:s|ed)?)?|intermittent(?:\s+fillets?)?|skip(?:\s+weld)?|staggered|stagger|chain|hit\s+(?:and|&)\s+miss)`;
const MM = String.raw`\s*(mm|in(?:ch(?:es)?)?|"|″|”)?`;
const PAIR = String.raw`(\d+(?:\.\d+)?)${MM}\s*(?:-|\s@\s?|@|\s+on\s+|\s+every\s+|\s+long\s+every\s+|\s+gap\s+)\s*(\d+(?:\.\d+)?)${MM}`;

/** Millimetres of a stitch and what stands behind it: small figures without a unit are inches. */
function stitchMm(stitch: string, unit: string | undefined, pitch: string, pitchUnit: string | undefined) {
  const unitSaid = unit ?? pitchUnit;
  const inches =
    unitSaid === undefined
      ? Number(stitch) <= 6 && Number(pitch) <= 24
      : !unitSaid.toLowerCase().startsWith('m');
  const mm = (value: string): number =>
    Number((inches ? mmFromInches(Number(value)) : Number(value)).toFixed(4));
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
  const label = words`${sizeTyped(stitch)} of weld every ${sizeTyped(pitch)}`;
  return {
    meanings: measure(isWhole ? label : words`${label}: no stitch that is planned`, slots),
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

export const STITCH_RULES: readonly Rule[] = [
  // `1/4 fillet 3-12`: behind a fillet, or before what says that it is one of both sides
  stitchRule('digit', String.raw`(?<=fillets?[\s,]+)${PAIR}(?!\s*(?:plate|sheet|tee|lap|butt))`),
  stitchRule('digit', String.raw`${PAIR}(?=\s+(?:both\s+sides|b\/s))`),
  stitchRule('digit', String.raw`${PAIR}\s*(?:${STITCH_WORD}|pitch|centres|centers)`),
  stitchRule('letter', String.raw`${STITCH_WORD}\s*${PAIR}`),
  stitchRule('digit', String.raw`(\d{2,3})${MM}\s*\/\s*(\d{2,3})${MM}\s*(?:${STITCH_WORD}|pitch)`),
  stitchRule('letter', String.raw`${STITCH_WORD}\s*(\d{2,3})${MM}\s*\/\s*(\d{2,3})${MM}`),
  stitchRule('digit', String.raw`(\d+)${MM}\s+on[\s,]+(\d+)${MM}\s+off`),
  stitchRule('digit', String.raw`(\d+(?:\.\d+)?)${MM}\s*(?:long\s+)?every\s+(\d+(?:\.\d+)?)${MM}`),
  stitchRule(
    'digit',
    String.raw`(\d+(?:\.\d+)?)${MM}\s*stitch(?:es)?\s+(?:every\s+)?(\d+(?:\.\d+)?)${MM}\s*(?:gaps?|pitch|centres|centers|apart|spacing)`,
  ),
  stitchRule(
    'letter',
    String.raw`stitch(?:es)?\s+(\d+(?:\.\d+)?)${MM}\s+(?:gap|pitch|every)\s+(\d+(?:\.\d+)?)${MM}`,
  ),
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
