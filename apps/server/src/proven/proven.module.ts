import { Controller, Get, Module } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { JobsModule } from '../jobs/jobs.module.ts';
import { PlannerModule } from '../plan/planner.module.ts';
import { BeadLogModule } from '../test-beads/bead-log.module.ts';
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
  imports: [JobsModule, BeadLogModule, PlannerModule],
  controllers: [ProvenController],
  providers: [ProvenService],
  exports: [ProvenService],
})
export class ProvenModule {}
