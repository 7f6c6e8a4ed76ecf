import { ContractError, type Problem, validated } from '@hot-bead/contract/base';
import { newDialReadingSchema } from '@hot-bead/contract/machine';
import { measuredLength } from '@hot-bead/core/base';
import type { TimedReading } from '@hot-bead/core/machine';
import { numberOrText } from '../../../units/index.ts';

/** A reading as the form holds it: everything text until the contract has seen it. */
export interface ReadingFields {
  readonly knob: string;
  readonly method: 'one-run' | 'two-lengths';
  /** Run time that the timer is set to for one run, s. */
  readonly time: string;
  readonly length: string;
  /** Time that it really ran, s; undefined: as the timer said. */
  readonly ran?: string | undefined;
  /** Length and time of the shorter run of two. */
  readonly shortLength: string;
  readonly shortRan?: string | undefined;
  readonly underArc: boolean;
}

/** Run times of the two-length method, s. Source: common practice. */
export const TWO_LENGTH_TIMES_S = { short: 3, long: 9 } as const;

/** The form's field that a problem of the contract is shown at. */
export type ReadingField = 'knob' | 'length' | 'ran' | 'shortLength' | 'shortRan' | 'root';

export function fieldOfReadingProblem(path: string): ReadingField {
  if (path === 'knob' || path === 'position') return 'knob';
  if (path === 'run.timeS') return 'ran';
  if (path === 'shortRun.timeS') return 'shortRan';
  if (path.startsWith('shortRun')) return 'shortLength';
  return path.startsWith('run') || path === '' ? 'length' : 'root';
}

/** Times of the runs as text: those really run, or as the timer said. */
export function timesOf(fields: ReadingFields): { readonly run: string; readonly shortRun: string } {
  const timed = fields.method === 'two-lengths' ? String(TWO_LENGTH_TIMES_S.long) : fields.time;
  return { run: fields.ran ?? timed, shortRun: fields.shortRan ?? String(TWO_LENGTH_TIMES_S.short) };
}

/**
 * The reading that the fields say.
 *
 * @param position tap it was read at, where the machine needs it
 * @param bareUnit what a length without a unit is in
 * @throws {ContractError} with every problem at its field
 */
export function readingOf(
  fields: ReadingFields,
  position: string | undefined,
  bareUnit: 'mm' | 'in',
): TimedReading {
  const two = fields.method === 'two-lengths';
  const problems: Problem[] = [];
  const lengthMm = (text: string, field: string): number => {
    const read = measuredLength(text, bareUnit);
    if (read.status === 'read') return read.lengthMm;
    problems.push({ field, code: 'length-unreadable', message: read.message });
    return NaN;
  };
  const times = timesOf(fields);
  const run = {
    lengthMm: lengthMm(fields.length, 'run.lengthMm'),
    timeS: numberOrText(times.run),
  };
  const shortRun = two
    ? { lengthMm: lengthMm(fields.shortLength, 'shortRun.lengthMm'), timeS: numberOrText(times.shortRun) }
    : undefined;
  if (problems.length > 0) throw new ContractError(problems);
  return validated(newDialReadingSchema, {
    knob: fields.knob.trim() === '' ? undefined : numberOrText(fields.knob),
    run,
    ...(shortRun ? { shortRun } : {}),
    ...(position === undefined ? {} : { position }),
    ...(fields.underArc ? { underArc: true } : {}),
  });
}
