import type { ShopSettings } from '@hot-bead/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { ShopEntity } from '../database/shop.entity.ts';

const ONLY_ID = 1;

@Injectable()
export class ShopService {
  constructor(@InjectRepository(ShopEntity) private readonly shops: Repository<ShopEntity>) {}

  /** The shop's settings; nothing chosen and nothing on the shelf until they are first saved. */
  async read(): Promise<ShopSettings> {
    const row = await this.shops.findOneBy({ id: ONLY_ID });
    return { schools: row?.schools ?? {}, shelf: row?.shelf ?? null };
  }

  async replace(settings: ShopSettings): Promise<ShopSettings> {
    await this.shops.save({ id: ONLY_ID, ...settings });
    return this.read();
  }
}
