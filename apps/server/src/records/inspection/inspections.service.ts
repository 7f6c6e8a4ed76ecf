import type { InspectionChange, KeptInspection } from '@hot-bead/contract/records';
import type { Inspection } from '@hot-bead/core/records';
import { Injectable } from '@nestjs/common';
import { DomainError } from '../../base/errors/domain-error.ts';
import { EventsService } from '../../history/events.service.ts';
import { JsonRecords } from '../../history/json-records.ts';
import { RecordsService } from '../../history/records.service.ts';
import { PhotosService } from '../../photos/photos.service.ts';
import { JobsService } from '../../plan/jobs/jobs.service.ts';
import type { InspectionEntity } from './inspection.entity.ts';
import { InspectionRecord } from './inspection-record.ts';

@Injectable()
export class InspectionsService extends JsonRecords<
  InspectionEntity,
  Inspection,
  KeptInspection,
  InspectionChange
> {
  protected readonly order = { by: 'at', holds: 'time', is: 'falling' } as const;

  constructor(
    record: InspectionRecord,
    records: RecordsService,
    events: EventsService,
    private readonly jobs: JobsService,
    private readonly photos: PhotosService,
  ) {
    super(record, records, events);
  }

  protected override under(jobId: string): Promise<unknown> {
    return this.jobs.one(jobId);
  }

  /** A photo that is not kept cannot be looked at. */
  protected override async refuse({ photos }: Pick<InspectionChange, 'photos'>): Promise<void> {
    for (const { photoId } of photos ?? []) {
      if (await this.photos.isKept(photoId)) continue;
      throw new DomainError('photo-unknown', 400, 'There is no such photo: keep it first.', 'photos');
    }
  }
}
