import type { Page, PageRequest } from '@hot-bead/contract/base';
import { changeOf } from '@hot-bead/core/history';
import type { Command } from './command.ts';
import type { EventsService } from './events.service.ts';
import type { RecordType } from './record-type.ts';
import type { Made, RecordsService } from './records.service.ts';

/** What every kind of record can be asked for. `of`: the record that it is found under; undefined: wherever it is. */
export interface KeptRecords<Kept, New, Changed, Asked = PageRequest, Listed = Kept> {
  page(asked: Asked, of?: string): Promise<Page<Listed>>;
  one(id: string, of?: string): Promise<Kept>;
  create(value: New, command: Command, of?: string): Promise<Made<Kept>>;
  change(id: string, change: Changed, command: Command, of?: string): Promise<Kept>;
  putAway(id: string, command: Command, of?: string): Promise<void>;
  restore(id: string, command: Command, of?: string): Promise<Kept>;
}

/** How one is read, changed, put away and brought back: for every kind the same. */
export abstract class ChangedRecords<Kept, Changed extends object> {
  /** One that was put away can be changed too. */
  protected readonly evenAway: boolean = false;

  constructor(
    private readonly type: RecordType<Kept>,
    protected readonly records: RecordsService,
    events: EventsService,
  ) {
    events.register(type);
  }

  /** Refuses what cannot be said of one, at its field. */
  protected refuse?(change: Changed): Promise<void>;

  async one(id: string, of?: string): Promise<Kept> {
    await this.refuseElsewhere(id, of);
    return this.type.tell(id);
  }

  async change(id: string, change: Changed, command: Command, of?: string): Promise<Kept> {
    await this.refuseElsewhere(id, of);
    await this.refuse?.(change);
    const { version: _seen, ...fields } = change as Changed & { readonly version?: number };
    return this.records.change(this.type, command, {
      id,
      kind: 'changed',
      change: changeOf(fields, this.type.branches),
      evenAway: this.evenAway,
    });
  }

  async putAway(id: string, command: Command, of?: string): Promise<void> {
    await this.refuseElsewhere(id, of);
    return this.records.putAway(this.type, command, id);
  }

  async restore(id: string, command: Command, of?: string): Promise<Kept> {
    await this.refuseElsewhere(id, of);
    return this.records.restore(this.type, command, id);
  }

  protected async refuseElsewhere(id: string, of: string | undefined): Promise<void> {
    if (of !== undefined) await this.records.refuseElsewhere(this.type, of, id);
  }
}
