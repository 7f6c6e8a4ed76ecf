import { pageRequestSchema } from '@hot-bead/contract/base';
import {
  inspectionChangeSchema,
  keptInspectionSchema,
  newInspectionSchema,
} from '@hot-bead/contract/records';
import { Controller, Module } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { changedRoutes } from '../../history/record-routes.ts';
import { PhotosModule } from '../../photos/photos.module.ts';
import { JobsModule } from '../../plan/jobs/jobs.module.ts';
import { InspectionEntity } from './inspection.entity.ts';
import { InspectionRecord } from './inspection-record.ts';
import { InspectionsService } from './inspections.service.ts';

@ApiTags('inspections')
@Controller('api/jobs/:jobId/inspections')
export class InspectionsController extends changedRoutes({
  under: 'jobId',
  kept: keptInspectionSchema,
  listed: keptInspectionSchema,
  made: newInspectionSchema,
  changed: inspectionChangeSchema,
  list: pageRequestSchema,
  says: {
    list: "A job's inspections, last looked at first, each with its verdict",
    one: 'One inspection',
    create: 'Keep an inspection; it is judged against recalled limits where a level was chosen',
    change: 'Change an inspection, field by field; null takes away what was told',
    putAway: 'Take an inspection away; it can be brought back',
    restore: 'Bring an inspection back',
  },
}) {
  constructor(inspections: InspectionsService) {
    super(inspections);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([InspectionEntity]), JobsModule, PhotosModule],
  controllers: [InspectionsController],
  providers: [InspectionRecord, InspectionsService],
  exports: [InspectionsService],
})
export class InspectionsModule {}
