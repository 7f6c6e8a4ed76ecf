import { keptShopSchema, type ShopChange, shopChangeSchema } from '@hot-bead/contract/shop';
import { Body, Controller, Get, Module, Patch } from '@nestjs/common';
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
