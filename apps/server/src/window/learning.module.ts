import { type PageRequest, pageRequestSchema, pageSchema } from '@hot-bead/contract/base';
import { keptProvenSettingSchema, type ShopLearning, shopLearningSchema } from '@hot-bead/contract/window';
import { Controller, Get, Module, Param, Query } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { LearningService } from './learning.service.ts';
import { ProvenSettingEntity } from './proven-setting.entity.ts';
import { Answers, Queried } from '../base/api-docs.ts';

@ApiTags('proven settings')
@Controller('api')
export class LearningController {
  constructor(private readonly learning: LearningService) {}

  @Get('learning')
  @ApiOperation({ summary: 'What test beads taught of each machine, by its id' })
  @Answers(shopLearningSchema)
  async all(): Promise<ShopLearning> {
    return Object.fromEntries(await this.learning.byMachine());
  }

  @Get('machines/:machineId/proven-settings')
  @Queried(pageRequestSchema)
  @ApiOperation({ summary: 'Settings that test beads proved on a machine, the last first' })
  @Answers(pageSchema(keptProvenSettingSchema))
  proven(
    @Param('machineId') machineId: string,
    @Query(new ContractPipe(pageRequestSchema)) query: PageRequest,
  ) {
    return this.learning.page(machineId, query);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([ProvenSettingEntity])],
  controllers: [LearningController],
  providers: [LearningService],
  exports: [LearningService],
})
export class LearningModule {}
