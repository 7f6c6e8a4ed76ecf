import { type PlanRequest, planRequestSchema } from '@hot-bead/contract';
import { Body, Controller, HttpCode, Module, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { openApi } from '../api-docs.ts';
import { ContractPipe } from '../errors/contract.pipe.ts';
import { ProvenModule } from '../proven/proven.module.ts';
import { PlannerModule } from './planner.module.ts';
import { PlanService } from './plan.service.ts';

@ApiTags('plan')
@Controller('api/plan')
export class PlanController {
  constructor(private readonly plans: PlanService) {}

  @Post()
  @HttpCode(200)
  @ApiOperation({ summary: 'Plan a setup from a line or from work; nothing is stored' })
  @ApiBody({ schema: openApi(planRequestSchema) })
  plan(@Body(new ContractPipe(planRequestSchema)) body: PlanRequest) {
    return this.plans.plan(body);
  }
}

@Module({
  imports: [PlannerModule, ProvenModule],
  controllers: [PlanController],
  providers: [PlanService],
  exports: [PlanService],
})
export class PlanModule {}
