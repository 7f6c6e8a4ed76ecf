import {
  type NewTestBead,
  newTestBeadSchema,
  type TestBeadChange,
  testBeadChangeSchema,
  testBeadListSchema,
  testBeadSchema,
} from '@hot-bead/contract/dial-in';
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { Answers, openApi } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../history/command.ts';
import { TestBeadsService } from './test-beads.service.ts';

@ApiTags('test beads')
@Controller('api/jobs/:jobId/test-beads')
export class TestBeadsController {
  constructor(private readonly beads: TestBeadsService) {}

  @Post()
  @ApiOperation({ summary: 'Report a test bead' })
  @ApiBody({ schema: openApi(newTestBeadSchema) })
  @Answers(testBeadSchema, 201, 200)
  create(
    @Param('jobId') jobId: string,
    @Body(new ContractPipe(newTestBeadSchema)) body: NewTestBead,
    @Asked() command: Command,
  ) {
    return this.beads.create(jobId, body, command);
  }

  @Get()
  @ApiOperation({ summary: "A job's test beads, in the order welded" })
  @Answers(testBeadListSchema)
  list(@Param('jobId') jobId: string) {
    return this.beads.list(jobId);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One test bead' })
  @Answers(testBeadSchema)
  read(@Param('jobId') jobId: string, @Param('id') id: string) {
    return this.beads.read(jobId, id);
  }

  @Patch(':id')
  @ApiOperation({ summary: 'Correct a test bead' })
  @ApiBody({ schema: openApi(testBeadChangeSchema) })
  @Answers(testBeadSchema)
  change(
    @Param('jobId') jobId: string,
    @Param('id') id: string,
    @Body(new ContractPipe(testBeadChangeSchema)) body: TestBeadChange,
    @Asked() command: Command,
  ) {
    return this.beads.change(jobId, id, body, command);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a test bead away; it can be restored' })
  remove(@Param('jobId') jobId: string, @Param('id') id: string, @Asked() command: Command) {
    return this.beads.remove(jobId, id, command);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring a test bead back' })
  @Answers(testBeadSchema)
  restore(@Param('jobId') jobId: string, @Param('id') id: string, @Asked() command: Command) {
    return this.beads.restore(jobId, id, command);
  }
}
