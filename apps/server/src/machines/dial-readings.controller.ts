import { newDialReadingSchema } from '@hot-bead/contract';
import type { TimedReading } from '@hot-bead/core';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { openApi } from '../api-docs.ts';
import { ContractPipe } from '../errors/contract.pipe.ts';
import { DialReadingsService } from './dial-readings.service.ts';

@ApiTags('machines')
@Controller('api/machines/:machineId/dial-readings')
export class DialReadingsController {
  constructor(private readonly readings: DialReadingsService) {}

  @Get()
  @ApiOperation({ summary: 'Every timed reading of the dial, superseded ones too, newest first' })
  history(@Param('machineId') machineId: string) {
    return this.readings.history(machineId);
  }

  @Post()
  @ApiOperation({ summary: 'Add a timed reading of the dial' })
  @ApiBody({ schema: openApi(newDialReadingSchema) })
  add(
    @Param('machineId') machineId: string,
    @Body(new ContractPipe(newDialReadingSchema)) body: TimedReading,
  ) {
    return this.readings.add(machineId, body);
  }

  @Post('supersede')
  @HttpCode(200)
  @ApiOperation({ summary: 'Begin a new calibration: readings so far become history' })
  supersede(@Param('machineId') machineId: string) {
    return this.readings.supersede(machineId);
  }

  @Delete(':id')
  @HttpCode(200)
  @ApiOperation({ summary: 'Take a reading out; it stays in the history' })
  takeOut(@Param('machineId') machineId: string, @Param('id') id: string) {
    return this.readings.setCounting(machineId, id, false);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Let a reading count again' })
  putBack(@Param('machineId') machineId: string, @Param('id') id: string) {
    return this.readings.setCounting(machineId, id, true);
  }
}
