import type { EventAbout, EventKind } from '@hot-bead/contract/history';
import type { FieldChange, RecordKind } from '@hot-bead/core/history';
import type { EntityManager } from 'typeorm';
import type { Command } from './command.ts';
import { otherCommand } from '../base/errors/domain-error.ts';
import { EventEntity } from './event.entity.ts';
import type { LoggedEvent } from './record-type.ts';

/** What is written of something that happened. */
export interface Happened {
  readonly command: Command;
  readonly at: string;
  readonly kind: EventKind;
  readonly subject: { readonly kind: RecordKind; readonly id: string; readonly of: string };
  readonly version: number;
  readonly before: FieldChange | null;
  readonly after: FieldChange;
  readonly undoOf?: string;
  readonly request?: string;
  readonly about?: EventAbout;
}

/** Writes an event beside the record that it changes. */
export async function writeEvent(manager: EntityManager, happened: Happened): Promise<void> {
  const { command, at, kind, subject, version, before, after, undoOf, request, about } = happened;
  await manager.insert(EventEntity, {
    id: command.id,
    at,
    actor: command.actor,
    device: command.device,
    kind,
    subjectKind: subject.kind,
    subjectId: subject.id,
    subjectOf: subject.of,
    version,
    before: before === null ? null : JSON.stringify(before),
    after: JSON.stringify(after),
    undoOf: undoOf ?? null,
    request: request ?? null,
    about: about === undefined ? null : JSON.stringify(about),
    asked: command.asked,
    toldForJobId:
      kind === 'rigged' && about?.['why'] !== 'bead' ? ((about?.['jobId'] as string) ?? null) : null,
  });
}

/**
 * The event of a command that was carried out before; undefined: it was not.
 *
 * @throws {DomainError} `command-id-taken` where something else was asked for under its id
 */
export async function eventOf(
  manager: EntityManager,
  { id, asked }: Command,
): Promise<EventEntity | undefined> {
  const event = await manager.findOneBy(EventEntity, { id });
  if (!event) return undefined;
  if (event.asked !== null && event.asked !== asked) throw otherCommand();
  return event;
}

/** A change as an event keeps it; one that cannot be read touches nothing. */
export function keptChange(text: string | null): FieldChange {
  if (text === null) return {};
  try {
    const value: unknown = JSON.parse(text);
    return typeof value === 'object' && value !== null ? (value as FieldChange) : {};
  } catch {
    return {};
  }
}

/** What was said beside an event; undefined: nothing. */
export function aboutOf({ about }: Pick<EventEntity, 'about'>): EventAbout | undefined {
  return about === null ? undefined : (keptChange(about) as EventAbout);
}

/** An event as the log is told of it. */
export function loggedEvent(event: EventEntity): LoggedEvent {
  const { subjectId: id, subjectOf: of, id: eventId, kind, at } = event;
  return { id, of, eventId, kind, about: aboutOf(event), at };
}

/** Fields of a record that were changed after a version. */
export async function fieldsChangedSince(
  manager: EntityManager,
  kind: RecordKind,
  id: string,
  version: number,
): Promise<ReadonlySet<string>> {
  const events = await manager
    .createQueryBuilder(EventEntity, 'event')
    .select(['event.number', 'event.after'])
    .where('event.subjectKind = :kind AND event.subjectId = :id AND event.version > :version', {
      kind,
      id,
      version,
    })
    .getMany();
  return new Set(events.flatMap(({ after }) => Object.keys(keptChange(after))));
}
