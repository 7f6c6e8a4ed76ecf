import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.ts';
import { ShopModule } from '../shop/shop.module.ts';
import { PlannerService } from './planner.service.ts';

@Module({ imports: [MachinesModule, ShopModule], providers: [PlannerService], exports: [PlannerService] })
export class PlannerModule {}
