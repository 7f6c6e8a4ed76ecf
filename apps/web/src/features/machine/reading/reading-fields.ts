import { validated } from '@hot-bead/contract/base';
import { newDialReadingSchema } from '@hot-bead/contract/machine';
import type { TimedReading } from '@hot-bead/core/machine';
import type { FormField, Typed } from '../../../form/form-fields.ts';
import { KNOB, LENGTH, SECONDS } from '../../../form/typings.ts';

export type ReadingMethod = 'one-run' | 'two-lengths';

/** Run times of the two-length method, s. Source: common practice. */
export const TWO_LENGTH_TIMES_S = { short: 3, long: 9 } as const;

export const isTwoLengths = (typed: Typed): boolean => typed['method'] === 'two-lengths';

/** A reading as it is typed: where the knob stood, what came out, and how long it ran. */
export const READING_FIELDS: readonly FormField[] = [
  { name: 'knob', label: 'Knob', typing: KNOB },
  { name: 'shortRun.lengthMm', label: 'Wire of the short run', typing: LENGTH, when: isTwoLengths },
  { name: 'shortRun.timeS', label: 'It ran', typing: SECONDS, when: isTwoLengths },
  { name: 'run.lengthMm', label: 'Wire that came out', typing: LENGTH },
  { name: 'run.timeS', label: 'It ran', typing: SECONDS },
];

/** The times that the timer is set to, until what really ran is typed. */
export function timedBy(method: ReadingMethod, timeS: string): Typed {
  const { short, long } = TWO_LENGTH_TIMES_S;
  return {
    method,
    time: timeS,
    'run.timeS': method === 'two-lengths' ? String(long) : timeS,
    'shortRun.timeS': String(short),
  };
}

/** The form's field that a problem of the contract is shown at: what is wrong with both runs is at their lengths. */
export function fieldOfReadingProblem(path: string): string {
  if (path === 'position') return 'knob';
  return path === '' || path === 'run' || path === 'shortRun' ? `${path || 'run'}.lengthMm` : path;
}

/**
 * The reading that was entered.
 *
 * @param at the tap it was read at, where the machine needs it, and whether an arc burnt
 * @throws {ContractError} with every problem at its field
 */
export function readingOf(
  typed: Typed,
  entered: object,
  at: { readonly position?: string | undefined; readonly underArc: boolean },
): TimedReading {
  return validated(newDialReadingSchema, {
    run: {},
    ...(isTwoLengths(typed) ? { shortRun: {} } : {}),
    ...entered,
    ...(at.position === undefined ? {} : { position: at.position }),
    ...(at.underArc ? { underArc: true } : {}),
  });
}
