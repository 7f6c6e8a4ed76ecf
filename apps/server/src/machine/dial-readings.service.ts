import { inMetric } from '@hot-bead/core/base';
import type { KeptDialReading, KeptMachine, NewDialReading } from '@hot-bead/contract/machine';
import { isSameValue, MACHINE_BRANCHES } from '@hot-bead/core/history';
import { readingFault, type TimedReading } from '@hot-bead/core/machine';
import { Injectable } from '@nestjs/common';
import { DomainError, notFound } from '../base/errors/domain-error.ts';
import type { Command } from '../history/command.ts';
import { Made, RecordsService } from '../history/records.service.ts';
import { DialReadingEntity } from './dial-reading.entity.ts';
import { enteredMachine, type ReadMachine, readingRow } from './kept-machine.ts';
import { MachineReader } from './machine-reader.ts';
import { MachineRecord, readingPath } from './machine-record.ts';
import { noSuchRecord } from '../history/no-such-record.ts';

@Injectable()
export class DialReadingsService {
  constructor(
    private readonly reader: MachineReader,
    private readonly record: MachineRecord,
    private readonly records: RecordsService,
  ) {}

  /** Every reading, those that no longer count too, newest first. */
  async history(machineId: string): Promise<readonly KeptDialReading[]> {
    const { readings } = await this.getOrThrow(machineId);
    return readings.toSorted((a, b) => b.at.localeCompare(a.at));
  }

  async add(machineId: string, reading: NewDialReading, command: Command): Promise<Made<KeptMachine>> {
    const { id = command.id, ...timed } = reading;
    const machine = await this.getOrThrow(machineId);
    const fault = readingFault(enteredMachine(machine), timed);
    if (fault) throw new DomainError(fault.code, 400, inMetric(fault.message), fault.field);
    if (await this.isThere(machine, id, timed)) return new Made(await this.record.tell(machineId), false);
    const told = await this.records.change(
      this.record,
      { ...command, seen: 'any' },
      {
        id: machineId,
        kind: 'reading-added',
        evenAway: true,
        prepare: async (manager, at) => {
          await manager.insert(DialReadingEntity, readingRow(id, machineId, { ...timed, at, counts: false }));
        },
        change: { [readingPath(id)]: true },
      },
    );
    return new Made(told, true);
  }

  /** Takes a reading out; it stays in the history. */
  async takeOut(machineId: string, id: string, command: Command): Promise<KeptMachine> {
    await this.getReadingOrThrow(machineId, id);
    const change = { [readingPath(id)]: false };
    return this.records.change(this.record, command, {
      id: machineId,
      kind: 'reading-taken-out',
      evenAway: true,
      change,
    });
  }

  /** Lets a reading count again. */
  async putBack(machineId: string, id: string, command: Command): Promise<KeptMachine> {
    await this.getReadingOrThrow(machineId, id);
    const change = { [readingPath(id)]: true };
    return this.records.change(
      this.record,
      { ...command, seen: 'any' },
      { id: machineId, kind: 'reading-put-back', evenAway: true, change },
    );
  }

  /** Begins a new calibration: all readings so far become history. */
  supersede(machineId: string, command: Command): Promise<KeptMachine> {
    return this.records.change(
      this.record,
      { ...command, seen: 'any' },
      {
        id: machineId,
        kind: 'calibration-begun',
        evenAway: true,
        change: (fields) =>
          Object.fromEntries(
            Object.keys(fields)
              .filter((path) => path.startsWith(`${MACHINE_BRANCHES[0]}.`))
              .map((path) => [path, false]),
          ),
      },
    );
  }

  private async getOrThrow(machineId: string): Promise<ReadMachine> {
    const machine = await this.reader.one(this.reader.manager, machineId);
    if (!machine) throw noSuchRecord(this.record.kind, machineId);
    return machine;
  }

  private async getReadingOrThrow(machineId: string, id: string): Promise<void> {
    const { readings } = await this.getOrThrow(machineId);
    if (!readings.some((reading) => reading.id === id)) throw notFound('reading', id);
  }

  /** Whether this very reading was added before; another under its id is refused. */
  private async isThere(machine: ReadMachine, id: string, reading: TimedReading): Promise<boolean> {
    const row = await this.reader.manager.findOneBy(DialReadingEntity, { id });
    if (!row) return false;
    const kept = machine.readings.find((one) => one.id === id);
    if (kept) {
      const { id: _id, at: _at, counts: _counts, ...timed } = kept;
      if (isSameValue(timed, reading)) return true;
    }
    throw new DomainError('id-taken', 409, 'There is another reading with this id.', 'id');
  }
}
