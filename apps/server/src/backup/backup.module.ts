import { restoreReportSchema } from '@hot-bead/contract';
import { Controller, Get, Header, HttpCode, Module, Post, Req, StreamableFile } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { Answers } from '../api-docs.ts';
import { BackupService } from './backup.service.ts';

/** A name that says of which day a file is. */
function named(ending: string): string {
  return `attachment; filename="hot-bead-${new Date().toISOString().slice(0, 10)}.${ending}"`;
}

@ApiTags('backup')
@Controller('api/backup')
export class BackupController {
  constructor(private readonly backups: BackupService) {}

  @Get('database')
  @Header('Cache-Control', 'no-store')
  @ApiOperation({ summary: 'The database as it stands, copied while it runs' })
  async database() {
    const disposition = named('sqlite');
    return new StreamableFile(await this.backups.backup(), { type: 'application/vnd.sqlite3', disposition });
  }

  @Get('json')
  @Header('Cache-Control', 'no-store')
  @ApiOperation({ summary: 'The whole shop as one JSON; it comes back exactly as it went' })
  json() {
    return new StreamableFile(this.backups.exported('json'), {
      type: 'application/json',
      disposition: named('json'),
    });
  }

  @Get('zip')
  @Header('Cache-Control', 'no-store')
  @ApiOperation({ summary: 'The whole shop packed: its records as JSON, its photos as files' })
  zip() {
    return new StreamableFile(this.backups.exported('zip'), {
      type: 'application/zip',
      disposition: named('zip'),
    });
  }

  @Post('restore')
  @HttpCode(200)
  @ApiConsumes('application/octet-stream')
  @ApiOperation({
    summary: 'Put a backup, a ZIP or a JSON in the place of this shop; the old one is kept as a file',
  })
  @Answers(restoreReportSchema)
  restore(@Req() request: Request) {
    return this.backups.restore(request.body);
  }
}

@Module({ controllers: [BackupController], providers: [BackupService] })
export class BackupModule {}
