import type { WrittenLength } from '../../base/quantity/length-text.ts';
import type { Draft } from '../draft.ts';
import { meaningOf, type Token } from '../meaning.ts';

export interface Placed {
  readonly index: number;
  readonly token: Token;
  readonly length: WrittenLength;
}
export function placedAt(draft: Draft, index: number): Placed {
  const token = draft.tokens[index] as Token;
  const meaning = meaningOf(token, 'length') as NonNullable<ReturnType<typeof meaningOf<'length'>>>;
  return { index, token, length: meaning.length };
}
