import type { FaultCase, FaultCaseChange, FaultCount, KeptFaultCase } from '@hot-bead/contract/faults';
import { Injectable } from '@nestjs/common';
import { IsNull } from 'typeorm';
import { EventsService } from '../history/events.service.ts';
import { JsonRecords } from '../history/json-records.ts';
import { RecordsService } from '../history/records.service.ts';
import type { FaultCaseEntity } from './fault-case.entity.ts';
import { FaultCaseRecord } from './fault-case-record.ts';

/** What was wrong in a case: everything that was found to be so; where mending one made the trouble go, that one. */
function causesOf({ looks }: FaultCase): readonly NonNullable<FaultCase['looks'][number]['found']>[] {
  const causes = looks.flatMap(({ found: cause, mended }) =>
    cause === undefined ? [] : [{ cause, mended }],
  );
  const mending = causes.filter(({ mended }) => mended === true);
  return [...new Set((mending.length > 0 ? mending : causes).map(({ cause }) => cause))];
}

@Injectable()
export class FaultsService extends JsonRecords<FaultCaseEntity, FaultCase, KeptFaultCase, FaultCaseChange> {
  protected readonly order = { by: 'updatedAt', holds: 'time', is: 'falling' } as const;

  constructor(record: FaultCaseRecord, records: RecordsService, events: EventsService) {
    super(record, records, events);
  }

  /** How often each cause was what was wrong in cases that ended mended, by process, machine and month. */
  async counts(): Promise<readonly FaultCount[]> {
    const rows = await this.record.query('row').where({ awayAt: IsNull(), end: 'mended' }).getMany();
    const counts = new Map<string, FaultCount>();
    for (const row of rows) {
      const kept = this.record.kept(row);
      if (!kept) continue;
      const causes = causesOf(kept);
      const month = (kept.endedAt ?? kept.beganAt).slice(0, 7);
      const machineId = kept.machineId ?? null;
      for (const cause of causes) {
        const key = [kept.process, cause, machineId, month].join(' ');
        const before = counts.get(key);
        counts.set(key, {
          process: kept.process,
          cause,
          machineId,
          month,
          count: (before?.count ?? 0) + 1,
          minutes: (before?.minutes ?? 0) + (kept.minutes ?? 0) / causes.length,
        });
      }
    }
    return [...counts.values()].toSorted((a, b) => b.count - a.count || (a.month < b.month ? 1 : -1));
  }
}
