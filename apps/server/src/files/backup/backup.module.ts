import { restoreReportSchema } from '@hot-bead/contract/files';
import { Controller, Get, Header, HttpCode, Module, Post, Req, StreamableFile } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { Answers } from '../../base/api-docs.ts';
import { DomainError } from '../../base/errors/domain-error.ts';
import { LearningModule } from '../../window/learning.module.ts';
import { Leaving } from '../../base/work/leaving.ts';
import { type BackupForm, BackupService } from './backup.service.ts';

/** What a shop is sent as: it goes to a file as it comes, whatever its size. */
const SENT_AS = 'application/octet-stream';

/** A name that says of which day a file is. */
function named(ending: string): string {
  return `attachment; filename="hot-bead-${new Date().toISOString().slice(0, 10)}.${ending}"`;
}

/** A whole shop goes out as it is: packing it on the way would take longer than sending it. */
const AS_IT_IS = 'no-store, no-transform';

@ApiTags('backup')
@Controller('api/backup')
export class BackupController {
  constructor(private readonly backups: BackupService) {}

  @Get('database')
  @Header('Cache-Control', AS_IT_IS)
  @ApiOperation({ summary: 'The database as it stands, copied while it runs' })
  database(@Leaving() leaving: AbortSignal) {
    return this.sent('database', 'application/vnd.sqlite3', 'sqlite', leaving);
  }

  @Get('json')
  @Header('Cache-Control', AS_IT_IS)
  @ApiOperation({ summary: 'The whole shop as one JSON; it comes back exactly as it went' })
  json(@Leaving() leaving: AbortSignal) {
    return this.sent('json', 'application/json', 'json', leaving);
  }

  @Get('zip')
  @Header('Cache-Control', AS_IT_IS)
  @ApiOperation({ summary: 'The whole shop packed: its records as JSON, its photos as files' })
  zip(@Leaving() leaving: AbortSignal) {
    return this.sent('zip', 'application/zip', 'zip', leaving);
  }

  @Post('restore')
  @HttpCode(200)
  @ApiConsumes('application/octet-stream')
  @ApiOperation({
    summary: 'Put a backup, a ZIP or a JSON in the place of this shop; the old one is kept as a file',
  })
  @Answers(restoreReportSchema)
  restore(@Req() request: Request, @Leaving() leaving: AbortSignal) {
    if (request.is(SENT_AS) === false) {
      throw new DomainError('not-restored', 415, `Send the file itself, as ${SENT_AS}.`, 'file');
    }
    const bytes = Number(request.get('content-length'));
    return this.backups.restore(
      { stream: request, bytes: Number.isFinite(bytes) ? bytes : undefined },
      leaving,
    );
  }

  private async sent(
    form: BackupForm,
    type: string,
    ending: string,
    leaving: AbortSignal,
  ): Promise<StreamableFile> {
    const { stream, bytes } = await this.backups.backup(form, leaving);
    return new StreamableFile(stream, { type, disposition: named(ending), length: bytes });
  }
}

@Module({
  imports: [LearningModule],
  controllers: [BackupController],
  providers: [BackupService],
})
export class BackupModule {}
