import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { MachinesModule } from '../machines/machines.module.ts';
import { JobEntity } from './job.entity.ts';
import { JobRecord } from './job-record.ts';
import { JobsController } from './jobs.controller.ts';
import { JobsService } from './jobs.service.ts';

@Module({
  imports: [TypeOrmModule.forFeature([JobEntity]), MachinesModule],
  controllers: [JobsController],
  providers: [JobRecord, JobsService],
  exports: [JobsService],
})
export class JobsModule {}
