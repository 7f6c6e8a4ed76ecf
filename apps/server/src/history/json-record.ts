import { validated } from '@hot-bead/contract/base';
import type { LogLine, StoredShape } from '@hot-bead/contract/history';
import {
  AWAY,
  type Fields,
  fieldsOf,
  type RecordKind,
  recordOf,
  recordKindRow,
} from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import type Joi from 'joi';
import {
  type DeepPartial,
  EntityManager,
  type EntityTarget,
  type FindOptionsWhere,
  In,
  type SelectQueryBuilder,
} from 'typeorm';
import type { QueryDeepPartialEntity } from 'typeorm/query-builder/QueryPartialEntity.js';
import type { LogChange } from './log/write-log.ts';
import type { JsonRow } from './json-row.ts';
import { awayField, type Loaded, type LoggedEvent, type RecordType, type Step } from './record-type.ts';
import type { Creation } from './creation.ts';
import { type KeptRow, SetAsideService } from './set-aside.service.ts';
import { noSuchRecord } from './no-such-record.ts';

/** What is told of every record beside what it is. */
export interface ToldBeside {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
  readonly away: boolean;
}

/** Columns that a row has beside its value. */
export type Beside<Row> = Partial<Row> | ((manager: EntityManager, at: string) => Promise<Partial<Row>>);

/** What one kind of them says of itself. */
export interface JsonKind<Row extends JsonRow, Column extends keyof Row & string, Value extends object> {
  readonly kind: RecordKind;
  readonly entity: EntityTarget<Row>;
  /** The column of the JSON. */
  readonly column: Column;
  readonly shape: StoredShape<Readonly<Record<Column, Value>>>;
  readonly schema: Joi.Schema<Value>;
  /** Keys whose own keys are fields for themselves. */
  readonly branches: readonly string[];
  /** The column of the record that it is found under; undefined: it is found by itself. */
  readonly under?: keyof Row & string;
}

/** What is asked of a record that is kept so. */
export interface JsonKept<Row extends JsonRow, Value extends object, Told> extends RecordType<Told> {
  /** The column of the record that it is found under; undefined: it is found by itself. */
  readonly under: (keyof Row & string) | undefined;
  /** What finds rows of the kind. */
  query(alias: string): SelectQueryBuilder<Row>;
  /** A row as it is told; undefined where it cannot be read and is set aside. */
  kept(row: Row): Told | undefined;
  /** Rows as they are told; those that cannot be read are set aside. */
  toldRows(rows: readonly Row[]): Promise<readonly Told[]>;
  /** How one is created, with what is kept beside it: known before, or worked out as it is written. */
  creation(id: string, value: Value, beside?: Beside<Row>, of?: string): Creation;
}

/**
 * How records are kept whose row is one JSON text beside what it is looked up by: read against their contract, held against
 * it at every change, set aside where they cannot be read.
 */
@Injectable()
export abstract class JsonRecord<
  Row extends JsonRow,
  Column extends keyof Row & string,
  Value extends object,
  Told,
