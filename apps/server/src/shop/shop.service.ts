import type { KeptShop, ShopChange } from '@hot-bead/contract/shop';
import { changeOf, SHOP_BRANCHES } from '@hot-bead/core/history';
import type { ShopWords } from '@hot-bead/core/line';
import { Injectable } from '@nestjs/common';
import type { Command } from '../history/command.ts';
import { EventsService } from '../history/events.service.ts';
import { RecordsService } from '../history/records.service.ts';
import { SHOP_ID, ShopRecord } from './shop-record.ts';

@Injectable()
export class ShopService {
  constructor(
    private readonly record: ShopRecord,
    private readonly records: RecordsService,
    events: EventsService,
  ) {
    events.register(record);
  }

  /** The shop's settings; nothing chosen until they are first saved. */
  read(): Promise<KeptShop> {
    return this.record.tell();
  }

  /** The shop's own words for the line, without the rest. */
  words(): Promise<ShopWords> {
    return this.record.words();
  }

  /** Changes what is sent; what is absent stays, null takes a choice away. */
  change({ version: _seen, ...change }: ShopChange, command: Command): Promise<KeptShop> {
    return this.records.change(this.record, command, {
      id: SHOP_ID,
      kind: 'changed',
      change: changeOf(change, SHOP_BRANCHES),
    });
  }
}
