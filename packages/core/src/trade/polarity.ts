import type { Words } from '../base/words/words.ts';
import { HANDBOOK, type Source, standard } from '../base/source.ts';
import { type WireClass, wireClassRow } from './wire/wire-class.ts';

export const POLARITIES = ['DCEP', 'DCEN'] as const;
export type Polarity = (typeof POLARITIES)[number];

export interface PolarityChoice {
  readonly polarity: Polarity;
  readonly gunLead: '+' | '−';
  readonly workLead: '+' | '−';
  readonly why: Words;
  readonly source: Source;
}

/**
 * Polarity of a wire class: it belongs to the class, and the wire's own label decides.
 *
 * @source AWS A5.20 for flux core, recalled; handbook figure for solid wire
 */
export function polarityOf(wireClass: WireClass): PolarityChoice {
  const { polarity, tubular } = wireClassRow(wireClass);
  const positive = polarity === 'DCEP';
  const own = `${wireClass} is an electrode-${positive ? 'positive' : 'negative'} class. Its own label decides.`;
  return {
    polarity,
    gunLead: positive ? '+' : '−',
    workLead: positive ? '−' : '+',
    why: tubular
      ? own
      : 'Wire under gas runs electrode positive: gun to +, work clamp to −. Reversed, the bead stands ropy and cold.',
    source: !tubular ? HANDBOOK : standard(positive ? 'AWS A5.20, A5.18' : 'AWS A5.20'),
  };
}
