import { words, type Words } from '../base/words/words.ts';
import type { LengthUnit } from '../base/quantity/thickness.ts';
import type { Token } from './meaning.ts';
import type { WorkSlot, StatedWork } from '../plan/work/stated-work.ts';
import type { LineFragment, LineQuestion } from './line-reading.ts';
import type { Doubts } from './doubts.ts';
import type { Role } from './roles/candidates.ts';
import type { Scene } from './roles/scene.ts';
import type { Alternative } from './scope/alternatives.ts';

/** What one token turned out to say. */
export interface Verdict {
  readonly status: LineFragment['status'];
  readonly label: Words;
  readonly slots: readonly WorkSlot[];
  readonly code?: string;
}

/** Everything the readers add to while they go through the tokens. */
export interface Draft {
  readonly text: string;
  readonly tokens: readonly Token[];
  readonly stated: { -readonly [K in keyof StatedWork]: StatedWork[K] };
  readonly assumed: { -readonly [K in keyof StatedWork]: StatedWork[K] };
  readonly questions: LineQuestion[];
  readonly verdicts: Map<number, Verdict>;
}

/** The line as it was settled: what every figure is, and on which of them another reading is nearly as good. */
export interface Line {
  readonly tokens: readonly Token[];
  readonly unit: LengthUnit;
  readonly scene: Scene;
  readonly roles: ReadonlyMap<number, Role>;
  readonly asked: Doubts;
  readonly alternatives: readonly Alternative[];
}

/** The line with one token replaced, for the answer to a question. */
export function lineWith(draft: Draft, token: Pick<Token, 'start' | 'end'>, replacement: string): string {
  const line = draft.text.slice(0, token.start) + replacement + draft.text.slice(token.end);
  return line.replace(/\s{2,}/g, ' ').trim();
}

/** Asks about a token, with answers that are written in its place. `keep`: what it says beside that stays said. */
export function ask(
  draft: Draft,
  index: number,
  slot: WorkSlot,
  message: Words,
  answers: readonly (readonly [label: Words, replacement: string])[],
  verdict: 'keep' | 'replace' = 'replace',
): void {
  const token = draft.tokens[index] as Token;
  draft.questions.push({
    slot,
    message,
    start: token.start,
    end: token.end,
    choices: answers.map(([label, replacement]) => ({ label, line: lineWith(draft, token, replacement) })),
  });
  const before = verdict === 'keep' ? draft.verdicts.get(index) : undefined;
  draft.verdicts.set(index, {
    status: 'questioned',
    label: message,
    slots: [...(before?.slots ?? []), slot],
  });
}

/** Adds to what a token says. */
export function noteVerdict(draft: Draft, index: number, slots: readonly WorkSlot[], label: Words): void {
  const before = draft.verdicts.get(index);
  if (before?.status === 'questioned') return;
  draft.verdicts.set(index, {
    status: 'understood',
    label: before ? words`${before.label} ${label}` : label,
    slots: before ? [...slots, ...before.slots] : slots,
  });
}
