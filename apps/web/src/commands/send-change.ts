import { type FieldChange, patchOf, type RecordKind } from '@hot-bead/core/history';
import { api, ApiFailure, StaleFailure } from '../api/client.ts';

/** A record in conflict: what it is, and what each side made of which field. */
export interface Conflict {
  readonly kind: RecordKind;
  readonly failure: StaleFailure;
}

/** Asks the user which of their fields are to stand; none: all is to stand as it does. */
type Settle = (conflict: Conflict) => Promise<ReadonlySet<string>>;

let settle: Settle | undefined;

/** The one place where conflicts are brought before the user. */
export function settleConflictsBy(next: Settle | undefined): void {
  settle = next;
}

interface Put {
  readonly kind: RecordKind;
  readonly path: string;
  readonly version: number;
  readonly command: string;
}

/**
 * Puts a record away. Where it was changed since the version that was seen, the user is asked whether it is to go as
 * it stands now.
 *
 * @throws {ApiFailure} `kept` where it is to stay
 */
export async function sendAway(put: Put): Promise<void> {
  const { kind, path, version, command } = put;
  try {
    await api('DELETE', path, () => undefined, { version, command });
  } catch (failure) {
    if (!(failure instanceof StaleFailure) || !settle) throw failure;
    const mine = await settle({ kind, failure });
    if (mine.size === 0) {
      const message = 'It stays: it was changed elsewhere meanwhile.';
      throw new ApiFailure(409, { code: 'kept', message });
    }
    await sendAway({ ...put, version: failure.answer.current.version });
  }
}

interface Sent<T> {
  readonly kind: RecordKind;
  readonly path: string;
  readonly read: (body: unknown) => T | Promise<T>;
  readonly branches: readonly string[];
  readonly change: FieldChange;
  readonly version: number;
  readonly command: string;
}

/**
 * Sends a change of a record, field by field. Where a field was changed elsewhere to something else, the user is
 * asked: what they keep is sent again on top of what stands.
 *
 * @returns the record as it then stands
 */
export async function sendChange<T>(sent: Sent<T>): Promise<T> {
  const { kind, path, read, branches, change, version, command } = sent;
  try {
    return await api('PATCH', path, read, { body: patchOf(change, branches), version, command });
  } catch (failure) {
    if (!(failure instanceof StaleFailure) || !settle) throw failure;
    const { current, conflicts } = failure.answer;
    const mine = await settle({ kind, failure });
    const dropped = new Set(conflicts.map(({ field }) => field).filter((field) => !mine.has(field)));
    const left = Object.fromEntries(Object.entries(change).filter(([field]) => !dropped.has(field)));
    if (Object.keys(left).length === 0) return read(current);
    return sendChange({ ...sent, change: left, version: current.version });
  }
}
