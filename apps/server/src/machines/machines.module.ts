import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { DialReadingEntity } from '../database/dial-reading.entity.ts';
import { MachineEntity } from '../database/machine.entity.ts';
import { MachinesController } from './machines.controller.ts';
import { MachinesService } from './machines.service.ts';

@Module({
  imports: [TypeOrmModule.forFeature([MachineEntity, DialReadingEntity])],
  controllers: [MachinesController],
  providers: [MachinesService],
  exports: [MachinesService],
})
export class MachinesModule {}
