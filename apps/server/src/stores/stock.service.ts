import { inMetric } from '@hot-bead/core/base';
import type { KeptStockItem, NewStockEntry, StockChange } from '@hot-bead/contract/stores';
import { changeBetween, type Fields, fieldsOf } from '@hot-bead/core/history';
import type { Shelf } from '@hot-bead/core/plan';
import { afterEntry, isUsedUp, type StockItem } from '@hot-bead/core/stores';
import { isSameWire } from '@hot-bead/core/trade';
import { Injectable } from '@nestjs/common';
import { DomainError } from '../base/errors/domain-error.ts';
import type { Command } from '../history/command.ts';
import { EventsService } from '../history/events.service.ts';
import { JsonRecords } from '../history/json-records.ts';
import { RecordsService } from '../history/records.service.ts';
import type { StockEntity } from './stock.entity.ts';
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
export class StockService extends JsonRecords<StockEntity, StockItem, KeptStockItem, StockChange> {
  protected readonly order = { by: 'updatedAt', holds: 'time', is: 'falling' } as const;

  constructor(record: StockRecord, records: RecordsService, events: EventsService) {
    super(record, records, events);
  }

  /** Whether something is in Stores, and is of a kind. */
  async isOf(id: string, kind: StockItem['kind']): Promise<boolean> {
    const row = await this.record.query('row').where({ id }).getOne();
    return row !== null && this.record.kept(row)?.item.kind === kind;
  }

  /** The wires and gases that there are some of; null while Stores hold neither spool nor cylinder. */
  async shelf(): Promise<Shelf | null> {
    const items = (await this.all()).map(({ item }) => item);
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
}
