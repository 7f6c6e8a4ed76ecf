import { type Source, HANDBOOK, standard } from '../provenance/source.ts';
import { type WireClass, wireClassRow } from '../wire/wire-class.ts';

export type Polarity = 'DCEP' | 'DCEN';

export interface PolarityChoice {
  readonly polarity: Polarity;
  readonly gunLead: '+' | '−';
  readonly workLead: '+' | '−';
  readonly why: string;
  readonly source: Source;
}

/**
 * Polarity of a wire class: it belongs to the class, and the wire's own label decides.
 *
 * @source AWS A5.20 for flux core, recalled; handbook figure for solid wire
 */
export function polarityOf(wireClass: WireClass): PolarityChoice {
  if (wireClassRow(wireClass).way === 'self-shielded') {
    return {
      polarity: 'DCEN',
      gunLead: '−',
      workLead: '+',
      why: `${wireClass} is an electrode-negative class. Its own label decides.`,
      source: standard('AWS A5.20'),
    };
  }
  return {
    polarity: 'DCEP',
    gunLead: '+',
    workLead: '−',
    why: 'Wire under gas runs electrode positive: gun to +, work clamp to −. Reversed, the bead stands ropy and cold.',
    source: HANDBOOK,
  };
}
