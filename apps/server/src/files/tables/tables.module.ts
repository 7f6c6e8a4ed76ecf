import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { TABLE_NAMES, type TableName, tableReportSchema } from '@hot-bead/contract/files';
import { type LogFilter, logFilterSchema } from '@hot-bead/contract/history';
import { Controller, Delete, Get, HttpCode, Module, Param, Post, Query, Req, Res } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import Joi from 'joi';
import { Answers, Queried } from '../../base/api-docs.ts';
import { ContractPipe } from '../../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../../history/command.ts';
import { LogModule } from '../../history/log/log.module.ts';
import { MachinesModule } from '../../machine/machines.module.ts';
import { PiecesModule } from '../../day/pieces/pieces.module.ts';
import { StockModule } from '../../stores/stock.module.ts';
import { Leaving } from '../../base/work/leaving.ts';
import { TablesService } from './tables.service.ts';

const nameSchema = Joi.valid(...TABLE_NAMES)
  .required()
  .messages({ '*': `There are tables of ${TABLE_NAMES.join(', ')}.` });

@ApiTags('tables')
@Controller('api/tables')
export class TablesController {
  constructor(private readonly tables: TablesService) {}

  @Get(':name')
  @Queried(logFilterSchema)
  @ApiOperation({ summary: 'Log, Stores or pieces as CSV; the log as far as a filter lets it through' })
  async read(
    @Param('name', new ContractPipe(nameSchema)) name: TableName,
    @Query(new ContractPipe(logFilterSchema)) filter: LogFilter,
    @Res() response: Response,
  ): Promise<void> {
    response.set({
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename="hot-bead-${name}.csv"`,
    });
    // as fast as it is taken, and no further once who asked has gone
    await pipeline(Readable.from(this.tables.written(name, filter)), response).catch((error: unknown) => {
      if (!response.destroyed) throw error;
    });
  }

  @Post(':name')
  @HttpCode(200)
  @ApiConsumes('text/csv')
  @ApiOperation({ summary: 'Take a table from CSV: all of it or nothing, with a report line by line' })
  @Answers(tableReportSchema)
  take(
    @Param('name', new ContractPipe(nameSchema)) name: TableName,
    @Req() request: Request,
    @Asked() command: Command,
    @Leaving() leaving: AbortSignal,
  ) {
    return this.tables.take(name, request.body, command, leaving);
  }

  @Delete('log/:batch')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take lines of the log out again that came as one table' })
  takeOut(@Param('batch') batch: string) {
    return this.tables.takeOut(batch);
  }
}

@Module({
  imports: [LogModule, MachinesModule, PiecesModule, StockModule],
  controllers: [TablesController],
  providers: [TablesService],
})
export class TablesModule {}
