import type { InspectionChange, KeptInspection, NewInspection } from '@hot-bead/contract/records';
import { changeOf, INSPECTION_BRANCHES } from '@hot-bead/core/history';
import type { InspectedPhoto } from '@hot-bead/core/records';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { IsNull, Repository } from 'typeorm';
import { DomainError } from '../../base/errors/domain-error.ts';
import type { Command } from '../../history/command.ts';
import { EventsService } from '../../history/events.service.ts';
import { type Made, RecordsService } from '../../history/records.service.ts';
import { JobsService } from '../../plan/jobs/jobs.service.ts';
import { PhotosService } from '../../photos/photos.service.ts';
import { InspectionEntity } from './inspection.entity.ts';
import { InspectionRecord } from './inspection-record.ts';

@Injectable()
export class InspectionsService {
  constructor(
    @InjectRepository(InspectionEntity) private readonly rows: Repository<InspectionEntity>,
    private readonly record: InspectionRecord,
    private readonly records: RecordsService,
    private readonly jobs: JobsService,
    private readonly photos: PhotosService,
    events: EventsService,
  ) {
    events.register(record);
  }

  /** Inspections of a job, last looked at first. */
  async list(jobId: string): Promise<readonly KeptInspection[]> {
    await this.jobs.read(jobId);
    const rows = await this.rows.find({
      where: { jobId, awayAt: IsNull() },
      order: { at: 'DESC', id: 'ASC' },
    });
    return rows.flatMap((row) => this.record.kept(row) ?? []);
  }

  async create(
    jobId: string,
    { id, ...inspection }: NewInspection,
    command: Command,
  ): Promise<Made<KeptInspection>> {
    await this.jobs.read(jobId);
    await this.refuseUnknownPhotos(inspection.photos);
    const creation = this.record.creation(id ?? command.id, inspection, { jobId }, jobId);
    return this.records.create(this.record, command, creation);
  }

  async change(
    jobId: string,
    id: string,
    { version: _seen, ...change }: InspectionChange,
    command: Command,
  ): Promise<KeptInspection> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    await this.refuseUnknownPhotos(change.photos ?? []);
    const changes = changeOf(change, INSPECTION_BRANCHES);
    return this.records.change(this.record, command, { id, kind: 'changed', change: changes });
  }

  async putAway(jobId: string, id: string, command: Command): Promise<void> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    return this.records.putAway(this.record, command, id);
  }

  async restore(jobId: string, id: string, command: Command): Promise<KeptInspection> {
    await this.records.refuseElsewhere(this.record, jobId, id);
    return this.records.restore(this.record, command, id);
  }

  private async refuseUnknownPhotos(photos: readonly InspectedPhoto[]): Promise<void> {
    for (const { photoId } of photos) {
      if (await this.photos.isKept(photoId)) continue;
      throw new DomainError('photo-unknown', 400, 'There is no such photo: keep it first.', 'photos');
    }
  }
}
