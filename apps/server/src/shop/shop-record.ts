import { validated } from '@hot-bead/contract/base';
import { KEPT_SHOP, type KeptShop, type ShopSettings } from '@hot-bead/contract/shop';
import { type Fields, fieldsOf, recordOf, SHOP_BRANCHES } from '@hot-bead/core/history';
import type { ShopWords } from '@hot-bead/core/line';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager } from 'typeorm';
import type { Loaded, RecordType, Step } from '../history/record-type.ts';
import { type RowHome, SetAsideService } from '../history/set-aside.service.ts';
import { StockService } from '../stores/stock.service.ts';
import { ShopEntity } from './shop.entity.ts';

const ONLY_ROW = 1;
/** The one shop, as events speak of it. */
export const SHOP_ID = 'shop';
const TITLE = 'The shop’s settings';
/** The one row: settings that are chosen anew take its place. */
const HOME: RowHome = { entity: ShopEntity, goesAway: false, deletable: false };
const UNCHOSEN: ShopSettings = { schools: {}, day: {}, rates: {}, words: {} };

/** The settings that fields make; what was once kept beside them is left out. */
function settingsOf(fields: Fields): ShopSettings {
  const settings = recordOf(fields, SHOP_BRANCHES) as Partial<ShopSettings>;
  const { schools = {}, day = {}, rates = {}, words = {} } = settings;
  return { schools, day, rates, words };
}

/** How the shop's settings are kept: one record, that is there from the start. */
@Injectable()
export class ShopRecord implements RecordType<KeptShop> {
  readonly kind = 'shop';
  readonly branches = SHOP_BRANCHES;
  readonly derived = [];

  constructor(
    @InjectEntityManager() private readonly manager: EntityManager,
    private readonly setAside: SetAsideService,
    private readonly stock: StockService,
  ) {}

  async load(manager: EntityManager): Promise<Loaded> {
    const row = await manager.findOneBy(ShopEntity, { id: ONLY_ROW });
    return { fields: fieldsOf(this.read(row), SHOP_BRANCHES), version: row?.version ?? 1, of: SHOP_ID };
  }

  settle(_manager: EntityManager, { after }: Step): Promise<Fields> {
    return Promise.resolve(fieldsOf(validated(KEPT_SHOP.schema, settingsOf(after)), SHOP_BRANCHES));
  }

  async store(
    manager: EntityManager,
    _id: string,
    { after, version }: Step & { readonly version: number },
  ): Promise<void> {
    const { schools, day, rates, words } = settingsOf(after);
    const row = {
      id: ONLY_ROW,
      schools: JSON.stringify(schools),
      day: JSON.stringify(day),
      rates: JSON.stringify(rates),
      words: JSON.stringify(words),
      shape: KEPT_SHOP.version,
      version,
    };
    await manager.upsert(ShopEntity, row, ['id']);
  }

  /** The shop's own words for the line. */
  async words(): Promise<ShopWords> {
    return this.read(await this.manager.findOneBy(ShopEntity, { id: ONLY_ROW })).words;
  }

  async tell(): Promise<KeptShop> {
    const row = await this.manager.findOneBy(ShopEntity, { id: ONLY_ROW });
    return { ...this.read(row), version: row?.version ?? 1, shelf: await this.stock.shelf() };
  }

  titles(_manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
    return Promise.resolve(new Map(ids.map((id) => [id, TITLE] as const)));
  }

  /** The settings of a row; nothing chosen where there is none, or where it cannot be read. */
  private read(row: ShopEntity | null): ShopSettings {
    if (!row) return UNCHOSEN;
    const { schools, day, rates, words, shape } = row;
    const kept = { kind: 'shop', id: SHOP_ID, title: TITLE, shape, home: HOME } as const;
    return this.setAside.read(KEPT_SHOP, kept, { schools, day, rates, words }) ?? UNCHOSEN;
  }
}
