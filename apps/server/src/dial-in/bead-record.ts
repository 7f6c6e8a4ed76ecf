import { type Page, type PageRequest, validated } from '@hot-bead/contract/base';
import {
  type BeadDetails,
  KEPT_BEAD,
  type KeptBeadParts,
  type KeptTestBead,
  newTestBeadSchema,
} from '@hot-bead/contract/dial-in';
import type { LogLine } from '@hot-bead/contract/history';
import { laddersOf, provenSetting } from '@hot-bead/core/dial-in';
import { AWAY, type Fields, fieldsOf } from '@hot-bead/core/history';
import { TEST_BEAD_ARC_MIN, type Welding } from '@hot-bead/core/machine';
import { type BeadSetting, beadVerdict } from '@hot-bead/core/window';
import { Injectable } from '@nestjs/common';
import { InjectEntityManager } from '@nestjs/typeorm';
import { EntityManager, In } from 'typeorm';
import { pageBy } from '../base/paging/page-by.ts';
import {
  awayField,
  type Loaded,
  type LoggedEvent,
  type RecordType,
  type Step,
} from '../history/record-type.ts';
import { RigService } from '../machine/rig.service.ts';
import { jobTitle, weldedLine } from '../history/log/welded-line.ts';
import type { LogChange } from '../history/log/write-log.ts';
import { type KeptRow, type RowHome, SetAsideService } from '../history/set-aside.service.ts';
import { LearningService, type ProvedBy } from '../window/learning.service.ts';
import { TestBeadEntity } from './test-bead.entity.ts';
import { noSuchRecord } from '../history/no-such-record.ts';

/** What a bead reports: its setting, what is said of it, a note. */
export type ReportedBead = BeadSetting & BeadDetails & { readonly note: string };

export function reportedFields(bead: ReportedBead): Fields {
  return fieldsOf(bead, []);
}

function reportedOf({ [AWAY]: _away, ...fields }: Fields): ReportedBead {
  const { note = '', ...bead } = validated(newTestBeadSchema, fields);
  return { ...bead, note };
}

/** A reported bead as it is kept. */
export function beadColumns({
  wireFeedSpeedMPerMin,
  volts,
  note,
  ...details
}: ReportedBead): Pick<TestBeadEntity, 'wireFeedSpeedMPerMin' | 'volts' | 'note' | 'details'> {
  return { wireFeedSpeedMPerMin, volts, note, details: JSON.stringify(details) };
}

/** What of a bead is kept as JSON. */
function partsOf({ plan, weldedWith, details }: TestBeadEntity): Record<keyof KeptBeadParts, string | null> {
  return { plan, weldedWith, details };
}

const HOME: RowHome = { entity: TestBeadEntity };

/** How beads are kept, and what a job's beads prove: both in one transaction. */
@Injectable()
export class BeadRecord implements RecordType<KeptTestBead> {
  readonly kind = 'test-bead';
  readonly branches = [];
  readonly derived = [];

  constructor(
    @InjectEntityManager() readonly manager: EntityManager,
    private readonly learning: LearningService,
    private readonly setAside: SetAsideService,
    private readonly rigs: RigService,
  ) {}

  async load(manager: EntityManager, id: string): Promise<Loaded | undefined> {
    const row = await manager.findOne(TestBeadEntity, { where: { id }, withDeleted: true });
    if (!row) return undefined;
    const { wireFeedSpeedMPerMin, volts, note } = row;
    const { details } = this.setAside.readOrThrow(KEPT_BEAD, this.keptRow(row), partsOf(row));
    const fields = {
      ...reportedFields({ wireFeedSpeedMPerMin, volts, note, ...details }),
      ...awayField(row.awayAt !== null),
    };
    return { fields, version: row.version, of: row.jobId };
  }

  settle(_manager: EntityManager, { after }: Step): Promise<Fields> {
    const away = awayField(after[AWAY] === true);
    return Promise.resolve({ ...reportedFields(reportedOf(after)), ...away });
  }

  async store(manager: EntityManager, id: string, step: Step & { readonly version: number }): Promise<void> {
    const { after, at, version } = step;
    const awayAt = after[AWAY] === true ? new Date(at) : null;
    await manager.update(TestBeadEntity, { id }, { ...beadColumns(reportedOf(after)), awayAt, version });
    const { jobId } = await manager.findOneOrFail(TestBeadEntity, { where: { id }, withDeleted: true });
    await this.prove(manager, jobId);
    await this.weld(manager, id, step.before, after);
  }

