import { pageRequestSchema } from '@hot-bead/contract/base';
import {
  faultCaseChangeSchema,
  faultCountListSchema,
  faultRankingSchema,
  faultReportSchema,
  keptFaultCaseSchema,
  newFaultCaseSchema,
} from '@hot-bead/contract/faults';
import type { FaultReport } from '@hot-bead/core/faults';
import { Body, Controller, Get, HttpCode, Module, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Answers, openApi } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { changedRoutes } from '../history/record-routes.ts';
import { FaultCaseEntity } from './fault-case.entity.ts';
import { FaultCaseRecord } from './fault-case-record.ts';
import { faultRanking } from './fault-ranking.ts';
import { FaultsService } from './faults.service.ts';

@ApiTags('faults')
@Controller('api/faults')
export class FaultsController extends changedRoutes({
  kept: keptFaultCaseSchema,
  listed: keptFaultCaseSchema,
  made: newFaultCaseSchema,
  changed: faultCaseChangeSchema,
  list: pageRequestSchema,
  says: {
    list: 'Fault cases, last touched first',
    one: 'One fault case',
    create: 'Begin a fault case',
    change: 'Change a fault case, field by field; null takes a field away',
    putAway: 'Put it away; it can be brought back',
    restore: 'Bring back what was put away',
  },
}) {
  constructor(private readonly faults: FaultsService) {
    super(faults);
  }

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

  @Get('counts')
  @ApiOperation({ summary: 'How often each cause was what was wrong, by process, machine and month' })
  @Answers(faultCountListSchema)
  counts() {
    return this.faults.counts();
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([FaultCaseEntity])],
  controllers: [FaultsController],
  providers: [FaultCaseRecord, FaultsService],
  exports: [FaultsService],
})
export class FaultsModule {}
