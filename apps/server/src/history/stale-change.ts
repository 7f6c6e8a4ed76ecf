import type { FieldConflict } from '@hot-bead/contract/history';
import { AWAY, type FieldChange, differing } from '@hot-bead/core/history';
import { DomainError } from '../base/errors/domain-error.ts';
import { type Loaded } from './record-type.ts';

/** Fields of a change that were changed elsewhere since it was begun, to something else; putting away meets every change. */
export function conflictsOf(
  sent: FieldChange,
  changedSince: ReadonlySet<string>,
  { fields }: Loaded,
  derived: readonly string[],
): readonly FieldConflict[] {
  const since = [...changedSince].filter((field) => !derived.includes(field));
  return Object.entries(sent)
    .filter(
      ([field, value]) => since.includes(field) || (field === AWAY && value === true && since.length > 0),
    )
    .map(([field, value]) => ({ field, current: fields[field] ?? null, sent: value }));
}

/** The answer to a change that would write over what someone else has written meanwhile. */
export function staleChange(
  word: string,
  current: unknown,
  conflicts: readonly FieldConflict[],
  sent: FieldChange,
): DomainError {
  const message = `This ${word} was changed elsewhere meanwhile. Nothing was changed: choose what is to stand.`;
  return new DomainError('stale', 409, message, conflicts[0]?.field, { current, conflicts, sent });
}

/** Fields of an event that no longer stand as it left them. */
export function overtakenBy(
  after: FieldChange,
  { fields }: Loaded,
  derived: readonly string[],
): readonly string[] {
  return Object.keys(differing(fields, after)).filter((field) => !derived.includes(field));
}
