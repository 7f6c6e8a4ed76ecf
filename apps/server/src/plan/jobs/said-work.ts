import { quickWorkOf, type SaidJob } from '@hot-bead/contract/plan';
import { inMetric } from '@hot-bead/core/base';
import { isSameValue } from '@hot-bead/core/history';
import { effectiveWork, parseLine, type LineContext } from '@hot-bead/core/line';
import type { StatedWork } from '@hot-bead/core/plan';
import { DomainError } from '../../base/errors/domain-error.ts';

/**
 * The work that a line says.
 *
 * @throws {DomainError} for a line in which nothing is a job, or a figure that cannot be read
 */
export function workOfLine(line: string, context: LineContext): StatedWork {
  const reading = parseLine(line, context);
  const bad = reading.fragments.find((fragment) => fragment.code !== undefined);
  if (bad) throw new DomainError(bad.code ?? 'thickness-unreadable', 400, inMetric(bad.label), 'line');
  if (!reading.fragments.some((fragment) => fragment.slots.length > 0)) {
    throw new DomainError(
      'line-not-understood',
      400,
      `Nothing in “${line}” is a job we can read. Try: 3 mm steel tee flat.`,
      'line',
    );
  }
  return effectiveWork(reading);
}

/** Work without what only says that something is not so: a line has no word for it. */
function affirmed(work: StatedWork): object {
  return Object.fromEntries(
    Object.entries(work).filter(
      ([, value]) => value !== false && !(Array.isArray(value) && value.length === 0),
    ),
  );
}

/**
 * The work of a job that was said as a line, as work, or as both.
 *
 * @throws {DomainError} where line and work disagree
 */
export function saidWork({ line, work }: SaidJob, context: LineContext): StatedWork {
  if (work === undefined) return workOfLine(line ?? '', context);
  const stated = quickWorkOf(work);
  if (line === undefined || line === '') return stated;
  const read = workOfLine(line, context);
  if (isSameValue(affirmed(read), affirmed(stated))) return stated;
  throw new DomainError(
    'line-and-work-disagree',
    400,
    `“${line}” says another work: send one of the two.`,
    'line',
  );
}
