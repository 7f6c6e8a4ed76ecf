import type { LogLine } from '@hot-bead/contract/history';
import type { EntityManager } from 'typeorm';
import { LogEntity } from './log.entity.ts';

/** A line of the log under the id of what it tells of; null: there is nothing to tell any more. */
export interface LogChange {
  readonly id: string;
  readonly line: LogLine | null;
}

const COLUMNS = [
  'jobId',
  'machineId',
  'wireClass',
  'wireMm',
  'gas',
  'joint',
  'thicknessMm',
  'verdict',
  'wireFeedSpeedMPerMin',
  'volts',
  'bookVolts',
  'wireKg',
  'gasL',
  'minutes',
  'count',
] as const satisfies readonly (keyof LogLine)[];

/** A line as its row: what is not told is null. */
export function logRow(id: string, line: LogLine): Omit<LogEntity, 'number'> {
  const { at, kind, title, text, subjectId } = line;
  const columns = Object.fromEntries(COLUMNS.map((name) => [name, line[name] ?? null]));
  return { id, at, kind, title, text, subjectId, ...columns } as Omit<LogEntity, 'number'>;
}

/** Writes a line, or writes it anew, or takes it out. */
export async function writeLog(manager: EntityManager, { id, line }: LogChange): Promise<void> {
  if (line === null) {
    await manager.delete(LogEntity, { id });
    return;
  }
  const row = logRow(id, line);
  const there = await manager.findOne(LogEntity, { where: { id }, select: { number: true } });
  if (there) await manager.update(LogEntity, { number: there.number }, row);
  else await manager.insert(LogEntity, row);
}
