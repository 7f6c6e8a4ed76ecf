import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { TestBeadEntity } from '../database/test-bead.entity.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { PlanModule } from '../plan/plan.module.ts';
import { TestBeadsController } from './test-beads.controller.ts';
import { TestBeadsService } from './test-beads.service.ts';

@Module({
  imports: [TypeOrmModule.forFeature([TestBeadEntity]), JobsModule, PlanModule],
  controllers: [TestBeadsController],
  providers: [TestBeadsService],
  exports: [TestBeadsService],
})
export class TestBeadsModule {}
