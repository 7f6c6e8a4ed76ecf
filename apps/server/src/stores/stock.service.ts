import { inMetric } from '@hot-bead/core/base';
import { randomUUID } from 'node:crypto';
import type { KeptStockItem, NewStockEntry, NewStockItem, WholeStockItem } from '@hot-bead/contract/stores';
import { changeBetween, type Fields, fieldsOf } from '@hot-bead/core/history';
import type { Shelf } from '@hot-bead/core/plan';
import { afterEntry, isUsedUp, type StockItem } from '@hot-bead/core/stores';
import { isSameWire } from '@hot-bead/core/trade';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { IsNull, Repository } from 'typeorm';
import { DomainError } from '../base/errors/domain-error.ts';
import type { Command } from '../history/command.ts';
import { EventsService } from '../history/events.service.ts';
import { type Made, RecordsService } from '../history/records.service.ts';
import { StockEntity } from './stock.entity.ts';
import { StockRecord } from './stock-record.ts';

/** The thing that fields make. */
function itemOf(fields: Fields): StockItem {
  return fields as unknown as StockItem;
}

/** What was told, beside the change that it makes. */
function aboutOf(entry: NewStockEntry): Readonly<Record<string, string | number>> {
  return Object.fromEntries(
    Object.entries(entry).filter((pair): pair is [string, string | number] => pair[1] !== undefined),
  );
}

@Injectable()
export class StockService {
  constructor(
    @InjectRepository(StockEntity) private readonly rows: Repository<StockEntity>,
    private readonly record: StockRecord,
    private readonly records: RecordsService,
    events: EventsService,
  ) {
    events.register(record);
  }

  /** Everything in Stores, last told first. */
  async list(): Promise<readonly KeptStockItem[]> {
    const rows = await this.rows.find({
      where: { awayAt: IsNull() },
      order: { updatedAt: 'DESC', id: 'ASC' },
    });
    return rows.flatMap((row) => this.record.kept(row) ?? []);
  }

  /** Whether something is in Stores, and is of a kind. */
  async isOf(id: string, kind: StockItem['kind']): Promise<boolean> {
    const row = await this.rows.findOneBy({ id });
    return row !== null && this.record.kept(row)?.item.kind === kind;
  }

  /** The wires and gases that there are some of; null while Stores hold neither spool nor cylinder. */
  async shelf(): Promise<Shelf | null> {
    const items = (await this.list()).map(({ item }) => item);
    const held = items.filter((item) => item.kind !== 'part');
    if (held.length === 0) return null;
    const some = held.filter((item) => !isUsedUp(item));
    const wires = some.flatMap((item) =>
      item.kind === 'spool' ? [{ wireClass: item.wireClass, diameterMm: item.diameterMm }] : [],
    );
    const gases = some.flatMap((item) => (item.kind === 'cylinder' ? [item.gas] : []));
    return {
      wires: wires.filter((wire, i) => wires.findIndex((other) => isSameWire(other, wire)) === i),
      gases: [...new Set(gases)],
    };
  }

  create({ id, ...item }: NewStockItem, command: Command): Promise<Made<KeptStockItem>> {
    const newId = id ?? command.id;
    return this.records.create(this.record, command, this.record.creation(newId, item));
  }

  /** Puts many things into Stores: all of them or none. */
  createAll(items: readonly NewStockItem[], command: Command): Promise<void> {
    const creations = items.map(({ id, ...item }) => this.record.creation(id ?? randomUUID(), item));
    return this.records.createAll(this.record, command, creations);
  }

  /** Takes a thing as it is sent; what is absent is no longer known. */
  replace(id: string, { version: _seen, ...item }: WholeStockItem, command: Command): Promise<KeptStockItem> {
    const next = fieldsOf(item, []);
    return this.records.change(this.record, command, {
      id,
      kind: 'changed',
      change: (fields) => changeBetween(fields, next),
    });
  }

  /**
   * Keeps what was told of a thing: a weight, a gauge, a count. It holds whatever was told before.
   *
   * @throws {DomainError} `stock-refused` for what cannot be, at its field
   */
  tell(id: string, entry: NewStockEntry, command: Command): Promise<KeptStockItem> {
    return this.records.change(
      this.record,
      { ...command, seen: 'any' },
      {
        id,
        kind: 'stock-told',
        about: aboutOf(entry),
        tells: true,
        change: (fields) => {
          const after = afterEntry(itemOf(fields), entry);
          if (after.status === 'refused') {
            throw new DomainError('stock-refused', 400, inMetric(after.fault.message), after.fault.field);
          }
          return changeBetween(fields, fieldsOf(after.item, []));
        },
      },
    );
  }

  putAway(id: string, command: Command): Promise<void> {
    return this.records.putAway(this.record, command, id);
  }

  restore(id: string, command: Command): Promise<KeptStockItem> {
    return this.records.restore(this.record, command, id);
  }
}
