import { KEPT_STOCK, type KeptStockItem, stockItemSchema, validated } from '@hot-bead/contract';
import { AWAY, type Fields, fieldsOf, gasOf, type StockItem } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager, In } from 'typeorm';
import { notFound } from '../errors/domain-error.ts';
import { awayField, type Loaded, type RecordType, type Step } from '../events/record-type.ts';
import { SetAsideService } from '../events/set-aside.service.ts';
import { StockEntity } from './stock.entity.ts';

function itemOf(fields: Fields): StockItem {
  const { [AWAY]: _away, ...item } = fields;
  return validated(stockItemSchema, item);
}

/** What a thing in Stores is called. */
export function stockTitle(item: StockItem): string {
  if (item.kind === 'spool') return `${item.diameterMm.toFixed(1)} mm ${item.wireClass}`;
  return item.kind === 'cylinder' ? `${gasOf(item.gas).name} ${item.name}` : item.name;
}

/** How things in Stores are kept. */
@Injectable()
export class StockRecord implements RecordType<KeptStockItem> {
  readonly kind = 'stock';
  readonly word = 'thing in Stores';
  readonly derived = [];

  constructor(
    @InjectEntityManager() private readonly manager: EntityManager,
    private readonly setAside: SetAsideService,
  ) {}

  async load(manager: EntityManager, id: string): Promise<Loaded | undefined> {
    const row = await manager.findOneBy(StockEntity, { id });
    if (!row) return undefined;
    const { item } = this.setAside.readOrThrow(KEPT_STOCK, this.keptRow(row), { item: row.item });
    const fields = { ...fieldsOf(item, []), ...awayField(row.awayAt !== null) };
    return { fields, version: row.version, of: id };
  }

  settle(_manager: EntityManager, { after }: Step): Promise<Fields> {
    const isAway = after[AWAY] === true;
    return Promise.resolve({ ...fieldsOf(itemOf(after), []), ...awayField(isAway) });
  }

  async store(
    manager: EntityManager,
    id: string,
    { after, version, at }: Step & { readonly version: number },
  ): Promise<void> {
    await manager.update(StockEntity, id, {
      item: JSON.stringify(itemOf(after)),
      shape: KEPT_STOCK.version,
      updatedAt: at,
      awayAt: after[AWAY] === true ? at : null,
      version,
    });
  }

  async tell(id: string): Promise<KeptStockItem> {
    const row = await this.manager.findOneBy(StockEntity, { id });
    const kept = row && this.kept(row);
    if (!kept) throw notFound(this.word, id);
    return kept;
  }

  /** A row as it is told; undefined where it cannot be read and is set aside. */
  kept(row: StockEntity): KeptStockItem | undefined {
    const parts = this.setAside.read(KEPT_STOCK, this.keptRow(row), { item: row.item });
    if (!parts) return undefined;
    const { id, version, updatedAt, awayAt } = row;
    return { id, version, item: parts.item, updatedAt, away: awayAt !== null };
  }

  async titles(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const rows = await manager.findBy(StockEntity, { id: In([...ids]) });
    return new Map(
      rows.flatMap((row) => {
        const kept = this.kept(row);
        return kept ? [[row.id, stockTitle(kept.item)] as const] : [];
      }),
    );
  }

  private keptRow({ id, shape }: StockEntity) {
    return { kind: 'stock', id, title: 'a thing in Stores', shape } as const;
  }
}