  /** What a bead makes of the machine that it was welded on, as it was told and as it is told now. */
  async weld(manager: EntityManager, id: string, before: Fields, after: Fields): Promise<void> {
    const row = await manager.findOneOrFail(TestBeadEntity, { where: { id }, withDeleted: true });
    const parts = this.setAside.read(KEPT_BEAD, this.keptRow(row), partsOf(row));
    const machineId = parts?.weldedWith?.machineId;
    if (machineId === undefined) return;
    const weldingOf = (fields: Fields): Welding | undefined =>
      fields['volts'] === undefined || fields[AWAY] === true
        ? undefined
        : {
            arcMin: TEST_BEAD_ARC_MIN,
            at: new Date(String(fields['weldedAt'] ?? row.createdAt)).toISOString(),
          };
    const welded = { before: weldingOf(before), after: weldingOf(after), why: 'bead' } as const;
    await this.rigs.welded(manager, machineId, { ...welded, jobId: row.jobId });
  }

  async tell(id: string): Promise<KeptTestBead> {
    const row = await this.manager.findOneBy(TestBeadEntity, { id });
    if (!row) throw noSuchRecord(this.kind, id);
    return this.kept(row, this.setAside.readOrThrow(KEPT_BEAD, this.keptRow(row), partsOf(row)));
  }

  async titles(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const rows = await manager.find(TestBeadEntity, {
      where: { id: In([...ids]) },
      relations: { job: true },
      select: { id: true, number: true, job: { title: true } },
      withDeleted: true,
    });
    return new Map(rows.map(({ id, number, job }) => [id, `Bead ${number}, ${job.title}`] as const));
  }

  /** A job's beads in the order welded; one that cannot be read is set aside. */
  async ofJob(manager: EntityManager, jobId: string): Promise<readonly KeptTestBead[]> {
    return this.sequenceOf(
      await manager.find(TestBeadEntity, { where: { jobId }, order: { number: 'ASC' } }),
    );
  }

  /** A page of a job's beads, in the order welded. */
  async pageOfJob(jobId: string, asked: PageRequest): Promise<Page<KeptTestBead>> {
    const query = this.manager.createQueryBuilder(TestBeadEntity, 'bead').where({ jobId });
    const { rows, next } = await pageBy(query, { by: 'number', holds: 'number', is: 'rising' }, asked);
    return { items: this.sequenceOf(rows), next };
  }

  /** Writes down what a job's beads prove: of every ladder on a machine what was taken, where they bear it out. */
  async prove(manager: EntityManager, jobId: string): Promise<void> {
    const beads = (await this.ofJob(manager, jobId)).flatMap((bead) =>
      bead.weldedWith ? [{ ...bead, weldedWith: bead.weldedWith }] : [],
    );
    const proved = laddersOf(beads).flatMap((ladder): ProvedBy[] => {
      const [first] = ladder;
      const last = ladder.at(-1);
      const setting = provenSetting(ladder);
      const machineId = first?.weldedWith.machineId;
      if (!first || !last || !setting || machineId === undefined) return [];
      return [{ ...setting, id: first.id, machineId, at: last.createdAt }];
    });
    await this.learning.prove(manager, jobId, proved);
  }

  /** A bead's line in the log, as it stands. */
  async logged(manager: EntityManager, { id }: LoggedEvent): Promise<LogChange | undefined> {
    const row = await manager.findOneBy(TestBeadEntity, { id });
    const parts = row && this.setAside.read(KEPT_BEAD, this.keptRow(row), partsOf(row));
    if (!row || !parts) return { id: `bead:${id}`, line: null };
    const { said, face, sound, weldedAt } = parts.details;
    const line: LogLine = {
      ...weldedLine(parts.weldedWith),
      at: new Date(weldedAt ?? row.createdAt).toISOString(),
      kind: 'bead',
      title: `Bead ${row.number}, ${await jobTitle(manager, row.jobId)}`,
      text: [said, face, sound, row.note].filter(Boolean).join('. '),
      subjectId: id,
      jobId: row.jobId,
      verdict: beadVerdict(parts.details),
      wireFeedSpeedMPerMin: row.wireFeedSpeedMPerMin,
      volts: row.volts,
    };
    return { id: `bead:${id}`, line };
  }

  private sequenceOf(rows: readonly TestBeadEntity[]): readonly KeptTestBead[] {
    return rows.flatMap((row) => {
      const parts = this.setAside.read(KEPT_BEAD, this.keptRow(row), partsOf(row));
      return parts ? [this.kept(row, parts)] : [];
    });
  }

  private keptRow({ id, number, shape, awayAt }: TestBeadEntity): KeptRow {
    return { kind: this.kind, id, title: `Bead ${number}`, shape, home: HOME, away: awayAt !== null };
  }

  private kept(row: TestBeadEntity, { plan, weldedWith, details }: KeptBeadParts): KeptTestBead {
    const { id, version, jobId, number, wireFeedSpeedMPerMin, volts, note, createdAt } = row;
    return {
      id,
      version,
      jobId,
      number,
      wireFeedSpeedMPerMin,
      volts,
      ...details,
      note,
      plan,
      weldedWith,
      verdict: beadVerdict(details),
      createdAt,
    };
  }
}
