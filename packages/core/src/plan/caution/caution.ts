import type { Words } from '../../base/words/words.ts';
import type { Source } from '../../base/source.ts';

/** How much weight a caution has: stop is acknowledged before going on. */
export type CautionLevel = 'stop' | 'warn' | 'note';

export interface Caution {
  readonly code: string;
  readonly level: CautionLevel;
  readonly text: Words;
  readonly source: Source;
}

const GRAVITY: Readonly<Record<CautionLevel, number>> = { stop: 0, warn: 1, note: 2 };

/** The same cautions, gravest first; within a level in the order given. */
export function gravestFirst(cautions: readonly Caution[]): readonly Caution[] {
  return cautions.toSorted((a, b) => GRAVITY[a.level] - GRAVITY[b.level]);
}
