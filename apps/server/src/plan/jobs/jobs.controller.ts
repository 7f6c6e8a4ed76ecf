import { idSchema } from '@hot-bead/contract/history';
import {
  type FindJobs,
  findJobsSchema,
  type JobChange,
  jobChangeSchema,
  jobPageSchema,
  jobSchema,
  type NewAcknowledgement,
  newAcknowledgementSchema,
  type NewJob,
  newJobSchema,
} from '@hot-bead/contract/plan';
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post, Query } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import Joi from 'joi';
import { Answers, openApi, Queried } from '../../base/api-docs.ts';
import { ContractPipe } from '../../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../../history/command.ts';
import { JobsService } from './jobs.service.ts';

const chosenIdSchema = Joi.object<{ readonly id?: string }>({ id: idSchema });

@ApiTags('jobs')
@Controller('api/jobs')
export class JobsController {
  constructor(private readonly jobs: JobsService) {}

  @Post()
  @ApiOperation({ summary: 'Save a job from a line or from work' })
  @ApiBody({ schema: openApi(newJobSchema) })
  @Answers(jobSchema, 201, 200)
  create(@Body(new ContractPipe(newJobSchema)) body: NewJob, @Asked() command: Command) {
    return this.jobs.create(body, command);
  }

  @Get()
  @Queried(findJobsSchema)
  @ApiOperation({
    summary:
      'Jobs, last changed first, a page at a time; with `find` those that match all words, and by `piece`, `machine` and `state`',
  })
  @Answers(jobPageSchema)
  list(@Query(new ContractPipe(findJobsSchema)) query: FindJobs) {
    return this.jobs.list(query);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One job' })
  @Answers(jobSchema)
  read(@Param('id') id: string) {
    return this.jobs.read(id);
  }

  @Patch(':id')
  @ApiOperation({
    summary: 'Change a job, field by field: its line, its work or its own numbers; null takes a field away',
  })
  @ApiBody({ schema: openApi(jobChangeSchema) })
  @Answers(jobSchema)
  change(
    @Param('id') id: string,
    @Body(new ContractPipe(jobChangeSchema)) body: JobChange,
    @Asked() command: Command,
  ) {
    return this.jobs.change(id, body, command);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a job away; it can be restored' })
  remove(@Param('id') id: string, @Asked() command: Command) {
    return this.jobs.remove(id, command);
  }

  @Post(':id/duplicate')
  @ApiOperation({ summary: 'The same work as a new job, without its beads' })
  @ApiBody({ schema: openApi(chosenIdSchema) })
  @Answers(jobSchema, 201, 200)
  duplicate(
    @Param('id') id: string,
    @Body(new ContractPipe(chosenIdSchema)) body: { readonly id?: string },
    @Asked() command: Command,
  ) {
    return this.jobs.duplicate(id, body.id, command);
  }

  @Post(':id/acknowledgements')
  @ApiOperation({ summary: 'Log that a stop caution was read' })
  @ApiBody({ schema: openApi(newAcknowledgementSchema) })
  @Answers(jobSchema, 201)
  acknowledge(
    @Param('id') id: string,
    @Body(new ContractPipe(newAcknowledgementSchema)) body: NewAcknowledgement,
    @Asked() command: Command,
  ) {
    return this.jobs.acknowledge(id, body, command);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring a job back that was put away' })
  @Answers(jobSchema)
  restore(@Param('id') id: string, @Asked() command: Command) {
    return this.jobs.restore(id, command);
  }
}
