import type { Page, PageRequest } from '@hot-bead/contract/base';
import type {
  FaultCase,
  FaultCaseChange,
  FaultCount,
  KeptFaultCase,
  NewFaultCase,
} from '@hot-bead/contract/faults';
import { changeOf, FAULT_CASE_BRANCHES } from '@hot-bead/core/history';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { IsNull, Repository } from 'typeorm';
import type { Command } from '../history/command.ts';
import { EventsService } from '../history/events.service.ts';
import { type Made, RecordsService } from '../history/records.service.ts';
import { pageByTime } from '../base/paging/page-by-time.ts';
import { FaultCaseEntity } from './fault-case.entity.ts';
import { FaultCaseRecord } from './fault-case-record.ts';

/** What was wrong in a case: everything that was found to be so; where mending one made the trouble go, that one. */
function causesOf({ looks }: FaultCase): readonly NonNullable<FaultCase['looks'][number]['found']>[] {
  const found = looks.flatMap(({ found: cause, mended }) => (cause === undefined ? [] : [{ cause, mended }]));
  const mending = found.filter(({ mended }) => mended === true);
  return [...new Set((mending.length > 0 ? mending : found).map(({ cause }) => cause))];
}

@Injectable()
export class FaultsService {
  constructor(
    @InjectRepository(FaultCaseEntity) private readonly rows: Repository<FaultCaseEntity>,
    private readonly record: FaultCaseRecord,
    private readonly records: RecordsService,
    events: EventsService,
  ) {
    events.register(record);
  }

  /** Cases, last touched first. */
  async list(request: PageRequest): Promise<Page<KeptFaultCase>> {
    const query = this.rows.createQueryBuilder('case').where('case.awayAt IS NULL');
    const { rows, next } = await pageByTime(query, 'updatedAt', request);
    return { items: rows.flatMap((row) => this.record.kept(row) ?? []), next };
  }

  read(id: string): Promise<KeptFaultCase> {
    return this.record.tell(id);
  }

  /** How often each cause was what was wrong in cases that ended mended, by process, machine and month. */
  async counts(): Promise<readonly FaultCount[]> {
    const rows = await this.rows.find({ where: { awayAt: IsNull(), end: 'mended' } });
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

  create({ id, ...faultCase }: NewFaultCase, command: Command): Promise<Made<KeptFaultCase>> {
    const newId = id ?? command.id;
    return this.records.create(this.record, command, this.record.creation(newId, faultCase));
  }

  change(
    id: string,
    { version: _seen, ...change }: FaultCaseChange,
    command: Command,
  ): Promise<KeptFaultCase> {
    const changes = changeOf(change, FAULT_CASE_BRANCHES);
    return this.records.change(this.record, command, { id, kind: 'changed', change: changes });
  }

  putAway(id: string, command: Command): Promise<void> {
    return this.records.putAway(this.record, command, id);
  }

  restore(id: string, command: Command): Promise<KeptFaultCase> {
    return this.records.restore(this.record, command, id);
  }
}
