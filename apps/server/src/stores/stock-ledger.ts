import type { EventAbout, EventKind } from '@hot-bead/contract/history';
import type { RunRecordValue } from '@hot-bead/contract/records';
import { type Fields, fieldsOf, WELDED } from '@hot-bead/core/history';
import {
  type LedgerEntry,
  LEFT_FIELDS,
  reckoned,
  type StockEntry,
  type StockItem,
} from '@hot-bead/core/stores';
import type { EntityManager } from 'typeorm';
import { EventEntity } from '../history/event.entity.ts';
import { aboutOf, keptChange } from '../history/event-log.ts';
import type { Step } from '../history/record-type.ts';

interface LedgerEvent {
  readonly number: number;
  readonly id: string;
  readonly at: string;
  readonly kind: EventKind;
  readonly after: Fields;
  readonly about: EventAbout | undefined;
  readonly undoOf: string | null;
}

interface RunRow {
  readonly run: string;
  readonly number: number | null;
}

function ledgerEvent(event: EventEntity): LedgerEvent {
  const { number, id, at, kind, after, undoOf } = event;
  return { number, id, at, kind, after: keptChange(after) as Fields, about: aboutOf(event), undoOf };
}

/** Ids of events that were taken back, and were not brought back since. */
function takenBack(events: readonly Pick<LedgerEvent, 'id' | 'undoOf'>[]): ReadonlySet<string> {
  const back = new Set<string>();
  // the last first: an undo that was undone itself takes nothing back
  for (const { id, undoOf } of events.toReversed()) if (undoOf !== null && !back.has(id)) back.add(undoOf);
  return back;
}

function leftIn(fields: Fields): Fields {
  return Object.fromEntries(Object.entries(fields).filter(([name]) => LEFT_FIELDS.includes(name)));
}

/** What a thing stands at before anything was welded with it. */
const FROM_THE_FIRST = '';

/**
 * What was told of it, as its ledger has it. What it was put in as is what every run that names it draws from; what it
 * was replaced as is what it then stood at.
 */
function entryOf({ kind, number, at, after, about }: LedgerEvent): LedgerEntry | undefined {
  const when = { at: kind === 'created' ? FROM_THE_FIRST : at, number };
  if (kind === 'stock-told' && about !== undefined && about['kind'] !== WELDED) {
    return { ...when, kind: 'told', entry: about as unknown as StockEntry };
  }
  const isStood = kind === 'created' || (kind === 'changed' && Object.keys(leftIn(after)).length > 0);
  return isStood ? { ...when, kind: 'stood', left: leftIn(after) } : undefined;
}

function runEntry(id: string, { run, number }: RunRow): LedgerEntry {
  const { weldedAt, spoolId, wireKg, gasL } = JSON.parse(run) as RunRecordValue;
  const draw = spoolId === id ? { wireKg } : { gasL };
  return { at: new Date(weldedAt).toISOString(), number: number ?? 0, kind: 'drawn', draw };
}

/** Runs that draw from a thing, with their place among all that happened. */
function runsOf(manager: EntityManager, id: string): Promise<readonly RunRow[]> {
  return manager.query(
    `SELECT r."run", e."number" FROM "weld_run" r LEFT JOIN "event" e ON e."subjectKind" = 'run' AND e."subjectId" = r."id" AND e."version" = 1 AND e."kind" = 'created'
     WHERE r."awayAt" IS NULL AND json_valid(r."run") AND (r."spoolId" = ? OR r."cylinderId" = ?)`,
    [id, id],
  );
}

/**
 * A thing in Stores with what is left of it as all that was told of it and all runs that draw from it come to, in the
 * order in which they were: a weighing is a truth from its moment on.
 *
 * @param step what is being told of it now
 */
export async function reckonedFields(
  manager: EntityManager,
  { id, before, after, at, head: now }: Step,
): Promise<Fields> {
  const rows = await manager
    .createQueryBuilder(EventEntity, 'event')
    .where(`event.subjectKind = 'stock' AND event.subjectId = :id`, { id })
    .andWhere(`event.kind IN ('created', 'changed', 'stock-told', 'undone')`)
    .orderBy('event.number', 'ASC')
    .getMany();
  const change = Object.fromEntries(
    LEFT_FIELDS.filter((name) => before[name] !== after[name]).map((name) => [name, after[name] ?? null]),
  );
  const next: LedgerEvent = {
    number: Infinity,
    id: '',
    at,
    kind: now.kind,
    after: change as Fields,
    about: now.about,
    undoOf: now.undoOf ?? null,
  };
  const events = [...rows.map(ledgerEvent), next];
  const back = takenBack(events);
  const entries = events.flatMap((event) =>
    back.has(event.id) && event.kind !== 'created' ? [] : (entryOf(event) ?? []),
  );
  if (!rows.some(({ kind }) => kind === 'created')) {
    // from before what happened was kept: it stood at what stands now, or stood before the first that was told
    const first = rows.find((row) => Object.keys(leftIn(keptChange(row.before) as Fields)).length > 0);
    const left = leftIn(first ? (keptChange(first.before) as Fields) : before);
    entries.unshift({ at: FROM_THE_FIRST, number: -1, kind: 'stood', left });
  }
  const draws = (await runsOf(manager, id)).map((row) => runEntry(id, row));
  const item = reckoned(after as unknown as StockItem, [...entries, ...draws]);
  return fieldsOf(item, []);
}
