import { pageRequestSchema } from '@hot-bead/contract/base';
import {
  keptStockItemSchema,
  type NewStockEntry,
  newStockItemSchema,
  stockChangeSchema,
  stockEntrySchema,
} from '@hot-bead/contract/stores';
import { Body, Controller, HttpCode, Module, Param, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Answers, openApi } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../history/command.ts';
import { changedRoutes } from '../history/record-routes.ts';
import { StockEntity } from './stock.entity.ts';
import { StockRecord } from './stock-record.ts';
import { StockService } from './stock.service.ts';

@ApiTags('stock')
@Controller('api/stock')
export class StockController extends changedRoutes({
  kept: keptStockItemSchema,
  listed: keptStockItemSchema,
  made: newStockItemSchema,
  changed: stockChangeSchema,
  list: pageRequestSchema,
  says: {
    list: 'Spools, cylinders and parts in Stores, last told first',
    one: 'One thing in Stores',
    create: 'Put a spool, a cylinder or parts into Stores',
    change: 'Change what is known of it, field by field; null is no longer known',
    putAway: 'Put it away; it can be brought back',
    restore: 'Bring back what was put away',
  },
}) {
  constructor(private readonly stock: StockService) {
    super(stock);
  }

  @Post(':id/entries')
  @HttpCode(200)
  @ApiOperation({ summary: 'Tell a weight, a gauge, a count, what was bought, or that it is used up' })
  @ApiBody({ schema: openApi(stockEntrySchema) })
  @Answers(keptStockItemSchema)
  tell(
    @Param('id') id: string,
    @Body(new ContractPipe(stockEntrySchema)) body: NewStockEntry,
    @Asked() command: Command,
  ) {
    return this.stock.tell(id, body, command);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([StockEntity])],
  controllers: [StockController],
  providers: [StockRecord, StockService],
  exports: [StockRecord, StockService],
})
export class StockModule {}
