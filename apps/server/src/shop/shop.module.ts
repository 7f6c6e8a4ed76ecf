import { type ShopSettings, shopSettingsSchema } from '@hot-bead/contract';
import { Body, Controller, Get, Module, Put } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { openApi } from '../api-docs.ts';
import { ShopEntity } from '../database/shop.entity.ts';
import { ContractPipe } from '../errors/contract.pipe.ts';
import { ShopService } from './shop.service.ts';

@ApiTags('shop')
@Controller('api/shop')
export class ShopController {
  constructor(private readonly shop: ShopService) {}

  @Get()
  @ApiOperation({ summary: 'Schools and shelf of the shop' })
  read() {
    return this.shop.read();
  }

  @Put()
  @ApiOperation({ summary: 'Replace schools and shelf' })
  @ApiBody({ schema: openApi(shopSettingsSchema) })
  replace(@Body(new ContractPipe(shopSettingsSchema)) body: ShopSettings) {
    return this.shop.replace(body);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([ShopEntity])],
  controllers: [ShopController],
  providers: [ShopService],
  exports: [ShopService],
})
export class ShopModule {}
