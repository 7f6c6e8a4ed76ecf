import { pageRequestSchema } from '@hot-bead/contract/base';
import {
  keptRunSchema,
  type NewRun,
  newRunSchema,
  type RunChange,
  runChangeSchema,
  runListSchema,
  runPageSchema,
} from '@hot-bead/contract/records';
import { Body, Controller, Delete, Get, HttpCode, Module, Param, Patch, Post, Query } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import Joi from 'joi';
import { Answers, openApi, Queried } from '../../base/api-docs.ts';
import { ContractPipe } from '../../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../../history/command.ts';
import { JobsModule } from '../../plan/jobs/jobs.module.ts';
import { MachinesModule } from '../../machine/machines.module.ts';
import { PlanModule } from '../../plan/plan.module.ts';
import { StockModule } from '../../stores/stock.module.ts';
import { RunEntity } from './run.entity.ts';
import { RunRecord } from './run-record.ts';
import { type RunsRequest, RunsService } from './runs.service.ts';

const runsRequestSchema = (pageRequestSchema as Joi.ObjectSchema<RunsRequest>).keys({
  machine: Joi.string().max(80),
});

@ApiTags('runs')
@Controller('api')
export class RunsController {
  constructor(private readonly runs: RunsService) {}

  @Get('runs')
  @Queried(runsRequestSchema)
  @ApiOperation({ summary: 'Runs of the shop, last welded first; of one machine with `machine`' })
  @Answers(runPageSchema)
  page(@Query(new ContractPipe(runsRequestSchema)) request: RunsRequest) {
    return this.runs.page(request);
  }

  @Get('jobs/:jobId/runs')
  @ApiOperation({ summary: "A job's runs, in the order welded" })
  @Answers(runListSchema)
  list(@Param('jobId') jobId: string) {
    return this.runs.list(jobId);
  }

  @Post('jobs/:jobId/runs')
  @ApiOperation({
    summary: 'Record a run, or several alike; the wire and gas that it says are booked to Stores',
  })
  @ApiBody({ schema: openApi(newRunSchema) })
  @Answers(keptRunSchema, 201, 200)
  create(
    @Param('jobId') jobId: string,
    @Body(new ContractPipe(newRunSchema)) body: NewRun,
    @Asked() command: Command,
  ) {
    return this.runs.create(jobId, body, command);
  }

  @Patch('jobs/:jobId/runs/:id')
  @ApiOperation({ summary: 'Correct a run, field by field; null takes a field away. Stores follow' })
  @ApiBody({ schema: openApi(runChangeSchema) })
  @Answers(keptRunSchema)
  change(
    @Param('jobId') jobId: string,
    @Param('id') id: string,
    @Body(new ContractPipe(runChangeSchema)) body: RunChange,
    @Asked() command: Command,
  ) {
    return this.runs.change(jobId, id, body, command);
  }

  @Delete('jobs/:jobId/runs/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a run away; what it took is given back to Stores' })
  putAway(@Param('jobId') jobId: string, @Param('id') id: string, @Asked() command: Command) {
    return this.runs.putAway(jobId, id, command);
  }

  @Post('jobs/:jobId/runs/:id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring a run back' })
  @Answers(keptRunSchema)
  restore(@Param('jobId') jobId: string, @Param('id') id: string, @Asked() command: Command) {
    return this.runs.restore(jobId, id, command);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([RunEntity]), JobsModule, MachinesModule, PlanModule, StockModule],
  controllers: [RunsController],
  providers: [RunRecord, RunsService],
  exports: [RunsService],
})
export class RunsModule {}
