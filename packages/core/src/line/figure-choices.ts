import { amount } from '../base/words/amount.ts';
import { words, type Words } from '../base/words/words.ts';
import type { Draft, Line } from './draft.ts';
import { lineWith } from './draft.ts';
import { meaningOf, type Token } from './meaning.ts';
import { NUMBER, SIZE_UNIT } from './lattice/figures.ts';
import type { WorkSlot } from '../plan/work/stated-work.ts';
import type { LineChoice, LineFigure } from './line-reading.ts';
import { candidatesOf, type Role } from './roles/candidates.ts';
import { has, wireOfLength } from './roles/scene.ts';
import type { WholeReading } from './reading.ts';
import type { LengthUnit } from '../base/quantity/thickness.ts';
import { wireWritten } from './figures/read-wires.ts';
import { ownerOf } from './settled-tokens.ts';

const ROLE_NAME: Readonly<Record<Role, LineFigure['role']>> = {
  thickness: 'thickness',
  wire: 'wire',
  'unknown-wire': 'in doubt',
  leg: 'leg',
  outside: 'outside',
  off: 'number off',
  belongs: 'no part in the numbers',
  unclear: 'in doubt',
};

/** How a figure is written so that it is read as one thing; undefined: it cannot be said. */
function written(
  role: Role,
  token: Token,
  unit: LengthUnit,
): readonly [label: Words, text: string] | undefined {
  const length = meaningOf(token, 'length')?.length;
  if (!length) return undefined;
  const text = token.text.trim();
  const wire = wireOfLength(length);
  switch (role) {
    case 'thickness':
      return ['thickness', `${text} thick`];
    case 'wire':
      return wire === undefined ? undefined : [words`${amount.wireSize(wire)} wire`, wireWritten(wire, unit)];
    case 'leg':
      return length.form === 'gauge' ? undefined : ['leg', `${text} leg`];
    case 'outside':
      return length.form === 'gauge' ? undefined : ['outside', `${text} OD`];
    case 'off':
      return Number.isInteger(length.value) && length.form === 'bare'
        ? ['number off', `${text} off`]
        : undefined;
    case 'belongs':
      return ['no part in the numbers', ''];
    default:
      return undefined;
  }
}

const OFFERED: readonly Role[] = ['thickness', 'wire', 'leg', 'outside', 'off', 'belongs'];

/** The word that a figure was read with. */
function wordOf(best: WholeReading, index: number, role: Role): LineFigure['word'] {
  const { tokens } = best;
  const beside = [tokens[index + 1], tokens[index - 1]];
  const wordToken =
    role === 'wire'
      ? beside.find((token) => has(token, 'wire-word') || has(token, 'wire-class'))
      : role === 'thickness'
        ? (beside.find((token) => has(token, 'thick-word')) ?? headWord(best, index))
        : ownerOf(best, index);
  return wordToken && { start: wordToken.start, end: wordToken.end, text: wordToken.text };
}

function headWord(best: WholeReading, index: number): Token | undefined {
  const owner = ownerOf(best, index);
  return owner && (has(owner, 'product') || has(owner, 'thing')) ? owner : undefined;
}

const SLOT_ROLE: Readonly<Partial<Record<WorkSlot, LineFigure['role']>>> = {
  legMm: 'leg',
  throatMm: 'throat',
  gapMm: 'root gap',
  passes: 'passes',
  stitchMm: 'stitch',
  pitchMm: 'stitch',
  seamMm: 'length of weld',
  outsideMm: 'outside',
  numberOff: 'number off',
};

/** The figure within a token that was read with its word. */
const FIGURE_IN = new RegExp(String.raw`${NUMBER}(?:\s?${SIZE_UNIT}(?![a-z]))?`, 'iu');

/** A figure that was read together with its word or its other sizes: what that is, and what else it could be. */
function measuredChoices(
  draft: Draft,
  line: Line,
  best: WholeReading,
  index: number,
): LineFigure | undefined {
  const token = best.tokens[index] as Token;
  const [figure] = FIGURE_IN.exec(token.text) ?? [];
  const measure = meaningOf(token, 'measure');
  const length = meaningOf(token, 'length');
  if (figure === undefined || (!measure && !length) || best.scene.noted.has(index)) return undefined;
  const slot = measure?.slots[0]?.slot;
  const role = length ? 'thickness' : ((slot && SLOT_ROLE[slot]) ?? 'no part in the numbers');
  const offered = [
    ['thickness', `${figure} thick`],
    ['leg', `${figure} leg`],
    ['no part in the numbers', ''],
  ] as const;
  return {
    role: line.asked.has(index) ? 'in doubt' : role,
    others: offered
      .filter(([label]) => label !== role)
      .map(([label, text]) => ({ label, line: lineWith(draft, token, text) })),
  };
}

/** What a figure was taken for, with the word it goes with and what else it could be; undefined for anything else. */
export function figureChoices(
  draft: Draft,
  line: Line,
  best: WholeReading,
  index: number,
): LineFigure | undefined {
  const token = best.tokens[index] as Token;
  const role = best.roles.get(index);
  if (role === undefined) return measuredChoices(draft, line, best, index);
  const figure = best.scene.figures.find((one) => one.index === index);
  const likely = figure ? candidatesOf(best.scene, figure).map((candidate) => candidate.role) : [];
  const others = OFFERED.filter(
    (other) =>
      other !== role &&
      (likely.includes(other) || other === 'belongs' || other === 'thickness' || other === 'leg'),
  ).flatMap((other): LineChoice[] => {
    const sizeText = written(other, token, line.unit);
    return sizeText ? [{ label: sizeText[0], line: lineWith(draft, token, sizeText[1]) }] : [];
  });
  const word = wordOf(best, index, role);
  return {
    role: line.asked.has(index) ? 'in doubt' : ROLE_NAME[role],
    ...(word === undefined ? {} : { word }),
    others,
  };
}