> implements JsonKept<Row, Value, Told> {
  /** What follows from others in it; nothing, unless a kind says so. */
  readonly derived: readonly string[] = [];
  readonly reckoned: readonly string[] = [];

  protected abstract readonly about: JsonKind<Row, Column, Value>;

  constructor(
    @InjectEntityManager() readonly manager: EntityManager,
    private readonly setAside: SetAsideService,
  ) {}

  /** What a value is called. */
  protected abstract titleOf(value: Value): string;

  /** A row and its value as they are told. */
  protected abstract toldOf(value: Value, beside: ToldBeside, row: Row): Told;

  /** The columns that it is looked up by. */
  protected columnsOf(_value: Value): Partial<Row> {
    return {};
  }

  /** What the log tells of one as it stands; undefined: nothing. */
  protected lineOf?(manager: EntityManager, value: Value, row: Row): Promise<LogLine | undefined>;

  /** The record that one is found under. */
  private ofRow(row: Row): string {
    const { under } = this.about;
    return under === undefined ? row.id : String(row[under]);
  }

  get kind(): RecordKind {
    return this.about.kind;
  }

  get branches(): readonly string[] {
    return this.about.branches;
  }

  get under(): (keyof Row & string) | undefined {
    return this.about.under;
  }

  query(alias: string): SelectQueryBuilder<Row> {
    return this.manager.createQueryBuilder(this.about.entity, alias) as SelectQueryBuilder<Row>;
  }

  toldRows(rows: readonly Row[]): Promise<readonly Told[]> {
    return Promise.resolve(rows.flatMap((row) => this.kept(row) ?? []));
  }

  async load(manager: EntityManager, id: string): Promise<Loaded | undefined> {
    const row = await this.rowOf(manager, id);
    if (!row) return undefined;
    const { column, shape } = this.about;
    const value = this.setAside.readOrThrow(shape, this.keptRow(row), this.partsOf(row))[column];
    const fields = { ...fieldsOf(value, this.about.branches), ...awayField(row.awayAt !== null) };
    return { fields, version: row.version, of: this.ofRow(row) };
  }

  settle(_manager: EntityManager, { after }: Step): Promise<Fields> {
    const isAway = after[AWAY] === true;
    return Promise.resolve({ ...fieldsOf(this.valueOf(after), this.about.branches), ...awayField(isAway) });
  }

  async store(
    manager: EntityManager,
    id: string,
    { after, version, at }: Step & { readonly version: number },
  ): Promise<void> {
    const awayAt = after[AWAY] === true ? at : null;
    const columns = { ...this.rowFor(this.valueOf(after), at), awayAt, version };
    await manager.update(this.about.entity, id, columns as unknown as QueryDeepPartialEntity<Row>);
  }

  async tell(id: string): Promise<Told> {
    const row = await this.rowOf(this.manager, id);
    const kept = row && this.kept(row);
    if (!kept) throw noSuchRecord(this.kind, id);
    return kept;
  }

  kept(row: Row): Told | undefined {
    const value = this.read(row);
    if (!value) return undefined;
    const { id, version, updatedAt, awayAt } = row;
    return this.toldOf(value, { id, version, updatedAt, away: awayAt !== null }, row);
  }

  /** The line of one in the log: taken out while it is put away, or cannot be read. */
  async logged(manager: EntityManager, { id }: LoggedEvent): Promise<LogChange | undefined> {
    if (!this.lineOf) return undefined;
    const row = await this.rowOf(manager, id);
    const value = row && row.awayAt === null ? this.read(row) : undefined;
    const line = row && value ? await this.lineOf(manager, value, row) : undefined;
    return { id: `${this.kind}:${id}`, line: line ?? null };
  }

  async titles(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const rows = await manager.findBy(this.about.entity, { id: In([...ids]) } as FindOptionsWhere<Row>);
    return new Map(
      rows.flatMap((row) => {
        const value = this.read(row);
        return value ? [[row.id, this.titleOf(value)] as const] : [];
      }),
    );
  }

  creation(id: string, value: Value, beside: Beside<Row> = {}, of: string = id): Creation {
    return {
      id,
      of,
      fields: fieldsOf(value, this.about.branches),
      input: of === id ? value : { of, ...value },
      insert: async (manager, at) => {
        const columns = typeof beside === 'function' ? await beside(manager, at) : beside;
        const found = this.under === undefined ? {} : { [this.under]: of };
        const row = { id, ...this.rowFor(value, at), awayAt: null, ...found, ...columns };
        await manager.insert(this.about.entity, row as unknown as QueryDeepPartialEntity<Row>);
      },
    };
  }

  /** The value that fields make. */
  private valueOf(fields: Fields): Value {
    const { [AWAY]: _away, ...rest } = fields;
    return validated(this.about.schema, recordOf(rest, this.about.branches));
  }

  private rowFor(value: Value, at: string): DeepPartial<Row> {
    const { column, shape } = this.about;
    return {
      [column]: JSON.stringify(value),
      shape: shape.version,
      updatedAt: at,
      ...this.columnsOf(value),
    } as unknown as DeepPartial<Row>;
  }

  private rowOf(manager: EntityManager, id: string): Promise<Row | null> {
    return manager.findOneBy(this.about.entity, { id } as FindOptionsWhere<Row>);
  }

  private read(row: Row): Value | undefined {
    const { column, shape } = this.about;
    return this.setAside.read(shape, this.keptRow(row), this.partsOf(row))?.[column];
  }

  private partsOf(row: Row): Readonly<Record<Column, string | null>> {
    const { column } = this.about;
    return { [column]: row[column] } as unknown as Readonly<Record<Column, string | null>>;
  }

  private keptRow({ id, shape, awayAt }: Row): KeptRow {
    const { kind, entity } = this.about;
    return {
      kind,
      id,
      title: `a ${recordKindRow(kind).word}`,
      shape,
      home: { entity },
      away: awayAt !== null,
    };
  }
}
