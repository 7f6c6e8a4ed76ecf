import {
  keptStockItemSchema,
  type NewStockEntry,
  type NewStockItem,
  newStockItemSchema,
  stockEntrySchema,
  stockListSchema,
  type WholeStockItem,
  wholeStockItemSchema,
} from '@hot-bead/contract/stores';
import { Body, Controller, Delete, Get, HttpCode, Module, Param, Post, Put } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Answers, openApi } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../history/command.ts';
import { StockEntity } from './stock.entity.ts';
import { StockRecord } from './stock-record.ts';
import { StockService } from './stock.service.ts';

@ApiTags('stock')
@Controller('api/stock')
export class StockController {
  constructor(private readonly stock: StockService) {}

  @Get()
  @ApiOperation({ summary: 'Spools, cylinders and parts in Stores, last told first' })
  @Answers(stockListSchema)
  list() {
    return this.stock.list();
  }

  @Post()
  @ApiOperation({ summary: 'Put a spool, a cylinder or parts into Stores' })
  @ApiBody({ schema: openApi(newStockItemSchema) })
  @Answers(keptStockItemSchema, 201, 200)
  create(@Body(new ContractPipe(newStockItemSchema)) body: NewStockItem, @Asked() command: Command) {
    return this.stock.create(body, command);
  }

  @Put(':id')
  @ApiOperation({ summary: 'Replace what is known of it; what is absent is no longer known' })
  @ApiBody({ schema: openApi(wholeStockItemSchema) })
  @Answers(keptStockItemSchema)
  replace(
    @Param('id') id: string,
    @Body(new ContractPipe(wholeStockItemSchema)) body: WholeStockItem,
    @Asked() command: Command,
  ) {
    return this.stock.replace(id, body, command);
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

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put it away; it can be brought back' })
  putAway(@Param('id') id: string, @Asked() command: Command) {
    return this.stock.putAway(id, command);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring back what was put away' })
  @Answers(keptStockItemSchema)
  restore(@Param('id') id: string, @Asked() command: Command) {
    return this.stock.restore(id, command);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([StockEntity])],
  controllers: [StockController],
  providers: [StockRecord, StockService],
  exports: [StockRecord, StockService],
})
export class StockModule {}
