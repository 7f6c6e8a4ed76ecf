import { setImmediate } from 'node:timers/promises';
import type { EventKind } from '@hot-bead/contract/history';
import {
  AWAY,
  changeBack,
  changeBetween,
  type FieldChange,
  type Fields,
  fieldsAfter,
  isBooking,
  differing,
  isSameValue,
  recordKindRow,
} from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager } from 'typeorm';
import { Writes } from '../base/disk/writes.ts';
import { DomainError, otherCommand } from '../base/errors/domain-error.ts';
import type { Command } from './command.ts';
import { EventEntity } from './event.entity.ts';
import { type Creation, digest, logHappened, writeCreated } from './creation.ts';
import { eventOf, fieldsChangedSince, keptChange, writeEvent } from './event-log.ts';
import { logTakenBack, renameInLog } from './log-follows.ts';
import { NotReadBack, readBack } from './read-back.ts';
import { type Loaded, type RecordType, type EventHead } from './record-type.ts';
import { SetAsideService } from './set-aside.service.ts';
import { conflictsOf, overtakenBy, staleChange } from './stale-change.ts';
import { noSuchRecord } from './no-such-record.ts';

/** A record that a create made, or had made before. */
export class Made<Told> {
  constructor(
    readonly record: Told,
    readonly isNew: boolean,
  ) {}
}

/** How a record is changed. */
export interface Change extends EventHead {
  readonly id: string;
  /** By path, from the fields as they stand. */
  readonly change: FieldChange | ((fields: Fields) => FieldChange);
  /** Rows that must be there before: written with the change or not at all. */
  readonly prepare?: (manager: EntityManager, at: string) => Promise<void>;
  /** It is told also where no field becomes another by it: a weighing that finds what was thought. */
  readonly tells?: true;
  /** Also one that was put away. */
  readonly evenAway?: boolean;
}

/** Events that are looked through for the latest: a clock that was put back writes earlier ones after later. */
const LAST_EVENTS = 100;

/** Versions that are looked through for what was changed since. */
const VERSIONS_MOST = 500;

/** Records that are created between two pauses. */
const CREATED_BETWEEN = 10;

type Listener = (kind: RecordType<unknown>['kind'], id: string) => void;

/**
 * The one way in which records are created, changed and undone: a record, its version and the event that tells of it
 * are written together or not at all. Within a transaction nothing is awaited but the database.
 */
@Injectable()
export class RecordsService {
  private readonly listeners: Listener[] = [];

  constructor(
    @InjectEntityManager() private readonly manager: EntityManager,
    private readonly writes: Writes,
    private readonly setAside: SetAsideService,
  ) {}

  /** Tells a listener of every record that was written. */
  onWritten(listener: Listener): void {
    this.listeners.push(listener);
  }

  /** The latest time that anything was written at, ms; 0: never. */
  async lastMs(): Promise<number> {
    const last = await this.manager.find(EventEntity, {
      select: { at: true },
      order: { number: 'DESC' },
      take: LAST_EVENTS,
    });
    return Math.max(0, ...last.map(({ at }) => Date.parse(at)));
  }

  /** Creates a record under the id that was chosen for it; the same create again finds what it made. */
  async create<Told>(type: RecordType<Told>, command: Command, creation: Creation): Promise<Made<Told>> {
    const isNew = await this.together((manager) => this.createWithin(manager, type, command, creation));
    return new Made(await type.tell(creation.id), isNew);
  }

  /** Creates a record within the transaction that writes others; false: it was made before. */
  async createWithin<Told>(
    manager: EntityManager,
    type: RecordType<Told>,
    command: Command,
    creation: Creation,
  ): Promise<boolean> {
    const { id } = creation;
    if (await this.isDone(manager, type, id, command)) return false;
    if (await type.load(manager, id)) {
      await this.refuseOther(manager, type, id, digest(creation.input));
      return false;
    }
    await writeCreated(manager, type, command, creation);
    this.tellListeners(type, id);
    return true;
  }

  /** Writes several records in one transaction: all of them or none. */
  async together<Result>(write: (manager: EntityManager) => Promise<Result>): Promise<Result> {
    try {
      return await this.writes.transaction(write);
    } catch (error) {
      // of what was refused in it nothing is told as set aside
      if (error instanceof NotReadBack) this.setAside.forget(error.kind, error.id);
      throw error;
    }
  }

  /** Creates records together: all of them or none. */
  async createAll<Told>(
    type: RecordType<Told>,
    command: Command,
    creations: readonly Creation[],
  ): Promise<void> {
    await this.together(async (manager) => {
      if (await eventOf(manager, command)) return;
      const at = Date.now();
      for (const [i, creation] of creations.entries()) {
        // the first stands for all of them: sent again they are known by it
        const one = i === 0 ? command : { ...command, id: creation.id };
        // the first is the last that was told of: lists have them in the order in which they came
        await writeCreated(manager, type, one, creation, new Date(at - i));
        this.tellListeners(type, creation.id);
        if (i % CREATED_BETWEEN === 0) await setImmediate(); // those who read are answered meanwhile
      }
    });
  }

