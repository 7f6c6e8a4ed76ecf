import { randomUUID } from 'node:crypto';
import type { KeptPastReadings, NewMachine } from '@hot-bead/contract';
import { type ControlReadings, isSameReadings, losesReadings, readingLines } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { type EntityManager, Repository } from 'typeorm';
import type { MachineEntity } from '../database/machine.entity.ts';
import { PastReadingsEntity } from '../database/past-readings.entity.ts';

/** When the readings that stand in the machine itself were taken. */
export type ReadDates = Pick<MachineEntity, 'voltsReadAt' | 'entryReadAt'>;

type Controls = Pick<NewMachine, 'voltsControl' | 'oneEntry'>;

function readingsOf(
  kind: ControlReadings['kind'],
  { voltsControl, oneEntry }: Controls,
): ControlReadings | undefined {
  if (kind === 'volts') return voltsControl && { kind, value: voltsControl };
  return oneEntry && { kind, value: oneEntry };
}

function keptPast({ id, kind, value, readAt, supersededAt }: PastReadingsEntity): KeptPastReadings {
  return { id, kind, value, readAt, supersededAt } as KeptPastReadings;
}

@Injectable()
export class PastReadingsService {
  constructor(@InjectRepository(PastReadingsEntity) private readonly past: Repository<PastReadingsEntity>) {}

  /** What no longer counts of a machine, newest first. */
  async list(machineId: string): Promise<KeptPastReadings[]> {
    const rows = await this.past.find({ where: { machineId }, order: { supersededAt: 'DESC' } });
    return rows.map(keptPast);
  }

  /** Dates of a new machine's readings: now, where it comes with some. */
  datesOfNew(machine: Controls): ReadDates {
    const now = new Date().toISOString();
    const date = (kind: ControlReadings['kind']): string | null =>
      readingLines(readingsOf(kind, machine)).length > 0 ? now : null;
    return { voltsReadAt: date('volts'), entryReadAt: date('entry') };
  }

  /**
   * Keeps what a change of a machine would lose, and lets what it brings back count again.
   *
   * @returns when what then counts was read
   */
  async supersede(manager: EntityManager, before: MachineEntity, after: Controls): Promise<ReadDates> {
    const settle = (kind: ControlReadings['kind'], readAt: string | null): Promise<string | null> =>
      this.supersedeKind(manager, {
        machineId: before.id,
        kind,
        readAt,
        before: readingsOf(kind, before.profile),
        after: readingsOf(kind, after),
      });
    return {
      voltsReadAt: await settle('volts', before.voltsReadAt),
      entryReadAt: await settle('entry', before.entryReadAt),
    };
  }

  private async supersedeKind(
    manager: EntityManager,
    change: {
      readonly machineId: string;
      readonly kind: ControlReadings['kind'];
      readonly readAt: string | null;
      readonly before: ControlReadings | undefined;
      readonly after: ControlReadings | undefined;
    },
  ): Promise<string | null> {
    const { machineId, kind, readAt, before, after } = change;
    const now = new Date().toISOString();
    const rows = await manager.findBy(PastReadingsEntity, { machineId, kind });
    const past = rows.map(keptPast);
    const isKept = past.some((readings) => !losesReadings(before, readings));
    if (before && !isKept && losesReadings(before, after)) {
      const { value } = before;
      await manager.insert(PastReadingsEntity, {
        id: randomUUID(),
        machineId,
        kind,
        value,
        readAt,
        supersededAt: now,
      });
    }
    if (readingLines(after).length === 0) return null;
    const again = past.find((readings) => isSameReadings(readings, after));
    if (again) await manager.delete(PastReadingsEntity, { id: again.id });
    if (!losesReadings(after, before)) return readAt;
    return again ? again.readAt : now;
  }
}
