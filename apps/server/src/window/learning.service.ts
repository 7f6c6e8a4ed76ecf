import { pageBy } from '../base/paging/page-by.ts';
import type { Page, PageRequest } from '@hot-bead/contract/base';
import type { KeptProvenSetting } from '@hot-bead/contract/window';
import { isSameValue } from '@hot-bead/core/history';
import { machineLearning, type MachineLearning, type ProvenSetting } from '@hot-bead/core/window';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { type EntityManager, In, Repository } from 'typeorm';
import { Writes } from '../base/disk/writes.ts';
import { RecordsService } from '../history/records.service.ts';
import { ProvenSettingEntity } from './proven-setting.entity.ts';

/** Most works whose last setting is kept at hand for a wire and gas on a machine; older ones still teach the offset. */
export const LAST_PROVEN_MOST = 200;

/** A job that is put away teaches nothing. */
const OF_KEPT_JOBS = 'jobId NOT IN (SELECT id FROM job WHERE awayAt IS NOT NULL)';

function settingOf(row: ProvenSettingEntity): ProvenSetting {
  const { wireClass, diameterMm, gas, mode, joint, position, thicknessMm, otherThicknessMm } = row;
  const { wireFeedSpeedMPerMin, volts, offsetV, toldOffsetV, toldVarianceV2 } = row;
  return {
    wire: { wireClass, diameterMm },
    gas,
    mode,
    joint,
    position,
    thicknessMm,
    otherThicknessMm: otherThicknessMm ?? undefined,
    wireFeedSpeedMPerMin,
    volts,
    offsetV,
    toldOffsetV,
    toldVarianceV2,
  };
}

/** A setting to be kept as the proof of a job's beads. */
export interface ProvedBy extends ProvenSetting {
  readonly id: string;
  readonly machineId: string;
  readonly at: string;
}

/** What test beads proved and taught: rows, written with the beads, and what they come to a machine. */
@Injectable()
export class LearningService {
  /** By machine; read again where something of it was written. */
  private readonly kept = new Map<string, MachineLearning>();
  /** How often something was forgotten: what was read before that is not kept. */
  private forgotten = 0;

  constructor(
    @InjectRepository(ProvenSettingEntity) private readonly settings: Repository<ProvenSettingEntity>,
    private readonly writes: Writes,
    records: RecordsService,
  ) {
    // a job that is put away, or brought back, takes along what it proved
    records.onWritten((kind) => kind === 'job' && this.forget());
  }

  /** Everything is read again: another program has written to the file. */
  forget(): void {
    this.kept.clear();
    this.forgotten += 1;
  }

  /** Takes a job's beads as they now stand for proof of these settings, and of no others. */
  async prove(manager: EntityManager, jobId: string, proved: readonly ProvedBy[]): Promise<void> {
    const before = await manager.find(ProvenSettingEntity, { where: { jobId }, order: { id: 'ASC' } });
    const after = proved
      .map(({ wire, otherThicknessMm, ...setting }) => ({
        ...setting,
        ...wire,
        otherThicknessMm: otherThicknessMm ?? null,
        jobId,
      }))
      .toSorted((a, b) => (a.id < b.id ? -1 : 1));
    if (isSameValue(before, after)) return;
    await manager.delete(ProvenSettingEntity, { jobId });
    for (const row of after) await manager.insert(ProvenSettingEntity, row);
    this.writes.afterKept(() => {
      for (const { machineId } of [...before, ...after]) this.kept.delete(machineId);
      this.forgotten += 1;
    });
  }

  /** What was proved on one machine, the last first. */
  async page(machineId: string, request: PageRequest): Promise<Page<KeptProvenSetting>> {
    const query = this.settings
      .createQueryBuilder('setting')
      .where(`setting.machineId = :machineId AND setting.${OF_KEPT_JOBS}`, { machineId });
    const { rows, next } = await pageBy(query, { by: 'at', holds: 'time', is: 'falling' }, request);
    const titles = await this.titlesOf(rows.map(({ jobId }) => jobId));
    return {
      items: rows.map((row) => ({
        ...settingOf(row),
        id: row.id,
        machineId,
        jobId: row.jobId,
        at: row.at,
        title: titles.get(row.jobId) ?? '',
      })),
      next,
    };
  }

  /** What every machine taught, by its id. */
  async byMachine(): Promise<ReadonlyMap<string, MachineLearning>> {
    const machines = (await this.settings.query('SELECT DISTINCT machineId FROM proven_setting')) as {
      machineId: string;
    }[];
    const found = new Map<string, MachineLearning>();
    for (const { machineId } of machines) {
      const groups = this.kept.get(machineId) ?? (await this.read(machineId));
      if (groups.length > 0) found.set(machineId, groups);
    }
    return found;
  }

  /** What a machine taught, kept at hand unless something was written while it was read. */
  private async read(machineId: string): Promise<MachineLearning> {
    const before = this.forgotten;
    const groups = await this.ofMachine(machineId);
    if (before === this.forgotten) this.kept.set(machineId, groups);
    return groups;
  }

  private async ofMachine(machineId: string): Promise<MachineLearning> {
    const rows = await this.settings
      .createQueryBuilder('setting')
      .where(`setting.machineId = :machineId AND setting.${OF_KEPT_JOBS}`, { machineId })
      .orderBy('setting.at')
      .addOrderBy('setting.id')
      .getMany();
    return machineLearning(rows.map(settingOf)).map((group) => ({
      ...group,
      lastProven: group.lastProven.slice(-LAST_PROVEN_MOST),
    }));
  }

  private async titlesOf(jobIds: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const rows = await this.settings.manager
      .createQueryBuilder()
      .select(['job.id AS id', 'job.title AS title'])
      .from('job', 'job')
      .where({ id: In([...new Set(jobIds)]) })
      .getRawMany<{ id: string; title: string }>();
    return new Map(rows.map(({ id, title }) => [id, title] as const));
  }
}
