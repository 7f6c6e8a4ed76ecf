import { randomUUID } from 'node:crypto';
import { nameKey, type Page, type PageRequest } from '@hot-bead/contract/base';
import type {
  KeptMachine,
  KeptPastReadings,
  MachineChange,
  MachineClone,
  MachineFile,
  NewMachine,
} from '@hot-bead/contract/machine';
import { type Fields, fieldsOf, MACHINE_BRANCHES } from '@hot-bead/core/history';
import { readingLines, withoutReadings } from '@hot-bead/core/machine';
import { Injectable } from '@nestjs/common';
import { type EntityManager, type FindOptionsWhere, In, IsNull, Not } from 'typeorm';
import type { Command } from '../history/command.ts';
import { EventsService } from '../history/events.service.ts';
import { ChangedRecords, type KeptRecords } from '../history/kept-records.ts';
import { Made, RecordsService } from '../history/records.service.ts';
import { DialReadingEntity } from './dial-reading.entity.ts';
import { keptMachine, machineFile, readingRow } from './kept-machine.ts';
import { MachineEntity } from './machine.entity.ts';
import { MachineReader } from './machine-reader.ts';
import { controlEvents, MachineRecord, machineColumns, refuseStrays, refuseTaken } from './machine-record.ts';
import { CONTROL_FIELDS, pastReadings, readingsIn } from './read-dates.ts';
import { noSuchRecord } from '../history/no-such-record.ts';

/** A machine as a job speaks of it. */
export interface NamedMachine {
  readonly id: string;
  readonly name: string;
  readonly away: boolean;
}

type FileParts = Pick<MachineFile, 'machine' | 'voltsReadAt' | 'entryReadAt' | 'dialReadings'>;

/** Rows written by one statement: more would be more parameters than a statement takes. */
const ROWS_AT_ONCE = 100;

async function insertReadings(
  manager: EntityManager,
  machineId: string,
  readings: MachineFile['dialReadings'],
): Promise<void> {
  const rows = readings.map((reading) => readingRow(randomUUID(), machineId, reading));
  for (let at = 0; at < rows.length; at += ROWS_AT_ONCE) {
    await manager.insert(DialReadingEntity, rows.slice(at, at + ROWS_AT_ONCE));
  }
}

