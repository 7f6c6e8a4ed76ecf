import type { KeptMachine } from '@hot-bead/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { MachineEntity } from '../database/machine.entity.ts';

function keptMachine(row: MachineEntity): KeptMachine {
  const { id, name, loadedWireClass, loadedWireDiameterMm, loadedGas, lowestCurrentA, highestCurrentA } = row;
  const base = { id, name, loadedWireClass, loadedWireDiameterMm, loadedGas };
  if (lowestCurrentA === null || highestCurrentA === null) return base;
  return { ...base, currentRangeA: [lowestCurrentA, highestCurrentA] };
}

@Injectable()
export class MachinesService {
  constructor(@InjectRepository(MachineEntity) private readonly machines: Repository<MachineEntity>) {}

  async list(): Promise<KeptMachine[]> {
    const rows = await this.machines.find({ order: { name: 'ASC' } });
    return rows.map(keptMachine);
  }
}
