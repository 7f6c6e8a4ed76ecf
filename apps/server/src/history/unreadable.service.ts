import type { SetAsideRecord } from '@hot-bead/contract/history';
import type { FieldChange } from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager } from 'typeorm';
import { Writes } from '../base/disk/writes.ts';
import { DomainError, notFound } from '../base/errors/domain-error.ts';
import { writeLog } from './log/write-log.ts';
import type { Command } from './command.ts';
import { EventEntity } from './event.entity.ts';
import { writeEvent } from './event-log.ts';
import { RecordsService } from './records.service.ts';
import { type AsideRow, SetAsideService, toldAside } from './set-aside.service.ts';

type RawRow = Readonly<Record<string, string | number | Buffer | null>>;

/** A column as it can be told: bytes that should have been text as their digits. */
function toldColumn(value: RawRow[string]): string | number | null {
  return Buffer.isBuffer(value) ? `0x${value.toString('hex')}` : value;
}

/** What can be done with a record that cannot be read: it is looked at, put away or deleted, as it stands. */
@Injectable()
export class UnreadableService {
  constructor(
    @InjectEntityManager() private readonly manager: EntityManager,
    private readonly writes: Writes,
    private readonly setAside: SetAsideService,
    private readonly records: RecordsService,
  ) {}

  /** One with its row, column by column. */
  async tell(kind: string, id: string): Promise<SetAsideRecord> {
    const aside = this.asideOf(kind, id);
    return { ...toldAside(aside), kept: await this.rowOf(this.manager, aside) };
  }

  /** Puts one away, whatever stands in it: lists and days no longer come upon it. */
  async putAway(kind: string, id: string, command: Command): Promise<void> {
    if ((await this.records.subjectOf(command)) !== undefined) return;
    const aside = this.asideOf(kind, id);
    const { goesAway, entity } = aside.home;
    if (goesAway === false) {
      throw new DomainError('not-put-away', 409, 'This goes with its record: it can only be deleted.', 'id');
    }
    await this.writes.transaction(async (manager) => {
      const row = await this.rowOf(manager, aside);
      const at = new Date().toISOString();
      const column = manager.connection.getMetadata(entity).findColumnWithPropertyName('awayAt');
      const since = column?.isDeleteDate === true ? new Date(at) : at;
      await manager.update(entity, { id }, { awayAt: since });
      await this.writeHappened(manager, command, { aside, row, at, kind: 'put-away', after: { away: true } });
    });
    this.setAside.forget(kind, id);
  }

  /** Deletes one; what stood in it stays in what happened. */
  async delete(kind: string, id: string, command: Command): Promise<void> {
    if ((await this.records.subjectOf(command)) !== undefined) return;
    const aside = this.asideOf(kind, id);
    if (aside.home.deletable === false) {
      const message = `A ${aside.kind} is not deleted: others speak of it. Put it away.`;
      throw new DomainError('not-deletable', 409, message, 'id');
    }
    await this.writes.transaction(async (manager) => {
      const row = await this.rowOf(manager, aside);
      const under = await manager
        .createQueryBuilder(EventEntity, 'event')
        .where('event.subjectOf = :id AND event.subjectId <> :id', { id })
        .getExists();
      if (under) {
        const message = 'Other records stand under it: put it away, and they stay what they are.';
        throw new DomainError('has-records', 409, message, 'id');
      }
      await manager.delete(aside.home.entity, { id });
      const at = new Date().toISOString();
      await this.writeHappened(manager, command, { aside, row, at, kind: 'deleted', after: { away: true } });
    });
    this.setAside.forget(kind, id);
  }

  private asideOf(kind: string, id: string): AsideRow {
    const aside = this.setAside.find(kind, id);
    if (!aside) throw notFound('record set aside', id);
    return aside;
  }

  private async rowOf(manager: EntityManager, { id, home }: AsideRow): Promise<SetAsideRecord['kept']> {
    const { tablePath } = manager.connection.getMetadata(home.entity);
    const [row] = (await manager.query(`SELECT * FROM "${tablePath}" WHERE id = ?`, [id])) as RawRow[];
    if (!row) throw notFound('record set aside', id);
    return Object.fromEntries(Object.entries(row).map(([name, value]) => [name, toldColumn(value)]));
  }

  private async writeHappened(
    manager: EntityManager,
    command: Command,
    {
      aside,
      row,
      at,
      kind,
      after,
    }: {
      readonly aside: AsideRow;
      readonly row: SetAsideRecord['kept'];
      readonly at: string;
      readonly kind: 'put-away' | 'deleted';
      readonly after: FieldChange;
    },
  ): Promise<void> {
    const subject = { kind: aside.kind, id: aside.id, of: String(row['jobId'] ?? aside.id) };
    const version = Number(row['version'] ?? 1) + 1;
    const before: FieldChange = kind === 'deleted' ? { kept: JSON.stringify(row) } : { away: null };
    await writeEvent(manager, { command, at, kind, subject, version, before, after });
    await writeLog(manager, { id: `${aside.kind}:${aside.id}`, line: null });
  }
}
