import type { EntityManager } from 'typeorm';
import { writeLog } from './log/write-log.ts';
import { EventEntity } from './event.entity.ts';
import { loggedEvent } from './event-log.ts';
import type { RecordType } from './record-type.ts';

/** The event that an undo comes down to in the end, and whether it stands again. */
async function comesDownTo(
  manager: EntityManager,
  id: string,
): Promise<{ readonly event: EventEntity | null; readonly stands: boolean }> {
  let event = await manager.findOneBy(EventEntity, { id });
  let stands = false;
  while (event !== null && event.undoOf !== null) {
    event = await manager.findOneBy(EventEntity, { id: event.undoOf });
    stands = !stands;
  }
  return { event, stands };
}

/** The line that told of an event is taken out where the event was taken back, and stands again where that was undone. */
export async function logTakenBack<Told>(
  manager: EntityManager,
  type: RecordType<Told>,
  undoOf: string,
): Promise<void> {
  const { event, stands } = await comesDownTo(manager, undoOf);
  if (!event) return;
  const change = await type.logged?.(manager, loggedEvent(event));
  const own = `event:${event.id}`;
  if (change?.id !== own) return; // it is told under its record, and was written anew with it
  await writeLog(manager, stands ? change : { id: own, line: null });
}

/** Lines of the log follow what a record is called: those about it, and those of what was welded on it. */
export async function renameInLog(
  manager: EntityManager,
  id: string,
  before: string | undefined,
  after: string | undefined,
): Promise<void> {
  if (before === undefined || after === undefined || before === after || before === '') return;
  await manager.query(
    `UPDATE "log_entry" SET "title" = ? || substr("title", length(?) + 1) WHERE "subjectId" = ? AND substr("title", 1, length(?) + 2) = ? || ': '`,
    [after, before, id, before, before],
  );
  await manager.query(
    `UPDATE "log_entry" SET "title" = substr("title", 1, length("title") - length(?)) || ? WHERE "jobId" = ? AND substr("title", -length(?) - 2) = ', ' || ?`,
    [before, after, id, before, before],
  );
}
