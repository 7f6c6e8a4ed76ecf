import { type PageRequest, pageRequestSchema, pageSchema } from '@hot-bead/contract/base';
import {
  machineChangeSchema,
  type MachineClone,
  machineCloneSchema,
  machineCsv,
  type MachineFile,
  machineFileSchema,
  machineFileTodaySchema,
  machineSchema,
  newMachineSchema,
  pastReadingsListSchema,
  type RigChange,
  rigChangeSchema,
} from '@hot-bead/contract/machine';
import { Body, Controller, Get, Header, HttpCode, Param, Post, Query, StreamableFile } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { Answers, openApi, Queried } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../history/command.ts';
import { changedRoutes } from '../history/record-routes.ts';
import { RigService } from './rig.service.ts';
import { MachinesService } from './machines.service.ts';

@ApiTags('machines')
@Controller('api/machines')
export class MachinesController extends changedRoutes({
  kept: machineSchema,
  listed: machineSchema,
  made: newMachineSchema,
  changed: machineChangeSchema,
  list: pageRequestSchema,
  says: {
    list: 'Machines in use, by name, with what is on them and the readings that count',
    one: 'One machine',
    create: 'Add a machine',
    change: 'Change a machine, field by field: what is absent stays, null is no longer known',
    putAway: 'Retire a machine; it can be restored',
    restore: 'Bring a retired machine back',
  },
}) {
  constructor(
    private readonly machines: MachinesService,
    private readonly rig: RigService,
  ) {
    super(machines);
  }

  @Get('away')
  @Queried(pageRequestSchema)
  @ApiOperation({ summary: 'Machines that were retired, by name' })
  @Answers(pageSchema(machineSchema))
  away(@Query(new ContractPipe(pageRequestSchema)) asked: PageRequest) {
    return this.machines.away(asked);
  }

  @Post('file')
  @ApiOperation({ summary: 'Add a machine from its file, with its calibrations' })
  @ApiBody({ schema: openApi(machineFileTodaySchema) })
  @Answers(machineSchema, 201, 200)
  take(@Body(new ContractPipe(machineFileSchema)) body: MachineFile, @Asked() command: Command) {
    return this.machines.take(body, command);
  }

  @Get(':id/past-readings')
  @ApiOperation({ summary: 'Readings of its volts and one entry that no longer count, newest first' })
  @Answers(pastReadingsListSchema)
  pastReadings(@Param('id') id: string) {
    return this.machines.pastReadings(id);
  }

  @Get(':id/file.json')
  @Header('Content-Type', 'application/json; charset=utf-8')
  @Header('Content-Disposition', 'attachment')
  @ApiOperation({
    summary: 'The machine with its calibrations, readings that no longer count too, as a JSON file',
  })
  @Answers(machineFileTodaySchema)
  file(@Param('id') id: string) {
    return this.machines.file(id);
  }

  @Get(':id/file.csv')
  @ApiOperation({ summary: 'The same as CSV, a record a line' })
  async csv(@Param('id') id: string) {
    const file = await this.machines.file(id);
    return new StreamableFile(Buffer.from(machineCsv(file)), {
      type: 'text/csv; charset=utf-8',
      disposition: 'attachment',
    });
  }

  @Post(':id/clone')
  @ApiOperation({ summary: 'The same machine under another name, with its readings or without' })
  @ApiBody({ schema: openApi(machineCloneSchema) })
  @Answers(machineSchema, 201, 200)
  clone(
    @Param('id') id: string,
    @Body(new ContractPipe(machineCloneSchema)) body: MachineClone,
    @Asked() command: Command,
  ) {
    return this.machines.clone(id, body, command);
  }

  @Post(':id/rig')
  @HttpCode(200)
  @ApiOperation({
    summary:
      'Tell how it stands: a step that was done, a look, or by hand; what was seen before stands beside it',
  })
  @ApiBody({ schema: openApi(rigChangeSchema) })
  @Answers(machineSchema)
  tellRig(
    @Param('id') id: string,
    @Body(new ContractPipe(rigChangeSchema)) body: RigChange,
    @Asked() command: Command,
  ) {
    return this.rig.tell(id, body, command);
  }
}
