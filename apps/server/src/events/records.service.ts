import { type EventAbout, type EventKind } from '@hot-bead/contract';
import {
  AWAY,
  changeBack,
  changeBetween,
  type FieldChange,
  type Fields,
  fieldsAfter,
  isSameValue,
} from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager } from 'typeorm';
import { DomainError, notFound } from '../errors/domain-error.ts';
import type { Command } from './command.ts';
import { EventEntity } from './event.entity.ts';
import { type Creation, digest, logHappened, writeCreated } from './creation.ts';
import { fieldsChangedSince, keptChange, writeEvent } from './event-log.ts';
import { readBack } from './read-back.ts';
import { type Loaded, type RecordType } from './record-type.ts';
import { SetAsideService } from './set-aside.service.ts';
import { conflictsOf, overtakenBy, staleChange } from './stale-change.ts';

/** A record that a create made, or had made before. */
export class Made<Told> {
  constructor(
    readonly record: Told,
    readonly isNew: boolean,
  ) {}
}

/** How a record is changed. */
export interface Change {
  readonly id: string;
  readonly kind: EventKind;
  /** By path, from the fields as they stand. */
  readonly change: FieldChange | ((fields: Fields) => FieldChange);
  /** Rows that must be there before: written with the change or not at all. */
  readonly prepare?: (manager: EntityManager, at: string) => Promise<void>;
  /** Also one that was put away. */
  readonly evenAway?: boolean;
  /** What was said beside it. */
  readonly about?: EventAbout;
  readonly undoOf?: string;
}

type Listener = (kind: RecordType<unknown>['kind'], id: string) => void;

/**
 * The one way in which records are created, changed and undone: a record, its version and the event that tells of it
 * are written together or not at all. Within a transaction nothing is awaited but the database.
 */
