import { KEPT_STOCK, type KeptStockItem, stockItemSchema } from '@hot-bead/contract';
import { gasOf, type StockItem } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { type JsonKind, JsonRecord, type ToldBeside } from '../events/json-record.ts';
import { StockEntity } from './stock.entity.ts';

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
    word: 'thing in Stores',
    entity: StockEntity,
    column: 'item',
    shape: KEPT_STOCK,
    schema: stockItemSchema,
    branches: [],
  };

  protected titleOf(item: StockItem): string {
    return stockTitle(item);
  }

  protected toldOf(item: StockItem, beside: ToldBeside): KeptStockItem {
    return { ...beside, item };
  }
}
