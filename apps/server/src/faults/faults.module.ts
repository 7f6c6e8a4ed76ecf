import { type PageRequest, pageRequestSchema } from '@hot-bead/contract/base';
import {
  type FaultCaseChange,
  faultCaseChangeSchema,
  faultCasePageSchema,
  faultCountListSchema,
  faultRankingSchema,
  faultReportSchema,
  keptFaultCaseSchema,
  type NewFaultCase,
  newFaultCaseSchema,
} from '@hot-bead/contract/faults';
import type { FaultReport } from '@hot-bead/core/faults';
import { Body, Controller, Delete, Get, HttpCode, Module, Param, Patch, Post, Query } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Answers, openApi, Queried } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../history/command.ts';
import { FaultCaseEntity } from './fault-case.entity.ts';
import { FaultCaseRecord } from './fault-case-record.ts';
import { faultRanking } from './fault-ranking.ts';
import { FaultsService } from './faults.service.ts';

@ApiTags('faults')
@Controller('api/faults')
export class FaultsController {
  constructor(private readonly faults: FaultsService) {}

  @Post('rank')
  @HttpCode(200)
  @ApiOperation({
    summary: 'What may be wrong by a report, likeliest first, and the next look; nothing is kept',
  })
  @ApiBody({ schema: openApi(faultReportSchema) })
  @Answers(faultRankingSchema)
  rank(@Body(new ContractPipe(faultReportSchema)) report: FaultReport) {
    return faultRanking(report);
  }

  @Get()
  @Queried(pageRequestSchema)
  @ApiOperation({ summary: 'Fault cases, last touched first' })
  @Answers(faultCasePageSchema)
  list(@Query(new ContractPipe(pageRequestSchema)) page: PageRequest) {
    return this.faults.list(page);
  }

  @Get('counts')
  @ApiOperation({ summary: 'How often each cause was what was wrong, by process, machine and month' })
  @Answers(faultCountListSchema)
  counts() {
    return this.faults.counts();
  }

  @Post()
  @ApiOperation({ summary: 'Begin a fault case' })
  @ApiBody({ schema: openApi(newFaultCaseSchema) })
  @Answers(keptFaultCaseSchema, 201, 200)
  create(@Body(new ContractPipe(newFaultCaseSchema)) body: NewFaultCase, @Asked() command: Command) {
    return this.faults.create(body, command);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One fault case' })
  @Answers(keptFaultCaseSchema)
  read(@Param('id') id: string) {
    return this.faults.read(id);
  }

  @Patch(':id')
  @ApiOperation({ summary: 'Change a fault case, field by field; null takes a field away' })
  @ApiBody({ schema: openApi(faultCaseChangeSchema) })
  @Answers(keptFaultCaseSchema)
  change(
    @Param('id') id: string,
    @Body(new ContractPipe(faultCaseChangeSchema)) body: FaultCaseChange,
    @Asked() command: Command,
  ) {
    return this.faults.change(id, body, command);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put it away; it can be brought back' })
  putAway(@Param('id') id: string, @Asked() command: Command) {
    return this.faults.putAway(id, command);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring back what was put away' })
  @Answers(keptFaultCaseSchema)
  restore(@Param('id') id: string, @Asked() command: Command) {
    return this.faults.restore(id, command);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([FaultCaseEntity])],
  controllers: [FaultsController],
  providers: [FaultCaseRecord, FaultsService],
  exports: [FaultsService],
})
export class FaultsModule {}
