import { amount, joined, words, type Words } from '@hot-bead/core/base';
import type { JudgedItem, Verdict } from '@hot-bead/core/records';

/** A verdict with its mark. */
export const VERDICT_WORD: Readonly<Record<Verdict, string>> = {
  pass: '● Pass',
  fail: '■ Fail',
  'not-decided': '◆ Not decided',
};

export const VERDICT_COLOUR: Readonly<Record<Verdict, string>> = {
  pass: 'text-good',
  fail: 'text-hot',
  'not-decided': 'text-ink',
};

const SURE: Readonly<Record<'H' | 'M' | 'L', string>> = {
  H: 'recalled',
  M: 'recalled, a number may be off',
  L: 'recalled as a stand-in: ask for the text',
};

const SIZE: Readonly<Record<string, string>> = {
  a: 'the size of the drawing',
  z: 'the size of the drawing',
  x: 'the size of the drawing',
  b: 'the width of the weld, or both legs',
  w: 'both legs',
  t: 'the plate',
};

/** The limit of an item in words, with how sure the memory of it is. */
export function limitText({ limit, unit, sure, why }: JudgedItem): Words | undefined {
  if (limit === undefined) return undefined;
  const from = why === 'own-limit' ? 'yours' : sure ? SURE[sure] : undefined;
  const value =
    limit === 0
      ? 'none permitted'
      : unit === 'mm'
        ? words`limit ${amount.distance(Number(limit.toFixed(2)), 'as-given')}`
        : words`limit ${Number(limit.toFixed(2))} ${unit === 'deg' ? '°' : (unit ?? '')}`;
  return joined([value, from === undefined ? '' : `(${from})`]);
}

/** Why an item has the verdict that it has, in a sentence; undefined: the limit says it. */
export function whyText(item: JudgedItem): Words | undefined {
  const { why, missing, u95 } = item;
  switch (why) {
    case 'within-error':
      return words`The limit lies within the reading’s ± ${amount.distance(Number(u95.toFixed(2)), 'as-given')}: use a finer gauge.`;
    case 'never-permitted':
      return 'Never permitted, whatever the level.';
    case 'not-short':
      return words`That size passes only where it is short: ${amount.distance(25)} in the worst ${amount.distance(100)}.`;
    case 'length-asked':
      return item.id === 'pore'
        ? words`What do they come to in the worst ${amount.distance(300)}? That decides.`
        : 'How long is it? That decides.';
    case 'size-asked':
      return words`It needs ${SIZE[missing ?? 't'] ?? 'a size'}.`;
    case 'by-application':
      return 'By what the surface is for: paint, food, corrosion. It is no matter of strength.';
    case 'no-row':
      return 'This standard has no row for it that is remembered here.';
    case 'too-thin':
      return words`The standard begins at ${amount.thickness(0.5)} of plate.`;
    case 'not-by-photo':
      return 'A photo does not tell this: look, or use a gauge.';
    case 'band-asked':
      return 'How well is it known? Give its ±.';
    case 'a-or-z':
      return 'Is the drawing’s size a throat (a) or a leg (z)? The one is twice the metal of the other.';
    case 'not-permitted':
    case 'within':
    case 'over':
    case 'permitted':
    case 'own-limit':
    case 'no-level':
      return undefined;
  }
}
