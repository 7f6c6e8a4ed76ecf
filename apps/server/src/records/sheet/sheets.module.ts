import { pageRequestSchema } from '@hot-bead/contract/base';
import type { LogLine } from '@hot-bead/contract/history';
import {
  KEPT_SHEET,
  type KeptSheet,
  keptSheetSchema,
  newSheetRevisionSchema,
  type SheetRevision,
  sheetRevisionSchema,
} from '@hot-bead/contract/records';
import { Controller, Injectable, Module } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import type { EntityManager } from 'typeorm';
import { EventsService } from '../../history/events.service.ts';
import { type JsonKind, JsonRecord, type ToldBeside } from '../../history/json-record.ts';
import { JsonRecords } from '../../history/json-records.ts';
import { recordRoutes } from '../../history/record-routes.ts';
import { RecordsService } from '../../history/records.service.ts';
import { JobsModule } from '../../plan/jobs/jobs.module.ts';
import { JobsService } from '../../plan/jobs/jobs.service.ts';
import { SheetEntity } from './sheet.entity.ts';

/** How revisions of procedure sheets are kept: each as it was. */
@Injectable()
export class SheetRecord extends JsonRecord<SheetEntity, 'sheet', SheetRevision, KeptSheet> {
  protected readonly about: JsonKind<SheetEntity, 'sheet', SheetRevision> = {
    kind: 'sheet',
    entity: SheetEntity,
    column: 'sheet',
    shape: KEPT_SHEET,
    schema: sheetRevisionSchema,
    branches: [],
    under: 'jobId',
  };

  protected titleOf({ sheet }: SheetRevision): string {
    return `procedure sheet: ${sheet.title}`;
  }

  protected toldOf(value: SheetRevision, beside: ToldBeside, row: SheetEntity): KeptSheet {
    const { jobId, revision, createdAt } = row;
    return { ...value, ...beside, jobId, revision, createdAt };
  }

  protected override lineOf(
    _manager: EntityManager,
    { sheet, by }: SheetRevision,
    { id, jobId, revision, createdAt }: SheetEntity,
  ): Promise<LogLine> {
    return Promise.resolve({
      at: createdAt,
      kind: 'sheet',
      title: `Procedure sheet, revision ${revision}, ${sheet.title}`,
      text: by ?? '',
      subjectId: id,
      jobId,
      thicknessMm: sheet.essentials.thicknessMm,
    });
  }
}

/** The number after a job's last revision, also of one that was put away. */
async function nextRevision(manager: EntityManager, jobId: string): Promise<number> {
  const last = await manager.findOne(SheetEntity, { where: { jobId }, order: { revision: 'DESC' } });
  return (last?.revision ?? 0) + 1;
}

@Injectable()
export class SheetsService extends JsonRecords<SheetEntity, SheetRevision, KeptSheet, never> {
  protected readonly order = { by: 'revision', holds: 'number', is: 'falling' } as const;

  constructor(
    record: SheetRecord,
    records: RecordsService,
    events: EventsService,
    private readonly jobs: JobsService,
  ) {
    super(record, records, events);
  }

  protected override under(jobId: string): Promise<unknown> {
    return this.jobs.one(jobId);
  }

  /** A revision has the number after the last; those before it stay as they are. */
  protected override beside(_value: SheetRevision, jobId = '') {
    return async (manager: EntityManager, at: string) => ({
      revision: await nextRevision(manager, jobId),
      createdAt: at,
    });
  }
}

@ApiTags('procedure sheets')
@Controller('api/jobs/:jobId/sheets')
export class SheetsController extends recordRoutes({
  under: 'jobId',
  kept: keptSheetSchema,
  listed: keptSheetSchema,
  made: newSheetRevisionSchema,
  list: pageRequestSchema,
  says: {
    list: "Revisions of a job's preliminary procedure sheet, the last first",
    one: 'One revision',
    create: 'Keep a revision; it is never changed afterwards',
    putAway: 'Put a revision away; it can be brought back',
    restore: 'Bring a revision back',
  },
}) {
  constructor(sheets: SheetsService) {
    super(sheets);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([SheetEntity]), JobsModule],
  controllers: [SheetsController],
  providers: [SheetRecord, SheetsService],
})
export class SheetsModule {}
