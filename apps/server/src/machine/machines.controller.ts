import {
  type MachineChange,
  machineChangeSchema,
  type MachineClone,
  machineCloneSchema,
  machineCsv,
  type MachineFile,
  machineFileSchema,
  machineFileTodaySchema,
  machineListSchema,
  machineSchema,
  type NewMachine,
  newMachineSchema,
  pastReadingsListSchema,
  type RigChange,
  rigChangeSchema,
  type WholeMachine,
  wholeMachineSchema,
} from '@hot-bead/contract/machine';
import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Param,
  Patch,
  Post,
  Put,
  StreamableFile,
} from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { Answers, openApi } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../history/command.ts';
import { RigService } from './rig.service.ts';
import { MachinesService } from './machines.service.ts';

@ApiTags('machines')
@Controller('api/machines')
export class MachinesController {
  constructor(
    private readonly machines: MachinesService,
    private readonly rig: RigService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Machines in use, by name, with what is on them and the readings that count' })
  @Answers(machineListSchema)
  list() {
    return this.machines.list();
  }

  @Get('retired')
  @ApiOperation({ summary: 'Machines that were retired, by name' })
  @Answers(machineListSchema)
  listRetired() {
    return this.machines.listRetired();
  }

  @Post()
  @ApiOperation({ summary: 'Add a machine' })
  @ApiBody({ schema: openApi(newMachineSchema) })
  @Answers(machineSchema, 201, 200)
  create(@Body(new ContractPipe(newMachineSchema)) body: NewMachine, @Asked() command: Command) {
    return this.machines.create(body, command);
  }

  @Post('file')
  @ApiOperation({ summary: 'Add a machine from its file, with its calibrations' })
  @ApiBody({ schema: openApi(machineFileTodaySchema) })
  @Answers(machineSchema, 201, 200)
  take(@Body(new ContractPipe(machineFileSchema)) body: MachineFile, @Asked() command: Command) {
    return this.machines.take(body, command);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One machine' })
  @Answers(machineSchema)
  read(@Param('id') id: string) {
    return this.machines.read(id);
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

  @Put(':id')
  @ApiOperation({ summary: 'Replace what is known of a machine; what is absent is no longer known' })
  @ApiBody({ schema: openApi(wholeMachineSchema) })
  @Answers(machineSchema)
  replace(
    @Param('id') id: string,
    @Body(new ContractPipe(wholeMachineSchema)) body: WholeMachine,
    @Asked() command: Command,
  ) {
    return this.machines.replace(id, body, command);
  }

  @Patch(':id')
  @ApiOperation({
    summary: 'Change a machine, field by field: what is absent stays, null is no longer known',
  })
  @ApiBody({ schema: openApi(machineChangeSchema) })
  @Answers(machineSchema)
  change(
    @Param('id') id: string,
    @Body(new ContractPipe(machineChangeSchema)) body: MachineChange,
    @Asked() command: Command,
  ) {
    return this.machines.change(id, body, command);
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

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Retire a machine; it can be restored' })
  retire(@Param('id') id: string, @Asked() command: Command) {
    return this.machines.retire(id, command);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring a retired machine back' })
  @Answers(machineSchema)
  restore(@Param('id') id: string, @Asked() command: Command) {
    return this.machines.restore(id, command);
  }
}
