import type { EventKind, LogLine } from '@hot-bead/contract/history';
import { KEPT_STOCK, type KeptStockItem, stockItemSchema } from '@hot-bead/contract/stores';
import { AWAY, type Fields, WELDED } from '@hot-bead/core/history';
import { LEFT_FIELDS, type StockItem } from '@hot-bead/core/stores';
import { gasOf } from '@hot-bead/core/trade';
import { Injectable } from '@nestjs/common';
import { type JsonKind, JsonRecord, type ToldBeside } from '../history/json-record.ts';
import type { EntityManager } from 'typeorm';
import type { LoggedEvent, Step } from '../history/record-type.ts';
import type { LogChange } from '../history/log/write-log.ts';
import { StockEntity } from './stock.entity.ts';
import { reckonedFields } from './stock-ledger.ts';

/** What is told of in the log. */
const TOLD: ReadonlySet<EventKind> = new Set(['created', 'stock-told']);

/** What a thing in Stores is called. */
export function stockTitle(item: StockItem): string {
  if (item.kind === 'spool') return `${item.diameterMm.toFixed(1)} mm ${item.wireClass}`;
  return item.kind === 'cylinder' ? `${gasOf(item.gas).name} ${item.name}` : item.name;
}

/** How things in Stores are kept. */
@Injectable()
export class StockRecord extends JsonRecord<StockEntity, 'item', StockItem, KeptStockItem> {
  protected readonly about: JsonKind<StockEntity, 'item', StockItem> = {
    kind: 'stock',
    entity: StockEntity,
    column: 'item',
    shape: KEPT_STOCK,
    schema: stockItemSchema,
    branches: [],
  };

  override readonly reckoned = LEFT_FIELDS;

  /** What is left follows from the ledger, in which what is told now is the last line. */
  override async settle(manager: EntityManager, step: Step): Promise<Fields> {
    const settled = await super.settle(manager, step);
    const { [AWAY]: away, ...after } = settled;
    const fields = await reckonedFields(manager, { ...step, after });
    return away === undefined ? fields : { ...fields, [AWAY]: away };
  }

  /** Everything that is told of a thing is a line by itself; what a run takes is told with the run. */
  override async logged(
    manager: EntityManager,
    { id, eventId, kind, about, at }: LoggedEvent,
  ): Promise<LogChange | undefined> {
    if (!TOLD.has(kind) || about?.['kind'] === WELDED) return undefined;
    const row = await manager.findOneBy(StockEntity, { id });
    const kept = row && this.kept(row);
    if (!kept) return undefined;
    const { item } = kept;
    const what = kind === 'created' ? 'put into Stores' : String(about?.['kind'] ?? 'told');
    const line: LogLine = {
      at,
      kind: 'stock',
      title: `${stockTitle(item)}: ${what.replace('-', ' ')}`,
      text: String(about?.['reason'] ?? ''),
      subjectId: id,
      ...(item.kind === 'spool' ? { wireClass: item.wireClass, wireMm: item.diameterMm } : {}),
      ...(item.kind === 'cylinder' ? { gas: item.gas } : {}),
    };
    return { id: `event:${eventId}`, line };
  }

  protected titleOf(item: StockItem): string {
    return stockTitle(item);
  }

  protected toldOf(item: StockItem, beside: ToldBeside): KeptStockItem {
    return { ...beside, item };
  }
}
