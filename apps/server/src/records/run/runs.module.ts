import { pageRequestSchema, pageSchema } from '@hot-bead/contract/base';
import { keptRunSchema, newRunSchema, runChangeSchema } from '@hot-bead/contract/records';
import { Controller, Get, Module, Query } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import Joi from 'joi';
import { Answers, Queried } from '../../base/api-docs.ts';
import { ContractPipe } from '../../base/errors/contract.pipe.ts';
import { changedRoutes } from '../../history/record-routes.ts';
import { MachinesModule } from '../../machine/machines.module.ts';
import { JobsModule } from '../../plan/jobs/jobs.module.ts';
import { PlanModule } from '../../plan/plan.module.ts';
import { StockModule } from '../../stores/stock.module.ts';
import { RunEntity } from './run.entity.ts';
import { RunRecord } from './run-record.ts';
import { type LastRunsRequest, RunsService } from './runs.service.ts';

@ApiTags('runs')
@Controller('api/jobs/:jobId/runs')
export class RunsController extends changedRoutes({
  under: 'jobId',
  kept: keptRunSchema,
  listed: keptRunSchema,
  made: newRunSchema,
  changed: runChangeSchema,
  list: pageRequestSchema,
  says: {
    list: "A job's runs, in the order welded",
    one: 'One run',
    create: 'Record a run, or several alike; the wire and gas that it says are booked to Stores',
    change: 'Correct a run, field by field; null takes a field away. Stores follow',
    putAway: 'Take a run away; what it took is given back to Stores',
    restore: 'Bring a run back',
  },
}) {
  constructor(runs: RunsService) {
    super(runs);
  }
}

const lastRunsSchema = (pageRequestSchema as Joi.ObjectSchema<LastRunsRequest>).keys({
  machine: Joi.string().max(80),
});

@ApiTags('runs')
@Controller('api/runs')
export class LastRunsController {
  constructor(private readonly runs: RunsService) {}

  @Get()
  @Queried(lastRunsSchema)
  @ApiOperation({ summary: 'Runs of the shop, last welded first; of one machine with `machine`' })
  @Answers(pageSchema(keptRunSchema))
  last(@Query(new ContractPipe(lastRunsSchema)) request: LastRunsRequest) {
    return this.runs.last(request);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([RunEntity]), JobsModule, MachinesModule, PlanModule, StockModule],
  controllers: [RunsController, LastRunsController],
  providers: [RunRecord, RunsService],
  exports: [RunsService],
})
export class RunsModule {}
