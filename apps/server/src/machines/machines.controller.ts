import {
  type MachineChange,
  machineChangeSchema,
  type MachineClone,
  machineCloneSchema,
  machineCsv,
  type MachineFile,
  machineFileSchema,
  type NewMachine,
  newMachineSchema,
} from '@hot-bead/contract';
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

  @Get('retired')
  @ApiOperation({ summary: 'Machines that were retired, by name' })
  listRetired() {
    return this.machines.listRetired();
  }

  @Post()
  @ApiOperation({ summary: 'Add a machine' })
  @ApiBody({ schema: openApi(newMachineSchema) })
  create(@Body(new ContractPipe(newMachineSchema)) body: NewMachine) {
    return this.machines.create(body);
  }

  @Post('file')
  @ApiOperation({ summary: 'Add a machine from its file, with its calibrations' })
  @ApiBody({ schema: openApi(machineFileSchema) })
  take(@Body(new ContractPipe(machineFileSchema)) body: MachineFile) {
    return this.machines.insert(body);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One machine' })
  read(@Param('id') id: string) {
    return this.machines.read(id);
  }

  @Get(':id/past-readings')
  @ApiOperation({ summary: 'Readings of its volts and one entry that no longer count, newest first' })
  pastReadings(@Param('id') id: string) {
    return this.machines.pastReadings(id);
  }

  @Get(':id/file.json')
  @Header('Content-Type', 'application/json; charset=utf-8')
  @Header('Content-Disposition', 'attachment')
  @ApiOperation({ summary: 'The machine with its calibrations, superseded readings too, as a JSON file' })
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
  @ApiBody({ schema: openApi(newMachineSchema) })
  replace(@Param('id') id: string, @Body(new ContractPipe(newMachineSchema)) body: NewMachine) {
    return this.machines.replace(id, body);
  }

  @Patch(':id')
  @ApiOperation({ summary: 'Change a machine; what is absent stays' })
  @ApiBody({ schema: openApi(machineChangeSchema) })
  change(@Param('id') id: string, @Body(new ContractPipe(machineChangeSchema)) body: MachineChange) {
    return this.machines.change(id, body);
  }

  @Post(':id/clone')
  @ApiOperation({ summary: 'The same machine under another name, with its readings or without' })
  @ApiBody({ schema: openApi(machineCloneSchema) })
  clone(@Param('id') id: string, @Body(new ContractPipe(machineCloneSchema)) body: MachineClone) {
    return this.machines.clone(id, body);
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
}
