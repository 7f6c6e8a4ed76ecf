import type { LogLine } from '@hot-bead/contract/history';
import {
  KEPT_SHEET,
  type KeptSheet,
  keptSheetSchema,
  type NewSheetRevision,
  newSheetRevisionSchema,
  sheetListSchema,
  type SheetRevision,
  sheetRevisionSchema,
} from '@hot-bead/contract/records';
import { Body, Controller, Delete, Get, HttpCode, Injectable, Module, Param, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { InjectRepository, TypeOrmModule } from '@nestjs/typeorm';
import { type EntityManager, IsNull, Repository } from 'typeorm';
import { Answers, openApi } from '../../base/api-docs.ts';
import { ContractPipe } from '../../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../../history/command.ts';
import { EventsService } from '../../history/events.service.ts';
import { type JsonKind, JsonRecord, type ToldBeside } from '../../history/json-record.ts';
import { type Made, RecordsService } from '../../history/records.service.ts';
import { JobsModule } from '../../plan/jobs/jobs.module.ts';
import { JobsService } from '../../plan/jobs/jobs.service.ts';
import { SheetEntity } from './sheet.entity.ts';

/** How revisions of procedure sheets are kept: each as it was. */
@Injectable()
export class SheetRecord extends JsonRecord<SheetEntity, 'sheet', SheetRevision, KeptSheet> {
  protected readonly about: JsonKind<SheetEntity, 'sheet', SheetRevision> = {
    kind: 'sheet',
    word: 'procedure sheet',
    entity: SheetEntity,
    column: 'sheet',
    shape: KEPT_SHEET,
    schema: sheetRevisionSchema,
    branches: [],
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

  protected override ofRow({ jobId }: SheetEntity): string {
    return jobId;
  }
}

/** The number after a job's last revision, also of one that was put away. */
async function nextRevision(manager: EntityManager, jobId: string): Promise<number> {
  const last = await manager.findOne(SheetEntity, { where: { jobId }, order: { revision: 'DESC' } });
  return (last?.revision ?? 0) + 1;
}

@Injectable()
export class SheetsService {
  constructor(
    @InjectRepository(SheetEntity) private readonly rows: Repository<SheetEntity>,
    private readonly record: SheetRecord,
    private readonly records: RecordsService,
    private readonly jobs: JobsService,
    events: EventsService,
  ) {
    events.register(record);
  }

  /** Revisions of a job's sheet, the last first. */
  async list(jobId: string): Promise<readonly KeptSheet[]> {
    await this.jobs.read(jobId);
    const rows = await this.rows.find({ where: { jobId, awayAt: IsNull() }, order: { revision: 'DESC' } });
    return rows.flatMap((row) => this.record.kept(row) ?? []);
  }

  /** Keeps a revision; those before it stay as they are. */
  async create(
    jobId: string,
    { id, ...value }: NewSheetRevision,
    command: Command,
  ): Promise<Made<KeptSheet>> {
    await this.jobs.read(jobId);
    const beside = async (manager: EntityManager, at: string) => ({
      jobId,
      revision: await nextRevision(manager, jobId),
      createdAt: at,
    });
    const creation = this.record.creation(id ?? command.id, value, beside, jobId);
    return this.records.create(this.record, command, creation);
  }

  async putAway(jobId: string, id: string, command: Command): Promise<void> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    return this.records.putAway(this.record, command, id);
  }
}

@ApiTags('procedure sheets')
@Controller('api/jobs/:jobId/sheets')
export class SheetsController {
  constructor(private readonly sheets: SheetsService) {}

  @Get()
  @ApiOperation({ summary: "Revisions of a job's preliminary procedure sheet, the last first" })
  @Answers(sheetListSchema)
  list(@Param('jobId') jobId: string) {
    return this.sheets.list(jobId);
  }

  @Post()
  @ApiOperation({ summary: 'Keep a revision; it is never changed afterwards' })
  @ApiBody({ schema: openApi(newSheetRevisionSchema) })
  @Answers(keptSheetSchema, 201, 200)
  create(
    @Param('jobId') jobId: string,
    @Body(new ContractPipe(newSheetRevisionSchema)) body: NewSheetRevision,
    @Asked() command: Command,
  ) {
    return this.sheets.create(jobId, body, command);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a revision away' })
  putAway(@Param('jobId') jobId: string, @Param('id') id: string, @Asked() command: Command) {
    return this.sheets.putAway(jobId, id, command);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([SheetEntity]), JobsModule],
  controllers: [SheetsController],
  providers: [SheetRecord, SheetsService],
})
export class SheetsModule {}
