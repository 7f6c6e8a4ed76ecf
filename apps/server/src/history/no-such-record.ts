import { type RecordKind, recordKindRow } from '@hot-bead/core/history';
import { type DomainError, notFound } from '../base/errors/domain-error.ts';

/** A record that there is not, or not any more. */
export function noSuchRecord(kind: RecordKind, id: string): DomainError {
  return notFound(recordKindRow(kind).word, id);
}
