import { pageSchema } from '@hot-bead/contract/base';
import {
  logChartsSchema,
  logEntrySchema,
  type LogFilter,
  logFilterSchema,
  type LogRequest,
  logRequestSchema,
} from '@hot-bead/contract/history';
import { Controller, Get, Module, Param, Query } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Answers, Queried } from '../../base/api-docs.ts';
import { ContractPipe } from '../../base/errors/contract.pipe.ts';
import { LogEntity } from './log.entity.ts';
import { LogService } from './log.service.ts';

@ApiTags('log')
@Controller('api/log')
export class LogController {
  constructor(private readonly log: LogService) {}

  @Get()
  @Queried(logRequestSchema)
  @ApiOperation({ summary: 'Everything that happened, page by page, by filters and full text' })
  @Answers(pageSchema(logEntrySchema))
  page(@Query(new ContractPipe(logRequestSchema)) request: LogRequest) {
    return this.log.page(request);
  }

  @Get('charts')
  @Queried(logFilterSchema)
  @ApiOperation({ summary: 'What the log comes to by week, and beads and runs against the book' })
  @Answers(logChartsSchema)
  charts(@Query(new ContractPipe(logFilterSchema)) filter: LogFilter) {
    return this.log.charts(filter);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One line of the log' })
  @Answers(logEntrySchema)
  read(@Param('id') id: string) {
    return this.log.read(id);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([LogEntity])],
  controllers: [LogController],
  providers: [LogService],
  exports: [LogService],
})
export class LogModule {}
