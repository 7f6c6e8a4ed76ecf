import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LearningModule } from '../window/learning.module.ts';
import { JobsModule } from '../plan/jobs/jobs.module.ts';
import { MachinesModule } from '../machine/machines.module.ts';
import { PlanModule } from '../plan/plan.module.ts';
import { BeadRecord } from './bead-record.ts';
import { TestBeadEntity } from './test-bead.entity.ts';
import { TestBeadsController } from './test-beads.controller.ts';
import { TestBeadsService } from './test-beads.service.ts';

@Module({
  imports: [
    TypeOrmModule.forFeature([TestBeadEntity]),
    JobsModule,
    LearningModule,
    MachinesModule,
    PlanModule,
  ],
  controllers: [TestBeadsController],
  providers: [BeadRecord, TestBeadsService],
  exports: [BeadRecord, TestBeadsService],
})
export class TestBeadsModule {}
