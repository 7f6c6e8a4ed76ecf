import { randomUUID } from 'node:crypto';
import { MACHINE_MARK, type Page, type Problem, validated } from '@hot-bead/contract/base';
import type { NewWelds } from '@hot-bead/contract/day';
import {
  changedWork,
  type FindJobs,
  type Job,
  type JobChange,
  type JobSummary,
  type NewAcknowledgement,
  type NewJob,
  quickWorkOf,
  workSchema,
} from '@hot-bead/contract/plan';
import type { LengthUnit } from '@hot-bead/core/base';
import {
  AWAY,
  changeBetween,
  type FieldChange,
  type Fields,
  changeOf,
  fieldsOf,
  JOB_BRANCHES,
} from '@hot-bead/core/history';
import { MODEL_VERSION, type StatedWork } from '@hot-bead/core/plan';
import { Injectable } from '@nestjs/common';
import { type EntityManager, In, IsNull } from 'typeorm';
import { DomainError } from '../../base/errors/domain-error.ts';
import type { Command } from '../../history/command.ts';
import type { Creation } from '../../history/creation.ts';
import { eventOf } from '../../history/event-log.ts';
import { EventsService } from '../../history/events.service.ts';
import { ChangedRecords, type KeptRecords } from '../../history/kept-records.ts';
import { type Made, RecordsService } from '../../history/records.service.ts';
import { MachinesService, type NamedMachine } from '../../machine/machines.service.ts';
import { AcknowledgementEntity } from './acknowledgement.entity.ts';
import { JobEntity } from './job.entity.ts';
import { JobRecord, keptLine, lineOf, partsOf, taskColumns, toldLine } from './job-record.ts';
import { findJobs } from './job-list.ts';
import { jobTitle } from './job-title.ts';
import { LineContextService } from './line-context.service.ts';
import { saidWork, workOfLine } from './said-work.ts';
import { noSuchRecord } from '../../history/no-such-record.ts';

/** A job's parts as they are written down: its machine apart from its work. */
interface WrittenJob {
  readonly line: string;
  readonly work: StatedWork;
  readonly machineId?: string;
}

type WrittenParts = WrittenJob & Pick<Job, 'own' | 'task' | 'dialIn'>;

/** A job's work and own numbers, with the machine that it names. */
export type JobToPlan = Pick<Job, 'id' | 'work' | 'own' | 'machine'>;

