import { amount } from '../base/words/amount.ts';
import { words, type Words } from '../base/words/words.ts';
import type { MeasuredSlot, Meaning, Token } from './meaning.ts';
import { meaningOf } from './meaning.ts';
import { mmOfWritten } from '../base/quantity/length-text.ts';
import type { Doubts } from './doubts.ts';
import type { WholeReading } from './reading.ts';
import { headOf } from './roles/scene.ts';

function measured(label: Words, slots: readonly MeasuredSlot[] = []): Meaning {
  return { kind: 'measure', label, slots };
}

function legMm(token: Token): number {
  const length = meaningOf(token, 'length')?.length;
  return Number(((length && mmOfWritten(length)) ?? length?.value ?? 0).toFixed(4));
}

/** The word beside a figure that it belongs to, in words. */
export function ownerOf({ tokens, scene }: WholeReading, index: number): Token | undefined {
  const head = headOf(scene, index);
  if (head) return tokens[head.index];
  const next = tokens[index + 1];
  return next && next.pause !== true ? next : tokens[index - 1];
}

function roleMeanings(reading: WholeReading, index: number, token: Token): readonly Meaning[] | undefined {
  switch (reading.roles.get(index)) {
    case 'leg': {
      const value = legMm(token);
      return [measured(words`${amount.distance(value, 'as-given')} leg`, [{ slot: 'legMm', value }])];
    }
    case 'off': {
      const value = meaningOf(token, 'length')?.length.value ?? 1;
      return [measured(words`${value} off`, [{ slot: 'numberOff', value }])];
    }
    case 'belongs':
      return [measured(words`${token.text}: belongs to “${ownerOf(reading, index)?.text ?? ''}”`)];
    case 'unclear':
      return [{ kind: 'unknown' }];
    default:
      return undefined;
  }
}

const NAME_SLOT = {
  mode: 'mode',
  wind: 'windy',
  position: 'position',
  vertical: 'position',
  joint: 'joint',
  gas: 'gas',
} as const;

/** A word that may only be part of a name: known, and asked about where it is as likely the other way. */
function nameMeanings(reading: WholeReading, index: number, token: Token): readonly Meaning[] {
  const isName = reading.names.has(index);
  const kind = token.meanings
    .map((meaning) => meaning.kind)
    .find((one) => one in NAME_SLOT) as keyof typeof NAME_SLOT;
  const owner = reading.tokens[index + 1]?.text ?? '';
  if (isName && !reading.doubtfulNames.has(index))
    return [{ kind: 'noted', as: `part of “${token.text} ${owner}”` }];
  const slot = NAME_SLOT[kind];
  const message = `“${token.text} ${owner}”: is “${token.text}” said of the weld?`;
  const answers = [
    [`${token.text}, of the weld`, `${token.text},`],
    ['part of the name', ''],
  ] as const;
  return [{ kind: 'noted', as: message, asks: { slot, message, answers } }];
}

/** The tokens as they are read: what is not wanted, what only names a thing and what a figure belongs to say so. */
export function settledTokens(reading: WholeReading, asked: Doubts): readonly Token[] {
  return reading.tokens.map((token, index): Token => {
    if (asked.has(index))
      return {
        ...token,
        meanings: token.meanings.filter(({ kind }) => kind === 'length' || kind === 'product'),
      };
    if (reading.denied.has(index)) return { ...token, meanings: [{ kind: 'noted', as: 'not wanted' }] };
    if (reading.names.has(index) || reading.doubtfulNames.has(index))
      return { ...token, meanings: nameMeanings(reading, index, token) };
    const meanings = roleMeanings(reading, index, token);
    return meanings ? { ...token, meanings } : token;
  });
}
