import { differing, type Fields, type RecordKind, recordKindRow } from '@hot-bead/core/history';
import type { EntityManager } from 'typeorm';
import { DomainError } from '../base/errors/domain-error.ts';
import type { RecordType } from './record-type.ts';

/** What was to be written could not be read again: nothing of it is kept. */
export class NotReadBack extends DomainError {
  constructor(
    readonly kind: RecordKind,
    readonly id: string,
  ) {
    super(
      'would-not-read-back',
      422,
      `This ${recordKindRow(kind).word} could not be read again as it stands: nothing was kept. Say it another way, or leave out the figure that is in doubt.`,
    );
  }
}

/**
 * Reads back what was just written, by the contract it will be read with: what could not be read again is not kept.
 *
 * @throws {NotReadBack}; the transaction ends with nothing written
 */
export async function readBack<Told>(
  manager: EntityManager,
  type: RecordType<Told>,
  id: string,
  written: Fields,
): Promise<void> {
  const loaded = await type.load(manager, id).catch((error: unknown) => {
    if (error instanceof DomainError && error.code === 'set-aside') return undefined;
    throw error;
  });
  // what is kept beside it (readings of a dial, their dates) is read with it and was not said here
  const lost = Object.keys(differing(loaded?.fields ?? {}, asKept(written))).filter(
    (field) => !type.derived.includes(field),
  );
  if (loaded && lost.length === 0) return;
  throw new NotReadBack(type.kind, id);
}

/** Fields as JSON keeps them: what is undefined is not there. */
function asKept(fields: Fields): Fields {
  return JSON.parse(JSON.stringify(fields)) as Fields;
}
