import {
  type JobChange,
  jobChangeSchema,
  type NewAcknowledgement,
  newAcknowledgementSchema,
  type NewJob,
  newJobSchema,
} from '@hot-bead/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { openApi } from '../api-docs.ts';
import { ContractPipe } from '../errors/contract.pipe.ts';
import { JobsService } from './jobs.service.ts';

@ApiTags('jobs')
@Controller('api/jobs')
export class JobsController {
  constructor(private readonly jobs: JobsService) {}

  @Post()
  @ApiOperation({ summary: 'Save a job from a line or from work' })
  @ApiBody({ schema: openApi(newJobSchema) })
  create(@Body(new ContractPipe(newJobSchema)) body: NewJob) {
    return this.jobs.create(body);
  }

  @Get()
  @ApiOperation({ summary: 'Jobs, last changed first' })
  list() {
    return this.jobs.list();
  }

  @Get(':id')
  @ApiOperation({ summary: 'One job' })
  read(@Param('id') id: string) {
    return this.jobs.read(id);
  }

  @Patch(':id')
  @ApiOperation({ summary: 'Change a job: its line, its work or its own numbers' })
  @ApiBody({ schema: openApi(jobChangeSchema) })
  change(@Param('id') id: string, @Body(new ContractPipe(jobChangeSchema)) body: JobChange) {
    return this.jobs.change(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a job away; it can be restored' })
  remove(@Param('id') id: string) {
    return this.jobs.remove(id);
  }

  @Post(':id/duplicate')
  @ApiOperation({ summary: 'The same work as a new job, without its beads' })
  duplicate(@Param('id') id: string) {
    return this.jobs.duplicate(id);
  }

  @Post(':id/acknowledgements')
  @ApiOperation({ summary: 'Log that a stop caution was read' })
  @ApiBody({ schema: openApi(newAcknowledgementSchema) })
  acknowledge(
    @Param('id') id: string,
    @Body(new ContractPipe(newAcknowledgementSchema)) body: NewAcknowledgement,
  ) {
    return this.jobs.acknowledge(id, body);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring a job back that was put away' })
  restore(@Param('id') id: string) {
    return this.jobs.restore(id);
  }
}
