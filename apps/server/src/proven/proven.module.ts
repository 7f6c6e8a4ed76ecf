import { Controller, Get, Module } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { JobsModule } from '../jobs/jobs.module.ts';
import { PlanModule } from '../plan/plan.module.ts';
import { TestBeadsModule } from '../test-beads/test-beads.module.ts';
import { ProvenService } from './proven.service.ts';

@ApiTags('proven settings')
@Controller('api/proven-settings')
export class ProvenController {
  constructor(private readonly proven: ProvenService) {}

  @Get()
  @ApiOperation({ summary: 'Settings that test beads proved right on a named machine, oldest first' })
  list() {
    return this.proven.list();
  }
}

@Module({
  imports: [JobsModule, TestBeadsModule, PlanModule],
  controllers: [ProvenController],
  providers: [ProvenService],
})
export class ProvenModule {}
