import type { Source } from '../provenance/source.ts';

/** How much weight a caution has: stop is acknowledged before going on. */
export type CautionLevel = 'stop' | 'warn' | 'note';

export interface Caution {
  readonly code: string;
  readonly level: CautionLevel;
  readonly text: string;
  readonly source: Source;
}
