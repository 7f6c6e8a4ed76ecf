import type { LengthUnit } from '@hot-bead/core/base';
import { type LineContext, readShopWords } from '@hot-bead/core/line';
import { Injectable } from '@nestjs/common';
import { MachinesService } from '../../machine/machines.service.ts';
import { ShopService } from '../../shop/shop.service.ts';

/** What a line is read with here: the machines in use, and the shop's own words. */
@Injectable()
export class LineContextService {
  constructor(
    private readonly machines: MachinesService,
    private readonly shop: ShopService,
  ) {}

  async context(unit: LengthUnit = 'mm'): Promise<LineContext> {
    const [machineNames, words] = await Promise.all([this.machines.namesInUse(), this.shop.words()]);
    return { unit, machineNames, shopWords: readShopWords(words) };
  }
}
