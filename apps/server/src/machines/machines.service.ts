import { randomUUID } from 'node:crypto';
import type {
  KeptMachine,
  KeptPastReadings,
  MachineChange,
  MachineClone,
  MachineFile,
  NewMachine,
} from '@hot-bead/contract';
import { withoutReadings } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { type EntityManager, type FindOptionsWhere, IsNull, Not, Repository } from 'typeorm';
import { DialReadingEntity } from '../database/dial-reading.entity.ts';
import { JobEntity } from '../database/job.entity.ts';
import { MachineEntity } from '../database/machine.entity.ts';
import { DomainError, notFound } from '../errors/domain-error.ts';
import { enteredMachine, keptMachine, machineFile } from './kept-machine.ts';
import { PastReadingsService } from './past-readings.service.ts';

type Columns = Omit<MachineEntity, 'id' | 'dialReadings' | 'retiredAt' | 'voltsReadAt' | 'entryReadAt'>;

function columnsOf({
  name,
  loadedWireClass,
  loadedWireDiameterMm,
  loadedGas,
  ...profile
}: NewMachine): Columns {
  return { name, loadedWireClass, loadedWireDiameterMm, loadedGas, profile };
}

/** Jobs name their machine: they follow it to its new name. */
async function renameInJobs(manager: EntityManager, before: string, after: string): Promise<void> {
  const jobs = await manager.find(JobEntity, { withDeleted: true });
  for (const { id, work } of jobs.filter((job) => job.work.machineName === before)) {
    await manager.update(JobEntity, id, { work: { ...work, machineName: after } });
  }
}

@Injectable()
export class MachinesService {
  constructor(
    @InjectRepository(MachineEntity) private readonly machines: Repository<MachineEntity>,
    private readonly past: PastReadingsService,
  ) {}

  list(): Promise<KeptMachine[]> {
    return this.where({ retiredAt: IsNull() });
  }

  /** Machines that were retired; each can be brought back. */
  listRetired(): Promise<KeptMachine[]> {
    return this.where({ retiredAt: Not(IsNull()) });
  }

  async read(id: string): Promise<KeptMachine> {
    return keptMachine(await this.getOrThrow(id));
  }

  async create(machine: NewMachine): Promise<KeptMachine> {
    return this.insert({ machine, ...this.past.datesOfNew(machine), dialReadings: [] });
  }

  /** Changes what is sent; what is absent stays. */
  async change(id: string, change: MachineChange): Promise<KeptMachine> {
    return this.replace(id, { ...enteredMachine(await this.getOrThrow(id)), ...change });
  }

  /** Takes the machine as it is sent; what is absent is no longer known. */
  async replace(id: string, machine: NewMachine): Promise<KeptMachine> {
    const row = await this.getOrThrow(id);
    if (machine.name !== row.name) await this.refuseTaken(machine.name);
    await this.machines.manager.transaction(async (manager) => {
      const dates = await this.past.supersede(manager, row, machine);
      await manager.update(MachineEntity, id, { ...columnsOf(machine), ...dates });
      if (machine.name !== row.name) await renameInJobs(manager, row.name, machine.name);
    });
    return this.read(id);
  }

  /** What was read of its volts and its one entry before, newest first. */
  async pastReadings(id: string): Promise<KeptPastReadings[]> {
    await this.getOrThrow(id);
    return this.past.list(id);
  }

  async retire(id: string): Promise<void> {
    await this.getOrThrow(id);
    await this.machines.update(id, { retiredAt: new Date().toISOString() });
  }

  async restore(id: string): Promise<KeptMachine> {
    await this.machines.update(id, { retiredAt: null });
    return this.read(id);
  }

  /** The same machine under another name; its readings of knob, taps and display come along or not. */
  async clone(id: string, { name, withReadings }: MachineClone): Promise<KeptMachine> {
    const file = machineFile(await this.getOrThrow(id));
    const machine = { ...file.machine, name };
    if (!withReadings) {
      return this.insert({
        ...file,
        machine: withoutReadings(machine),
        voltsReadAt: null,
        dialReadings: [],
      });
    }
    const dialReadings = file.dialReadings.filter(({ supersededAt }) => supersededAt === null);
    return this.insert({ ...file, machine, dialReadings });
  }

  async file(id: string): Promise<MachineFile> {
    return machineFile(await this.getOrThrow(id));
  }

  /** A new machine from what a file says, readings and all, or nothing. */
  async insert({
    machine,
    voltsReadAt,
    entryReadAt,
    dialReadings,
  }: Omit<MachineFile, 'format' | 'version'>): Promise<KeptMachine> {
    await this.refuseTaken(machine.name);
    const id = randomUUID();
    await this.machines.manager.transaction(async (manager: EntityManager) => {
      await manager.insert(MachineEntity, {
        ...columnsOf(machine),
        id,
        voltsReadAt,
        entryReadAt,
        retiredAt: null,
      });
      const rows = dialReadings.map(({ shortRun, position, underArc, ...reading }) => ({
        ...reading,
        id: randomUUID(),
        machineId: id,
        shortRun: shortRun ?? null,
        position: position ?? null,
        underArc: underArc ?? false,
      }));
      for (const row of rows) await manager.insert(DialReadingEntity, row);
    });
    return this.read(id);
  }

  private async where(retired: FindOptionsWhere<MachineEntity>): Promise<KeptMachine[]> {
    const rows = await this.machines.find({
      where: retired,
      order: { name: 'ASC' },
      relations: { dialReadings: true },
    });
    return rows.map(keptMachine);
  }

  private async getOrThrow(id: string): Promise<MachineEntity> {
    const row = await this.machines.findOne({ where: { id }, relations: { dialReadings: true } });
    if (!row) throw notFound('machine', id);
    return row;
  }

  private async refuseTaken(name: string): Promise<void> {
    const taken = await this.machines.findOneBy({ name });
    if (!taken) return;
    const retired = taken.retiredAt === null ? '' : ' among the retired';
    throw new DomainError('name-taken', 409, `There is a machine ${name} already${retired}.`, 'name');
  }
}
