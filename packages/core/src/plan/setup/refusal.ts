import type { Words } from '../../base/words/words.ts';
import type { Work } from '../../trade/material/work.ts';
import type { RefusalCode } from '../../base/refusal-code.ts';
import { MODEL_VERSION, type RefusedSetup } from './setup.ts';

/** A refusal with its code, its reasons and what to do instead. */
export function refused(
  work: Work,
  code: RefusalCode,
  reasons: readonly Words[],
  instead: readonly Words[] = [],
): RefusedSetup {
  return { status: 'refused', modelVersion: MODEL_VERSION, work, code, reasons, instead, ways: [] };
}
