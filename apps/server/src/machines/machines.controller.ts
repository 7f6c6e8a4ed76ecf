import {
  type MachineChange,
  machineChangeSchema,
  newDialReadingSchema,
  type NewMachine,
  newMachineSchema,
} from '@hot-bead/contract';
import type { TimedReading } from '@hot-bead/core';
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { openApi } from '../api-docs.ts';
import { ContractPipe } from '../errors/contract.pipe.ts';
import { MachinesService } from './machines.service.ts';

@ApiTags('machines')
@Controller('api/machines')
export class MachinesController {
  constructor(private readonly machines: MachinesService) {}

  @Get()
  @ApiOperation({ summary: 'Machines in use, by name, with what is on them and the readings that count' })
  list() {
    return this.machines.list();
  }

  @Post()
  @ApiOperation({ summary: 'Add a machine' })
  @ApiBody({ schema: openApi(newMachineSchema) })
  create(@Body(new ContractPipe(newMachineSchema)) body: NewMachine) {
    return this.machines.create(body);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One machine' })
  read(@Param('id') id: string) {
    return this.machines.read(id);
  }

  @Patch(':id')
  @ApiOperation({ summary: 'Change a machine' })
  @ApiBody({ schema: openApi(machineChangeSchema) })
  change(@Param('id') id: string, @Body(new ContractPipe(machineChangeSchema)) body: MachineChange) {
    return this.machines.change(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Retire a machine; it can be restored' })
  retire(@Param('id') id: string) {
    return this.machines.retire(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring a retired machine back' })
  restore(@Param('id') id: string) {
    return this.machines.restore(id);
  }

  @Get(':id/dial-readings')
  @ApiOperation({ summary: 'Every timed reading of the dial, superseded ones too, newest first' })
  history(@Param('id') id: string) {
    return this.machines.history(id);
  }

  @Post(':id/dial-readings')
  @ApiOperation({ summary: 'Add a timed reading of the dial' })
  @ApiBody({ schema: openApi(newDialReadingSchema) })
  addReading(@Param('id') id: string, @Body(new ContractPipe(newDialReadingSchema)) body: TimedReading) {
    return this.machines.addReading(id, body);
  }

  @Post(':id/dial-readings/supersede')
  @HttpCode(200)
  @ApiOperation({ summary: 'Begin a new calibration: readings so far become history' })
  supersede(@Param('id') id: string) {
    return this.machines.supersede(id);
  }

  @Delete(':id/dial-readings/:readingId')
  @HttpCode(200)
  @ApiOperation({ summary: 'Take a reading out; it stays in the history' })
  takeOut(@Param('id') id: string, @Param('readingId') readingId: string) {
    return this.machines.setCounting(id, readingId, false);
  }

  @Post(':id/dial-readings/:readingId/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Let a reading count again' })
  putBack(@Param('id') id: string, @Param('readingId') readingId: string) {
    return this.machines.setCounting(id, readingId, true);
  }
}
