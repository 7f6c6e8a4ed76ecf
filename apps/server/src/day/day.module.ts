import {
  type DayOrderRequest,
  dayOrderRequestSchema,
  dayTasksSchema,
  toldDaySchema,
} from '@hot-bead/contract/day';
import { Body, Controller, Get, HttpCode, Module, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { Answers, openApi } from '../base/api-docs.ts';
import { Leaving } from '../base/work/leaving.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { JobsModule } from '../plan/jobs/jobs.module.ts';
import { PlanModule } from '../plan/plan.module.ts';
import { PiecesModule } from './pieces/pieces.module.ts';
import { ShopModule } from '../shop/shop.module.ts';
import { DayService } from './day.service.ts';

@ApiTags('day')
@Controller('api/day')
export class DayController {
  constructor(private readonly day: DayService) {}

  @Get()
  @ApiOperation({ summary: 'What is on the Bench and not yet welded' })
  @Answers(dayTasksSchema)
  tasks() {
    return this.day.tasks();
  }

  @Post('order')
  @HttpCode(200)
  @ApiOperation({ summary: 'The day in order: late least, then changing over least, then ending first' })
  @ApiBody({ schema: openApi(dayOrderRequestSchema) })
  @Answers(toldDaySchema)
  order(
    @Body(new ContractPipe(dayOrderRequestSchema)) body: DayOrderRequest,
    @Leaving() signal: AbortSignal,
  ) {
    return this.day.order(body, { now: new Date().toISOString(), signal });
  }
}

@Module({
  imports: [JobsModule, PiecesModule, PlanModule, ShopModule],
  controllers: [DayController],
  providers: [DayService],
})
export class DayModule {}
