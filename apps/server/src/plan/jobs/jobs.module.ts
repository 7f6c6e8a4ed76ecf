import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { MachinesModule } from '../../machine/machines.module.ts';
import { ShopModule } from '../../shop/shop.module.ts';
import { JobEntity } from './job.entity.ts';
import { JobRecord } from './job-record.ts';
import { JobsController } from './jobs.controller.ts';
import { JobsService } from './jobs.service.ts';
import { LineContextService } from './line-context.service.ts';

@Module({
  imports: [TypeOrmModule.forFeature([JobEntity]), MachinesModule, ShopModule],
  controllers: [JobsController],
  providers: [JobRecord, JobsService, LineContextService],
  exports: [JobsService, LineContextService],
})
export class JobsModule {}
