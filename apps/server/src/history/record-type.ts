import { AWAY, type FieldChange, type Fields, type RecordKind } from '@hot-bead/core/history';
import type { EventAbout, EventKind } from '@hot-bead/contract/history';
import type { EntityManager } from 'typeorm';
import type { LogChange } from './log/write-log.ts';

/** A record as it stands in the database. */
export interface Loaded {
  readonly fields: Fields;
  readonly version: number;
  /** The record it is found under; the record itself where that is all. */
  readonly of: string;
}

/** That a record was put away, as a field, where it is so. */
export function awayField(isAway: boolean): Fields {
  return isAway ? { [AWAY]: true } : {};
}

/** What the one way of changing records needs to know of a kind of them. */
export interface RecordType<Told> {
  readonly kind: RecordKind;
  /** Keys whose own keys are fields for themselves. */
  readonly branches: readonly string[];
  /** Fields that follow from others: they are never in conflict. */
  readonly derived: readonly string[];
  /** Fields that are reckoned anew from all that was told: an undo is not overtaken in them. Undefined: none. */
  readonly reckoned?: readonly string[];
  load(manager: EntityManager, id: string): Promise<Loaded | undefined>;
  /**
   * The fields as they may stand after a change, those that follow from others brought up to date.
   *
   * @throws what is wrong with them, at its field
   */
  settle(manager: EntityManager, step: Step): Promise<Fields>;
  store(manager: EntityManager, id: string, step: Step & { readonly version: number }): Promise<void>;
  tell(id: string): Promise<Told>;
  /**
   * What the log tells of what happened to one: a line under the record's id, written anew with every change, or one under
   * the event's; undefined: nothing.
   */
  logged?(manager: EntityManager, happened: LoggedEvent): Promise<LogChange | undefined>;
  /** What records are called now. */
  titles(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>>;
}

/** Something that happened to a record, for the log. */
export interface LoggedEvent {
  readonly id: string;
  readonly of: string;
  readonly eventId: string;
  readonly kind: EventKind;
  readonly about: EventAbout | undefined;
  readonly at: string;
}

/** One change of one record. */
export interface Step {
  readonly id: string;
  readonly before: Fields;
  readonly after: Fields;
  /** What was asked for. */
  readonly change: FieldChange;
  readonly at: string;
  /** As what it is told, what is said beside it, and the event that it takes back. */
  readonly head: EventHead;
}

/** How a change is told. */
export interface EventHead {
  readonly kind: EventKind;
  readonly about?: EventAbout;
  readonly undoOf?: string;
}
