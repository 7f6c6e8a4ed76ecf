import type { LogLine } from '@hot-bead/contract/history';
import { inspectionSchema, KEPT_INSPECTION, type KeptInspection } from '@hot-bead/contract/records';
import { INSPECTION_BRANCHES } from '@hot-bead/core/history';
import { type Inspection, judgeInspection } from '@hot-bead/core/records';
import { Injectable } from '@nestjs/common';
import type { EntityManager } from 'typeorm';
import { jobTitle } from '../../history/log/welded-line.ts';
import { type JsonKind, JsonRecord, type ToldBeside } from '../../history/json-record.ts';
import { InspectionEntity } from './inspection.entity.ts';

/** How inspections are kept. */
@Injectable()
export class InspectionRecord extends JsonRecord<InspectionEntity, 'inspection', Inspection, KeptInspection> {
  protected readonly about: JsonKind<InspectionEntity, 'inspection', Inspection> = {
    kind: 'inspection',
    entity: InspectionEntity,
    column: 'inspection',
    shape: KEPT_INSPECTION,
    schema: inspectionSchema,
    branches: INSPECTION_BRANCHES,
    under: 'jobId',
  };

  protected titleOf(inspection: Inspection): string {
    const { verdict } = judgeInspection(inspection);
    return verdict === undefined ? 'an inspection' : `inspection: ${verdict.replace('-', ' ')}`;
  }

  protected toldOf(inspection: Inspection, beside: ToldBeside, { jobId }: InspectionEntity): KeptInspection {
    return { ...inspection, ...beside, jobId, verdict: judgeInspection(inspection).verdict ?? null };
  }

  protected override columnsOf(inspection: Inspection) {
    return { at: inspection.at, verdict: judgeInspection(inspection).verdict ?? null };
  }

  protected override async lineOf(
    manager: EntityManager,
    inspection: Inspection,
    { id, jobId }: InspectionEntity,
  ): Promise<LogLine> {
    const { items, verdict } = judgeInspection(inspection);
    const failed = items.filter((item) => item.verdict === 'fail').map(({ name }) => name);
    return {
      at: new Date(inspection.at).toISOString(),
      kind: 'inspection',
      title: `Inspection, ${await jobTitle(manager, jobId)}`,
      text: [...failed, inspection.note, inspection.who].filter(Boolean).join('. '),
      subjectId: id,
      jobId,
      thicknessMm: inspection.thicknessMm,
      verdict,
    };
  }
}
