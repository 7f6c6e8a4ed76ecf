import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { JobEntity } from '../database/job.entity.ts';
import { MachinesModule } from '../machines/machines.module.ts';
import { JobsController } from './jobs.controller.ts';
import { JobsService } from './jobs.service.ts';

@Module({
  imports: [TypeOrmModule.forFeature([JobEntity]), MachinesModule],
  controllers: [JobsController],
  providers: [JobsService],
  exports: [JobsService],
})
export class JobsModule {}
