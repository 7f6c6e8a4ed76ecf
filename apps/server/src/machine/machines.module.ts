import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { DialReadingEntity } from './dial-reading.entity.ts';
import { DialReadingsController } from './dial-readings.controller.ts';
import { DialReadingsService } from './dial-readings.service.ts';
import { MachineEntity } from './machine.entity.ts';
import { MachineReader } from './machine-reader.ts';
import { MachineRecord } from './machine-record.ts';
import { PhotosModule } from '../photos/photos.module.ts';
import { MachinesController } from './machines.controller.ts';
import { RigService } from './rig.service.ts';
import { MachinesService } from './machines.service.ts';

@Module({
  imports: [TypeOrmModule.forFeature([MachineEntity, DialReadingEntity]), PhotosModule],
  controllers: [MachinesController, DialReadingsController],
  providers: [MachineReader, MachineRecord, MachinesService, DialReadingsService, RigService],
  exports: [MachinesService, DialReadingsService, RigService],
})
export class MachinesModule {}
