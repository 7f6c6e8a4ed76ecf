import { idSchema } from '@hot-bead/contract/history';
import {
  findJobsSchema,
  jobChangeSchema,
  jobSchema,
  jobSummarySchema,
  type NewAcknowledgement,
  newAcknowledgementSchema,
  newJobSchema,
} from '@hot-bead/contract/plan';
import { Body, Controller, Param, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import Joi from 'joi';
import { Answers, openApi } from '../../base/api-docs.ts';
import { ContractPipe } from '../../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../../history/command.ts';
import { changedRoutes } from '../../history/record-routes.ts';
import { JobsService } from './jobs.service.ts';

const chosenIdSchema = Joi.object<{ readonly id?: string }>({ id: idSchema });

@ApiTags('jobs')
@Controller('api/jobs')
export class JobsController extends changedRoutes({
  kept: jobSchema,
  listed: jobSummarySchema,
  made: newJobSchema,
  changed: jobChangeSchema,
  list: findJobsSchema,
  says: {
    list: 'Jobs, last changed first, a page at a time; with `find` those that match all words, and by `piece`, `machine` and `state`',
    one: 'One job',
    create: 'Save a job from a line or from work',
    change: 'Change a job, field by field: its line, its work or its own numbers; null takes a field away',
    putAway: 'Put a job away; it can be restored',
    restore: 'Bring a job back that was put away',
  },
}) {
  constructor(private readonly jobs: JobsService) {
    super(jobs);
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
}