  /**
   * The record that a command was carried out on; undefined while it was not.
   *
   * @throws {DomainError} `command-id-taken` where its id was given to something else
   */
  async subjectOf(command: Command): Promise<string | undefined> {
    return (await eventOf(this.manager, command))?.subjectId;
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

  private apply<Told>(type: RecordType<Told>, command: Command, asked: Change): Promise<void> {
    return this.together((manager) => this.changeWithin(manager, type, command, asked));
  }

  /** Changes a record within the transaction that writes another: both are written, or neither. */
  async changeWithin<Told>(
    manager: EntityManager,
    type: RecordType<Told>,
    command: Command,
    asked: Change,
  ): Promise<void> {
    if (await this.isDone(manager, type, asked.id, command)) return;
    await asked.prepare?.(manager, new Date().toISOString());
    const loaded = await type.load(manager, asked.id);
    if (!loaded || (loaded.fields[AWAY] === true && asked.evenAway !== true)) {
      throw noSuchRecord(type.kind, asked.id);
    }
    const wanted = typeof asked.change === 'function' ? asked.change(loaded.fields) : asked.change;
    const change = differing(loaded.fields, wanted);
    await this.refuseStale(manager, type, command, { id: asked.id, loaded, change });
    await this.write(manager, type, command, { asked, loaded, change });
  }

  /**
   * Refuses a record that is not found under another: a run is found under its own job only.
   *
   * @throws {DomainError} `not-found`
   */
  async refuseElsewhere<Told>(type: RecordType<Told>, of: string, id: string): Promise<void> {
    const loaded = await type.load(this.manager, id);
    if (loaded?.of !== of) throw noSuchRecord(type.kind, id);
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
    await this.together(async (manager) => {
      if (await this.isDone(manager, type, id, command)) return;
      const loaded = await type.load(manager, id);
      if (!loaded || loaded.fields[AWAY] === true) throw noSuchRecord(type.kind, id);
      const at = new Date().toISOString();
      await insert(manager, at);
      const subject = { kind: type.kind, id, of: loaded.of };
      await writeEvent(manager, { command, at, kind, subject, version: loaded.version, before: null, after });
    });
    return type.tell(id);
  }

  /** Takes back what an event did, as far as nothing has come after it. */
  async undo<Told>(type: RecordType<Told>, command: Command, event: EventEntity): Promise<void> {
    if (isBooking(keptChange(event.about))) {
      const message = 'This came with what was welded: take that back, and this goes with it.';
      throw new DomainError('goes-with-weld', 409, message, 'id');
    }
    const reckoned = [...type.derived, ...(type.reckoned ?? [])];
    const after = keptChange(event.after);
    const back: FieldChange = event.kind === 'created' ? { [AWAY]: true } : keptChange(event.before);
    // what changed no field may still be a line of a ledger
    const says = Object.keys(back).length > 0 || (type.reckoned ?? []).length > 0;
    if (event.kind === 'caution-read' || !says) {
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
          const lost = event.kind === 'created' ? [] : overtakenBy(after, loaded, reckoned);
          if (lost.length > 0) {
            const message = `It was changed again since (${lost.join(', ')}): undo that first.`;
            throw new DomainError('undo-overtaken', 409, message, 'id');
          }
          const overtaken = new Set(
            reckoned.filter((field) => !isSameValue(fields[field] ?? null, after[field] ?? null)),
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
  ): Promise<void> {
    const at = new Date().toISOString();
    const step = {
      id: asked.id,
      before: loaded.fields,
      after: fieldsAfter(loaded.fields, change),
      change,
      at,
      head: asked,
    };
    const after = await type.settle(manager, step);
    const real = changeBetween(loaded.fields, after);
    if (Object.keys(real).length === 0 && asked.undoOf === undefined && asked.tells !== true) return;
    const version = loaded.version + 1;
    const titleOf = async () => (await type.titles(manager, [asked.id])).get(asked.id);
    const title = await titleOf();
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
    if (asked.undoOf !== undefined) await logTakenBack(manager, type, asked.undoOf);
    await renameInLog(manager, id, title, await titleOf());
    this.tellListeners(type, id);
  }

  private async refuseStale<Told>(
    manager: EntityManager,
    type: RecordType<Told>,
    { seen }: Command,
    { id, loaded, change }: { readonly id: string; readonly loaded: Loaded; readonly change: FieldChange },
  ): Promise<void> {
    if (seen === 'any') return;
    const { word } = recordKindRow(type.kind);
    if (seen === undefined) {
      const message = `Say which version of the ${word} you saw, in If-Match or as version.`;
      throw new DomainError('version-missing', 428, message, 'version');
    }
    if (seen > loaded.version) {
      throw new DomainError('version-unknown', 400, `The ${word} has no version ${seen}.`, 'version');
    }
    if (seen === loaded.version) return;
    const since =
      loaded.version - seen > VERSIONS_MOST
        ? new Set(Object.keys(change)) // so long ago that all of it counts as changed
        : await fieldsChangedSince(manager, type.kind, id, seen);
    const conflicts = conflictsOf(change, since, loaded, type.derived);
    if (conflicts.length > 0) throw staleChange(word, await type.tell(id), conflicts, change);
  }

  /** Whether this very command was carried out before. */
  private async isDone<Told>(
    manager: EntityManager,
    type: RecordType<Told>,
    id: string,
    command: Command,
  ): Promise<boolean> {
    const event = await eventOf(manager, command);
    if (!event) return false;
    if (event.subjectKind === type.kind && event.subjectId === id) return true;
    throw otherCommand();
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
    const { word } = recordKindRow(type.kind);
    throw new DomainError('id-taken', 409, `There is another ${word} with this id.`, 'id');
  }

  /** Tells of what was written, once it is kept. */
  private tellListeners<Told>(type: RecordType<Told>, id: string): void {
    this.writes.afterKept(() => this.listeners.forEach((listener) => listener(type.kind, id)));
  }
}
