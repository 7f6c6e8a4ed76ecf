import { ContractError, newDialReadingSchema, type Problem, validated } from '@hot-bead/contract';
import { measuredLength, type TimedReading } from '@hot-bead/core';
import { numberOrText } from '../../units/index.ts';

/** A reading as the form holds it: everything text until the contract has seen it. */
export interface ReadingFields {
  readonly knob: string;
  readonly method: 'one-run' | 'two-lengths';
  /** Run time of one run, s. */
  readonly time: string;
  readonly length: string;
  /** Length of the shorter run of two. */
  readonly shortLength: string;
  readonly underArc: boolean;
}

/** Run times of the two-length method, s. Source: common practice. */
export const TWO_LENGTH_TIMES_S = { short: 3, long: 9 } as const;

/** The form's field that a problem of the contract is shown at. */
export type ReadingField = 'knob' | 'length' | 'shortLength' | 'root';

export function fieldOfReadingProblem(path: string): ReadingField {
  if (path === 'knob' || path === 'position') return 'knob';
  if (path.startsWith('shortRun')) return 'shortLength';
  return path.startsWith('run') || path === '' ? 'length' : 'root';
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
  const run = {
    lengthMm: lengthMm(fields.length, 'run.lengthMm'),
    timeS: two ? TWO_LENGTH_TIMES_S.long : Number(fields.time),
  };
  const shortRun = two
    ? { lengthMm: lengthMm(fields.shortLength, 'shortRun.lengthMm'), timeS: TWO_LENGTH_TIMES_S.short }
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
