import {
  dialReadingListSchema,
  machineSchema,
  type NewDialReading,
  newDialReadingSchema,
} from '@hot-bead/contract/machine';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { Answers, openApi } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../history/command.ts';
import { DialReadingsService } from './dial-readings.service.ts';

@ApiTags('machines')
@Controller('api/machines/:machineId/dial-readings')
export class DialReadingsController {
  constructor(private readonly readings: DialReadingsService) {}

  @Get()
  @ApiOperation({ summary: 'Every timed reading of the dial, those that no longer count too, newest first' })
  @Answers(dialReadingListSchema)
  history(@Param('machineId') machineId: string) {
    return this.readings.history(machineId);
  }

  @Post()
  @ApiOperation({ summary: 'Add a timed reading of the dial' })
  @ApiBody({ schema: openApi(newDialReadingSchema) })
  @Answers(machineSchema, 201, 200)
  add(
    @Param('machineId') machineId: string,
    @Body(new ContractPipe(newDialReadingSchema)) body: NewDialReading,
    @Asked() command: Command,
  ) {
    return this.readings.add(machineId, body, command);
  }

  @Post('supersede')
  @HttpCode(200)
  @ApiOperation({ summary: 'Begin a new calibration: readings so far become history' })
  @Answers(machineSchema)
  supersede(@Param('machineId') machineId: string, @Asked() command: Command) {
    return this.readings.supersede(machineId, command);
  }

  @Delete(':id')
  @HttpCode(200)
  @ApiOperation({ summary: 'Take a reading out; it stays in the history' })
  @Answers(machineSchema)
  takeOut(@Param('machineId') machineId: string, @Param('id') id: string, @Asked() command: Command) {
    return this.readings.takeOut(machineId, id, command);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Let a reading count again' })
  @Answers(machineSchema)
  putBack(@Param('machineId') machineId: string, @Param('id') id: string, @Asked() command: Command) {
    return this.readings.putBack(machineId, id, command);
  }
}
