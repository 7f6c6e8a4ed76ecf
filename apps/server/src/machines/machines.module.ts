import { Controller, Get, Module } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { MachineEntity } from '../database/machine.entity.ts';
import { MachinesService } from './machines.service.ts';

@ApiTags('machines')
@Controller('api/machines')
export class MachinesController {
  constructor(private readonly machines: MachinesService) {}

  @Get()
  @ApiOperation({ summary: 'Machines by name, with what is on them' })
  list() {
    return this.machines.list();
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([MachineEntity])],
  controllers: [MachinesController],
  providers: [MachinesService],
  exports: [MachinesService],
})
export class MachinesModule {}
