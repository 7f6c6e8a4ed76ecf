import {
  type InspectionChange,
  inspectionChangeSchema,
  inspectionListSchema,
  keptInspectionSchema,
  type NewInspection,
  newInspectionSchema,
} from '@hot-bead/contract/records';
import { Body, Controller, Delete, Get, HttpCode, Module, Param, Patch, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Answers, openApi } from '../../base/api-docs.ts';
import { ContractPipe } from '../../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../../history/command.ts';
import { JobsModule } from '../../plan/jobs/jobs.module.ts';
import { PhotosModule } from '../../photos/photos.module.ts';
import { InspectionEntity } from './inspection.entity.ts';
import { InspectionRecord } from './inspection-record.ts';
import { InspectionsService } from './inspections.service.ts';

@ApiTags('inspections')
@Controller('api/jobs/:jobId/inspections')
export class InspectionsController {
  constructor(private readonly inspections: InspectionsService) {}

  @Get()
  @ApiOperation({ summary: "A job's inspections, last looked at first, each with its verdict" })
  @Answers(inspectionListSchema)
  list(@Param('jobId') jobId: string) {
    return this.inspections.list(jobId);
  }

  @Post()
  @ApiOperation({
    summary: 'Keep an inspection; it is judged against recalled limits where a level was chosen',
  })
  @ApiBody({ schema: openApi(newInspectionSchema) })
  @Answers(keptInspectionSchema, 201, 200)
  create(
    @Param('jobId') jobId: string,
    @Body(new ContractPipe(newInspectionSchema)) body: NewInspection,
    @Asked() command: Command,
  ) {
    return this.inspections.create(jobId, body, command);
  }

  @Patch(':id')
  @ApiOperation({ summary: 'Change an inspection, field by field; null takes away what was told' })
  @ApiBody({ schema: openApi(inspectionChangeSchema) })
  @Answers(keptInspectionSchema)
  change(
    @Param('jobId') jobId: string,
    @Param('id') id: string,
    @Body(new ContractPipe(inspectionChangeSchema)) body: InspectionChange,
    @Asked() command: Command,
  ) {
    return this.inspections.change(jobId, id, body, command);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take an inspection away; it can be brought back' })
  putAway(@Param('jobId') jobId: string, @Param('id') id: string, @Asked() command: Command) {
    return this.inspections.putAway(jobId, id, command);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring an inspection back' })
  @Answers(keptInspectionSchema)
  restore(@Param('jobId') jobId: string, @Param('id') id: string, @Asked() command: Command) {
    return this.inspections.restore(jobId, id, command);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([InspectionEntity]), JobsModule, PhotosModule],
  controllers: [InspectionsController],
  providers: [InspectionRecord, InspectionsService],
  exports: [InspectionsService],
})
export class InspectionsModule {}
