import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { DialReadingEntity } from '../database/dial-reading.entity.ts';
import { MachineEntity } from '../database/machine.entity.ts';
import { PastReadingsEntity } from '../database/past-readings.entity.ts';
import { DialReadingsController } from './dial-readings.controller.ts';
import { DialReadingsService } from './dial-readings.service.ts';
import { MachinesController } from './machines.controller.ts';
import { MachinesService } from './machines.service.ts';
import { PastReadingsService } from './past-readings.service.ts';

@Module({
  imports: [TypeOrmModule.forFeature([MachineEntity, DialReadingEntity, PastReadingsEntity])],
  controllers: [MachinesController, DialReadingsController],
  providers: [MachinesService, DialReadingsService, PastReadingsService],
  exports: [MachinesService, DialReadingsService],
})
export class MachinesModule {}
