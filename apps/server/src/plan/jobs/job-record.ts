import { MACHINE_MARK, validated } from '@hot-bead/contract/base';
import { type Job, type JobTask, KEPT_JOB, type KeptJobParts, workSchema } from '@hot-bead/contract/plan';
import { AWAY, type Fields, fieldsOf, JOB_BRANCHES, recordOf } from '@hot-bead/core/history';
import { renderLine } from '@hot-bead/core/line';
import type { StatedWork } from '@hot-bead/core/plan';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager, In } from 'typeorm';
import { awayField, type Loaded, type RecordType, type Step } from '../../history/record-type.ts';
import { type KeptRow, type RowHome, SetAsideService } from '../../history/set-aside.service.ts';
import { MachinesService, type NamedMachine } from '../../machine/machines.service.ts';
import { AcknowledgementEntity } from './acknowledgement.entity.ts';
import { JobEntity } from './job.entity.ts';
import { jobTitle } from './job-title.ts';
import { noSuchRecord } from '../../history/no-such-record.ts';

/** A line as it is kept, with its machine's name written in. */
export function toldLine(line: string, machine: NamedMachine | undefined): string {
  return line.replaceAll(MACHINE_MARK, machine?.name ?? '');
}

/** A line as it is kept: the machine that it names stands as a mark. */
export function keptLine(line: string, machineName: string | undefined): string {
  if (machineName === undefined) return line;
  const at = line.toLowerCase().indexOf(machineName.toLowerCase());
  return at < 0 ? line : `${line.slice(0, at)}${MACHINE_MARK}${line.slice(at + machineName.length)}`;
}

/** The line that says the work, as it is kept. */
export function lineOf(work: StatedWork, machineId: string | undefined): string {
  return renderLine(machineId === undefined ? work : { ...work, machineName: MACHINE_MARK });
}

interface JobRecordParts extends KeptJobParts {
  readonly line: string;
  readonly machineId?: string;
}

/** A job's parts from its fields. */
export function partsOf(fields: Fields): JobRecordParts {
  return recordOf(fields, JOB_BRANCHES) as unknown as JobRecordParts;
}

/** A task as it is kept: whole, and what of it jobs are found by. */
export function taskColumns(task: JobTask): Pick<JobEntity, 'task' | 'pieceId' | 'queued' | 'weldedAt'> {
  const { pieceId = null, queued = false, weldedAt = null } = task;
  return { task: JSON.stringify(task), pieceId, queued, weldedAt };
}

const HOME: RowHome = { entity: JobEntity };

function keptRow({ id, title, shape, awayAt }: JobEntity): KeptRow {
  return { kind: 'job', id, title, shape, home: HOME, away: awayAt !== null };
}

function jsonOf({ work, own, task, dialIn }: JobEntity): Readonly<Record<keyof KeptJobParts, string>> {
  return { work, own, task, dialIn };
}

/** How jobs are kept: line, work, own numbers, and the machine by its id. */
@Injectable()
export class JobRecord implements RecordType<Job> {
  readonly kind = 'job';
  readonly branches = JOB_BRANCHES;
  readonly derived = ['line'];

  constructor(
    @InjectEntityManager() readonly manager: EntityManager,
    private readonly machines: MachinesService,
    private readonly setAside: SetAsideService,
  ) {}

  async load(manager: EntityManager, id: string): Promise<Loaded | undefined> {
    const row = await manager.findOne(JobEntity, { where: { id }, withDeleted: true });
    if (!row) return undefined;
    const { line, machineId, awayAt, version } = row;
    const record = {
      ...this.readParts(row),
      line,
      ...(machineId === null ? {} : { machineId }),
      ...awayField(awayAt !== null),
    };
    return { fields: fieldsOf(record, JOB_BRANCHES), version, of: id };
  }

  settle(_manager: EntityManager, { after, change }: Step): Promise<Fields> {
    const { work, own, task, dialIn, machineId } = partsOf(after);
    validated(workSchema, work);
    validated(KEPT_JOB.schema, { work, own, task, dialIn });
    const saysWork = Object.keys(change).some((path) => path === 'machineId' || path.startsWith('work.'));
    const isTyped = !saysWork || change['line'] !== undefined;
    return Promise.resolve(isTyped ? after : { ...after, line: lineOf(work, machineId) });
  }

  async store(manager: EntityManager, id: string, step: Step & { readonly version: number }): Promise<void> {
    const { work, own, task, dialIn, line, machineId } = partsOf(step.after);
    const { version, at } = step;
    const machine =
      machineId === undefined ? undefined : (await this.machines.named([machineId])).get(machineId);
    await manager.update(
      JobEntity,
      { id },
      {
        work: JSON.stringify(work),
        own: JSON.stringify(own),
        ...taskColumns(task),
        dialIn: JSON.stringify(dialIn),
        shape: KEPT_JOB.version,
        line,
        title: jobTitle(work, toldLine(line, machine)),
        machineId: machineId ?? null,
        awayAt: step.after[AWAY] === true ? new Date(at) : null,
        version,
        updatedAt: at,
      },
    );
  }

  async tell(id: string): Promise<Job> {
    const row = await this.manager.findOneBy(JobEntity, { id });
    if (!row) throw noSuchRecord(this.kind, id);
    return this.jobOf(row);
  }

  /** A job from its row. */
  async jobOf(row: JobEntity): Promise<Job> {
    const { id } = row;
    const { work, own, task, dialIn } = this.readParts(row);
    const { machineId, version, title, createdAt, updatedAt } = row;
    const machine = machineId === null ? undefined : (await this.machines.named([machineId])).get(machineId);
    return {
      id,
      version,
      title,
      line: toldLine(row.line, machine),
      work: machine ? { ...work, machineName: machine.name } : work,
      own,
      task,
      dialIn,
      machine: machine ?? null,
      beadCount: await this.beadCount(id),
      acknowledged: await this.acknowledged(id),
      createdAt,
      updatedAt,
    };
  }

  async titles(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const rows = await manager.find(JobEntity, {
      where: { id: In([...ids]) },
      select: { id: true, title: true },
      withDeleted: true,
    });
    return new Map(rows.map(({ id, title }) => [id, title] as const));
  }

  /** What a job keeps as JSON; one that cannot be read is refused by its code. */
  readParts(row: JobEntity): KeptJobParts {
    return this.setAside.readOrThrow(KEPT_JOB, keptRow(row), jsonOf(row));
  }

  /** The same, or undefined where it cannot be read: then it is set aside. */
  partsOfRow(row: JobEntity): KeptJobParts | undefined {
    return this.setAside.read(KEPT_JOB, keptRow(row), jsonOf(row));
  }

  private async beadCount(id: string): Promise<number> {
    const [row] = (await this.manager.query(
      'SELECT COUNT(*) AS count FROM test_bead WHERE jobId = ? AND awayAt IS NULL',
      [id],
    )) as { count: number }[];
    return row?.count ?? 0;
  }

  private async acknowledged(jobId: string): Promise<Job['acknowledged']> {
    const rows = await this.manager.find(AcknowledgementEntity, { where: { jobId }, order: { at: 'ASC' } });
    return rows.map(({ code, text, at }) => ({ code, text, at }));
  }
}
