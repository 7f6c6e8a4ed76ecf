import { randomUUID } from 'node:crypto';
import type { KeptDialReading, KeptMachine } from '@hot-bead/contract';
import type { Machine, TimedReading } from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { IsNull, Repository } from 'typeorm';
import { DialReadingEntity } from '../database/dial-reading.entity.ts';
import { DomainError, notFound } from '../errors/domain-error.ts';
import { keptReading } from './kept-machine.ts';
import { MachinesService } from './machines.service.ts';

/** Refuses a reading that this machine's controls cannot have given. */
function refuseImpossible({ wireControl, voltsControl }: Machine, { knob, position }: TimedReading): void {
  if (wireControl?.kind === 'knob' && (knob < wireControl.min || knob > wireControl.max)) {
    const message = `This knob goes from ${wireControl.min} to ${wireControl.max}.`;
    throw new DomainError('knob-out-of-range', 400, message, 'knob');
  }
  if (wireControl?.kind === 'letters' && wireControl.names[knob] === undefined) {
    throw new DomainError(
      'knob-out-of-range',
      400,
      `Its letters are ${wireControl.names.join(', ')}.`,
      'knob',
    );
  }
  const positions = voltsControl?.kind === 'positions' ? voltsControl.positions : [];
  if (position !== undefined && !positions.some(({ name }) => name === position)) {
    throw new DomainError('position-unknown', 400, `It has no tap ${position}.`, 'position');
  }
}

@Injectable()
export class DialReadingsService {
  constructor(
    @InjectRepository(DialReadingEntity) private readonly readings: Repository<DialReadingEntity>,
    private readonly machines: MachinesService,
  ) {}

  /** Every reading there ever was, newest first. */
  async history(machineId: string): Promise<KeptDialReading[]> {
    await this.machines.read(machineId);
    const rows = await this.readings.find({ where: { machineId }, order: { at: 'DESC' } });
    return rows.map(keptReading);
  }

  async add(machineId: string, reading: TimedReading): Promise<KeptMachine> {
    refuseImpossible(await this.machines.read(machineId), reading);
    const { knob, run, shortRun, position, underArc } = reading;
    await this.readings.insert({
      id: randomUUID(),
      machineId,
      knob,
      run,
      shortRun: shortRun ?? null,
      position: position ?? null,
      underArc: underArc ?? false,
      at: new Date().toISOString(),
      supersededAt: null,
    });
    return this.machines.read(machineId);
  }

  /** Takes a reading out, or lets it count again; it stays in the history either way. */
  async setCounting(machineId: string, id: string, counts: boolean): Promise<KeptMachine> {
    const supersededAt = counts ? null : new Date().toISOString();
    const result = await this.readings.update({ id, machineId }, { supersededAt });
    if (result.affected === 0) throw notFound('reading', id);
    return this.machines.read(machineId);
  }

  /** Begins a new calibration: all readings so far become history. */
  async supersede(machineId: string): Promise<KeptMachine> {
    await this.machines.read(machineId);
    const supersededAt = new Date().toISOString();
    await this.readings.update({ machineId, supersededAt: IsNull() }, { supersededAt });
    return this.machines.read(machineId);
  }
}