@Injectable()
export class MachinesService
  extends ChangedRecords<KeptMachine, MachineChange>
  implements KeptRecords<KeptMachine, NewMachine, MachineChange>
{
  protected override readonly evenAway = true;

  constructor(
    private readonly reader: MachineReader,
    private readonly record: MachineRecord,
    records: RecordsService,
    events: EventsService,
  ) {
    super(record, records, events);
  }

  /** Machines in use, by name. */
  page(asked: PageRequest): Promise<Page<KeptMachine>> {
    return this.pageWhere({ awayAt: IsNull() }, asked);
  }

  /** Machines that were retired; each can be brought back. */
  away(asked: PageRequest): Promise<Page<KeptMachine>> {
    return this.pageWhere({ awayAt: Not(IsNull()) }, asked);
  }

  /** Every machine in use, by name. */
  async all(): Promise<readonly KeptMachine[]> {
    return (await this.reader.find(this.reader.manager, { awayAt: IsNull() })).map(keptMachine);
  }

  /** All machines by name, retired or not; also those that cannot be read. */
  listNamed(): Promise<readonly NamedMachine[]> {
    return this.namedWhere({});
  }

  /** Machines by id, retired or not. */
  async named(ids: readonly string[]): Promise<ReadonlyMap<string, NamedMachine>> {
    const rows = await this.namedWhere({ id: In([...new Set(ids)]) });
    return new Map(rows.map((machine) => [machine.id, machine] as const));
  }

  /** The machine that a name means, in whatever case; retired ones too. */
  async byName(name: string): Promise<NamedMachine | undefined> {
    const rows = await this.listNamed();
    return (
      rows.find((machine) => machine.name === name) ?? rows.find((m) => nameKey(m.name) === nameKey(name))
    );
  }

  /** Names that a line can call a machine by. */
  async namesInUse(): Promise<readonly string[]> {
    return (await this.namedWhere({ awayAt: IsNull() })).map(({ name }) => name);
  }

  create({ id, ...machine }: NewMachine, command: Command): Promise<Made<KeptMachine>> {
    const now = new Date().toISOString();
    const fields = machine as unknown as Fields;
    const [voltsReadAt = null, entryReadAt = null] = CONTROL_FIELDS.map((control) =>
      readingLines(readingsIn(fields, control)).length > 0 ? now : null,
    );
    const parts = { machine, voltsReadAt, entryReadAt, dialReadings: [] };
    return this.insert(id ?? command.id, parts, command, { machine });
  }

  /** What was read of its volts and its one entry before, newest first. */
  async pastReadings(id: string): Promise<readonly KeptPastReadings[]> {
    const { manager } = this.reader;
    const loaded = await this.record.load(manager, id);
    if (!loaded) throw noSuchRecord(this.record.kind, id);
    return pastReadings(await controlEvents(manager, id), loaded.fields);
  }

  /** The same machine under another name; its readings of knob, taps and display come along or not. */
  async clone(id: string, clone: MachineClone, command: Command): Promise<Made<KeptMachine>> {
    const { id: newId = command.id, name, withReadings } = clone;
    const file = await this.file(id);
    const { rig: _stands, ...like } = file.machine;
    const machine = { ...like, name };
    const input = { cloneOf: id, name, withReadings };
    if (!withReadings) {
      const parts = { ...file, machine: withoutReadings(machine), voltsReadAt: null, dialReadings: [] };
      return this.insert(newId, parts, command, input);
    }
    const dialReadings = file.dialReadings.filter(({ counts }) => counts);
    return this.insert(newId, { ...file, machine, dialReadings }, command, input);
  }

  async file(id: string): Promise<MachineFile> {
    const machine = await this.reader.one(this.reader.manager, id);
    if (!machine) throw noSuchRecord(this.record.kind, id);
    return machineFile(machine);
  }

  /** A new machine from its file, under the id it had where that is free here. */
  async take({ id: fileId, ...file }: MachineFile, command: Command): Promise<Made<KeptMachine>> {
    const done = await this.records.subjectOf(command);
    if (done !== undefined) return new Made(await this.record.tell(done), false);
    const isFree = fileId !== undefined && (await this.named([fileId])).size === 0;
    return this.insert(isFree ? fileId : command.id, file, command, file);
  }

  /** A new machine, readings and all, or nothing. */
  private insert(
    id: string,
    { machine, voltsReadAt, entryReadAt, dialReadings }: FileParts,
    command: Command,
    input: unknown,
  ): Promise<Made<KeptMachine>> {
    const counting = dialReadings.filter(({ counts }) => counts);
    return this.records.create(this.record, command, {
      id,
      of: id,
      fields: fieldsOf(machine, MACHINE_BRANCHES),
      input,
      insert: async (manager) => {
        await refuseTaken(manager, machine.name);
        refuseStrays(machine, counting);
        const row = { ...machineColumns(machine), id, voltsReadAt, entryReadAt, awayAt: null };
        await manager.insert(MachineEntity, row);
        await insertReadings(manager, id, dialReadings);
      },
    });
  }

  private async pageWhere(
    where: FindOptionsWhere<MachineEntity>,
    asked: PageRequest,
  ): Promise<Page<KeptMachine>> {
    const { machines, next } = await this.reader.page(this.reader.manager, where, asked);
    return { items: machines.map(keptMachine), next };
  }

  private async namedWhere(where: FindOptionsWhere<MachineEntity>): Promise<readonly NamedMachine[]> {
    const rows = await this.reader.manager.find(MachineEntity, {
      where,
      select: { id: true, name: true, awayAt: true },
    });
    return rows.map(({ id, name, awayAt }) => ({ id, name, away: awayAt !== null }));
  }
}