@Injectable()
export class RecordsService {
  private readonly listeners: Listener[] = [];

  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly setAside: SetAsideService,
  ) {}

  /** Tells a listener of every record that was written. */
  onWritten(listener: Listener): void {
    this.listeners.push(listener);
  }

  /** Creates a record under the id that was chosen for it; the same create again finds what it made. */
  async create<Told>(type: RecordType<Told>, command: Command, creation: Creation): Promise<Made<Told>> {
    const { id } = creation;
    const isNew = await this.written(type, [id], async (manager) => {
      if (await this.isDone(manager, type, id, command)) return false;
      if (await type.load(manager, id)) {
        await this.refuseOther(manager, type, id, digest(creation.input));
        return false;
      }
      await writeCreated(manager, type, command, creation);
      return true;
    });
    if (isNew) this.tellListeners(type, id);
    return new Made(await type.tell(id), isNew);
  }

  /** Creates records together: all of them or none. */
  async createAll<Told>(
    type: RecordType<Told>,
    command: Command,
    creations: readonly Creation[],
  ): Promise<void> {
    const ids = creations.map(({ id }) => id);
    const isNew = await this.written(type, ids, async (manager) => {
      if (await manager.existsBy(EventEntity, { id: command.id })) return false;
      for (const [i, creation] of creations.entries()) {
        // the first stands for all of them: sent again they are known by it
        const one = i === 0 ? command : { ...command, id: creation.id };
        await writeCreated(manager, type, one, creation);
      }
      return true;
    });
    if (!isNew) return;
    for (const { id } of creations) this.tellListeners(type, id);
  }

  /** The record that a command was carried out on; undefined while it was not. */
  async subjectOf({ id }: Command): Promise<string | undefined> {
    return (await this.source.manager.findOneBy(EventEntity, { id }))?.subjectId;
  }

  /**
   * Changes fields of a record.
   *
   * @throws {DomainError} `not-found`; `version-missing` without a version that was seen; `stale` where one of the
   *   fields was changed elsewhere since that version, to something else
   */
  async change<Told>(type: RecordType<Told>, command: Command, asked: Change): Promise<Told> {
    await this.apply(type, command, asked);
    return type.tell(asked.id);
  }

  private async apply<Told>(type: RecordType<Told>, command: Command, asked: Change): Promise<void> {
    const changed = await this.written(type, [asked.id], (manager) =>
      this.applyWithin(manager, type, command, asked),
    );
    if (changed) this.tellListeners(type, asked.id);
  }

  /** Changes a record within the transaction that writes another: both are written, or neither. */
  async changeWithin<Told>(
    manager: EntityManager,
    type: RecordType<Told>,
    command: Command,
    asked: Change,
  ): Promise<void> {
    if (await this.applyWithin(manager, type, command, asked)) this.tellListeners(type, asked.id);
  }

  private async applyWithin<Told>(
    manager: EntityManager,
    type: RecordType<Told>,
    command: Command,
    asked: Change,
  ): Promise<boolean> {
    if (await this.isDone(manager, type, asked.id, command)) return false;
    await asked.prepare?.(manager, new Date().toISOString());
    const loaded = await type.load(manager, asked.id);
    if (!loaded || (loaded.fields[AWAY] === true && asked.evenAway !== true)) {
      throw notFound(type.word, asked.id);
    }
    const wanted = typeof asked.change === 'function' ? asked.change(loaded.fields) : asked.change;
    const change = Object.fromEntries(
      Object.entries(wanted).filter(([path, value]) => !isSameValue(loaded.fields[path] ?? null, value)),
    );
    await this.refuseStale(manager, type, command, { id: asked.id, loaded, change });
    return this.write(manager, type, command, { asked, loaded, change });
  }

  /**
   * Refuses a record that is not found under another: a run is found under its own job only.
   *
   * @throws {DomainError} `not-found`
   */
  async refuseElsewhere<Told>(type: RecordType<Told>, of: string, id: string): Promise<void> {
    const loaded = await type.load(this.source.manager, id);
    if (loaded?.of !== of) throw notFound(type.word, id);
  }

  /** Puts a record away: it is listed no more, and can be brought back. */
  async putAway<Told>(type: RecordType<Told>, command: Command, id: string): Promise<void> {
    await this.apply(type, command, { id, kind: 'put-away', change: { [AWAY]: true } });
  }

  /** Brings a record back that was put away. */
  restore<Told>(type: RecordType<Told>, command: Command, id: string): Promise<Told> {
    const change = { [AWAY]: null };
    return this.change(type, { ...command, seen: 'any' }, { id, kind: 'restored', change, evenAway: true });
  }

  /** Writes an event of a record that has no fields for it: a caution that was read. */
  async note<Told>(
    type: RecordType<Told>,
    command: Command,
    noted: { readonly id: string; readonly kind: EventKind; readonly after: FieldChange },
    insert: (manager: EntityManager, at: string) => Promise<void>,
  ): Promise<Told> {
    const { id, kind, after } = noted;
    await this.source.transaction(async (manager) => {
      if (await this.isDone(manager, type, id, command)) return;
      const loaded = await type.load(manager, id);
      if (!loaded || loaded.fields[AWAY] === true) throw notFound(type.word, id);
      const at = new Date().toISOString();
      await insert(manager, at);
      const subject = { kind: type.kind, id, of: loaded.of };
      await writeEvent(manager, { command, at, kind, subject, version: loaded.version, before: null, after });
    });
    return type.tell(id);
  }

  /** Takes back what an event did, as far as nothing has come after it. */
  async undo<Told>(type: RecordType<Told>, command: Command, event: EventEntity): Promise<void> {
    const after = keptChange(event.after);
    const back: FieldChange = event.kind === 'created' ? { [AWAY]: true } : keptChange(event.before);
    if (event.kind === 'caution-read' || Object.keys(back).length === 0) {
      throw new DomainError('not-undoable', 409, 'This cannot be undone.', 'id');
    }
    await this.apply(
      type,
      { ...command, seen: 'any' },
      {
        id: event.subjectId,
        kind: 'undone',
        evenAway: true,
        undoOf: event.id,
        change: (fields) => {
          const loaded: Loaded = { fields, version: event.version, of: event.subjectOf };
          const lost = event.kind === 'created' ? [] : overtakenBy(after, loaded, type.derived);
          if (lost.length > 0) {
            const message = `It was changed again since (${lost.join(', ')}): undo that first.`;
            throw new DomainError('undo-overtaken', 409, message, 'id');
          }
          const overtaken = new Set(
            type.derived.filter((field) => !isSameValue(fields[field] ?? null, after[field] ?? null)),
          );
          return Object.fromEntries(Object.entries(back).filter(([field]) => !overtaken.has(field)));
        },
      },
    );
  }

  private async write<Told>(
    manager: EntityManager,
    type: RecordType<Told>,
    command: Command,
    {
      asked,
      loaded,
      change,
    }: { readonly asked: Change; readonly loaded: Loaded; readonly change: FieldChange },
  ): Promise<boolean> {
    const at = new Date().toISOString();
    const step = {
      id: asked.id,
      before: loaded.fields,
      after: fieldsAfter(loaded.fields, change),
      change,
      at,
    };
    const after = await type.settle(manager, step);
    const real = changeBetween(loaded.fields, after);
    if (Object.keys(real).length === 0 && asked.undoOf === undefined) return false;
    const version = loaded.version + 1;
    await type.store(manager, asked.id, { ...step, after, version });
    await readBack(manager, type, asked.id, after);
    await writeEvent(manager, {
      command,
      at,
      kind: asked.kind,
      subject: { kind: type.kind, id: asked.id, of: loaded.of },
      version,
      before: changeBack(loaded.fields, real),
      after: real,
      ...(asked.undoOf === undefined ? {} : { undoOf: asked.undoOf }),
      ...(asked.about === undefined ? {} : { about: asked.about }),
    });
    const { id, kind, about } = asked;
    await logHappened(manager, type, { id, of: loaded.of, eventId: command.id, kind, about, at });
    return true;
  }

  private async refuseStale<Told>(
    manager: EntityManager,
    type: RecordType<Told>,
    { seen }: Command,
    { id, loaded, change }: { readonly id: string; readonly loaded: Loaded; readonly change: FieldChange },
  ): Promise<void> {
    if (seen === 'any') return;
    if (seen === undefined) {
      const message = `Say which version of the ${type.word} you saw, in If-Match or as version.`;
      throw new DomainError('version-missing', 428, message, 'version');
    }
    if (seen > loaded.version) {
      throw new DomainError('version-unknown', 400, `The ${type.word} has no version ${seen}.`, 'version');
    }
    if (seen === loaded.version) return;
    const since = await fieldsChangedSince(manager, type.kind, id, seen);
    const conflicts = conflictsOf(change, since, loaded, type.derived);
    if (conflicts.length > 0) throw staleChange(type.word, await type.tell(id), conflicts, change);
  }

  /** Whether this very command was carried out before. */
  private async isDone<Told>(
    manager: EntityManager,
    type: RecordType<Told>,
    id: string,
    command: Command,
  ): Promise<boolean> {
    const event = await manager.findOneBy(EventEntity, { id: command.id });
    if (!event) return false;
    if (event.subjectKind === type.kind && event.subjectId === id) return true;
    throw new DomainError('command-id-taken', 409, 'Another command has this id.', 'command-id');
  }

  private async refuseOther<Told>(
    manager: EntityManager,
    type: RecordType<Told>,
    id: string,
    request: string,
  ): Promise<void> {
    const created = await manager.findOneBy(EventEntity, {
      subjectKind: type.kind,
      subjectId: id,
      kind: 'created',
    });
    if (created?.request === request) return;
    throw new DomainError('id-taken', 409, `There is another ${type.word} with this id.`, 'id');
  }

  /** Writes in one transaction; of what was refused in it nothing is told as set aside. */
  private async written<Told, Result>(
    type: RecordType<Told>,
    ids: readonly string[],
    write: (manager: EntityManager) => Promise<Result>,
  ): Promise<Result> {
    try {
      return await this.source.transaction(write);
    } catch (error) {
      if (error instanceof DomainError && error.code === 'would-not-read-back')
        for (const id of ids) this.setAside.forget(type.kind, id);
      throw error;
    }
  }

  private tellListeners<Told>(type: RecordType<Told>, id: string): void {
    for (const listener of this.listeners) listener(type.kind, id);
  }
}
