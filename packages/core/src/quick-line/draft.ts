import type { Token } from './meaning.ts';
import type { QuickFragment, QuickQuestion, QuickSlot, QuickWork } from './quick-work.ts';

/** What one token turned out to say. */
export interface Verdict {
  readonly status: QuickFragment['status'];
  readonly label: string;
  readonly slots: readonly QuickSlot[];
  readonly code?: string;
}

/** Everything the readers add to while they go through the tokens. */
export interface Draft {
  readonly text: string;
  readonly tokens: readonly Token[];
  readonly said: { -readonly [K in keyof QuickWork]: QuickWork[K] };
  readonly assumed: { -readonly [K in keyof QuickWork]: QuickWork[K] };
  readonly questions: QuickQuestion[];
  readonly verdicts: Map<number, Verdict>;
}

/** The line with one token replaced, for the answer to a question. */
export function lineWith(draft: Draft, token: Token, replacement: string): string {
  const line = draft.text.slice(0, token.start) + replacement + draft.text.slice(token.end);
  return line.replace(/\s{2,}/g, ' ').trim();
}
