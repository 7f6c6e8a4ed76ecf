import {
  keptShopSchema,
  type ShopChange,
  shopChangeSchema,
  type WholeShop,
  wholeShopSchema,
} from '@hot-bead/contract/shop';
import { Body, Controller, Get, Module, Patch, Put } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Answers, openApi } from '../base/api-docs.ts';
import { ContractPipe } from '../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../history/command.ts';
import { StockModule } from '../stores/stock.module.ts';
import { ShopEntity } from './shop.entity.ts';
import { ShopRecord } from './shop-record.ts';
import { ShopService } from './shop.service.ts';

@ApiTags('shop')
@Controller('api/shop')
export class ShopController {
  constructor(private readonly shop: ShopService) {}

  @Get()
  @ApiOperation({ summary: 'Schools of the shop, and the wires and gases that Stores hold' })
  @Answers(keptShopSchema)
  read() {
    return this.shop.read();
  }

  @Put()
  @ApiOperation({ summary: 'Replace the schools' })
  @ApiBody({ schema: openApi(wholeShopSchema) })
  @Answers(keptShopSchema)
  replace(@Body(new ContractPipe(wholeShopSchema)) body: WholeShop, @Asked() command: Command) {
    return this.shop.replace(body, command);
  }

  @Patch()
  @ApiOperation({ summary: 'Change schools, field by field; null takes one away' })
  @ApiBody({ schema: openApi(shopChangeSchema) })
  @Answers(keptShopSchema)
  change(@Body(new ContractPipe(shopChangeSchema)) body: ShopChange, @Asked() command: Command) {
    return this.shop.change(body, command);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([ShopEntity]), StockModule],
  controllers: [ShopController],
  providers: [ShopRecord, ShopService],
  exports: [ShopService],
})
export class ShopModule {}
