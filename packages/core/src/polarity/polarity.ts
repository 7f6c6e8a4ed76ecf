import { HANDBOOK, type Source, standard } from '../provenance/source.ts';
import { type WireClass, wireClassRow } from '../wire/wire-class.ts';

export const POLARITIES = ['DCEP', 'DCEN'] as const;
export type Polarity = (typeof POLARITIES)[number];

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
  const { way } = wireClassRow(wireClass);
  if (way === 'self-shielded') {
    return {
      polarity: 'DCEN',
      gunLead: '−',
      workLead: '+',
      why: `${wireClass} is an electrode-negative class. Its own label decides.`,
      source: standard('AWS A5.20'),
    };
  }
  const cored = way === 'gas-shielded-flux-core' || way === 'metal-cored';
  return {
    polarity: 'DCEP',
    gunLead: '+',
    workLead: '−',
    why: cored
      ? `${wireClass} is an electrode-positive class. Its own label decides.`
      : 'Wire under gas runs electrode positive: gun to +, work clamp to −. Reversed, the bead stands ropy and cold.',
    source: cored ? standard('AWS A5.20, A5.18') : HANDBOOK,
  };
}
