import { randomUUID } from 'node:crypto';
import type { KeptDialReading, KeptMachine, MachineChange, NewMachine } from '@hot-bead/contract';
import type { TimedReading } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { IsNull, Repository } from 'typeorm';
import { DialReadingEntity } from '../database/dial-reading.entity.ts';
import { MachineEntity } from '../database/machine.entity.ts';
import { DomainError, notFound } from '../errors/domain-error.ts';

function keptReading({ id, knob, run, shortRun, at, supersededAt }: DialReadingEntity): KeptDialReading {
  return { id, knob, run, ...(shortRun ? { shortRun } : {}), at, supersededAt };
}

function keptMachine({ profile, retiredAt: _retiredAt, dialReadings, ...row }: MachineEntity): KeptMachine {
  const counting = dialReadings
    .filter((reading) => reading.supersededAt === null)
    .toSorted((a, b) => a.knob - b.knob || a.at.localeCompare(b.at));
  return { ...profile, ...row, dialReadings: counting.map(keptReading) };
}

@Injectable()
export class MachinesService {
  constructor(
    @InjectRepository(MachineEntity) private readonly machines: Repository<MachineEntity>,
    @InjectRepository(DialReadingEntity) private readonly readings: Repository<DialReadingEntity>,
  ) {}

  async list(): Promise<KeptMachine[]> {
    const rows = await this.machines.find({
      where: { retiredAt: IsNull() },
      order: { name: 'ASC' },
      relations: { dialReadings: true },
    });
    return rows.map(keptMachine);
  }

  async read(id: string): Promise<KeptMachine> {
    return keptMachine(await this.getOrThrow(id));
  }

  async create({
    name,
    loadedWireClass,
    loadedWireDiameterMm,
    loadedGas,
    ...profile
  }: NewMachine): Promise<KeptMachine> {
    await this.refuseTaken(name);
    const id = randomUUID();
    await this.machines.insert({
      id,
      name,
      loadedWireClass,
      loadedWireDiameterMm,
      loadedGas,
      profile,
      retiredAt: null,
    });
    return this.read(id);
  }

  async change(id: string, change: MachineChange): Promise<KeptMachine> {
    const row = await this.getOrThrow(id);
    if (change.name !== undefined && change.name !== row.name) await this.refuseTaken(change.name);
    const { name, loadedWireClass, loadedWireDiameterMm, loadedGas, ...profile } = change;
    await this.machines.update(id, {
      name: name ?? row.name,
      loadedWireClass: loadedWireClass ?? row.loadedWireClass,
      loadedWireDiameterMm: loadedWireDiameterMm ?? row.loadedWireDiameterMm,
      loadedGas: loadedGas ?? row.loadedGas,
      profile: { ...row.profile, ...profile },
    });
    return this.read(id);
  }

  async retire(id: string): Promise<void> {
    await this.getOrThrow(id);
    await this.machines.update(id, { retiredAt: new Date().toISOString() });
  }

  async restore(id: string): Promise<KeptMachine> {
    await this.machines.update(id, { retiredAt: null });
    return this.read(id);
  }

  /** Every reading there ever was, newest first. */
  async history(id: string): Promise<KeptDialReading[]> {
    const { dialReadings } = await this.getOrThrow(id);
    return dialReadings.toSorted((a, b) => b.at.localeCompare(a.at)).map(keptReading);
  }

  async addReading(id: string, { knob, run, shortRun }: TimedReading): Promise<KeptMachine> {
    const { profile } = await this.getOrThrow(id);
    const control = profile.wireControl;
    if (control?.kind === 'knob' && (knob < control.min || knob > control.max)) {
      const message = `This knob goes from ${control.min} to ${control.max}.`;
      throw new DomainError('knob-out-of-range', 400, message, 'knob');
    }
    const at = new Date().toISOString();
    const row = {
      id: randomUUID(),
      machineId: id,
      knob,
      run,
      shortRun: shortRun ?? null,
      at,
      supersededAt: null,
    };
    await this.readings.insert(row);
    return this.read(id);
  }

  /** Takes a reading out; it stays in the history and can come back. */
  async setCounting(id: string, readingId: string, counts: boolean): Promise<KeptMachine> {
    const supersededAt = counts ? null : new Date().toISOString();
    const result = await this.readings.update({ id: readingId, machineId: id }, { supersededAt });
    if (result.affected === 0) throw notFound('reading', readingId);
    return this.read(id);
  }

  /** Begins a new calibration: all readings so far become history. */
  async supersede(id: string): Promise<KeptMachine> {
    await this.getOrThrow(id);
    const supersededAt = new Date().toISOString();
    await this.readings.update({ machineId: id, supersededAt: IsNull() }, { supersededAt });
    return this.read(id);
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
