import { randomUUID } from 'node:crypto';
import type { Page, PageRequest } from '@hot-bead/contract/base';
import type { SelectQueryBuilder } from 'typeorm';
import { inOrder, type PageOrder, pageBy } from '../base/paging/page-by.ts';
import type { Command } from './command.ts';
import type { EventsService } from './events.service.ts';
import type { Beside, JsonKept } from './json-record.ts';
import type { JsonRow } from './json-row.ts';
import { ChangedRecords, type KeptRecords } from './kept-records.ts';
import type { Made, RecordsService } from './records.service.ts';

/** One as it is sent, with the id that was chosen for it. */
type Sent<Value> = Value & { readonly id?: string };

/** Records that are kept as one JSON text each: listed, created, and all that is done with every record. */
export abstract class JsonRecords<
  Row extends JsonRow,
  Value extends object,
  Kept,
  Changed extends object,
  Asked extends PageRequest = PageRequest,
>
  extends ChangedRecords<Kept, Changed>
  implements KeptRecords<Kept, Sent<Value>, Changed, Asked>
{
  protected abstract readonly order: PageOrder<Row>;

  constructor(
    protected readonly record: JsonKept<Row, Value, Kept>,
    records: RecordsService,
    events: EventsService,
  ) {
    super(record, records, events);
  }

  /** Finds the record that these are found under, or refuses. */
  protected under?(of: string): Promise<unknown>;

  /** What the list is narrowed to. */
  protected narrow?(query: SelectQueryBuilder<Row>, asked: Asked): void;

  /** Columns that one is kept with, beside its value and what it is found under. */
  protected beside?(value: Value, of: string | undefined): Beside<Row>;

  async page(asked: Asked, of?: string): Promise<Page<Kept>> {
    if (of !== undefined) await this.under?.(of);
    const query = this.there(of);
    this.narrow?.(query, asked);
    const { rows, next } = await pageBy(query, this.order, asked);
    return { items: await this.record.toldRows(rows), next };
  }

  /** All that are there. */
  async all(): Promise<readonly Kept[]> {
    return this.record.toldRows(await inOrder(this.there(undefined), this.order).getMany());
  }

  async create(sent: Sent<Value>, command: Command, of?: string): Promise<Made<Kept>> {
    const { id = command.id, ...rest } = sent;
    const value = rest as unknown as Value;
    if (of !== undefined) await this.under?.(of);
    await this.refuse?.(value as unknown as Changed);
    const creation = this.record.creation(id, value, this.beside?.(value, of), of);
    return this.records.create(this.record, command, creation);
  }

  /** Creates many: all of them or none. */
  createAll(sent: readonly Sent<Value>[], command: Command): Promise<void> {
    const creations = sent.map(({ id = randomUUID(), ...value }) =>
      this.record.creation(id, value as unknown as Value),
    );
    return this.records.createAll(this.record, command, creations);
  }

  private there(of: string | undefined): SelectQueryBuilder<Row> {
    const query = this.record.query('row').where('row.awayAt IS NULL');
    const { under } = this.record;
    if (of !== undefined && under !== undefined) query.andWhere(`row.${under} = :of`, { of });
    return query;
  }
}
