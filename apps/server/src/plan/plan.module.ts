import { type PlanRequest, planRequestSchema, planResponseSchema } from '@hot-bead/contract/line';
import { Body, Controller, HttpCode, Module, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { Answers, openApi } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { LearningModule } from '../window/learning.module.ts';
import { MachinesModule } from '../machine/machines.module.ts';
import { ShopModule } from '../shop/shop.module.ts';
import { PlanService } from './plan.service.ts';
import { PlannerService } from './planner.service.ts';

@ApiTags('plan')
@Controller('api/plan')
export class PlanController {
  constructor(private readonly plans: PlanService) {}

  @Post()
  @HttpCode(200)
  @ApiOperation({ summary: 'Plan a setup from a line or from work; nothing is stored' })
  @ApiBody({ schema: openApi(planRequestSchema) })
  @Answers(planResponseSchema)
  plan(@Body(new ContractPipe(planRequestSchema)) body: PlanRequest) {
    return this.plans.plan(body);
  }
}

@Module({
  imports: [MachinesModule, ShopModule, LearningModule],
  controllers: [PlanController],
  providers: [PlannerService, PlanService],
  exports: [PlanService, PlannerService],
})
export class PlanModule {}
