import type { Page, PageRequest } from '@hot-bead/contract/base';
import type { ShopEvent } from '@hot-bead/contract/history';
import type { RecordKind } from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { type EntityManager, In, LessThan, MoreThan, Repository } from 'typeorm';
import { writeLog } from './log/write-log.ts';
import { DomainError, notFound } from '../base/errors/domain-error.ts';
import type { Command } from './command.ts';
import { EventEntity } from './event.entity.ts';
import { aboutOf, keptChange, loggedEvent } from './event-log.ts';
import type { RecordType } from './record-type.ts';
import { RecordsService } from './records.service.ts';

export interface EventsRequest extends PageRequest {
  /** Only what happened to this record, and to those found under it. */
  readonly of?: string;
}

/** What happened in the shop, and the way back from it. */
@Injectable()
export class EventsService {
  private readonly types = new Map<RecordKind, RecordType<unknown>>();

  constructor(
    @InjectRepository(EventEntity) private readonly events: Repository<EventEntity>,
    private readonly records: RecordsService,
  ) {}

  /** Makes a kind of record known, so that what happened to it can be told and undone. */
  register(type: RecordType<unknown>): void {
    this.types.set(type.kind, type);
  }

  async list({ after, limit, of }: EventsRequest): Promise<Page<ShopEvent>> {
    const before = after === undefined ? undefined : Number(after);
    if (before !== undefined && !Number.isSafeInteger(before)) {
      throw new DomainError('cursor-unreadable', 400, 'There is no such page.', 'after');
    }
    const rows = await this.events.find({
      where: {
        ...(before === undefined ? {} : { number: LessThan(before) }),
        ...(of === undefined ? {} : { subjectOf: of }),
      },
      order: { number: 'DESC' },
      take: limit + 1,
    });
    const page = rows.slice(0, limit);
    const last = page.at(-1);
    return {
      items: await this.eventsOf(page),
      next: rows.length > limit && last ? String(last.number) : null,
    };
  }

  /** Takes an event back; the answer is the event that does so. */
  async undo(id: string, command: Command): Promise<ShopEvent> {
    const event = await this.events.findOneBy({ id });
    if (!event) throw notFound('event', id);
    const undone = await this.events.findOneBy({ undoOf: id });
    if (undone && undone.id !== command.id) {
      throw new DomainError('undone-already', 409, 'It was undone already.', 'id');
    }
    const type = this.types.get(event.subjectKind);
    if (!type) throw new DomainError('not-undoable', 409, 'This cannot be undone.', 'id');
    await this.records.undo(type, command, event);
    const [told] = await this.eventsOf([await this.events.findOneByOrFail({ id: command.id })]);
    return told as ShopEvent;
  }

  /** Writes the log anew from what happened: for a shop from before there was one. */
  async writeLogAnew(manager: EntityManager): Promise<void> {
    let last = 0;
    for (;;) {
      const rows = await manager.find(EventEntity, {
        where: { number: MoreThan(last) },
        order: { number: 'ASC' },
        take: 500,
      });
      if (rows.length === 0) return;
      for (const row of rows) await this.logAnew(manager, row);
      last = rows.at(-1)?.number ?? last;
    }
  }

  private async logAnew(manager: EntityManager, row: EventEntity): Promise<void> {
    const change = await this.types.get(row.subjectKind)?.logged?.(manager, loggedEvent(row));
    if (change) await writeLog(manager, change);
  }

  private async eventsOf(rows: readonly EventEntity[]): Promise<readonly ShopEvent[]> {
    const titles = new Map<string, string>();
    for (const [kind, type] of this.types) {
      const ids = rows.filter((row) => row.subjectKind === kind).map((row) => row.subjectId);
      if (ids.length === 0) continue;
      for (const [id, title] of await type.titles(this.events.manager, [...new Set(ids)]))
        titles.set(id, title);
    }
    const undoing = await this.events.findBy({ undoOf: In(rows.map(({ id }) => id)) });
    const undoneBy = new Map(undoing.map(({ undoOf, id }) => [undoOf, id] as const));
    return rows.map((row) => ({
      id: row.id,
      at: row.at,
      actor: row.actor,
      device: row.device,
      kind: row.kind,
      subject: {
        kind: row.subjectKind,
        id: row.subjectId,
        title: titles.get(row.subjectId) ?? '',
        of: row.subjectOf,
      },
      before: row.before === null ? null : keptChange(row.before),
      after: keptChange(row.after),
      undoOf: row.undoOf,
      undoneBy: undoneBy.get(row.id) ?? null,
      about: aboutOf(row) ?? null,
    }));
  }
}
