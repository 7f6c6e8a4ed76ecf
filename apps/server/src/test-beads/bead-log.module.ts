import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { TestBeadEntity } from '../database/test-bead.entity.ts';
import { BeadLogService } from './bead-log.service.ts';

@Module({
  imports: [TypeOrmModule.forFeature([TestBeadEntity])],
  providers: [BeadLogService],
  exports: [BeadLogService],
})
export class BeadLogModule {}
