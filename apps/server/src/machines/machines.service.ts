import type { KeptMachine } from '@hot-bead/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { MachineEntity } from '../database/machine.entity.ts';

function keptMachine({ profile, ...row }: MachineEntity): KeptMachine {
  return { ...profile, ...row };
}

@Injectable()
export class MachinesService {
  constructor(@InjectRepository(MachineEntity) private readonly machines: Repository<MachineEntity>) {}

  async list(): Promise<KeptMachine[]> {
    const rows = await this.machines.find({ order: { name: 'ASC' } });
    return rows.map(keptMachine);
  }
}
