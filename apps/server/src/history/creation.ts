import { createHash } from 'node:crypto';
import { canonicalJson, type Fields } from '@hot-bead/core/history';
import type { EntityManager } from 'typeorm';
import { writeLog } from './log/write-log.ts';
import type { Command } from './command.ts';
import { writeEvent } from './event-log.ts';
import { readBack } from './read-back.ts';
import type { LoggedEvent, RecordType } from './record-type.ts';

/** How a record is created. */
export interface Creation {
  readonly id: string;
  readonly of: string;
  readonly fields: Fields;
  /** What was asked for: the same again is the same record. */
  readonly input: unknown;
  readonly insert: (manager: EntityManager, at: string) => Promise<void>;
}

/** Writes what the log tells of it, beside the event. */
export async function logHappened<Told>(
  manager: EntityManager,
  type: RecordType<Told>,
  happened: LoggedEvent,
): Promise<void> {
  const change = await type.logged?.(manager, happened);
  if (change) await writeLog(manager, change);
}

/** Writes a new record with the event and the line of the log that tell of it. */
export async function writeCreated<Told>(
  manager: EntityManager,
  type: RecordType<Told>,
  command: Command,
  { id, of, fields, input, insert }: Creation,
  when = new Date(),
): Promise<void> {
  const at = when.toISOString();
  await insert(manager, at);
  await readBack(manager, type, id, fields);
  await writeEvent(manager, {
    command,
    at,
    kind: 'created',
    subject: { kind: type.kind, id, of },
    version: 1,
    before: null,
    after: fields,
    request: digest(input),
  });
  await logHappened(manager, type, { id, of, eventId: command.id, kind: 'created', about: undefined, at });
}

/** The digest of a request, whatever the order of its keys. */
export function digest(input: unknown): string {
  return createHash('sha256').update(canonicalJson(input)).digest('hex');
}