@Injectable()
export class JobsService
  extends ChangedRecords<Job, JobChange>
  implements KeptRecords<Job, NewJob, JobChange, FindJobs, JobSummary>
{
  constructor(
    private readonly record: JobRecord,
    private readonly machines: MachinesService,
    records: RecordsService,
    private readonly lines: LineContextService,
    events: EventsService,
  ) {
    super(record, records, events);
  }

  async create({ id, ...said }: NewJob, command: Command): Promise<Made<Job>> {
    const creation = this.creation(id ?? command.id, await this.partsSaid(said), said);
    return this.records.create(this.record, command, creation);
  }

  /**
   * Adds welds to a piece behind those it has: all of them or none, each once however often it is sent.
   *
   * @throws {DomainError} `id-taken` where another job has the id of one
   */
  async addWelds(
    pieceId: string,
    welds: NewWelds['welds'],
    unit: LengthUnit,
    command: Command,
  ): Promise<void> {
    const typedLines = welds.map(({ id, line }) => ({ id, said: { line, unit } }));
    const parts = await Promise.all(typedLines.map((weld) => this.partsSaid(weld.said)));
    await this.records.together(async (manager) => {
      if (await eventOf(manager, command)) return;
      const rows = await manager.findBy(JobEntity, { pieceId });
      const last = Math.max(0, ...rows.map((row) => this.record.partsOfRow(row)?.task.place ?? 0));
      for (const [i, weld] of typedLines.entries()) {
        const task = { pieceId, place: last + i + 1 };
        // the first stands for all of them; its place is none of what was asked for
        const one = i === 0 ? command : { ...command, id: randomUUID() };
        const creation = this.creation(weld.id, { ...parts[i], task } as WrittenParts, {
          ...weld.said,
          pieceId,
        });
        await this.records.createWithin(manager, this.record, one, creation);
      }
    });
  }

  /** A job's parts as they were said. */
  private async partsSaid(said: Omit<NewJob, 'id'>): Promise<WrittenParts> {
    const work = saidWork(said, await this.lines.context(said.unit));
    const written = await this.written(work, said.line || undefined);
    return { ...written, own: said.own ?? {}, task: said.task ?? {}, dialIn: {} };
  }

  /** What is wrong with a line as a job; undefined: nothing. */
  async faultOf(line: string, unit: LengthUnit): Promise<Pick<Problem, 'code' | 'message'> | undefined> {
    try {
      const work = saidWork({ line, unit }, await this.lines.context(unit));
      await this.written(work, line);
      return undefined;
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      return { code: error.code, message: error.message };
    }
  }

  /** One page of the jobs, last changed first; those that match all words, where some are given. */
  async page(request: FindJobs): Promise<Page<JobSummary>> {
    const { rows, next } = await findJobs(this.record.manager, request);
    const named = await this.machines.named(rows.flatMap(({ machineId }) => machineId ?? []));
    const items = rows.map(({ machineId, line, ...row }) => ({
      ...row,
      line: toldLine(line, machineId === null ? undefined : named.get(machineId)),
    }));
    return { items, next };
  }

  override async change(
    id: string,
    { version: _seen, ...change }: JobChange,
    command: Command,
  ): Promise<Job> {
    const work =
      change.line === undefined ? undefined : workOfLine(change.line, await this.lines.context(change.unit));
    const machine = await this.machineSaid(work ?? (change.work as StatedWork | undefined));
    return this.records.change(this.record, command, {
      id,
      kind: 'changed',
      change: (fields) => ({
        ...(work ? this.lineChange(fields, change.line ?? '', work, machine) : {}),
        ...(change.work ? this.workChange(fields, change.work, machine) : {}),
        ...changeOf({ own: change.own, task: change.task, dialIn: change.dialIn }, JOB_BRANCHES),
      }),
    });
  }

  /** The same work as a new job: line and numbers, not the beads. */
  async duplicate(id: string, newId: string | undefined, command: Command): Promise<Made<Job>> {
    const loaded = await this.record.load(this.record.manager, id);
    if (!loaded || loaded.fields[AWAY] === true) throw noSuchRecord(this.record.kind, id);
    const parts = partsOf(loaded.fields);
    // a copy is not welded yet, and nobody pinned it
    const { weldedAt: _done, pinMachineId: _on, pinAfter: _after, ...task } = parts.task;
    const creation = this.creation(newId ?? command.id, { ...parts, task }, { duplicateOf: id });
    return this.records.create(this.record, command, creation);
  }

  /** Logs that a stop caution was read. */
  acknowledge(id: string, { code, text }: NewAcknowledgement, command: Command): Promise<Job> {
    const noted = { id, kind: 'caution-read', after: { code, text } } as const;
    return this.records.note(this.record, command, noted, async (manager, at) => {
      await manager.insert(AcknowledgementEntity, { id: command.id, jobId: id, code, text, at });
    });
  }

  /** The welds of a piece, in order. */
  async ofPiece(pieceId: string): Promise<readonly Job[]> {
    const rows = await this.record.manager.findBy(JobEntity, { pieceId });
    const welds = await this.readable(rows);
    const place = ({ task }: Job): number => task.place ?? 0;
    return welds.toSorted((a, b) => place(a) - place(b) || (a.createdAt < b.createdAt ? -1 : 1));
  }

  /** Jobs that are on the Bench, by themselves or with their piece, and not yet welded: the earliest filed first. */
  async onBench(pieceIds: readonly string[], most: number): Promise<readonly Job[]> {
    const rows = await this.record.manager.find(JobEntity, {
      where: [
        { queued: true, weldedAt: IsNull() },
        { pieceId: In([...pieceIds]), weldedAt: IsNull() },
      ],
      order: { createdAt: 'ASC', id: 'ASC' },
      take: most,
    });
    return this.readable(rows);
  }

  /** Jobs of the rows that can be read; the others are set aside, and nothing waits for them. */
  private readable(rows: readonly JobEntity[]): Promise<readonly Job[]> {
    const read = rows.filter((row) => this.record.partsOfRow(row) !== undefined);
    return Promise.all(read.map((row) => this.record.jobOf(row)));
  }

  /** Moves a job to the head of the list: something was done on it. */
  async touch(manager: EntityManager, id: string, at: string): Promise<void> {
    await manager.update(JobEntity, { id }, { updatedAt: at });
  }

  /** What a job's row is called; undefined where it cannot be read. */
  titleOf(row: JobEntity): string | undefined {
    const parts = this.record.partsOfRow(row);
    return parts && jobTitle(parts.work, row.line.replaceAll(MACHINE_MARK, ''));
  }

  /** A job as a plan needs it, put away or not; undefined where there is none, or it cannot be read. */
  async toPlan(manager: EntityManager, id: string): Promise<JobToPlan | undefined> {
    const row = await manager.findOne(JobEntity, { where: { id }, withDeleted: true });
    const parts = row && this.record.partsOfRow(row);
    if (!row || !parts) return undefined;
    const { machineId } = row;
    const machine = machineId === null ? undefined : (await this.machines.named([machineId])).get(machineId);
    const work = machine ? { ...parts.work, machineName: machine.name } : parts.work;
    return { id, work, own: parts.own, machine: machine ?? null };
  }

  private creation(
    id: string,
    { line, work, own, task, dialIn, machineId }: WrittenParts,
    input: unknown,
  ): Creation {
    const record = { line, work, own, task, dialIn, ...(machineId === undefined ? {} : { machineId }) };
    return {
      id,
      of: id,
      fields: fieldsOf(record, JOB_BRANCHES),
      input,
      insert: async (manager, at) => {
        const machine =
          machineId === undefined ? undefined : (await this.machines.named([machineId])).get(machineId);
        await manager.insert(JobEntity, {
          id,
          title: jobTitle(work, toldLine(line, machine)),
          line,
          work: JSON.stringify(work),
          own: JSON.stringify(own),
          ...taskColumns(task),
          dialIn: JSON.stringify(dialIn),
          machineId: machineId ?? null,
          modelVersion: MODEL_VERSION,
          createdAt: at,
          updatedAt: at,
        });
      },
    };
  }

  /** The machine that work names. */
  private async machineSaid(
    work: Pick<StatedWork, 'machineName'> | undefined,
  ): Promise<NamedMachine | undefined> {
    const name = work?.machineName;
    if (name === undefined || name === null) return undefined;
    const machine = await this.machines.byName(name);
    if (!machine) {
      throw new DomainError('machine-unknown', 400, `There is no machine ${name}.`, 'work.machineName');
    }
    if (machine.away) {
      const message = `${machine.name} is retired: bring it back first, or name another.`;
      throw new DomainError('machine-away', 400, message, 'work.machineName');
    }
    return machine;
  }

  private async written(stated: StatedWork, line: string | undefined): Promise<WrittenJob> {
    const machine = await this.machineSaid(stated);
    const { machineName: _name, ...work } = stated;
    return {
      line: line === undefined ? lineOf(work, machine?.id) : keptLine(line, machine?.name),
      work,
      ...(machine ? { machineId: machine.id } : {}),
    };
  }

  /** A line replaces the whole work, and the machine with it. */
  private lineChange(
    fields: Fields,
    line: string,
    { machineName: _name, ...work }: StatedWork,
    machine: NamedMachine | undefined,
  ): FieldChange {
    const isWork = ([path]: readonly [string, unknown]): boolean =>
      path === 'machineId' || path.startsWith('work.');
    const before = Object.fromEntries(Object.entries(fields).filter(isWork));
    const after = fieldsOf({ work, ...(machine ? { machineId: machine.id } : {}) }, JOB_BRANCHES);
    return { ...changeBetween(before, after), line: keptLine(line, machine?.name) };
  }

  private workChange(
    fields: Fields,
    { machineName, ...change }: NonNullable<JobChange['work']>,
    machine: NamedMachine | undefined,
  ): FieldChange {
    const { work } = partsOf(fields);
    const next = quickWorkOf(validated(workSchema, changedWork(work, change)));
    return {
      ...changeBetween(fieldsOf({ work }, JOB_BRANCHES), fieldsOf({ work: next }, JOB_BRANCHES)),
      ...(machineName === undefined ? {} : { machineId: machine?.id ?? null }),
    };
  }
}
