import { sentence } from '@hot-bead/core/base';
import { DEFECT_WORDS, type MissingForHeat, type RunResult } from '@hot-bead/core/records';

/** How a run came out, with its mark. */
export const RESULT_WORD: Readonly<Record<RunResult, string>> = {
  ok: '● All right',
  redo: '◆ To do again',
  scrap: '■ Scrap',
};

/** Imperfections to pick from, by their numbers. */
export const DEFECT_CHOICES: readonly (readonly [string, string])[] = [
  ['', 'Not said'],
  ...DEFECT_WORDS.map(({ code, word, ...also }): readonly [string, string] => [
    code,
    `${sentence(word)}${'slang' in also ? ` (${also.slang.join(', ')})` : ''}, ${code}`,
  ]),
];

const MISSING: Readonly<Record<MissingForHeat, string>> = {
  volts: 'volts',
  amps: 'the current read',
  lengthMm: 'the length',
  arcSeconds: 'the arc time',
};

/** What is missing for a heat input, in words. */
export function missingText(missing: readonly MissingForHeat[]): string {
  return missing.map((one) => MISSING[one]).join(', ');
}
